// What is told to whoever says what is wanted of a pot.
import type { PotDocument } from '@zanfirico/contract/shop';

/** A pot, and what a charge of it takes. */
export interface WantedOfPot {
  readonly pot: PotDocument;
  readonly today: Date;
  /** What a charge takes until it is fit, kWh; undefined where the furnace never brings it there. */
  readonly kwhOf: (mass: number, there: number) => number | undefined;
  /** Told how much is left of it tonight, kg; undefined where nothing is planned. */
  readonly onTonight: (mass: number | undefined) => void;
}
