// The programme as rows: what, from, to, how fast, how long, at what clock.
import type { Schedule } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { clockWords } from '../clock/clockWords';
import { HeadRow } from '../marks/HeadRow';

interface Props {
  readonly schedule: Schedule;
  readonly lastIn: string;
  readonly doorAt: number;
}

export function ScheduleTable({ schedule, lastIn, doorAt }: Props) {
  const units = useDisplay((s) => s.units);
  const t = (v: number): string => printText(v, 'temperature', units);
  const end = clockWords(lastIn, schedule.total.value);
  return (
    <table className="table w-full">
      <caption className="sr-only">{tr`Annealing programme`}</caption>
      <HeadRow columns={[tr`segment`, tr`from`, tr`to`, tr`rate`, tr`takes`, tr`starts`]} />
      <tbody className="num text-right text-[0.95rem]">
        {schedule.rows.map((row) => {
          const start = clockWords(lastIn, row.start);
          return (
            <tr key={row.name} className="border-base-300 border-b">
              <th scope="row" className="py-1 text-left font-sans font-normal">
                {row.name}
              </th>
              <td>{t(row.from)}</td>
              <td>{t(row.to)}</td>
              <td>
                {row.rate === undefined ? (
                  <span className="quiet font-sans">
                    {row.from === row.to ? tr`hold` : tr`its own`}
                  </span>
                ) : (
                  printText(row.rate, 'rate', units)
                )}
              </td>
              <td>{printDuration(row.duration)}</td>
              <td>
                {start.time}
                {start.day !== 'today' && <span className="quiet font-sans"> {start.day}</span>}
              </td>
            </tr>
          );
        })}
        <tr>
          <th scope="row" className="py-1 text-left font-sans font-bold">{tr`Door may open`}</th>
          <td colSpan={4}>{t(doorAt)}</td>
          <td className="font-bold">
            {end.time}
            {end.day !== 'today' && <span className="quiet font-sans font-normal"> {end.day}</span>}
          </td>
        </tr>
      </tbody>
    </table>
  );
}
