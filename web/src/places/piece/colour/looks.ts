// How a stack looks from outside: the part's own glass is clear, colours stand before whatever is behind them.
import {
  printText,
  stackOver,
  type DisplayUnits,
  type Light,
  type WallShare,
} from '@zanfirico/core';

/** Light from the outside of a wall so thick (m), before a ground. */
export const lookOf = (shares: readonly WallShare[], wall: number, ground: Light): Light =>
  stackOver(
    [...shares]
      .reverse()
      .flatMap((s) => (s.colour ? [{ seen: s.colour.seen, thickness: s.share * wall }] : [])),
    ground,
  );

/** A layer's thickness: colour is thin, so hundredths of a millimetre are told. */
export const thinText = (v: number, units: DisplayUnits): string =>
  units.length === 'mm' && v < 1e-3 ? `${(v * 1e3).toFixed(2)} mm` : printText(v, 'length', units);
