// What the teacher says at each kind of step.
import { TWO_WORDS } from '@zanfirico/core/class';
import { tr } from '@zanfirico/core/words';
import { STEPS, type StepId } from '@zanfirico/core/work';
import { useOfClass } from '../ClassPlace';
import { TextField } from '../../../fields/TextField';
import type { ClassChange } from './change';

export function Words({ change }: { readonly change: ClassChange }) {
  const { lesson, steps } = useOfClass();
  const kinds = [...new Set((steps ?? []).map((s) => s.kind))].filter(
    (k): k is StepId => k !== 'own',
  );
  const saysAt = (kind: string): string => lesson.words.find((w) => w.kind === kind)?.says ?? '';
  return (
    <section aria-label={tr`In the teacher’s words`} className="mt-6">
      <h2 className="text-2xl">{tr`In the teacher’s words`}</h2>
      <p className="quiet">{tr`said at the bench, at each step of that kind`}</p>
      {!steps && <p className="quiet">{tr`The order of work is being placed …`}</p>}
      <ul>
        {kinds.map((kind) => (
          <li key={kind} className="py-0.5">
            <TextField
              label={STEPS[kind].name()}
              empty={tr`nothing`}
              value={saysAt(kind)}
              most={300}
              onCommit={(says) => {
                change({
                  words: [
                    ...lesson.words.filter((w) => w.kind !== kind),
                    ...(says.trim() === '' ? [] : [{ kind, says }]),
                  ],
                });
              }}
            />
            {TWO_WORDS[kind] !== undefined && (
              <p className="quiet text-sm">{tr`and always: ${TWO_WORDS[kind]()}`}</p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
