// A layer's thickness in words.
import { printText, type DisplayUnits } from '@zanfirico/core/units';
import { shownNumber } from '../../../fields/shown';

/** A layer's thickness: colour is thin, so hundredths of a millimetre are told. */
export const thinText = (v: number, units: DisplayUnits): string =>
  units.length === 'mm' && v < 1e-3
    ? `${shownNumber(v * 1e3, 2)} mm`
    : printText(v, 'length', units);
