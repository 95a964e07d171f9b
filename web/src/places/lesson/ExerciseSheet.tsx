// The exercise: the target as calipers are set to it, where each tool lives, the teacher's words, who is in pairs at which bench.
import { trNodes } from '../../words/trNodes';
import { LIMITS, type ClassDocument } from '@zanfirico/contract';
import {
  drawnOf,
  limitsOf,
  MEASURES,
  printText,
  STEPS,
  TWO_WORDS,
  type StepId,
  tr,
  trWord,
} from '@zanfirico/core';
import { Plus, X } from 'lucide-react';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { dropClass } from '../../api/lessons';
import { CountField } from '../../fields/CountField';
import { QuantityField } from '../../fields/QuantityField';
import { SelectField } from '../../fields/SelectField';
import { inPairs, isShare } from '../../lessons/newClass';
import { useKeepClass } from '../../lessons/useClass';
import { HeadRow } from '../../marks/HeadRow';
import { IconButton } from '../../shell/IconButton';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { troubled } from '../../stores/troubled';
import { KIND, SAYS } from '../log/measureWords';
import { useOfClass } from './ClassPlace';
import { TextField } from './TextField';

type Change = (change: Partial<ClassDocument>) => void;

export function ExerciseSheet() {
  const { lesson } = useOfClass();
  const keep = useKeepClass();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const change: Change = (some) => {
    keep({ ...lesson, ...some });
  };
  return (
    <div className="mt-2 grid gap-x-12 *:min-w-0 lg:grid-cols-2">
      <div>
        <Target change={change} />
        <Pairs change={change} />
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-6"
          onClick={() => {
            dropClass(lesson.id).then(() => {
              void queries.invalidateQueries({ queryKey: ['classes'], exact: true });
              void navigate('/class');
              useNotices.getState().say(tr`The class is taken away; what was made in it is kept.`, {
                label: tr`Undo`,
                run: () => {
                  keep(lesson);
                },
              });
            }, troubled);
          }}
        >
          {tr`Take this class away`}
        </button>
      </div>
      <div>
        <Tools change={change} />
        <Words change={change} />
      </div>
    </div>
  );
}

function Target({ change }: { readonly change: Change }) {
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
        )}`}{' '}
        {tr`is drawn; what may be off it`}
      </p>
      <div className="mb-2 max-w-sm">
        <TextField
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

function Pairs({ change }: { readonly change: Change }) {
  const { lesson } = useOfClass();
  const { students, benches } = lesson;
  const freshId = (): string => {
    let n = students.length + 1;
    while (students.some((s) => s.id === `s${String(n)}`)) n += 1;
    return `s${String(n)}`;
  };
  return (
    <section aria-label={tr`Who learns it`} className="mt-6">
      <h2 className="text-2xl">{tr`Who learns it`}</h2>
      <ul>
        {students.map((s, i) => (
          <li key={s.id} className="flex items-end gap-3 py-0.5">
            <TextField
              label={tr`Student ${String(i + 1)}`}
              bare
              value={s.name}
              most={40}
              onCommit={(name) => {
                change({ students: students.map((o) => (o.id === s.id ? { ...o, name } : o)) });
              }}
            />
            <SelectField
              label={tr`Bench of ${s.name}`}
              bare
              value={benches.find((b) => b.pair.includes(s.id))?.name ?? ''}
              onChange={(name) => {
                change({
                  benches: benches.map((b) => {
                    const without = b.pair.filter((id) => id !== s.id);
                    return b.name === name
                      ? { ...b, pair: [...without, s.id].slice(-2) }
                      : { ...b, pair: without };
                  }),
                });
              }}
            >
              <option value="">{tr`no bench`}</option>
              {benches.map((b) => (
                <option key={b.name}>{b.name}</option>
              ))}
            </SelectField>
            <IconButton
              small
              label={tr`Take out: ${s.name}`}
              onClick={() => {
                change({
                  students: students.filter((o) => o.id !== s.id),
                  benches: benches.map((b) => ({ ...b, pair: b.pair.filter((id) => id !== s.id) })),
                });
              }}
            >
              <X className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <p className="mt-1 flex flex-wrap items-end gap-3">
        <button
          type="button"
          className="btn btn-sm"
          disabled={students.length >= 40}
          onClick={() => {
            change({
              students: [
                ...students,
                { id: freshId(), name: tr`Student ${String(students.length + 1)}` },
              ],
            });
          }}
        >
          <Plus className="size-4" /> {tr`A student`}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={students.length === 0}
          onClick={() => {
            change({ benches: inPairs(students) });
          }}
        >
          {tr`Put in pairs`}
        </button>
        <span className="w-40">
          <CountField
            label={tr`Pieces the hole takes at once`}
            value={lesson.atOnce}
            within={LIMITS.atOnce}
            onCommit={(atOnce) => {
              change({ atOnce });
            }}
          />
        </span>
      </p>
      <p className="quiet mt-1 text-sm">{tr`Names of your choosing, by a role or an apron: they are shown on the wall. A pair shares a bench; all share the hole, and who is due first goes in first.`}</p>
    </section>
  );
}

function Tools({ change }: { readonly change: Change }) {
  const { lesson } = useOfClass();
  const { tools } = lesson;
  return (
    <section aria-label={tr`Tools, and where each lives`} className="mt-4">
      <h2 className="text-2xl">{tr`Tools, and where each lives`}</h2>
      <ul>
        {tools.map((t, i) => (
          <li key={i} className="flex items-end gap-3 py-0.5">
            <TextField
              label={tr`Tool ${String(i + 1)}`}
              bare
              value={t.name}
              most={80}
              onCommit={(name) => {
                change({ tools: tools.map((o, k) => (k === i ? { ...o, name } : o)) });
              }}
            />
            <TextField
              label={tr`Where it lives: ${t.name}`}
              bare
              empty={tr`where it lives`}
              value={t.lives}
              most={80}
              onCommit={(lives) => {
                change({ tools: tools.map((o, k) => (k === i ? { ...o, lives } : o)) });
              }}
            />
            <IconButton
              small
              label={tr`Leave out: ${t.name}`}
              onClick={() => {
                change({ tools: tools.filter((_, k) => k !== i) });
              }}
            >
              <X className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        disabled={tools.length >= 60}
        onClick={() => {
          change({ tools: [...tools, { name: tr`a tool`, lives: '' }] });
        }}
      >
        <Plus className="size-4" /> {tr`A tool`}
      </button>
    </section>
  );
}

function Words({ change }: { readonly change: Change }) {
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
              label={STEPS[kind].name}
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
              <p className="quiet text-sm">{tr`and always: ${TWO_WORDS[kind]}`}</p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Lines({
  label,
  values,
  most,
  onChange,
}: {
  readonly label: string;
  readonly values: readonly string[];
  readonly most: number;
  readonly onChange: (values: string[]) => void;
}) {
  return (
    <>
      <ul>
        {values.map((v, i) => (
          <li key={i} className="flex items-end gap-3 py-0.5">
            <TextField
              label={`${label} ${String(i + 1)}`}
              bare
              value={v}
              most={most}
              onCommit={(says) => {
                onChange(
                  values.flatMap((o, k) => (k !== i ? [o] : says.trim() === '' ? [] : [says])),
                );
              }}
            />
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        disabled={values.length >= 20}
        onClick={() => {
          onChange([...values, tr`one more thing`]);
        }}
      >
        <Plus className="size-4" /> {tr`One more`}
      </button>
    </>
  );
}
