// A verdict in words first: good, watch or no, with a mark of its own shape and never by colour alone.
import { inWords, type Verdict as VerdictValue } from '@zanfirico/core/units';
import { trWord } from '@zanfirico/core/words';
import { CircleCheck, OctagonX, TriangleAlert } from 'lucide-react';
import { useDisplay } from '../stores/display';

const LOOK = {
  good: { icon: CircleCheck, tone: 'text-success' },
  watch: { icon: TriangleAlert, tone: 'text-warning' },
  no: { icon: OctagonX, tone: 'text-error' },
} as const;

/** The word alone, with its mark. */
export function VerdictWord({ verdict }: { readonly verdict: VerdictValue['verdict'] }) {
  const { icon: Icon, tone } = LOOK[verdict];
  return (
    <span className={`text-sm whitespace-nowrap ${tone}`}>
      <Icon className="mb-0.5 inline size-3.5" aria-hidden="true" /> {trWord(verdict)}
    </span>
  );
}

/** A verdict: its word, why, and what to do. */
export function VerdictMark({ verdict }: { readonly verdict: VerdictValue }) {
  const { icon: Icon, tone } = LOOK[verdict.verdict];
  const units = useDisplay((s) => s.units);
  const said = trWord(verdict.verdict);
  return (
    <p className="flex items-start gap-2 leading-snug">
      <Icon className={`${tone} mt-0.5 size-5 shrink-0`} aria-hidden="true" />
      <span>
        <strong className={`${tone} font-display text-lg`}>
          {said.charAt(0).toUpperCase()}
          {said.slice(1)}.
        </strong>{' '}
        {inWords(verdict.because, units)}
        {verdict.verdict !== 'good' && (
          <em className="quiet not-italic"> {inWords(verdict.remedy, units)}</em>
        )}
      </span>
    </p>
  );
}
