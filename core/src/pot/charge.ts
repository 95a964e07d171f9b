// A charge: how far it cools the pot, how long until the pot is hot again, and when it is free of seed: fit to gather.
import type { Charged } from '@zanfirico/contract/pot';
import { MELT_HEAT, MELTING } from '../glass/melting';
import type { Vft } from '../glass/viscosity';
import { clearsIn } from './seed';

/** What is charged: raw batch has to melt, glass has only to get hot. */
export const CHARGED = ['batch', 'pellets', 'cullet'] as const;

const ROOM = 20;
/** Seed this small, m across, is let pass in studio ware: the half millimetre the trade's twelve hours clear. */
export const SEED = 0.0005;

/** What a charge takes to come to a temperature, J. `mass` kg, °C. */
export const chargeHeat = (mass: number, kind: Charged, to: number, from = ROOM): number =>
  mass * (MELT_HEAT * (to - from) + MELTING[kind]);

/** How far the pot falls where nothing heats it meanwhile, K: what was in it gives the charge its heat. `there` kg. */
export function coolsBy(there: number, mass: number, kind: Charged, temperature: number): number {
  if (mass <= 0) return 0;
  return chargeHeat(mass, kind, temperature) / (MELT_HEAT * (there + mass));
}

/** A furnace as it heats: W it can give, W it loses at that heat. */
export interface Furnace {
  readonly power: number;
  readonly loses: number;
}

/** A charge and its cook. kg, °C, m. */
export interface Cook {
  readonly mass: number;
  readonly kind: Charged;
  /** Glass that was in the pot, kg. */
  readonly there: number;
  /** At which it is cooked, and worked. */
  readonly at: number;
  readonly working: number;
  /** How deep the glass then stands, m. */
  readonly depth: number;
  readonly glass: { readonly vft: Vft; readonly density: number };
  readonly furnace: Furnace;
  /** The largest seed that may stay, m. */
  readonly seed?: number;
}

/** How a charge goes. s, J. */
export interface Cooked {
  /** Until the pot is at its cooking heat again; undefined where the furnace never brings it there. */
  readonly heating: number | undefined;
  /** At that heat until it is free of seed of that size. */
  readonly clearing: number;
  /** Down again to where it is worked, by what the furnace loses. */
  readonly falling: number;
  /** All of it; undefined where it never gets hot. */
  readonly fit: number | undefined;
  /** What the charge alone took, and what the furnace used in all. */
  readonly heat: number;
  readonly used: number | undefined;
  readonly cools: number;
}

/** When a charge is fit to gather: hot again, free of seed, and down to working heat. */
export function cook(c: Cook): Cooked {
  const { mass, kind, there, at, working, depth, glass, furnace, seed = SEED } = c;
  // The pot stood at its working heat; all of it has to come to the cook's.
  const heat = chargeHeat(mass, kind, at);
  const lift = there * MELT_HEAT * Math.max(0, at - working);
  const spare = furnace.power - furnace.loses;
  const heating = spare > 0 ? (heat + lift) / spare : undefined;
  const clearing = clearsIn(seed, depth, glass, at);
  const all = (there + mass) * MELT_HEAT * Math.max(0, at - working);
  const falling = furnace.loses > 0 ? all / furnace.loses : 0;
  const fit = heating === undefined ? undefined : heating + clearing + falling;
  return {
    heating,
    clearing,
    falling,
    fit,
    heat,
    used: heating === undefined ? undefined : furnace.power * heating + furnace.loses * clearing,
    cools: coolsBy(there, mass, kind, working),
  };
}
