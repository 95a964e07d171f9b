// What was written down on the way: what was ready and since when, notes, readings and pictures, in order.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { holding } from '@zanfirico/core/making';
import { inWords, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { useDisplay } from '../../stores/display';
import { readySays } from './readyList';
import { clockText } from '../../marks/braid/strands';

interface Props {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
}

export function Written({ begin, events }: Props) {
  const units = useDisplay((s) => s.units);
  const at = (ms: number): string => clockText((ms - begin.at) / 1000);
  const told = holding(events);
  const said = told.flatMap((e) =>
    e.kind === 'note'
      ? [{ id: e.id, at: e.at, says: e.says }]
      : e.kind === 'reading'
        ? [{ id: e.id, at: e.at, says: printText(e.value, e.of, units) }]
        : [],
  );
  const pictures = told.flatMap((e) => (e.kind === 'photo' ? [e] : []));
  const temperatures = [
    begin.holeTemperature === undefined
      ? ''
      : `${begin.hole ?? tr`the hole`} ${printText(begin.holeTemperature, 'temperature', units)}`,
    begin.potTemperature === undefined
      ? ''
      : tr`pot ${printText(begin.potTemperature, 'temperature', units)}`,
  ].filter((s) => s !== '');
  return (
    <>
      {(begin.crew ?? temperatures).length > 0 && (
        <p className="quiet mt-1">
          {[...(begin.crew ?? []).map((p) => p.name), ...temperatures].join(', ')}
        </p>
      )}
      {begin.ready && (
        <ul aria-label={tr`Ready before the fire`} className="quiet mt-1">
          {begin.ready.map((r) => (
            <li key={r.what}>
              {inWords(readySays(r.what), units)}{' '}
              <span className="num">{format(r.since, 'HH:mm')}</span>
            </li>
          ))}
        </ul>
      )}
      {said.length > 0 && (
        <ul aria-label={tr`Written down`} className="mt-1">
          {said.map((s) => (
            <li key={s.id}>
              <span className="quiet num">{at(s.at)}</span> <i>{s.says}</i>
            </li>
          ))}
        </ul>
      )}
      {pictures.length > 0 && (
        <ul aria-label={tr`Pictures`} className="mt-2 flex flex-wrap gap-3">
          {pictures.map((p) => (
            <li key={p.id}>
              <a href={`/api/photos/${p.photo}`}>
                <img
                  src={`/api/photos/${p.photo}`}
                  alt={tr`The piece at ${at(p.at)}${p.says === undefined ? '' : `: ${p.says}`}`}
                  className="border-base-300 h-40 border"
                  loading="lazy"
                />
              </a>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
