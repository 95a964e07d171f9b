// Glass by the pot: whole kilograms, or the person's own pounds.
import { printText, type DisplayUnits } from '@zanfirico/core/units';
import { shownNumber } from './shown';

/** From so much on tenths say nothing, kg; grams from under this. */
const MUCH = 10;
const LITTLE = 1;

/** A pot's mass, in words: whole kilograms or pounds. */
export const heavyText = (kg: number, units: DisplayUnits): string =>
  units.mass === 'g' && kg >= LITTLE
    ? `${shownNumber(kg, kg >= MUCH ? 0 : 1)} kg`
    : printText(kg, 'mass', units);
