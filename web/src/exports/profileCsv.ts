// A part's profile as a table: one row a point, mm, base to lip.
import type { PiecePart } from '@zanfirico/contract/piece';
import { csvOf } from './csv';

/** CSV text (RFC 4180); what "Read a profile" takes back. See docs/formats.md. */
export function profileCsv(part: PiecePart): string {
  const mm = (v: number): number => Number((v * 1e3).toFixed(4));
  const rows = part.profile.map((p) => ({
    height_mm: mm(p.height),
    radius_mm: mm(p.radius),
    wall_mm: mm(p.wall),
    corner: p.corner === true ? 1 : '',
    pull_radius: p.pull?.radius ?? '',
    pull_height: p.pull?.height ?? '',
  }));
  return csvOf(rows);
}
