// Classes: what is taught here, and a piece of the shelf made an exercise.
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sentenceOf } from '../../api/client';
import { useOpened, usePieces } from '../../api/queries';
import { FindField } from '../../fields/FindField';
import { newClass } from '../../class/newClass';
import { useClasses, useKeepClass } from '../../class/useClass';
import { useOrder } from '../../class/useOrder';
import { useMay } from '../../stores/me';
import { useShopHere } from '../../stores/useShopHere';
import { TroubleLine } from '../../marks/TroubleLine';

export function ClassesPlace() {
  useShopHere();
  const classes = useClasses();
  const lead = useMay('lead');
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <h1 className="text-4xl">{tr`Class`}</h1>
      {classes.error && <TroubleLine className="mt-3">{sentenceOf(classes.error)}</TroubleLine>}
      <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-2">
        <section aria-label={tr`Classes`}>
          <h2 className="text-2xl">{tr`What is taught`}</h2>
          {classes.data?.length === 0 && (
            <p className="quiet mt-2">{tr`One demonstration, then pairs at benches that share the hole: take a piece of the shelf and make it an exercise.`}</p>
          )}
          <ul className="mt-1">
            {(classes.data ?? []).map((c) => (
              <li key={c.id} className="border-base-300 border-b">
                <Link
                  to={`/class/${c.id}`}
                  className="hover:bg-base-300/40 flex flex-wrap justify-between gap-x-4 px-1 py-2"
                >
                  <span className="text-lg">{c.name}</span>
                  <span className="quiet">
                    {tr`${c.students.length} at ${c.benches.length} ${c.benches.length === 1 ? tr`bench` : tr`benches`}`}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
        {lead && <FromAPiece />}
      </div>
    </div>
  );
}

function FromAPiece() {
  const [find, setFind] = useState('');
  const [chosen, setChosen] = useState<string>();
  const pieces = usePieces(false, find);
  const lines = pieces.data?.pages[0]?.lines ?? [];
  return (
    <section aria-label={tr`A piece made an exercise`}>
      <h2 className="text-2xl">{tr`A piece made an exercise`}</h2>
      <FindField
        placeholder={tr`Find by name`}
        label={tr`Find a piece to teach`}
        value={find}
        onChange={setFind}
      />
      <ul className="mt-1">
        {lines.map((l) => (
          <li key={l.id} className="border-base-300 border-b">
            <button
              type="button"
              className="hover:bg-base-300/40 block w-full px-1 py-2 text-left text-lg"
              aria-expanded={chosen === l.id}
              onClick={() => {
                setChosen(l.id);
              }}
            >
              {l.name}
            </button>
            {chosen === l.id && <Making key={l.id} piece={l.id} />}
          </li>
        ))}
      </ul>
      {lines.length === 0 && (
        <p className="quiet mt-2">
          {find === ''
            ? tr`Nothing is on the shelf yet: draw a piece first.`
            : tr`No piece is called so.`}
        </p>
      )}
    </section>
  );
}

function Making({ piece }: { readonly piece: string }) {
  const opened = useOpened(piece);
  const { derived, steps } = useOrder(opened.data?.document);
  const keep = useKeepClass();
  const navigate = useNavigate();
  const ready = opened.data && derived && steps;
  return (
    <p className="flex items-center gap-3 px-1 pb-2">
      <button
        type="button"
        className="btn btn-primary btn-sm"
        disabled={!ready}
        onClick={() => {
          if (!ready) return;
          const fresh = newClass({ id: piece, name: opened.data.document.name }, derived, steps);
          keep(fresh);
          void navigate(`/class/${fresh.id}`);
        }}
      >
        {tr`Make it a class`}
      </button>
      <span role="status" className="quiet">
        {opened.error
          ? sentenceOf(opened.error)
          : !ready && tr`The order of work is being placed …`}
      </span>
    </p>
  );
}
