// What every wall stands in: its name, the clock, and its age when it is cut off. Nothing has to be touched; a key makes it as large as the screen.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { Maximize } from 'lucide-react';
import { format } from 'date-fns';
import { useEffect, useState, type ReactNode } from 'react';
import { studioNow, useServer } from '../../api/server';
import { useAwake } from '../../making/useAwake';
import { clockText } from '../../marks/braid/strands';
import { IconButton } from '../../shell/IconButton';
import { titled } from '../../shell/usePageTitle';

/** Heard of longer ago than this, what is shown is old, ms. */
const OLD = 12_000;
const TICK = 1000;

/** The moment, ticking. */
export function useTick(every = TICK): number {
  const [now, setNow] = useState(studioNow);
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(studioNow());
    }, every);
    return () => {
      clearInterval(timer);
    };
  }, [every]);
  return now;
}

interface Props {
  readonly title: string;
  /** When what is shown was heard, ms by this screen's clock; undefined until then. */
  readonly heardAt: number | undefined;
  readonly children: ReactNode;
}

export function WallFrame({ title, heardAt, children }: Props) {
  const now = useTick();
  const ahead = useServer((s) => s.ahead);
  useAwake();
  useEffect(() => {
    document.title = titled(title, tr`Wall`);
  }, [title]);
  const age = heardAt === undefined ? 0 : now - ahead - heardAt;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-[2vmin] py-[1.5vmin]">
      <div className="flex items-baseline gap-[2vmin]">
        <h1 className="min-w-0 flex-1 truncate text-[4.5vmin] leading-none">{title}</h1>
        <span className="num text-[4.5vmin] leading-none">{format(now, 'HH:mm')}</span>
        <IconButton
          label={tr`As large as the screen`}
          onClick={() => {
            void document.documentElement.requestFullscreen().catch(() => undefined);
          }}
        >
          <Maximize className="size-5" />
        </IconButton>
      </div>
      {heardAt !== undefined && age > OLD && (
        <p role="status" className="text-warning mt-[1vmin] text-[4vmin] leading-tight font-bold">
          {trNodes`Cut off: this is as it was at ${(<span className="num">{format(heardAt + ahead, 'HH:mm:ss')}</span>)}`}
          , {trNodes`${(<span className="num">{clockText(age / 1000)}</span>)} ago.`}
        </p>
      )}
      {children}
    </div>
  );
}
