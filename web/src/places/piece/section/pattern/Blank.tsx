// The blank: drawn, as wide a share of the final form as is wanted, in numbers, and whether it holds the same glass.
import type { PiecePattern, ProfilePoint } from '@zanfirico/contract/piece';
import type { measurePart } from '@zanfirico/core/form';
import { LEAST_BLANK, MOST_BLANK, shrunkBlank } from '@zanfirico/core/form/pattern';
import type { PlannedPart } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { useNotices } from '../../../../stores/notices';
import { usePiece } from '../../usePiece';
import { BlankDrawing } from './BlankDrawing';
import { BlankTable } from './BlankTable';

/** Glass in blank and final form may differ by this share before it is said. */
const SAME_GLASS = 0.03;

interface Props {
  readonly pattern: PiecePattern;
  readonly blank: ReturnType<typeof measurePart>;
  /** The part it ends on, and its profile as drawn. */
  readonly part: PlannedPart | undefined;
  readonly drawn: readonly ProfilePoint[] | undefined;
  readonly set: (change: Partial<PiecePattern>) => void;
}

export function BlankLeaf({ pattern, blank, part, drawn, set }: Props) {
  const { carried } = usePiece();
  const { trouble } = useNotices();
  const share =
    blank.ok && part
      ? Math.min(MOST_BLANK, Math.max(LEAST_BLANK, blank.shape.widest / part.shape.widest))
      : 0.7;
  return (
    <>
      <h2 className="mt-4 text-lg">{tr`The blank`}</h2>
      {blank.ok && <BlankDrawing shape={blank.shape} carried={carried} />}
      <label className="mt-1 flex items-center gap-3">
        <span className="quiet text-sm whitespace-nowrap">{tr`Share of the final width`}</span>
        <input
          type="range"
          className="range range-xs range-primary"
          min={LEAST_BLANK}
          max={MOST_BLANK}
          step={0.01}
          value={share}
          aria-valuetext={`${String(Math.round(share * 100))} %`}
          onChange={(e) => {
            const wanted = Number(e.target.value);
            const next = drawn && part && shrunkBlank(drawn, wanted, part.glass.poisson);
            if (next) set({ blank: next.map((p) => ({ ...p })) });
            else
              trouble(
                tr`At ${Math.round(wanted * 100)} % of the width the blank would be solid; the smallest hollow one is a little wider.`,
              );
          }}
        />
        <span className="num w-14 text-right text-sm whitespace-nowrap">
          {Math.round(share * 100)} %
        </span>
      </label>
      <BlankTable pattern={pattern} set={set} />
      {carried && Math.abs(carried.map.glassRatio - 1) > SAME_GLASS && (
        <p className="text-warning mt-1 text-sm leading-snug">
          {tr`The blank holds ${Math.round(carried.map.glassRatio * 100)} % of the final form’s glass: `}
          {carried.map.glassRatio > 1
            ? tr`what is over is trimmed or stays on the iron.`
            : tr`the lip comes from glass the blank does not have; thicken it or gather over it.`}
        </p>
      )}
    </>
  );
}
