// The target as calipers are set to it: what may be off of each measure, and what to check besides.
import { LIMITS } from '@zanfirico/contract';
import { limitsOf } from '@zanfirico/core/class';
import { drawnOf, MEASURES } from '@zanfirico/core/log';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import { Link } from 'react-router';
import { QuantityField } from '../../../fields/QuantityField';
import { isShare } from '../../../class/newClass';
import { HeadRow } from '../../../marks/HeadRow';
import { IconButton } from '../../../shell/IconButton';
import { useDisplay } from '../../../stores/display';
import { trNodes } from '../../../words/trNodes';
import { KIND, SAYS } from '../../log/measureWords';
import { useOfClass } from '../ClassPlace';
import { TextField } from '../../../fields/TextField';
import type { ClassChange } from './change';
import { Lines } from './Lines';

export function Target({ change }: { readonly change: ClassChange }) {
  const { lesson, derived, document } = useOfClass();
  const units = useDisplay((s) => s.units);
  const free = MEASURES.filter((of) => !lesson.tolerances.some((t) => t.of === of));
  return (
    <section aria-label={tr`The target`} className="mt-4">
      <h2 className="text-2xl">{tr`The target`}</h2>
      <p className="quiet">
        {trNodes`as ${(
          <Link className="link" to={`/pieces/${lesson.piece}`}>
            {document.name}
          </Link>
        )} is drawn; what may be off it`}
      </p>
      <div className="mb-2 max-w-sm">
        <TextField
          needed
          label={tr`What the class is called`}
          value={lesson.name}
          most={80}
          onCommit={(name) => {
            change({ name });
          }}
        />
      </div>
      {!derived ? (
        <p className="quiet">{tr`The form is being worked out …`}</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="num w-full">
            <HeadRow
              columns={[tr`measure`, tr`drawn`, tr`under`, tr`over`, tr`calipers`, '']}
              left={[tr`calipers`]}
            />
            <tbody>
              {lesson.tolerances.map((t, i) => {
                const drawn = drawnOf(derived, t.of, t.up);
                if (drawn === undefined) return null;
                const by = isShare(t.of) ? drawn : 1;
                const { least, most } = limitsOf(t, drawn);
                const set = (some: Partial<typeof t>): void => {
                  change({
                    tolerances: lesson.tolerances.map((o, k) => (k === i ? { ...o, ...some } : o)),
                  });
                };
                return (
                  <tr key={t.of} className="border-base-300 border-b text-right">
                    <th scope="row" className="text-left font-normal">
                      {SAYS[t.of]}
                    </th>
                    <td className="whitespace-nowrap">{printText(drawn, KIND[t.of], units)}</td>
                    {(['under', 'over'] as const).map((side) => (
                      <td key={side} className="w-24 pl-3">
                        <QuantityField
                          bare
                          label={`${SAYS[t.of]}, ${trWord(side)}`}
                          kind={KIND[t.of]}
                          value={t[side] * by}
                          within={{ minimum: 0, maximum: LIMITS.offDrawn.maximum * by }}
                          onCommit={(v) => {
                            set({ [side]: v / by });
                          }}
                        />
                      </td>
                    ))}
                    <td className="pl-4 text-left whitespace-nowrap">
                      {tr`${printText(least, KIND[t.of], units)} to ${printText(most, KIND[t.of], units)}`}
                    </td>
                    <td>
                      <IconButton
                        small
                        label={tr`Leave out: ${SAYS[t.of]}`}
                        onClick={() => {
                          change({ tolerances: lesson.tolerances.filter((_, k) => k !== i) });
                        }}
                      >
                        <X className="size-4" />
                      </IconButton>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      {derived && (
        <p className="mt-1 flex flex-wrap gap-1">
          {free
            .filter((of) => drawnOf(derived, of, undefined) !== undefined)
            .map((of) => (
              <button
                key={of}
                type="button"
                className="btn btn-ghost btn-sm"
                onClick={() => {
                  const off = isShare(of) ? 0.1 : of === 'wall' ? 0.001 : 0.003;
                  change({ tolerances: [...lesson.tolerances, { of, under: off, over: off }] });
                }}
              >
                <Plus className="size-4" /> {SAYS[of]}
              </button>
            ))}
        </p>
      )}
      <h3 className="mt-4 text-xl">{tr`What to check`}</h3>
      <Lines
        label={tr`What to check`}
        values={lesson.checks}
        most={120}
        onChange={(checks) => {
          change({ checks });
        }}
      />
    </section>
  );
}
