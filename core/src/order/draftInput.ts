// What an order is drafted from: parts, joins, colours and bits as the draft asks for them, and how a step is added to it.

import type { Form, Way } from '@zanfirico/contract/piece';
import type { Zone } from '@zanfirico/contract/order';
import type { PaceOfKinds } from '../work/durations';
import type { WorkStep } from '../work/facts';
import type { StepId } from '../work/step';

/** Colour on a part, as the draft asks for it. */
export interface DraftColour {
  /** The gather it lies on. */
  readonly after: number;
  readonly as: 'bar' | 'powder' | 'frit' | 'cane' | 'film' | 'pieces';
  /** Nothing clear covers it. */
  readonly outside: boolean;
  /** Of a bar or a cane, m. */
  readonly diameter?: number | undefined;
}

/** One tube with the pattern in it, cut in lengths for several parts. */
export interface PatternedTube {
  /** The parts, by their places. */
  readonly parts: readonly number[];
  /** The gather the canes lie on. */
  readonly after: number;
  /** What hangs on the iron after each gather, kg, and how wide it is, m. */
  readonly gathers: readonly { readonly total: number; readonly diameter: number }[];
  /** What each part's length weighs, kg, in the parts' order. */
  readonly lengths: readonly number[];
}

/** A part as the draft asks for it. SI. */
export interface DraftPart {
  readonly name: string;
  readonly hollow: boolean;
  readonly closed: boolean;
  readonly stopper: boolean;
  readonly gathers: number;
  readonly colours: readonly DraftColour[];
  /** kg */
  readonly mass: number;
  /** Height of its lowest point, m: what hangs lowest takes the punty. */
  readonly lowest: number;
  /** m; the calipers are set to them. */
  readonly height?: number | undefined;
  readonly width?: number | undefined;
  /** What was gathered and does not stay on it, kg. */
  readonly scrap?: number | undefined;
  /** Soft glass: it never goes cold into the flame. */
  readonly soft?: boolean | undefined;
  /** Holes through its wall, by their heights, m. */
  readonly holes?: readonly number[] | undefined;
  /** Printed in a dip mould, and turned after it. */
  readonly ribs?: boolean | undefined;
  readonly twisted?: boolean | undefined;
}

/** A bit as the draft asks for it: a spout is pulled from the lip, a tube is stuck on. */
export interface DraftBit {
  readonly name: string;
  readonly kind: 'handle' | 'prunts' | 'wrap' | 'lipWrap' | 'spout' | 'tube' | 'other';
  readonly copies: number;
  /** The part it comes onto, the end of it, and what one copy weighs, kg. */
  readonly part?: number | undefined;
  readonly zone?: Exclude<Zone, 'all'> | undefined;
  readonly mass?: number | undefined;
  /** Bits that hang on this one, by their names: they are put together with it. */
  readonly carries?: readonly string[] | undefined;
  /** It hangs on another bit. */
  readonly carried?: boolean | undefined;
}

/** What an order is drafted from. */
export interface DraftInput {
  readonly form: Form;
  readonly way: Way;
  /** In the kiln: a mould is filled, nothing is cut and laid. */
  readonly cast?: boolean | undefined;
  readonly parts: readonly DraftPart[];
  /** Pairs of parts that touch. */
  readonly joins: readonly (readonly [number, number])[];
  readonly bits: readonly DraftBit[];
  /** The part everything hangs on. */
  readonly main: number;
  readonly tube?: PatternedTube | undefined;
  /** Joins in the order they are made; nearest to the main part first when left out. */
  readonly order?: readonly Joined[] | undefined;
  /** What steps take in this shop, of what is ordinary; all of it ordinary when left out. */
  readonly pace?: PaceOfKinds | undefined;
}

/** One join: what is carried, and what it is put on. */
export interface Joined {
  readonly part: number;
  readonly to: number;
}

/** `of`: the weight its time goes by, kg; the part's own when left out. */
export type Add = (
  kind: StepId,
  part: number,
  more?: Partial<WorkStep> & { of?: number | 'whole' },
) => void;

/** Of bits all alike so many have steps of their own. */
export const MOST_ALIKE = 6;
