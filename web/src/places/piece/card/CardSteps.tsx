// The order of work on the card, in the order of the clock: when, what, for how long, who; calipers and weights at their step,
// heats as a sign, cautions once and then their sign.
import type { Derived } from '@zanfirico/core/piece';
import { inWords, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { factsOf, STEPS, type WorkStep } from '@zanfirico/core/work';
import { Flame } from 'lucide-react';
import { clockText } from '../../../marks/braid/strands';
import { useDisplay } from '../../../stores/display';
import { kindOf, stepName } from '../../../marks/braid/stepNames';
import type { Braid } from '../braid/useBraid';

interface Props {
  readonly braid: Braid;
  readonly derived: Extract<Derived, { ok: true }>;
}

export function CardSteps({ braid, derived }: Props) {
  const units = useDisplay((s) => s.units);
  const { steps, starts, parts, sequence, plan } = braid;
  const many = parts.length > 1;
  const name = (id: string | undefined): string | undefined =>
    sequence?.crew?.find((p) => p.id === id)?.name;
  // Alone there is nobody to be told apart.
  const several = (sequence?.crew?.length ?? 0) > 1;
  const order = steps.map((_, i) => i).sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  // A clock of hours takes more room.
  const long = starts.some((t) => Math.abs(t) >= 3600);
  // A caution is told where it first matters, and again only by its sign.
  const told = new Set<() => string>();
  const gathered = new Map<number, number>();
  // A tube for several parts says at its gathers what they bring.
  const tubes = new Set(steps.flatMap((s) => (s.kind === 'cutLengths' ? [s.part] : [])));
  /** What this gather brings, and what hangs then. */
  const weights = (s: WorkStep): string | undefined => {
    if (s.kind !== 'gather' || tubes.has(s.part)) return undefined;
    const n = gathered.get(s.part) ?? 0;
    gathered.set(s.part, n + 1);
    const g = derived.parts[s.part]?.gathers?.gathers[n];
    return (
      g &&
      tr`+${printText(g.brings, 'mass', units)}, then ⌀ ${printText(g.diameter, 'length', units)}`
    );
  };
  return (
    <section className="mt-3">
      <h3 className="border-b border-black text-xl">{tr`Order of work`}</h3>
      <ol className="mt-1 columns-2 gap-8 text-[0.9rem] leading-[1.15]">
        {order.map((i) => {
          const s = steps[i] as WorkStep;
          const { caution } = STEPS[kindOf(s)];
          const first = caution !== undefined && !told.has(caution);
          if (caution !== undefined) told.add(caution);
          const who = several
            ? (plan?.hands[i] ?? []).flatMap((h) => name(h.person) ?? [])
            : [name(s.who)].flatMap((n) => n ?? []);
          const heat = factsOf(s).does === 'heat';
          const brings = weights(s);
          return (
            <li
              key={s.id}
              className={`mb-0.5 grid break-inside-avoid items-baseline gap-x-2 ${long ? 'grid-cols-[4.6em_1.5rem_minmax(0,1fr)_auto]' : 'grid-cols-[3.1em_1.5rem_minmax(0,1fr)_auto]'}`}
            >
              <span className="num text-right">{clockText(starts[i] ?? 0)}</span>
              <span className="num text-right">{i + 1}</span>
              <span>
                {heat && <Flame className="mr-1 mb-0.5 inline size-4" aria-label={tr`heat`} />}
                <strong>{stepName(s)}</strong>
                {many && ` · ${parts[s.part]?.name ?? ''}`}
                {s.to !== undefined && tr` to ${parts[s.to]?.name ?? ''}`}
                {who.length > 0 && <em> {who.join(', ')}</em>}
                {caution !== undefined && !first && ' !'}
                {brings !== undefined && <span className="num block">{brings}</span>}
                {s.note !== undefined && <span className="block">{inWords(s.note, units)}</span>}
                {first && <em className="block">! {inWords(caution(), units)}</em>}
              </span>
              <span className="num">{clockText(s.seconds)}</span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
