// What a sheet is slumped into or draped over, as the way down from its rim's height at every distance from the middle.
import type { Mould } from '@zanfirico/contract/kiln';
import { tr } from '../words/tr';

/** The moulds there are to choose from, or one drawn. */
export const MOULDS = ['bowl', 'plate', 'square', 'channel', 'ring', 'drape', 'drawn'] as const;

/** Draped over from its middle, not held at its rim. */
export const isDrape = (m: Mould): boolean => m.kind === 'drape';
/** Long, the same all along: bends one way only. */
export const isChannel = (m: Mould): boolean => m.kind === 'channel';

/** How far below its rim it is at a distance from the middle, m; past the rim the rim's own height, where a drape goes on falling. */
export function mouldDepth(m: Mould, out: number): number {
  const a = m.across / 2;
  const rho = Math.min(1, Math.abs(out) / a);
  switch (m.kind) {
    case 'bowl':
    case 'channel': {
      // An arc through rim and bottom; deeper than half its width its sides stand upright.
      const deep = Math.min(m.deep, a);
      const radius = (a * a + deep * deep) / (2 * deep);
      return m.deep - deep + Math.sqrt(Math.max(0, radius ** 2 - (rho * a) ** 2)) - (radius - deep);
    }
    case 'plate':
    case 'square': {
      const up = Math.max(0, (rho - m.flat) / Math.max(1e-6, 1 - m.flat));
      return m.deep * (1 - up * up * (3 - 2 * up));
    }
    case 'ring':
      // Open inside: it falls to the shelf.
      return rho >= 1 ? 0 : m.deep;
    case 'drape': {
      const down = Math.max(0, (Math.abs(out) / a - m.flat) / Math.max(1e-6, 1 - m.flat));
      return m.deep * Math.min(1, down * down);
    }
    case 'drawn':
      return drawnDepth(m.points ?? [], Math.min(Math.abs(out), a));
  }
}

function drawnDepth(points: NonNullable<Mould['points']>, out: number): number {
  const first = points[0];
  if (!first) return 0;
  if (out <= first.out) return first.deep;
  for (let i = 1; i < points.length; i += 1) {
    const [p, q] = [points[i - 1], points[i]];
    if (!p || !q || out > q.out) continue;
    return q.out === p.out
      ? q.deep
      : p.deep + ((out - p.out) / (q.out - p.out)) * (q.deep - p.deep);
  }
  return points[points.length - 1]?.deep ?? 0;
}

/** What is wrong with a mould, in a sentence with the place; undefined where it can be slumped into. */
export function mouldProblem(m: Mould): string | undefined {
  if (m.kind !== 'drawn') return undefined;
  const points = m.points ?? [];
  if (points.length < 2)
    return tr`A drawn mould needs two places at least: its middle and its rim.`;
  for (let i = 1; i < points.length; i += 1) {
    const [p, q] = [points[i - 1], points[i]];
    if (p && q && q.out < p.out)
      return tr`The mould’s place ${i + 1} lies nearer the middle than the one before it: from the middle outwards.`;
    if (p && q && q.deep > p.deep + 1e-9)
      return tr`The mould is deeper at place ${i + 1} than further in: a sheet cannot be lifted out from under itself.`;
  }
  return undefined;
}

/** Along its surface from the middle to the rim, m; and its surface, against the flat disc it spans. */
export function mouldSurface(m: Mould): { readonly along: number; readonly area: number } {
  const a = m.across / 2;
  const parts = 400;
  let along = 0;
  let area = 0;
  for (let k = 0; k < parts; k += 1) {
    const [r, s] = [(a * k) / parts, (a * (k + 1)) / parts];
    // The upright side of an open ring is not lain against.
    const step = m.kind === 'ring' ? 0 : mouldDepth(m, s) - mouldDepth(m, r);
    const length = Math.hypot(s - r, step);
    along += length;
    area += length * (isChannel(m) ? 1 : Math.PI * (r + s));
  }
  return { along, area: area / (isChannel(m) ? a : Math.PI * a * a) };
}

/** The other way about: the sheet, how thick, for a wanted form of a wanted wall. Its rim slides, so far as glass lets it: between the two. */
export function sheetFor(
  mould: Mould,
  wall: number,
): { readonly across: readonly [number, number]; readonly thick: readonly [number, number] } {
  const { along, area } = mouldSurface(mould);
  return { across: [mould.across, 2 * along], thick: [wall * area, wall] };
}
