// The scrap buckets by weight, from the makings of this pot's glass: clear that may go back, coloured that never does.
import { trNodes } from '../../words/trNodes';
import type { LogLine } from '@zanfirico/contract/making';
import type { PotEventDocument } from '@zanfirico/contract/pot';
import { buckets } from '@zanfirico/core/pot';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { heavyText } from '../../fields/heavy';

interface Props {
  /** Makings of this glass. */
  readonly made: readonly LogLine[];
  readonly entries: readonly PotEventDocument[];
  readonly allowance: number;
  readonly onBack: (mass: number) => void;
}

/** Less than this is not worth carrying, kg. */
const LEAST = 0.05;

export function Scrap({ made, entries, allowance, onBack }: Props) {
  const units = useDisplay((s) => s.units);
  const since = Math.min(...entries.map((e) => e.at));
  if (!Number.isFinite(since)) return null;
  const { clear, coloured } = buckets(
    made.flatMap((l) =>
      l.mass === undefined
        ? []
        : [
            {
              at: l.begunAt,
              taken: l.mass * (1 + allowance),
              stays: l.mass,
              lost: l.outcome === 'lost' || l.ended === 'given up',
              coloured: l.colours.length > 0,
            },
          ],
    ),
    entries.flatMap((e) => (e.kind === 'given back' ? [{ at: e.at, mass: e.mass }] : [])),
    since,
  );
  const back = Math.round(100 * clear) / 100;
  return (
    <section aria-label={tr`Scrap`} className="mt-6">
      <h2 className="text-2xl">{tr`Scrap`}</h2>
      <p className="mt-1 leading-snug">
        {trNodes`Since the pot’s first entry makings left ${(<b className="num">{heavyText(clear, units)}</b>)} clear that has not gone back, and ${(<b className="num">{heavyText(coloured, units)}</b>)} coloured, which never does.`}
      </p>
      {back >= LEAST && (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-1"
          onClick={() => {
            onBack(back);
          }}
        >
          {tr`The clear went back: ${heavyText(back, units)}`}
        </button>
      )}
      <p className="quiet mt-1 max-w-prose text-sm leading-snug">{tr`As drawn and with the shop’s moil; a lost piece leaves all of it. Dry, clean and clear only: one coloured chip tints the pot.`}</p>
    </section>
  );
}
