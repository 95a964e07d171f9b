// One patterned tube for several parts of a piece: those whose canes lie alike are cut from it.
import { planGathers } from '../gather/gatherPlan';
import type { PatternedTube } from '../order/draftInput';
import type { PlannedPart } from './derive';
import type { PartColours } from './laidColours';

/** Canes that lie as these do come from the same tube: what they are and on which gather. */
function patternOf(p: PlannedPart, laid: PartColours): string | undefined {
  const canes = laid.filter((l) => l.amount.kind === 'canes');
  if (canes.length === 0 || canes.length !== laid.length) return undefined;
  if (p.work !== 'blown' || p.role === 'stopper' || !p.gathers) return undefined;
  return JSON.stringify([p.glass.id, canes.map((l) => [l.colour, l.after])]);
}

/** Of fewer parts each is gathered sooner for itself: a length out of the garage has to be heated through first. */
const FEWEST = 3;

/** The patterned tube several parts are cut from, where their canes are the same; its gathers are counted for all their glass. */
export function tubeOf(
  parts: readonly PlannedPart[],
  colours: readonly (PartColours | undefined)[],
): PatternedTube | undefined {
  const patterns = parts.map((p, i) => patternOf(p, colours[i] ?? []));
  const pattern = patterns.find(
    (one) => one !== undefined && patterns.filter((p) => p === one).length >= FEWEST,
  );
  if (pattern === undefined) return undefined;
  const mine = patterns.flatMap((p, i) => (p === pattern ? [i] : []));
  const after = Math.max(1, ...(colours[mine[0] ?? 0] ?? []).map((l) => l.after));
  const lengths = mine.map((i) => {
    const all = parts[i]?.gathers?.gathers ?? [];
    return all[Math.min(after, all.length) - 1]?.total ?? 0;
  });
  const how = parts[mine[0] ?? 0]?.gathering;
  if (!how) return undefined;
  const mass = lengths.reduce((sum, m) => sum + m, 0);
  // Its lengths already have their share for moil and trim.
  const { gathers } = planGathers({ ...how, allowance: 0, mass });
  return {
    parts: mine,
    after,
    gathers: gathers.map(({ total, diameter }) => ({ total, diameter })),
    lengths,
  };
}
