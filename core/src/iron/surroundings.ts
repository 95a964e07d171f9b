// Where glass is while it is worked, and how it gains or loses heat there.
import type { Glass } from '../glass/glass';
import { fitVft, temperatureAtLog } from '../glass/viscosity';
import type { HeatPlace } from '../work/heatPlace';
import type { SkinLaw } from '../conduction/cells';
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from '../units/constants';

/**
 * Glass of a thickness shines so much of a black body: ε = 0.91(1 − e^(−t/3.4 mm)); shape after Gardon 1956–58, constants from memory.
 *
 * @example
 * emissivity(0.005) // 0.7009
 */
export const emissivity = (thickness: number): number => 0.91 * (1 - Math.exp(-thickness / 0.0034));

/** The surroundings of a skin. °C; W/(m²·K). */
export interface Surroundings {
  /** What it sees. */
  readonly walls: number;
  readonly air: number;
  /** Passed to the air. */
  readonly h: number;
  /** Touched by a tool or a mould over a share of the skin: its temperature and what it takes. */
  readonly touch?: { readonly at: number; readonly h: number };
  /** So many times as much is exchanged as in an ordinary shop. */
  readonly by?: number | undefined;
}

/** How this shop's bench and glory hole give and take heat, of what is ordinary; learnt from readings. */
export interface AirExchange {
  readonly bench?: number | undefined;
  readonly hole?: number | undefined;
}

/** Set temperatures of a shop's fires, °C. */
export interface Fires {
  readonly pot: number;
  readonly gloryHole: number;
  readonly garage: number;
  readonly annealer: number;
  readonly exchange?: AirExchange | undefined;
}

/** A studio's fires where nobody says otherwise, °C; common practice, no source. */
export const STUDIO_FIRES: Fires = { pot: 1150, gloryHole: 1200, garage: 510, annealer: 505 };

/** The pot is run where its glass has this log₁₀ η, the glory hole so much hotter, the garage so far above annealing, K. Common practice, no source: 1150, 1200 and 510 °C for the soft batch. */
const POT_LOG = 2.13;
const HOLE_OVER_POT = 50;
const GARAGE_OVER = 5;

/** Pot, as a shop would run it for a glass, °C, to the next 10. */
export const potFor = (glass: Glass): number =>
  Math.round(temperatureAtLog(fitVft(glass), POT_LOG) / 10) * 10;

/** The fires a shop has for a glass: as it would run them, but for what it says of its pot and its glory hole, °C. */
export function firesFor(
  glass: Glass,
  says: { readonly pot?: number | undefined; readonly gloryHole?: number | undefined } = {},
): Fires {
  return {
    pot: says.pot ?? potFor(glass),
    gloryHole: says.gloryHole ?? potFor(glass) + HOLE_OVER_POT,
    garage: glass.annealing + GARAGE_OVER,
    annealer: glass.annealing,
  };
}

const AIR = { walls: 35, air: 35, h: 15 } as const;

/** The surroundings at a place. Temperatures and exchange by PHYSICS 5 and from memory; calibrated against its rough times (tests). */
export function surroundings(place: HeatPlace, fires: Fires): Surroundings {
  const { bench, hole } = fires.exchange ?? {};
  switch (place) {
    case 'bench':
      return bench === undefined ? AIR : { ...AIR, by: bench };
    case 'furnace mouth':
      return { walls: 0.8 * fires.pot, air: 300, h: 15 };
    case 'glory hole':
      return { walls: fires.gloryHole, air: fires.gloryHole, h: 40, by: hole };
    case 'marver':
      // Steel takes heat fast; the roll touches a tenth of the skin at a time.
      return { ...AIR, by: bench, touch: { at: 90, h: 120 } };
    case 'block':
      // Wet wood and paper ride on steam and take less.
      return { ...AIR, by: bench, touch: { at: 100, h: 60 } };
    case 'tools':
      return { ...AIR, by: bench, touch: { at: 150, h: 25 } };
    case 'garage':
      return { walls: fires.garage, air: fires.garage, h: 10 };
    case 'annealer':
      return { walls: fires.annealer, air: fires.annealer, h: 10 };
    case 'flame':
      return { walls: 35, air: 2100, h: 220 };
    case 'soft flame':
      return { walls: 35, air: 1100, h: 60 };
    case 'hand torch':
      return { walls: 35, air: 1800, h: 130 };
  }
}

/** Adds what a share of some surroundings takes from a skin at T, and how that rises. */
function exchange(law: SkinLaw, t: number, epsilon: number, s: Surroundings, share: number): void {
  const k = t + ZERO_CELSIUS;
  const w = s.walls + ZERO_CELSIUS;
  const k2 = k * k;
  const w2 = w * w;
  const by = share * (s.by ?? 1);
  law.loss += by * (epsilon * STEFAN_BOLTZMANN * (k2 * k2 - w2 * w2) + s.h * (t - s.air));
  law.slope += by * (4 * epsilon * STEFAN_BOLTZMANN * k2 * k + s.h);
  if (!s.touch) return;
  law.loss += share * s.touch.h * (t - s.touch.at);
  law.slope += share * s.touch.h;
}

/**
 * The law of a skin at T (°C), as a line through its own value there (Newton): radiation ε·σ(T⁴ − walls⁴), air h(T − air),
 * and what touches it. `share` is how much of the place it gets: 0 is bench air, 1 the middle of the fire. Written into `law`.
 */
export function setLaw(
  law: SkinLaw,
  t: number,
  epsilon: number,
  place: Surroundings,
  share: number,
): void {
  law.loss = 0;
  law.slope = 0;
  exchange(law, t, epsilon, place, share);
  if (share < 1) exchange(law, t, epsilon, AIR, 1 - share);
  law.at = t;
}
