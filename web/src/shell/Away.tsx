// A line while the server is away: what is shown is as it was, and what is drawn is kept.
import { tr } from '@zanfirico/core/words';
import { Clock, CloudOff, DoorClosed } from 'lucide-react';
import { useEffect } from 'react';
import { isThere } from '../api/client';
import { answers } from '../api/queries';
import { useServer } from '../api/server';

const ASK_EVERY_MS = 4000;
/** A clock that is further off is told, ms. */
const TOLD_MS = 60_000;

const clockWords = (ahead: number): string => {
  const minutes = Math.round(Math.abs(ahead) / 60_000);
  const much = minutes < 90 ? `${String(minutes)} min` : `${String(Math.round(minutes / 60))} h`;
  return `${much} ${ahead > 0 ? 'behind' : tr`ahead of`}`;
};

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
  const isOut = useServer((s) => s.isOut);
  const ahead = useServer((s) => s.ahead);
  if (isOut)
    return (
      <p
        role="alert"
        className="no-print border-error bg-base-100 flex flex-wrap items-center gap-2 border-b-2 px-5 py-1.5"
      >
        <DoorClosed className="text-error size-5 shrink-0" />
        {tr`This screen is not let in any more, or was not used for long. What was done here is kept in it.`}
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => {
            // The server shows its pairing page in the place of every page; then it goes on here.
            location.reload();
          }}
        >
          {tr`Let it in again`}
        </button>
      </p>
    );
  if (!away)
    return Math.abs(ahead) < TOLD_MS ? null : (
      <p
        role="status"
        className="no-print border-base-300 bg-base-100 flex items-center gap-2 border-b px-5 py-1"
      >
        <Clock className="text-warning size-5 shrink-0" />
        {tr`This screen’s clock is ${clockWords(ahead)} the studio’s. The studio’s is used.`}
      </p>
    );
  return (
    <p
      role="status"
      className="no-print border-warning bg-base-100 flex items-center gap-2 border-b-2 px-5 py-1.5"
    >
      <CloudOff className="text-warning size-5 shrink-0" />
      {tr`The server is away. `}
      {away.keptAt !== undefined &&
        tr`What is shown is as it was at ${new Date(away.keptAt).toTimeString().slice(0, 5)}. `}
      {tr`What you draw is kept in this browser, and can be saved when it is back.`}
    </p>
  );
}
