// One making on a list of the log: what it is of, when and by whom, how it came out.
import { tr } from '@zanfirico/core/words';
import type { LogLine } from '@zanfirico/contract/making';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

export const LogRow = ({
  line,
  says,
  children,
}: {
  readonly line: LogLine;
  /** When, or where it is. */
  readonly says: string;
  readonly children: ReactNode;
}) => (
  <li className="border-base-300 flex flex-wrap items-center justify-between gap-3 border-b py-2">
    <Link to={`/bench/${line.id}`} className="hover:text-primary">
      <span className="text-lg">
        {line.name}
        {line.number > 1 && <span className="num">{tr` no. ${line.number}`}</span>}
      </span>{' '}
      <span className="quiet">{[says, line.lead].filter((w) => w !== undefined).join(', ')}</span>
    </Link>
    {children}
  </li>
);
