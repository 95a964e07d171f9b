// How fast glass in the annealer gives its heat to its surroundings.
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from '../../units/constants';

/** Emissivity of thick glass in the infrared (after Gardon 1956–58; from memory). */
const EMISSIVITY = 0.9;
/** How much of what a piece sees is the box and not its neighbours. From memory. */
const VIEW = 0.6;
/** Still air, W/(m²K). From memory. */
const AIR = 8;

/**
 * Surface exchange in a load, W/(m²K), at a temperature in °C: linearised radiation plus still air. About 15 to 95.
 *
 * @example
 * surfaceExchange(500) // 64.61
 */
export const surfaceExchange = (temperature: number): number =>
  4 * EMISSIVITY * VIEW * STEFAN_BOLTZMANN * (temperature + ZERO_CELSIUS) ** 3 + AIR;

/** The same as the simulation takes it, without making radiation linear. */
export const KILN_EXCHANGE = { radiant: EMISSIVITY * VIEW, air: AIR } as const;
