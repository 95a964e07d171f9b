// The rack at this build-up: every colour as it would look here, and whether it would hold; a key lays it.
import { trNodes } from '../../../words/trNodes';
import type { PieceColour } from '@zanfirico/contract/piece';
import { asFitGlass, type Colour, type OverlayFit } from '@zanfirico/core/fit';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useState } from 'react';
import { FindField } from '../../../fields/FindField';
import { ColourRod } from '../../../marks/ColourRod';
import { VerdictWord } from '../../../marks/Verdict';
import { changePart } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { useSize } from '../../../marks/useSize';
import { useOverlays } from '../../../derived/useOverlays';
import { firstAmount } from './amounts';
import type { Colouring } from './useColouring';
import { ALL_ROWS, usePaper } from '../../../shell/paper';

/** A colour not yet laid is looked at this deep in the wall, m: an ordinary overlay after blowing. From memory. */
const ORDINARY = 0.0005;
/** A colour takes so much width and height, px. */
const CELL = 200;
const ROW = 60;
/** With more than so many the list scrolls by itself, rows. */
const MOST_ROWS = 8;

export function RackPicker({ colouring }: { readonly colouring: Colouring }) {
  const { index, laid, part, wall, form, tolerance, rack, clears } = colouring;
  const all = useRack((s) => s.rack);
  const units = useDisplay((s) => s.units);
  const [wanted, setWanted] = useState('');
  const base = useMemo(() => asFitGlass(part.glass), [part.glass]);
  // Each on its own over a wall of the part's glass: what it would bring, whatever else is laid.
  const offered = useMemo(() => [...rack, ...clears], [rack, clears]);
  const fits = useOverlays(all, offered, base, { wall, overlay: ORDINARY, form }, tolerance);
  const found = useMemo(() => {
    const text = wanted.trim().toLowerCase();
    return text === '' ? offered : offered.filter((c) => c.name.toLowerCase().includes(text));
  }, [offered, wanted]);
  const [box, { width }] = useSize<HTMLDivElement>();
  const columns = Math.max(1, Math.floor(width / CELL));
  const rows = Math.ceil(found.length / columns);
  // The virtualiser keeps functions of its own; nothing here is memoised by the compiler.
  const paper = usePaper((s) => s.on);
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: paper ? ALL_ROWS : 4,
  });
  const add = (c: Colour): void => {
    const layer: PieceColour = { colour: c.id, after: 1, amount: firstAmount(c) };
    changePart(index, { colours: [...laid, layer] });
  };
  return (
    <section className="mt-5" aria-label={tr`Colours in the rack`}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-2xl">{tr`The rack, here`}</h2>
        <p className="quiet min-w-0 flex-1 text-sm">{tr`whether ${printText(ORDINARY, 'length', units)} of it alone would hold on this wall; each rod from ${printText(0.006, 'length', units)} deep to a thread`}</p>
        <FindField
          label={tr`Find a colour`}
          placeholder={tr`name`}
          value={wanted}
          onChange={setWanted}
          wide="w-36"
        />
      </div>
      <div
        ref={box}
        className="mt-2 overflow-y-auto"
        style={{ height: Math.min(MOST_ROWS, Math.max(1, rows)) * ROW }}
      >
        {found.length === 0 && <p className="quiet py-3">{tr`No colour here is called that.`}</p>}
        <div className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map((item) => (
            <ul
              key={item.key}
              className="absolute grid w-full gap-x-5"
              style={{
                top: item.start,
                height: ROW,
                gridTemplateColumns: `repeat(${String(columns)}, minmax(0, 1fr))`,
              }}
            >
              {found.slice(item.index * columns, (item.index + 1) * columns).map((c) => (
                <Cell
                  key={c.id}
                  colour={c}
                  fit={fits?.get(c.id)}
                  onLay={() => {
                    add(c);
                  }}
                />
              ))}
            </ul>
          ))}
        </div>
      </div>
    </section>
  );
}

/** What was judged, and how each school has it. */
function saidOf(fit: OverlayFit): string {
  if (fit.verdict === undefined) return tr`as ${trWord(fit.as)}, not judged: it carries no stress`;
  const tested = fit.tested ? tr`, tested` : '';
  const number = fit.byNumber === undefined ? '' : tr`, by number ${trWord(fit.byNumber)}`;
  return tr`as a ${trWord(fit.as)} ${trWord(fit.verdict)}, ${(fit.tension / 1e6).toFixed(1)} MPa${number}${trWord(tested)}`;
}

function Cell({
  colour,
  fit,
  onLay,
}: {
  readonly colour: Colour;
  readonly fit: OverlayFit | undefined;
  readonly onLay: () => void;
}) {
  const says = fit ? saidOf(fit) : tr`not judged yet`;
  return (
    <li>
      <button
        type="button"
        className="hover:bg-base-300/40 flex h-full w-full flex-col justify-start px-1 py-1 text-left leading-tight"
        aria-label={tr`Lay ${colour.name}: ${says}`}
        onClick={onLay}
      >
        <ColourRod colour={colour} className="h-5 w-full" />
        <span className="flex w-full items-baseline gap-2">
          <span className="min-w-0 flex-1 truncate">{colour.name}</span>
          <span className="quiet num text-sm">{(colour.expansion * 1e7).toFixed(0)}</span>
          {fit?.verdict ? (
            <VerdictWord verdict={fit.verdict} />
          ) : (
            fit && <span className="quiet text-sm">{tr`${trWord(fit.as)}: not judged`}</span>
          )}
        </span>
        {fit?.byNumber && fit.byNumber !== fit.verdict && (
          <span className="quiet block text-right text-xs leading-none">
            {trNodes`by number ${(<VerdictWord verdict={fit.byNumber} />)}`}
          </span>
        )}
        {fit?.as === 'grain' && (
          <span className="quiet block text-right text-xs leading-none">{tr`as a grain`}</span>
        )}
      </button>
    </li>
  );
}
