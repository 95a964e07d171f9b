// Tonight in one line under the drawing, so that a pull on the wall is seen in the box at once.
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { useDisplay } from '../../../stores/display';
import { clockWords } from '../../../clock/clockWords';
import { usePiece } from '../usePiece';

export function TonightLine() {
  const units = useDisplay((s) => s.units);
  const { document, last, derived, night } = usePiece();
  if (!last) return null;
  const { rows, total } = last.schedule;
  const door = clockWords(document.firing.lastIn, total.value);
  const parts = rows
    .filter((row) => row.kind !== 'climb' && row.kind !== 'hold')
    .map((row) => {
      const to = printText(row.to, 'temperature', units);
      if (row.kind === 'soak') return tr`soak ${printDuration(row.duration)} at ${to}`;
      return row.rate === undefined
        ? tr`the box’s own fall to ${to}`
        : tr`${printText(row.rate, 'rate', units)} to ${to}`;
    });
  return (
    <p
      className={`bg-base-100 border-base-300 border-t px-5 py-2 leading-snug ${derived.ok ? '' : 'opacity-50'}`}
    >
      <Link to="../night" className="font-display mr-2 text-lg font-semibold underline">
        {tr`Tonight`}
      </Link>
      {tr`${parts.join(tr`, then `)}. Door ${door.time} ${door.day}.`}
      {/* As wide when it is not said: nothing on the sheet moves when the checked night comes. */}
      <span
        className={night?.state === 'checked' ? 'invisible' : 'quiet'}
        aria-hidden={night?.state === 'checked'}
      >
        {' '}
        {tr`(about)`}
      </span>
    </p>
  );
}
