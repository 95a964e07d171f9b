// The Colour sheet: what lies in the wall from inside to outside, whether it holds together, and how it will look.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useBoard } from '../../../stores/board';
import { useDisplay } from '../../../stores/display';
import { usePiece } from '../usePiece';
import { Amounts } from './Amounts';
import { ColourStrip } from './ColourStrip';
import { FitVerdict } from './FitVerdict';
import { RackPicker } from './RackPicker';
import { StackEditor } from './StackEditor';
import { useColouring } from './useColouring';
import { WallPicture } from './WallPicture';

export function ColourSheet() {
  const { document } = usePiece();
  const colouring = useColouring();
  const units = useDisplay((s) => s.units);
  const takePart = useBoard((s) => s.takePart);
  if (!colouring) return <p className="px-6 py-16">{tr`The colour comes with the form.`}</p>;
  const { part, index, fit } = colouring;
  const worst = fit.places[fit.worst];
  return (
    <div className="grid gap-x-10 px-6 py-4 lg:grid-cols-[23rem_1fr]">
      <div>
        <div className="flex items-baseline gap-3">
          <h2 className="text-2xl">{tr`In the wall`}</h2>
          {document.parts.length > 1 && (
            <select
              className="select"
              aria-label={tr`Part`}
              value={index}
              onChange={(e) => {
                takePart(Number(e.target.value));
              }}
            >
              {document.parts.map((p, i) => (
                <option key={i} value={i}>
                  {i + 1} {p.name}
                </option>
              ))}
            </select>
          )}
        </div>
        <StackEditor colouring={colouring} />
        <Amounts colouring={colouring} />
      </div>
      <div className="min-w-0">
        <div className="grid gap-x-8 xl:grid-cols-[1fr_19rem]">
          <div className="min-w-0">
            <figure>
              <figcaption className="flex items-baseline gap-2">
                <span className="font-display text-2xl font-semibold">{tr`Push and pull`}</span>
                {worst && (
                  <span className="quiet text-sm">
                    {tr`where it is worst: ${printText(worst.wall, 'length', units)} of wall, ${printText(worst.height - part.shape.lowest, 'length', units)} up`}
                  </span>
                )}
              </figcaption>
              <WallPicture colouring={colouring} />
            </figure>
            <ColourStrip colouring={colouring} />
          </div>
          <FitVerdict colouring={colouring} />
        </div>
        <RackPicker colouring={colouring} />
      </div>
    </div>
  );
}
