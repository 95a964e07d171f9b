// The scale that teaches: log what really hung on the iron, and see what it has taught the plan.
import { trNodes } from '../../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import { ENOUGH_WEIGH_INS } from '@zanfirico/core/gather';
import { ANYBODY, learnedBy, ofHand, type PlannedPart } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { sentenceOf } from '../../../../api/client';
import { SelectField } from '../../../../fields/SelectField';
import { QuantityField } from '../../../../fields/QuantityField';
import { useDisplay } from '../../../../stores/display';
import { changeMaking } from '../../../../stores/draft';
import { useNotices } from '../../../../stores/notices';
import { useShop } from '../../../../stores/theShop';
import { usePiece } from '../../usePiece';

const percent = (v: number): string => `${String(Math.round(v * 100))} %`;
const LISTED = 6;

export function Weighing({ part, index }: { readonly part: PlannedPart; readonly index: number }) {
  const { document } = usePiece();
  const units = useDisplay((s) => s.units);
  const { weighIns, weigh, reset } = useShop();
  const { say, trouble } = useNotices();
  const person = document.making.gatherer ?? ANYBODY;
  const own = document.parts[index]?.iron;
  const iron = own?.diameter ?? document.making.ironDiameter;
  const depth = own?.depth ?? document.making.dipDepth;
  const gathers = part.gathers?.gathers ?? [];
  const [after, setAfter] = useState(1);
  const gather = gathers[Math.min(after, gathers.length) - 1];
  const [got, setGot] = useState<number>();
  const learned = learnedBy(weighIns, person, iron, part.glass);
  const entries = ofHand(weighIns, person, iron, part.glass);
  const counting = entries.filter((e) => e.counts);

  const log = (): void => {
    if (!gather || got === undefined) return;
    weigh({
      person,
      glass: part.glass.id,
      ironDiameter: iron,
      depth,
      planned: gather.total,
      got,
      factor: learned.factor,
    }).then(
      () => {
        setGot(undefined);
        say(tr`Weighed and logged.`);
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };

  return (
    <section className="mt-5" aria-label={tr`Weigh-ins`}>
      <h2 className="text-lg">{tr`On the scale`}</h2>
      <div className="mt-1 grid grid-cols-2 gap-x-6 gap-y-2">
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`Who gathers (role)`}</span>
          <input
            className="input"
            maxLength={40}
            value={document.making.gatherer ?? ''}
            placeholder={ANYBODY}
            onChange={(e) => {
              const role = e.target.value;
              changeMaking({ gatherer: role.trim() === '' ? undefined : role });
            }}
          />
        </label>
        <SelectField
          label={tr`Weighed after`}
          value={Math.min(after, gathers.length)}
          onChange={(gather) => {
            setAfter(Number(gather));
          }}
        >
          {gathers.map((g, i) => (
            <option key={i} value={i + 1}>
              {tr`gather ${i + 1}: planned ${printText(g.total, 'mass', units)}`}
            </option>
          ))}
        </SelectField>
        <QuantityField
          label={tr`Glass on the iron`}
          kind="mass"
          value={got ?? gather?.total ?? 0.1}
          within={LIMITS.weighed}
          onCommit={setGot}
        />
        <button
          type="button"
          className="btn btn-outline btn-sm self-end"
          disabled={got === undefined}
          onClick={log}
        >
          {tr`Log it`}
        </button>
      </div>
      <p className="mt-2 leading-snug">
        {learned.spread === undefined ? (
          <>
            {tr`Nothing learned yet for the ${person} on this iron in this glass: ${counting.length} of ${ENOUGH_WEIGH_INS} weigh-ins.`}
          </>
        ) : (
          <>
            {trNodes`The ${person}’s layers on this iron, in this glass, come out ${(<strong className="num">{percent(learned.factor)}</strong>)} of the model, spread ±${percent(learned.spread)}, from ${learned.entries} weigh-ins`}
            {learned.wild.length > 0 && tr`, ${learned.wild.length} of them too wild to count`}.
          </>
        )}
      </p>
      {entries.length > 0 && (
        <ol className="num mt-1 text-sm">
          {entries.slice(0, LISTED).map((e) => {
            const wild = learned.wild.some((w) => counting[w]?.id === e.id);
            return (
              <li
                key={e.id}
                className={`border-base-300 flex gap-2 border-b ${e.counts && !wild ? '' : 'quiet'}`}
              >
                <span className="w-24">{e.at.slice(0, 10)}</span>
                <span className="flex-1">
                  {tr`planned ${printText(e.planned, 'mass', units)}, got ${printText(e.got, 'mass', units)}`}
                </span>
                <span>{!e.counts ? 'reset' : wild ? 'wild' : ''}</span>
              </li>
            );
          })}
        </ol>
      )}
      {counting.length > 0 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-1"
          onClick={() => {
            reset(person, iron, part.glass.id).then(
              () => {
                say(tr`Learning starts afresh for this hand on this iron; the log is kept.`);
              },
              (error: unknown) => {
                trouble(sentenceOf(error));
              },
            );
          }}
        >
          {tr`Forget what was learned`}
        </button>
      )}
    </section>
  );
}
