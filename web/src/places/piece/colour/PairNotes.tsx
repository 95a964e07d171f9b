// Each colour with the part's glass: whose number it goes by, what the shop's tests say, or the bow to look for.
import { trNodes } from '../../../words/trNodes';
import { bowFor, type Colour, type FitGlass } from '@zanfirico/core/fit';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { pointsText, SPEAKER_WORDS } from '../../../marks/speakers';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { shownNumber } from '../../../fields/shown';

/** The customary thread: 1 mm, halves equal, looked at over 300 mm. Common practice, no source. */
const THREAD = { length: 0.3, half: 0.0005 } as const;

export function PairNotes({
  colours,
  glass,
  fall,
}: {
  readonly colours: readonly Colour[];
  readonly glass: FitGlass;
  readonly fall: number;
}) {
  const rack = useRack((s) => s.rack);
  const tests = useRack((s) => s.tests);
  const units = useDisplay((s) => s.units);
  const pairs = [...new Map(colours.map((c) => [c.id, c])).values()].filter(
    (c) => c.family !== 'other' && c.id !== glass.id,
  );
  if (pairs.length === 0) return null;
  return (
    <ul className="mt-3 flex flex-col gap-1.5 text-sm leading-snug" aria-label={tr`With the clear`}>
      {pairs.map((c) => {
        const tested = rack.tested(c.id, glass.id);
        const by = rack.line(c.id)?.spoken.expansion.by ?? 'representative';
        const newest = tests.find(
          (t) =>
            t.counts &&
            [t.first, t.second].includes(c.id) &&
            [t.first, t.second].includes(glass.id),
        );
        const bow = bowFor(
          {
            length: THREAD.length,
            thickness: [THREAD.half, THREAD.half],
            youngsModuli: [c.youngsModulus, glass.youngsModulus],
            fall,
          },
          c.expansion - glass.expansion,
        );
        return (
          <li key={c.id}>
            <span className="font-bold">{c.name}</span>{' '}
            <span className="num">{shownNumber(c.expansion * 1e7, 1)}</span>, {SPEAKER_WORDS[by]}.{' '}
            {tested ? (
              <>
                {trNodes`Tested with this glass: ${(<span className="num">{pointsText(tested.value, tested.error)}</span>)}`}
                {newest && `, ${newest.at.slice(0, 10)}`}
                {trNodes`${newest?.lot !== undefined && tr`, lot ${newest.lot}`}; the test is what counts here.`}
              </>
            ) : (
              <span className="quiet">
                {tr`Untested: a thread of ${printText(0.001, 'length', units)} should bow ${printText(Math.abs(bow), 'length', units)} over ${printText(0.3, 'length', units)}. `}
                <Link
                  className="link"
                  to={`/rack/tests?first=${encodeURIComponent(c.id)}&second=${encodeURIComponent(glass.id)}`}
                >
                  {tr`Test it`}
                </Link>
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
