// The order of work on the card: when, what, on which part, for how long, who; cautions in their place.
import { STEPS } from '@zanfirico/core';
import { clockText } from '../../../marks/braid/strands';
import { kindOf, stepName } from '../braid/stepNames';
import type { Braid } from '../braid/useBraid';

export function CardSteps({ braid }: { readonly braid: Braid }) {
  const { steps, starts, parts, sequence } = braid;
  const many = parts.length > 1;
  const name = (id: string | undefined): string | undefined =>
    sequence?.crew?.find((p) => p.id === id)?.name;
  // A caution is told where it first matters, and again only by its sign.
  const told = new Set<string>();
  return (
    <section className="mt-3">
      <h3 className="border-b border-black text-xl">Order of work</h3>
      <ol className="mt-1 columns-2 gap-6 text-[0.8rem] leading-tight">
        {steps.map((s, i) => {
          const { caution, fire } = STEPS[kindOf(s)];
          const first = caution !== undefined && !told.has(caution);
          if (caution !== undefined) told.add(caution);
          const who = name(s.who);
          return (
            <li key={s.id} className="mb-0.5 break-inside-avoid">
              <span className="num">{clockText(starts[i] ?? 0)}</span>{' '}
              <span className="num font-semibold">{i + 1}</span> <strong>{stepName(s)}</strong>
              {many && ` · ${parts[s.part]?.name ?? ''}`}
              {s.to !== undefined && ` to ${parts[s.to]?.name ?? ''}`}{' '}
              <span className="num">{s.seconds} s</span>
              {fire ? ' ~fire~' : ''}
              {who !== undefined && ` (${who})`}
              {caution !== undefined && !first && ' !'}
              {first && <em className="block pl-5">! {caution}</em>}
              {s.note !== undefined && <em className="block pl-5">{s.note}</em>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
