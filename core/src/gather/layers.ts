// Layers on an iron: how thick one gather is, and what so many gathers weigh.
import type { Glass } from '../glass/glass';
import { fitVft, logViscosity } from '../glass/viscosity';
import { STANDARD_GRAVITY } from '../units/constants';

/**
 * Speed of drawing out of the pot that makes a soft-glass gather 9.5 mm thick at 1150 °C, m/s. From memory; the shop's
 * own weighed gathers replace it.
 */
export const WORKING_SPEED = 0.016;

/** Viscosity of a glass at a temperature, Pa·s. */
export const viscosityAt = (glass: Glass, temperature: number): number =>
  10 ** logViscosity(fitVft(glass), temperature);

/**
 * Thickness of one gather, m: h = √(ηU/ρg), thick-film drag-out (Derjaguin). Cooler glass is stiffer: thicker layer.
 *
 * @example
 * layerThickness(100, 0.1, 2500) // 0.0202
 */
export const layerThickness = (viscosity: number, speed: number, density: number): number =>
  Math.sqrt((viscosity * speed) / (density * STANDARD_GRAVITY));

/** An iron and how deep it goes in, m. `depth` is what a layer covers, from the tip up. */
export interface Dip {
  readonly ironDiameter: number;
  readonly depth: number;
}

/** Glass on the iron when `thickness` of it lies all round: a capsule less the iron in it, m³. */
export function glassOnIron({ ironDiameter, depth }: Dip, thickness: number): number {
  const a = ironDiameter / 2;
  const out = a + thickness;
  const straight = Math.max(0, depth - a);
  return (2 / 3) * Math.PI * (out ** 3 - a ** 3) + Math.PI * (out ** 2 - a ** 2) * straight;
}

/** All-round thickness that a volume of glass makes on the iron, m. Inverse of `glassOnIron`, by Newton's method. */
export function thicknessFor(dip: Dip, volume: number): number {
  let h = 0.005;
  for (let i = 0; i < 60; i += 1) {
    const out = dip.ironDiameter / 2 + h;
    const slope =
      2 * Math.PI * out ** 2 + 2 * Math.PI * out * Math.max(0, dip.depth - dip.ironDiameter / 2);
    const next = Math.max(h / 10, h - (glassOnIron(dip, h) - volume) / slope);
    if (Math.abs(next - h) < 1e-12) return next;
    h = next;
  }
  return h;
}
