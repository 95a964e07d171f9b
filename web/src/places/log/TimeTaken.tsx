// Time planned against time taken, at the median, by piece or by whoever led: two bars each, and the same as figures.
import type { LogLine } from '@zanfirico/contract/making';
import { timesBy } from '@zanfirico/core/log';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { Bar, BarChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { SelectField } from '../../fields/SelectField';
import { GRID, LABEL } from '../../marks/chartLook';
import { HeadRow } from '../../marks/HeadRow';
import { clockText } from '../../marks/braid/strands';

const WORDS = {
  piece: (l: LogLine) => l.name,
  'who led': (l: LogLine) => l.lead,
} as const;
type Word = keyof typeof WORDS;
const BY = Object.keys(WORDS) as Word[];
const MOST = 10;
/** A pair of bars, px. */
const PAIR = 34;

/** Whole minutes under the bars, six at most, s. */
function ticksTo(most: number): number[] {
  const step = [60, 120, 300, 600, 900, 1800, 3600].find((s) => most / s <= 5) ?? 7200;
  return Array.from({ length: Math.ceil(most / step) + 1 }, (_, i) => i * step);
}

export function TimeTaken({ came }: { readonly came: readonly LogLine[] }) {
  const [by, setBy] = useState<Word>('piece');
  const times = useMemo(() => timesBy(came, WORDS[by]).slice(0, MOST), [came, by]);
  if (times.length === 0) return null;
  const most = Math.max(...times.map((t) => Math.max(t.planned, t.taken)));
  const height = 40 + PAIR * times.length;
  return (
    <section aria-label={tr`Time planned and taken`} className="mt-8">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h3 className="text-xl">{tr`Time planned and taken`}</h3>
        <SelectField label={tr`By`} value={by} onChange={setBy}>
          {BY.map((w) => (
            <option key={w} value={w}>
              {trWord(w)}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="mt-1 grid gap-x-8 lg:grid-cols-[1fr_1fr]">
        <figure
          className="bg-(--board)"
          role="img"
          aria-label={tr`Time by ${trWord(by)}; the table beside it gives the figures`}
        >
          <ResponsiveContainer
            width="100%"
            height={height}
            initialDimension={{ width: 480, height }}
          >
            <BarChart
              data={times}
              layout="vertical"
              margin={{ top: 8, right: 20, bottom: 0, left: 4 }}
              barGap={1}
              accessibilityLayer={false}
            >
              <CartesianGrid {...GRID} horizontal={false} />
              <XAxis
                type="number"
                ticks={ticksTo(most)}
                domain={[0, ticksTo(most).at(-1) ?? most]}
                tickFormatter={(s: number) => clockText(s)}
                tick={LABEL}
                stroke="var(--chalk-dim)"
              />
              <YAxis
                type="category"
                dataKey="of"
                width={130}
                tick={{ ...LABEL, fontFamily: 'inherit' }}
                stroke="var(--chalk-dim)"
              />
              <Bar
                dataKey="planned"
                fill="none"
                stroke="var(--chalk)"
                barSize={9}
                isAnimationActive={false}
              />
              <Bar
                dataKey="taken"
                fill="var(--color-primary)"
                barSize={9}
                isAnimationActive={false}
              />
            </BarChart>
          </ResponsiveContainer>
          <figcaption className="quiet px-3 pb-1 text-sm">{tr`outlined: planned; full: taken, to the box`}</figcaption>
        </figure>
        <table className="table w-full self-start">
          <caption className="sr-only">{tr`Time planned and taken, by ${trWord(by)}`}</caption>
          <HeadRow columns={[trWord(by), tr`times`, tr`planned`, tr`taken`, tr`of it`]} />
          <tbody className="num text-right">
            {times.map((t) => (
              <tr key={t.of} className="border-base-300 border-b">
                <th scope="row" className="py-1 text-left font-sans font-normal">
                  {t.of}
                </th>
                <td>{t.all}</td>
                <td>{clockText(t.planned)}</td>
                <td>{clockText(t.taken)}</td>
                <td>×{(t.taken / Math.max(1, t.planned)).toFixed(2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
