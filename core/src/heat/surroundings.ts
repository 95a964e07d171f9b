// Where glass is while it is worked, and how it gains or loses heat there.
import type { HeatPlace } from '../work/heatPlace';
import type { SkinLaw } from '../conduction/cells';
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from '../units/constants';

/** Glass of a thickness shines so much of a black body: ε = 0.91(1 − e^(−t/3.4 mm)); shape after Gardon 1956–58, constants from memory. */
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
}

/** Set temperatures of a shop's fires, °C. */
export interface Fires {
  readonly pot: number;
  readonly gloryHole: number;
  readonly garage: number;
  readonly annealer: number;
}

export const STUDIO_FIRES: Fires = { pot: 1150, gloryHole: 1200, garage: 510, annealer: 505 };

const AIR = { walls: 35, air: 35, h: 15 } as const;

/** The surroundings at a place. Temperatures and exchange by PHYSICS 5 and from memory; calibrated against its rough times (tests). */
export function surroundings(place: HeatPlace, fires: Fires): Surroundings {
  switch (place) {
    case 'bench':
      return AIR;
    case 'furnace mouth':
      return { walls: 0.8 * fires.pot, air: 300, h: 15 };
    case 'glory hole':
      return { walls: fires.gloryHole, air: fires.gloryHole, h: 40 };
    case 'marver':
      // Steel takes heat fast; the roll touches a tenth of the skin at a time.
      return { ...AIR, touch: { at: 90, h: 120 } };
    case 'block':
      // Wet wood and paper ride on steam and take less.
      return { ...AIR, touch: { at: 100, h: 60 } };
    case 'tools':
      return { ...AIR, touch: { at: 150, h: 25 } };
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
  let loss = 0;
  let slope = 0;
  const add = (s: Surroundings, part: number): void => {
    const k = t + ZERO_CELSIUS;
    const w = s.walls + ZERO_CELSIUS;
    loss += part * (epsilon * STEFAN_BOLTZMANN * (k ** 4 - w ** 4) + s.h * (t - s.air));
    slope += part * (4 * epsilon * STEFAN_BOLTZMANN * k ** 3 + s.h);
    if (s.touch) {
      loss += part * s.touch.h * (t - s.touch.at);
      slope += part * s.touch.h;
    }
  };
  add(place, share);
  if (share < 1) add(AIR, 1 - share);
  law.at = t;
  law.loss = loss;
  law.slope = slope;
}
