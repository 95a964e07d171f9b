// Beside the step at the bench, in a class: what the teacher says there, and the two words by what they do.
import { tr } from '@zanfirico/core/words';
import type { StepInHand } from '../making/stepInHand';
import { useClass } from './useClass';
import { wordsAt } from './wordsAt';

export function LessonWords({ begin, step }: StepInHand) {
  const asked = useClass(begin.lesson?.class ?? '');
  const says = asked.data ? wordsAt(asked.data, step.kind) : [];
  if (says.length === 0) return null;
  return (
    <aside
      aria-label={tr`The teacher says`}
      className="border-accent mt-3 border-l-4 pl-3 text-2xl max-sm:text-lg"
    >
      {says.map((s) => (
        <p key={s}>{s}</p>
      ))}
    </aside>
  );
}
