// An entry of the rack: one glass or colour as the shop keeps it, each value from whoever gave it.
import type { ColourForm, GlassForm } from '../fit/colour';
import type { Seen } from '../fit/colourDepth';

/** What is known of a glass by number. SI; temperatures °C. */
export const QUANTITIES = [
  'expansion',
  'strainPoint',
  'annealing',
  'softening',
  'working',
  'density',
  'youngsModulus',
  'poisson',
  'conductivity',
  'specificHeat',
  'stressOptical',
] as const;
/** One of a glass's numbers. */
export type Quantity = (typeof QUANTITIES)[number];

/** As a supplier's sheet states it, and as the shop found it itself. */
export interface Given {
  readonly sheet?: number | undefined;
  readonly measured?: number | undefined;
}

/** A line of stock. SI. */
export interface StockLine {
  readonly form: GlassForm | ColourForm;
  readonly mass?: number | undefined;
  readonly length?: number | undefined;
  readonly diameter?: number | undefined;
  readonly lot?: string | undefined;
}

/** Soft and hard glass never join; 'other' is no glass at all: metal, mineral, ash. */
export type RackFamily = 'soft' | 'hard' | 'other';

/** One entry. What is left out is taken from the shipped entry of the same id, or from what is usual for its family. */
export interface RackEntry {
  readonly id: string;
  readonly kind: 'glass' | 'colour';
  readonly name: string;
  readonly family: RackFamily;
  readonly values: Readonly<Partial<Record<Quantity, Given>>>;
  /** Where the sheet values are from, in words. */
  readonly sheetFrom?: string | undefined;
  /** How the own values were measured, in words. */
  readonly measuredHow?: string | undefined;
  /** Oxides in weight per cent. */
  readonly composition?: Readonly<Record<string, number>> | undefined;
  /** Colouring metals and the like, as chemical symbols. */
  readonly holds: readonly string[];
  readonly look: 'transparent' | 'opalescent' | 'opaque';
  readonly strikes: boolean;
  /** Not where food or lips touch. */
  readonly keepOffFood: boolean;
  readonly seen?: Seen | undefined;
  readonly forms: readonly (GlassForm | ColourForm)[];
  readonly stock: readonly StockLine[];
  readonly notes?: string | undefined;
  /** Kept because pieces use it, no longer offered. */
  readonly retired: boolean;
}
