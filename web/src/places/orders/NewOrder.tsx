// A new order: which piece, how many good ones, by when.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { WantedDocument } from '@zanfirico/contract/orders';
import { addDays, format } from 'date-fns';
import { useState } from 'react';
import { usePieces } from '../../api/queries';
import { CountField } from '../../fields/CountField';
import { FindField } from '../../fields/FindField';

interface Props {
  readonly today: Date;
  readonly onKeep: (order: WantedDocument) => void;
}

/** Names shown while one is looked for. */
const MOST = 8;
const A_FORTNIGHT = 14;

export function NewOrder({ today, onKeep }: Props) {
  const [find, setFind] = useState('');
  const [piece, setPiece] = useState<{ readonly id: string; readonly name: string }>();
  const [count, setCount] = useState(12);
  const [due, setDue] = useState(() => format(addDays(today, A_FORTNIGHT), 'yyyy-MM-dd'));
  const [says, setSays] = useState('');
  const lines = usePieces(false, find.trim()).data?.pages[0]?.lines ?? [];
  const whole = /^\d{4}-\d\d-\d\d$/.test(due);
  return (
    <section aria-label={tr`A new order`}>
      <h2 className="text-2xl">{tr`A new order`}</h2>
      {piece ? (
        <p className="mt-1 flex items-baseline gap-3 text-lg">
          <b>{piece.name}</b>
          <button
            type="button"
            className="link text-sm"
            onClick={() => {
              setPiece(undefined);
            }}
          >
            {tr`another piece`}
          </button>
        </p>
      ) : (
        <>
          <FindField
            label={tr`Find a piece`}
            placeholder={tr`Find by name`}
            value={find}
            onChange={setFind}
          />
          <ul>
            {lines.slice(0, MOST).map((l) => (
              <li key={l.id} className="border-base-300 border-b">
                <button
                  type="button"
                  className="hover:bg-base-300/40 w-full py-1.5 text-left"
                  onClick={() => {
                    setPiece({ id: l.id, name: l.name });
                  }}
                >
                  {l.name}
                </button>
              </li>
            ))}
          </ul>
          {lines.length === 0 && <p className="quiet">{tr`Nothing on the shelf is called so.`}</p>}
        </>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <div className="w-28">
          <CountField
            label={tr`Good ones`}
            value={count}
            within={LIMITS.pieces}
            onCommit={setCount}
          />
        </div>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`out of the box by`}</span>
          <input
            type="date"
            className="input"
            value={due}
            min={format(today, 'yyyy-MM-dd')}
            onChange={(e) => {
              setDue(e.target.value);
            }}
          />
        </label>
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`what for`}</span>
          <input
            className="input w-56"
            maxLength={120}
            value={says}
            onChange={(e) => {
              setSays(e.target.value);
            }}
          />
        </label>
        <button
          type="button"
          className="btn btn-primary"
          disabled={!piece || !whole}
          onClick={() => {
            if (!piece) return;
            onKeep({
              id: crypto.randomUUID(),
              piece: piece.id,
              count,
              due,
              ...(says.trim() !== '' && { says: says.trim() }),
            });
            setPiece(undefined);
            setSays('');
          }}
        >
          {tr`Take the order`}
        </button>
      </div>
    </section>
  );
}
