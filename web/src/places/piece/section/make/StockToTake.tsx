// At the torch: what every part is made from and how much to mark, moves as arithmetic, and the cut list.
import type { StockPlan } from '@zanfirico/core/stock';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { StockField } from '../../../../fields/StockField';
import { changeBit, changeMaking, changePart } from '../../../../stores/draft';
import { useDisplay } from '../../../../stores/display';
import { usePiece } from '../../usePiece';
import { StockColour } from './StockColour';
import { CutListView } from './CutListView';
import { Moves } from './Moves';

export function StockToTake() {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  if (!last) return <p className="quiet mt-4">{tr`The stock comes with the form.`}</p>;
  const marked = (plan: StockPlan | undefined, copies: number) =>
    plan && (
      <p className="num text-right whitespace-nowrap">
        {copies > 1 && `${String(copies)} × `}
        {printText(plan.length.value / copies, 'length', units)}
        <span className="quiet block text-xs">{printText(plan.mass.value, 'mass', units)}</span>
      </p>
    );
  return (
    <>
      <h2 className="mt-4 text-lg">{tr`Mark and cut`}</h2>
      <ul>
        {last.parts.map((p) => (
          <li
            key={p.index}
            className="border-base-300 grid grid-cols-[1fr_5.5rem] items-center gap-x-3 border-b py-1"
          >
            <div className="min-w-0">
              <span>
                {p.index + 1} {p.name}
              </span>
              {p.stock && (
                <StockField
                  bare
                  label={tr`Stock for ${p.name}`}
                  value={p.stock.stock}
                  glass={p.glass.id}
                  onChange={(stock) => {
                    if (
                      document.parts.length === 1 &&
                      p.work === 'blown' &&
                      stock.wall !== undefined &&
                      stock.colour === undefined
                    )
                      changeMaking({ tube: { outerDiameter: stock.diameter, wall: stock.wall } });
                    else changePart(p.index, { stock });
                  }}
                />
              )}
              {p.stock && (
                <StockColour
                  label={tr`Colour of the stock for ${p.name}`}
                  family={p.glass.family}
                  stock={p.stock.stock}
                  onChange={(stock) => {
                    changePart(p.index, { stock });
                  }}
                />
              )}
            </div>
            {marked(p.stock, 1) ?? <p className="text-error text-sm">{tr`no bore in this tube`}</p>}
          </li>
        ))}
        {last.bits
          .filter((b) => b.mass > 0)
          .map((b) => (
            <li
              key={`b${String(b.index)}`}
              className="border-base-300 grid grid-cols-[1fr_5.5rem] items-center gap-x-3 border-b py-1"
            >
              <div className="min-w-0">
                <span>{b.name}</span>
                {b.stock && (
                  <StockField
                    bare
                    label={tr`Stock for ${b.name}`}
                    value={b.stock.stock}
                    glass={b.glass.id}
                    onChange={(stock) => {
                      changeBit(b.index, { stock });
                    }}
                  />
                )}
              </div>
              {marked(b.stock, document.bits?.[b.index]?.place.copies ?? 1)}
            </li>
          ))}
      </ul>
      <CutListView />
      <Moves />
    </>
  );
}
