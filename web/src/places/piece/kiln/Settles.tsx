// What a laid piece comes to: whether it keeps its outline, how thick it is in the middle and at its edge, what its dams hold, whether it lies on its shelf.
import { trNodes } from '../../../words/trNodes';
import { outlineBounds, type FiredPiece } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import { usePiece } from '../usePiece';

/** What it comes to, in one sentence and its figures. */
export function Settles({
  fired,
  shelf,
}: {
  readonly fired: FiredPiece;
  readonly shelf:
    { readonly width: number; readonly depth: number; readonly name: string } | undefined;
}) {
  const units = useDisplay((s) => s.units);
  const { document, last } = usePiece();
  const mm = (v: number): string => printText(v, 'length', units);
  const flat = fired.firings.findLast((f) => f.aim !== 'slump' && f.aim !== 'drape');
  const went = flat?.went ?? 0;
  const dam = document.kiln?.dam;
  const b = outlineBounds([fired.outlineAfter]);
  const [across, along] = [b.right - b.left, b.far - b.near];
  const high = Math.max(fired.laidThick, flat?.middle ?? 0, flat?.edge ?? 0);
  return (
    <div>
      <h2 className="text-2xl leading-tight">
        {Math.abs(went) < 5e-4
          ? tr`It keeps its outline`
          : went < 0
            ? tr`It draws in ${mm(-went)} all round`
            : tr`It spreads ${mm(went)} all round`}
      </h2>
      <p className="mt-1 leading-snug">
        {trNodes`Laid ${(<b className="num">{mm(fired.laidThick)}</b>)} thick; fired ${(<b className="num">{mm(flat?.middle ?? fired.thick)}</b>)} in the middle, ${(<b className="num">{mm(flat?.edge ?? fired.thick)}</b>)} at its edge; ${(<b className="num">{printText(last?.whole.mass ?? 0, 'mass', units)}</b>)} of glass.`}
      </p>
      {dam !== undefined && (
        <p className="mt-1 leading-snug">
          {dam < high
            ? tr`The dams stand ${mm(dam)}: the glass behind them stands ${mm(high)} and runs over.`
            : tr`Behind its dams are ${printText(fired.volume, 'volume', units)} of glass; they hold it.`}
        </p>
      )}
      {shelf && (across > shelf.width || along > shelf.depth) && (
        <p role="alert" className="text-warning mt-1 leading-snug">
          {tr`Fired it is ${mm(across)} × ${mm(along)}; the shelf of ${shelf.name} is ${mm(shelf.width)} × ${mm(shelf.depth)}: it does not lie on it.`}
        </p>
      )}
      {fired.bare > 0.03 && (
        <p className="mt-1 leading-snug">
          {tr`${Math.round(100 * fired.bare)} of 100 parts within its outline are bare shelf: gaps close only where glass runs into them.`}
        </p>
      )}
      <p className="quiet mt-1 text-sm leading-snug">{tr`By its own viscosity; an edge is good to half as much again.`}</p>
    </div>
  );
}
