// A line while the server is away: what is shown is as it was, and what is drawn is kept.
import { CloudOff } from 'lucide-react';
import { useEffect } from 'react';
import { isThere } from '../api/client';
import { answers } from '../api/queries';
import { useServer } from '../api/server';

const ASK_EVERY_MS = 4000;

export function Away() {
  const away = useServer((s) => s.away);
  const gone = away !== undefined;
  useEffect(() => {
    if (!gone) return undefined;
    const timer = setInterval(() => {
      void isThere().then((there) => (there ? answers.invalidateQueries() : undefined));
    }, ASK_EVERY_MS);
    return () => {
      clearInterval(timer);
    };
  }, [gone]);
  if (!away) return null;
  return (
    <p
      role="status"
      className="no-print border-warning bg-base-100 flex items-center gap-2 border-b-2 px-5 py-1.5"
    >
      <CloudOff className="text-warning size-5 shrink-0" />
      The server is away.{' '}
      {away.keptAt !== undefined &&
        `What is shown is as it was at ${new Date(away.keptAt).toTimeString().slice(0, 5)}. `}
      What you draw is kept in this browser, and can be saved when it is back.
    </p>
  );
}
