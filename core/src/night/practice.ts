// Practices: how much tension may stay in the glass. This, not folklore, sets the clock.
import type { Practice } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';

/** The residual centre tension each practice allows, Pa (about 27 nm/cm of retardation per MPa in soda-lime). */
export const PRACTICES = {
  fine: { allows: 0.4e6, name: () => tr`Casting and fine work` },
  studio: { allows: 1e6, name: () => tr`Studio ware` },
  plain: { allows: 2e6, name: () => tr`Plain ware, even kiln` },
} as const;

/** Customary prolonged working stress of annealed glass, ≈ 1000 psi, Pa (Shand, *Glass Engineering Handbook*). */
export const WORKING_STRESS = 7e6;

/** Within the simulation's own one per cent, and a round's, of what is allowed is allowed. */
export const CLOSE = 1.02;

/** How many times below the working stress passing tension is kept. */
export const SAFETY = 2;
/** So much may pass, Pa. */
export const MAY_PASS = WORKING_STRESS / SAFETY;

/**
 * Held in hand where nobody says otherwise: a wall measured a tenth too thin, a thermocouple 10 K off or a crowded box each use up
 * some such share (measured on the demo pieces, docs/design.md).
 */
export const IN_HAND = 0.15;

/** What is planned to use it may be a share of what the practice allows, the rest held in hand for what may be off. */
export const allowedOf = ({
  practice,
  inHand = 0,
}: {
  readonly practice: Practice;
  readonly inHand?: number | undefined;
}): number => PRACTICES[practice].allows * (1 - inHand);
