// One colour in the rack: its rod, its number and whose it is, what it would do on the base in mind.
import { trNodes } from '../../words/trNodes';
import type { OverlayFit } from '@zanfirico/core/fit';
import { stockFor, type RackLine } from '@zanfirico/core/rack';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { ColourRod } from '../../marks/ColourRod';
import { SPEAKER_WORDS } from '../../marks/speakers';
import { VerdictWord } from '../../marks/Verdict';
import { useDisplay } from '../../stores/display';
import { shownNumber } from '../../fields/shown';

/** A row is so tall, px. */
export const ROW = 68;

interface Props {
  readonly line: RackLine;
  readonly top: number;
  readonly index: number;
  readonly count: number;
  readonly chosen: boolean;
  readonly fit: OverlayFit | undefined;
  readonly onTake: () => void;
}

export function RodRow({ line, top, index, count, chosen, fit, onTake }: Props) {
  const { entry, spoken, colour, own } = line;
  const units = useDisplay((s) => s.units);
  const stock = [...new Set(entry.stock.map((s) => s.form))]
    .flatMap((form) => {
      const mass = stockFor(
        entry.stock.filter((s) => s.form === form),
        form === 'bar' ? 'bar' : form === 'powder' || form === 'frit' ? 'passes' : 'canes',
        colour.density,
      );
      return mass === undefined ? [] : [`${trWord(form)} ${printText(mass, 'mass', units)}`];
    })
    .join(', ');
  return (
    <div
      id={`colour-${entry.id}`}
      role="option"
      aria-selected={chosen}
      aria-posinset={index + 1}
      aria-setsize={count}
      // The list takes the keys for all of its options.
      tabIndex={-1}
      className={`border-base-300/60 absolute flex w-full cursor-pointer items-center gap-4 border-b px-2 max-sm:gap-2 ${
        chosen ? 'bg-base-300/50' : 'hover:bg-base-300/25'
      } ${entry.retired ? 'opacity-60' : ''}`}
      style={{ top, height: ROW }}
      onClick={onTake}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') onTake();
      }}
    >
      <ColourRod colour={colour} className="h-8 w-[38%] shrink-0 max-sm:w-14" />
      <div className="min-w-0 flex-1 leading-tight">
        <p className="font-display truncate text-xl font-semibold">{entry.name}</p>
        <p className="quiet truncate text-sm">
          <span className="num">{shownNumber(spoken.expansion.value * 1e7, 1)}</span>{' '}
          {SPEAKER_WORDS[spoken.expansion.by]}
          {entry.holds.length > 0 && ` · ${entry.holds.join(' ')}`}
          {entry.strikes && tr` · strikes`}
          {entry.keepOffFood && tr` · off food`}
          {entry.retired && tr` · retired`}
          {own && stock !== '' && ` · ${stock}`}
        </p>
      </div>
      <div className="w-28 shrink-0 text-right leading-tight max-sm:w-24">
        {fit ? (
          <>
            {fit.verdict ? (
              <VerdictWord verdict={fit.verdict} />
            ) : (
              <span className="quiet text-sm">{tr`not judged`}</span>
            )}
            {fit.byNumber && fit.byNumber !== fit.verdict && (
              <p className="quiet text-xs">
                {trNodes`by number ${(<VerdictWord verdict={fit.byNumber} />)}`}
              </p>
            )}
            <p className="quiet text-sm">
              {fit.verdict === undefined ? (
                tr`${trWord(fit.as)} carries no stress`
              ) : fit.colour === 'at rest' ? (
                tr`at rest`
              ) : (
                <>
                  {trWord(fit.colour)}{' '}
                  <span className="num">{shownNumber(fit.tension / 1e6, 1)}</span> MPa
                </>
              )}
              {fit.as === 'grain' && <span className="block text-xs">{tr`as a grain`}</span>}
              {fit.tested && <span className="block text-xs">{tr`tested`}</span>}
              {fit.reacts && (
                <span className="text-warning block text-xs">{tr`darkens on it`}</span>
              )}
            </p>
          </>
        ) : (
          <span className="quiet text-sm">…</span>
        )}
      </div>
    </div>
  );
}
