// What this glass or colour was tested with, and what came of it.
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { pointsText } from '../../../marks/speakers';
import { useRack } from '../../../stores/theRack';

export function PairTests({ id }: { readonly id: string }) {
  const rack = useRack((s) => s.rack);
  const tests = useRack((s) => s.tests);
  const others = [
    ...new Set(
      tests
        .filter((t) => t.first === id || t.second === id)
        .map((t) => (t.first === id ? t.second : t.first)),
    ),
  ];
  return (
    <div className="mt-5">
      <h3 className="text-xl">{tr`Tested with`}</h3>
      <ul>
        {others.map((other) => {
          const found = rack.tested(id, other);
          return (
            <li key={other} className="border-base-300 flex justify-between border-b py-1">
              <span>{rack.line(other)?.entry.name ?? other}</span>
              <span className="num text-sm">
                {found
                  ? `${pointsText(found.value, found.error)} (${String(found.tests)})`
                  : tr`set aside`}
              </span>
            </li>
          );
        })}
      </ul>
      <Link to={`/rack/tests?first=${encodeURIComponent(id)}`} className="link text-sm">
        {others.length === 0 ? tr`Untested: pull a thread` : tr`Another test`}
      </Link>
    </div>
  );
}
