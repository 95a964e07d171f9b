// What happened to a pot, the newest first; what was entered wrongly is struck.
import type { PotEventDocument } from '@zanfirico/contract/pot';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { dayWords } from '../../clock/dayWords';
import { useDisplay } from '../../stores/display';
import { heavyText } from '../../fields/heavy';

interface Props {
  /** Those that hold, the oldest first. */
  readonly entries: readonly PotEventDocument[];
  readonly onStrike: (id: string) => void;
}

/** Entries told. */
const LATEST = 12;

export function PotHistory({ entries, onStrike }: Props) {
  const units = useDisplay((s) => s.units);
  if (entries.length === 0) return null;
  return (
    <section aria-label={tr`What happened to it`} className="mt-6">
      <h2 className="text-2xl">{tr`What happened to it`}</h2>
      <ul>
        {entries
          .slice(-LATEST)
          .reverse()
          .map((e) => (
            <li key={e.id} className="border-base-300 flex justify-between gap-4 border-b py-1">
              <span>
                <span className="quiet">{dayWords(e.at)}</span> {trWord(e.kind)}
                {e.kind === 'charged' && tr` with ${trWord(e.what)}`}
                {'says' in e && <span className="quiet">, {e.says}</span>}
              </span>
              <span className="flex items-baseline gap-4">
                <span className="num">
                  {e.kind === 'dipped' && printText(e.depth, 'length', units)}
                  {'mass' in e && heavyText(e.mass, units)}
                </span>
                <button
                  type="button"
                  className="link text-sm"
                  aria-label={tr`Not so: ${trWord(e.kind)}, ${dayWords(e.at)}`}
                  onClick={() => {
                    onStrike(e.id);
                  }}
                >
                  {tr`not so`}
                </button>
              </span>
            </li>
          ))}
      </ul>
    </section>
  );
}
