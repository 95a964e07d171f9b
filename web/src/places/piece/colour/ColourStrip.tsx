// The colour from base to lip as it will look: over white, over black, thick to thin as the wall goes.
import { BLACK, depthRemark, hexOf, lookThrough, WHITE } from '@zanfirico/core/fit';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import type { Colouring } from './useColouring';

export function ColourStrip({ colouring }: { readonly colouring: Colouring }) {
  const { fit, shares, part } = colouring;
  const units = useDisplay((s) => s.units);
  const colours = shares.filter((s) => s.colour);
  if (colours.length === 0) return null;
  const { places } = fit;
  const row = (name: string, ground: typeof WHITE) => (
    <div className="flex h-9 items-stretch" role="img" aria-label={tr`${name}, base to lip`}>
      {places.map((p, i) => (
        <span
          key={i}
          className="flex-1"
          style={{ background: hexOf(lookThrough(shares, p.wall, ground)) }}
        />
      ))}
    </div>
  );
  const remarks = colours.flatMap((s) => {
    if (!s.colour) return [];
    const thick = depthRemark(s.colour.seen, s.share * part.shape.thickest.wall);
    const thin = depthRemark(s.colour.seen, s.share * part.shape.thinnest.wall);
    if (thick === 'near black')
      return [tr`${s.colour.name} will be near black where it is thickest.`];
    if (thin === 'vanishes') return [tr`${s.colour.name} can hardly be seen where it is thinnest.`];
    return [];
  });
  return (
    <section className="mt-4" aria-label={tr`As it will look`}>
      <h2 className="text-2xl">{tr`As it will look`}</h2>
      <p className="quiet text-sm">{tr`from outside, base to lip, cold; everything glows orange hot`}</p>
      <div className="mt-1 grid grid-cols-[5.5rem_1fr] items-center gap-x-2">
        <span className="quiet text-sm">{tr`over white`}</span>
        {row(tr`Over white`, WHITE)}
        <span className="quiet text-sm">{tr`over black`}</span>
        {row(tr`Over black`, BLACK)}
        <span className="quiet text-sm">{tr`wall`}</span>
        <p className="num flex justify-between text-sm">
          {[0, 0.25, 0.5, 0.75, 1].map((at) => (
            <span key={at}>
              {printText(places[Math.round(at * (places.length - 1))]?.wall ?? 0, 'length', units)}
            </span>
          ))}
        </p>
      </div>
      {remarks.map((r) => (
        <p key={r} className="text-warning mt-1">
          {r}
        </p>
      ))}
    </section>
  );
}
