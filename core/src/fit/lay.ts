// Colour laid on a part between its gathers: what the shop's amounts come to as thickness, at the gather and everywhere on
// the finished wall.
import type { Amount } from '@zanfirico/contract/piece';
import { glassOnIron, thicknessFor, type Dip } from '../gather/layers';
import type { Glass } from '../glass/glass';
import { strainOf } from '../glass/viscosity';
import type { Colour } from './colour';
import type { FitGlass, FitLayer } from './judgeStack';

/** One layer as the document has it; `after` counts gathers: 1 is on the first gather, under the second. */
export interface LaidColour {
  readonly colour: Colour;
  readonly amount: Amount;
  readonly after: number;
}

/** Glass a roll in powder takes up, kg/m² of skin. Common practice, no source: about half a millimetre of powder, loose. */
export const PASS = 0.35;

/** Powder between thumb and two fingers, kg. Common practice, no source: three pinches to the gram. */
export const PINCH = 0.00035;

/** Glass in an amount, m³. `skin` is the outside of the gather it is laid on, m² (for passes). */
export function amountVolume(amount: Amount, density: number, skin: number): number {
  switch (amount.kind) {
    case 'bar':
      return (Math.PI / 4) * amount.diameter ** 2 * amount.length;
    case 'weight':
      return amount.mass / density;
    case 'passes':
      return (amount.count * PASS * skin) / density;
    case 'pinches':
      return (amount.count * PINCH) / density;
    case 'canes':
      return amount.count * (Math.PI / 4) * amount.diameter ** 2 * amount.length;
    case 'coats':
      return amount.count * amount.thickness * skin;
    case 'pieces':
      return amount.count * (Math.PI / 6) * amount.diameter ** 3;
  }
}

/** A layer of the finished wall, from inside to outside. */
export interface WallShare {
  /** The colour, or undefined for the part's own glass; where that is coloured stock, its colour. */
  readonly colour: Colour | undefined;
  /** Its place in the list of laid colours; undefined for glass. */
  readonly laid: number | undefined;
  /** Its share of the wall: the same everywhere, for all layers stretch alike. */
  readonly share: number;
  /** Thickness all round when it was laid, m. */
  readonly atGather: number;
  readonly volume: number;
  readonly mass: number;
}

/** What the laying needs: glass volumes on the iron after each gather, m³. */
export interface Laying {
  readonly glass: Glass;
  /** Glass volume on the iron after each gather, without colour. */
  readonly gathered: readonly number[];
  readonly dip: Dip;
  readonly laid: readonly LaidColour[];
  /** What it is of throughout, where it is made of coloured tubing or rod. */
  readonly own?: Colour | undefined;
}

/**
 * The wall's layers from inside to outside. Colour laid after gather k lies over k gathers and under the rest; several
 * after the same gather lie in the order of the list. Neighbouring gathers of plain glass are one layer.
 */
export function layWall({ glass, gathered, dip, laid, own }: Laying): WallShare[] {
  const shares: {
    colour: Colour | undefined;
    laid: number | undefined;
    volume: number;
    atGather: number;
  }[] = [];
  let on = 0;
  const grow = (volume: number): number => {
    const before = on === 0 ? 0 : thicknessFor(dip, on);
    on += volume;
    return thicknessFor(dip, on) - before;
  };
  const skinNow = (): number => {
    // Skin by the change of volume with thickness: exact for a capsule.
    const h = on === 0 ? 0 : thicknessFor(dip, on);
    const step = 1e-6;
    return (glassOnIron(dip, h + step) - glassOnIron(dip, h)) / step;
  };
  gathered.forEach((total, i) => {
    const brings = total - (gathered[i - 1] ?? 0);
    const atGather = grow(brings);
    const last = shares[shares.length - 1];
    if (last && last.laid === undefined) {
      last.volume += brings;
      last.atGather += atGather;
    } else shares.push({ colour: own, laid: undefined, volume: brings, atGather });
    laid.forEach((l, k) => {
      const after = Math.min(gathered.length, Math.max(1, l.after));
      if (after !== i + 1 || l.amount.kind === 'pieces') return;
      const volume = amountVolume(l.amount, l.colour.density, skinNow());
      if (volume > 0) shares.push({ colour: l.colour, laid: k, volume, atGather: grow(volume) });
    });
  });
  const all = shares.reduce((sum, s) => sum + s.volume, 0);
  return shares.map((s) => ({
    ...s,
    share: s.volume / all,
    mass: s.volume * (s.colour?.density ?? glass.density),
  }));
}

/** The part's own glass as fit asks for it. */
export const asFitGlass = (glass: Glass): FitGlass => ({
  id: glass.id,
  name: glass.name,
  family: glass.family,
  expansion: glass.expansion,
  youngsModulus: glass.youngsModulus,
  poisson: glass.poisson,
  strainPoint: strainOf(glass),
  softening: glass.softening,
  stressOptical: glass.stressOptical,
  holds: glass.holds,
});

/**
 * The stack at a place where the whole wall is so thick, m. Leaf and fume carry no load: so thin a metal tears or yields
 * with the glass.
 */
export const stackAt = (shares: readonly WallShare[], glass: FitGlass, wall: number): FitLayer[] =>
  shares
    .filter((s) => s.colour?.family !== 'other')
    .map((s) => ({ glass: s.colour ?? glass, thickness: Math.max(1e-7, s.share * wall) }));
