// Orders of assembly compared by what they risk, each worked through; the one taken becomes a variant of its own.
import { trNodes } from '../../../words/trNodes';
import { assemblyOrders, garageWaits, RISK_WEIGHTS, type Assembly } from '@zanfirico/core/order';
import { tr } from '@zanfirico/core/words';
import { GitMerge } from 'lucide-react';
import { useMemo, useState } from 'react';
import { clockText } from '../../../marks/braid/strands';
import { useNotices } from '../../../stores/notices';
import type { AssemblyProgress } from '../../../workers/braidWork';
import { startAssembly } from '../../../workers/workers';
import { useWork } from '../../../workers/useWork';
import { SelectField } from '../../../fields/SelectField';
import { usePiece } from '../usePiece';
import { MOST_VARIANTS } from './VariantPicker';
import type { Braid } from './useBraid';
import { shownNumber } from '../../../fields/shown';

/** Shown at once. */
const SHOWN = 6;

export function AssemblyLeaf({ braid }: { readonly braid: Braid }) {
  const { draft, parts, steps, starts } = braid;
  const { document } = usePiece();
  const { busy, take: begin, stop } = useWork<AssemblyProgress>();
  const [progress, setProgress] = useState<AssemblyProgress & { readonly for: Braid['draft'] }>();
  const { say, trouble } = useNotices.getState();
  const count = useMemo(
    () =>
      draft.way === 'torch'
        ? 0
        : assemblyOrders(draft.parts.length, draft.joins, draft.main).length,
    [draft],
  );
  const waits = useMemo(() => garageWaits(steps, starts), [steps, starts]);
  if (parts.length < 2) return null;
  const found = progress?.for === draft ? progress : undefined;
  const compare = (): void => {
    setProgress(undefined);
    const started = startAssembly(draft, parts, braid.fires, (p) => {
      setProgress({ ...p, for: draft });
    });
    begin(started, () => undefined);
  };
  const take = (a: Assembly): void => {
    const kept = braid.sequence?.variants.length ?? 0;
    if (kept >= MOST_VARIANTS) {
      trouble(tr`This piece has ${kept} variants, the most it can keep: drop one first.`);
      return;
    }
    braid.addVariant(tr`Joined another way ${Math.max(1, kept)}`, a.steps);
    say(tr`That order is a variant of its own, with its heats placed; undo drops it.`);
  };
  const name = (i: number): string => parts[i]?.name ?? '';
  return (
    <section aria-label={tr`Assembly`} className="mt-6">
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="text-2xl">{tr`Assembly`}</h3>
        {count > 1 && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={busy ? stop : compare}>
            <GitMerge className="size-4" /> {busy ? tr`Stop` : tr`Compare ${count} orders`}
          </button>
        )}
        {busy && (
          <span className="quiet" role="status">
            {found ? tr`${found.found.length} of ${found.of}` : tr`working …`}
          </span>
        )}
      </div>
      {waits.length > 0 && (
        <p className="leading-snug">
          {tr`In the garage: `}
          {waits.map((w, i) => (
            <span key={w.step}>
              {i > 0 && ', '}
              {name(w.part)} <span className="num">{clockText(w.seconds)}</span>
            </span>
          ))}
          .
        </p>
      )}
      {draft.way === 'furnace' && (
        <SelectField
          label={tr`On the iron first, the others are put onto it`}
          value={String(draft.main)}
          onChange={(value) => {
            const lead = document.parts[Number(value)]?.id;
            if (lead !== undefined) braid.setSequence({ lead, chosen: 0, variants: [] });
          }}
        >
          {parts.map((p, i) => (
            <option key={i} value={i} disabled={document.parts[i]?.role === 'stopper'}>
              {p.name}
            </option>
          ))}
        </SelectField>
      )}
      {count === 1 && (
        <p className="quiet leading-snug">{tr`There is one way to put it together.`}</p>
      )}
      {draft.way === 'torch' && (
        <p className="quiet leading-snug">{tr`At the torch parts are welded as the flame finds them; orders are not compared.`}</p>
      )}
      {found && (
        <>
          <ol className="mt-2 flex flex-col gap-2">
            {found.found.slice(0, SHOWN).map((a, i) => (
              <li
                key={a.order.map((j) => `${String(j.part)}-${String(j.to)}`).join(' ')}
                className="border-base-300 border-b pb-1"
              >
                <div className="flex items-baseline gap-2">
                  <b className="num" title={tr`risk, the less the better`}>
                    {tr`risk ${shownNumber(a.risk, 1)}`}
                  </b>
                  <span className="leading-snug">
                    {a.order.map((j) => tr`${name(j.part)} to ${name(j.to)}`).join(', ')}
                  </span>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs ml-auto"
                    aria-label={tr`Take order ${i + 1}`}
                    onClick={() => {
                      take(a);
                    }}
                  >
                    {tr`Take`}
                  </button>
                </div>
                <p className="quiet text-sm leading-snug">
                  {trNodes`${(<span className="num">{clockText(a.seconds)}</span>)}, ${a.heats} heats`}
                  {a.garage && (
                    <>
                      {trNodes`, ${name(a.garage.part)} waits ${(<span className="num">{clockText(a.garage.seconds)}</span>)}`}
                    </>
                  )}
                  {a.no > 0 && tr`, ${a.no} that will not do`}
                  {a.watch > 0 && tr`, ${a.watch} to watch`}
                  {a.exposed > 0 && tr`, ${a.exposed} joined after the thinnest`}
                </p>
              </li>
            ))}
          </ol>
          <p className="quiet mt-1 text-sm leading-snug">
            {tr`Least risk first: ${RISK_WEIGHTS.no} for a step that will not do, ${RISK_WEIGHTS.watch} for one to watch, ${RISK_WEIGHTS.heat} a heat, ${RISK_WEIGHTS.garage} for ten minutes in the garage, ${RISK_WEIGHTS.exposed} for each join with thin glass already on, ${RISK_WEIGHTS.reach / 10} for 100 g hanging a metre out. Common practice, no source.`}
          </p>
        </>
      )}
    </section>
  );
}
