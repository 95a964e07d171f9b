// Who makes it tonight: each bench with its pair, one tap to begin or to rehearse; the wall beside it.
import { tr } from '@zanfirico/core/words';
import { Flame, MonitorPlay } from 'lucide-react';
import { Link } from 'react-router';
import { studioNow } from '../../api/server';
import { atBenches, useClassMakings } from '../../class/useClass';
import { useTick } from '../wall/WallFrame';
import { useOfClass } from './ClassPlace';

const SLOW = 10_000;

export function TonightSheet() {
  const { lesson } = useOfClass();
  const makings = useClassMakings(lesson.id);
  useTick(SLOW);
  const benches = atBenches(lesson, makings.data ?? [], studioNow());
  const nameOf = (id: string): string => lesson.students.find((s) => s.id === id)?.name ?? '';
  return (
    <div className="mt-4">
      <Link to={`/wall/class/${lesson.id}`} className="btn btn-primary">
        <MonitorPlay className="size-5" /> {tr`The teacher’s wall`}
      </Link>
      {benches.length === 0 && (
        <p className="quiet mt-4 text-lg">{tr`Nobody is at a bench yet: put the class in pairs under Exercise.`}</p>
      )}
      <ul className="mt-4 grid gap-x-10 gap-y-4 md:grid-cols-2">
        {lesson.benches.map((b, i) => {
          const making = benches[i]?.making;
          return (
            <li key={b.name} className="border-base-300 border-t pt-2">
              <h2 className="text-2xl">{b.name}</h2>
              {making && (
                <p>
                  <Link to={`/bench/${making.id}`} className="link text-lg">
                    {tr`${nameOf(making.student)} is at it`}
                    {making.rehearsal && tr`, rehearsing`}
                  </Link>
                </p>
              )}
              <ul>
                {b.pair.map((id) => (
                  <li key={id} className="flex flex-wrap items-center gap-3 py-1">
                    <span className="min-w-32 text-lg">{nameOf(id)}</span>
                    <Link
                      className="btn btn-sm"
                      to={`/bench/begin/${lesson.piece}?${new URLSearchParams({ class: lesson.id, student: id, bench: b.name }).toString()}`}
                    >
                      <Flame className="size-4" /> {tr`Begin, or rehearse`}
                    </Link>
                  </li>
                ))}
              </ul>
            </li>
          );
        })}
      </ul>
      <p className="quiet mt-6 leading-snug">{tr`For homework: rehearse without glass, at any screen. Said every time: turn steadily; slow down, not faster, when off centre; light fingertips when breaking off; the partner opens the door wide; do not hammer.`}</p>
    </div>
  );
}
