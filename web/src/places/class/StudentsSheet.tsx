// Each student's own sheet, over weeks: weights, sizes against the calipers, time, heats, and what to change next.
import type { ClassMaking } from '@zanfirico/contract/making';
import { comesNearer } from '@zanfirico/core/class';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useQueries } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { fetchMaking } from '../../api/client';
import type { ToldMaking } from '../../making/followed';
import { SelectField } from '../../fields/SelectField';
import { sheetLine, type SheetLine } from '../../class/studentSheet';
import { useClassMakings } from '../../class/useClass';
import { HeadRow } from '../../marks/HeadRow';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { KIND, SAYS } from '../log/measureWords';
import { useOfClass } from './ClassPlace';

const NONE: readonly ClassMaking[] = [];

/** Each making with all that happened in it; those that are here so far. */
function useTold(makings: readonly ClassMaking[]): readonly (readonly [ClassMaking, ToldMaking])[] {
  const asked = useQueries({
    queries: makings.map((m) => ({
      queryKey: ['made', m.id],
      queryFn: (): Promise<ToldMaking> => fetchMaking(m.id),
      // What is measured later is seen when it is looked at again.
      staleTime: 0,
    })),
  });
  return asked.flatMap((a, i): (readonly [ClassMaking, ToldMaking])[] => {
    const making = makings[i];
    return a.data && making ? [[making, a.data]] : [];
  });
}

export function StudentsSheet() {
  const { lesson, derived } = useOfClass();
  const all = useClassMakings(lesson.id).data ?? NONE;
  const [chosen, setChosen] = useState<string>();
  const student = lesson.students.find((s) => s.id === chosen) ?? lesson.students[0];
  const mine = useMemo(() => all.filter((m) => m.student === student?.id), [all, student]);
  const told = useTold(mine);
  if (!student)
    return (
      <p className="quiet mt-4 text-lg">{tr`Nobody is in the class yet: add them under Exercise.`}</p>
    );
  if (!derived) return <p className="quiet mt-4">{tr`The form is being worked out …`}</p>;
  const lines = told.map(([m, t]) => sheetLine(lesson, derived, m, t));
  return (
    <div className="mt-3">
      <div className="no-print max-w-60">
        <SelectField label={tr`Whose sheet`} value={student.id} onChange={setChosen}>
          {lesson.students.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </SelectField>
      </div>
      <h2 className="mt-3 text-3xl">{student.name}</h2>
      <Sheet lines={lines} loading={told.length < mine.length} />
    </div>
  );
}

const NEARER = {
  nearer: 'Coming nearer: the later half of the pieces is closer than the earlier.',
  further: 'Further off than before: look at what changed.',
  'the same': 'About as near as before.',
  'too few': undefined,
} as const;

const MARK = { good: '✓', under: 'under', over: 'over' } as const;

function Sheet({
  lines,
  loading,
}: {
  readonly lines: readonly SheetLine[];
  readonly loading: boolean;
}) {
  const { lesson } = useOfClass();
  const units = useDisplay((s) => s.units);
  if (loading) return <p className="quiet mt-2">{tr`Fetching what was made …`}</p>;
  if (lines.length === 0)
    return (
      <p className="quiet mt-2 text-lg">{tr`Nothing made yet. Tonight begins one; rehearse it first.`}</p>
    );
  const [latest] = lines.filter((l) => !l.rehearsal && l.ended !== undefined);
  const worst = lines
    .filter((l) => !l.rehearsal)
    .flatMap((l) => l.worst ?? [])
    .reverse();
  const nearer = NEARER[comesNearer(worst)];
  return (
    <>
      {latest && (
        <section aria-label={tr`Next time`} className="border-accent mt-2 border-l-4 pl-4">
          <h3 className="text-xl">{tr`Next time`}</h3>
          {latest.next.length === 0 ? (
            <p className="text-lg">
              {latest.measured === 0
                ? tr`Measure it when it is out of the box.`
                : tr`The same again: it came out right.`}
            </p>
          ) : (
            <ul className="text-lg">
              {latest.next.map((n) => (
                <li key={n.says}>
                  {n.says} <span className="quiet">{n.because}</span>
                </li>
              ))}
            </ul>
          )}
          {nearer !== undefined && <p className="quiet">{trWord(nearer)}</p>}
        </section>
      )}
      <div className="overflow-x-auto">
        <table className="num mt-4 w-full">
          <HeadRow
            columns={[
              tr`when`,
              tr`gather`,
              ...lesson.tolerances.map((t) => SAYS[t.of]),
              tr`within`,
              tr`took`,
              tr`heats`,
            ]}
          />
          <tbody>
            {lines.map((l) => (
              <tr key={l.id} className="border-base-300 border-b text-right align-baseline">
                <th scope="row" className="py-1 text-left font-normal whitespace-nowrap">
                  <Link to={`/bench/${l.id}`} className="link">
                    {format(l.begunAt, 'd MMM HH:mm')}
                  </Link>
                  <span className="quiet block text-sm">
                    {l.rehearsal ? tr`rehearsed` : (trWord(l.ended) ?? tr`at the bench`)}
                  </span>
                </th>
                <td>
                  {l.gather?.share === undefined
                    ? (trWord(l.gather?.verdict) ?? '–')
                    : `${String(Math.round(100 * l.gather.share))} %`}
                  {l.gather && l.gather.verdict !== 'right' && (
                    <span className="text-warning block text-sm">{trWord(l.gather.verdict)}</span>
                  )}
                </td>
                {lesson.tolerances.map((t) => {
                  const h = l.held.find((x) => x.of === t.of && x.up === t.up);
                  return (
                    <td key={t.of}>
                      {h?.made === undefined ? '–' : printText(h.made, KIND[t.of], units)}
                      {h?.verdict !== undefined && (
                        <span
                          className={`block text-sm ${h.verdict === 'good' ? 'text-success' : 'text-warning'}`}
                        >
                          {trWord(MARK[h.verdict])}
                        </span>
                      )}
                    </td>
                  );
                })}
                <td>{l.measured === 0 ? '–' : tr`${l.within} of ${l.measured}`}</td>
                <td>
                  {l.took === undefined ? '–' : clockText(l.took)}
                  <span className="quiet block text-sm">{tr`of ${clockText(l.planned)}`}</span>
                </td>
                <td>
                  {l.heats.taken}
                  <span className="quiet block text-sm">{tr`of ${l.heats.planned}`}</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="quiet mt-2 text-sm">{tr`Gather: what the iron had of what the plan has there, weighed while a gather is in hand. Sizes are told the morning after, from the making itself.`}</p>
    </>
  );
}
