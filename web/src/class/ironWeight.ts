// What the iron should have when all is gathered: the main part's, kg.
import type { Derived } from '@zanfirico/core/piece';

/** Undefined where nothing is gathered. */
export const ironWeight = (
  derived: Extract<Derived, { ok: true }> | undefined,
): number | undefined => derived?.gathers?.gathers.at(-1)?.total;
