// Looking closer: the sheet as fitted, so many times as large, moved about; a place stays where it is while it grows.
import type { FittedSheet } from '../outline';

/** So many times as large as fitted, and how far moved, px. */
export interface View {
  readonly zoom: number;
  readonly x: number;
  readonly y: number;
}

/** As it fits the board. */
export const FITTED: View = { zoom: 1, x: 0, y: 0 };
const MOST = 24;

/** The fitted sheet as it is looked at. */
export const viewed = ({ axis, table, scale }: FittedSheet, { zoom, x, y }: View): FittedSheet => ({
  axis: axis * zoom + x,
  table: table * zoom + y,
  scale: scale * zoom,
});

/** Closer (more than one) or further, about a place of the board, px. Never smaller than fitted. */
export function zoomed(
  view: View,
  by: number,
  at: { readonly x: number; readonly y: number },
): View {
  const zoom = Math.min(MOST, Math.max(1, view.zoom * by));
  if (zoom === 1) return FITTED;
  const k = zoom / view.zoom;
  return { zoom, x: at.x - (at.x - view.x) * k, y: at.y - (at.y - view.y) * k };
}

/** Moved by so much, but never so far that the board is empty: its middle stays on the sheet. */
export function moved(
  view: View,
  dx: number,
  dy: number,
  size: { readonly width: number; readonly height: number },
): View {
  if (view.zoom === 1) return view;
  const kept = (v: number, room: number): number =>
    Math.min(room / 2, Math.max(room / 2 - room * view.zoom, v));
  return { ...view, x: kept(view.x + dx, size.width), y: kept(view.y + dy, size.height) };
}

/** Nearer the edge than this a place counts as out of sight, px. */
const RIM = 24;

/** Moved just so far that a place of the board is in sight. */
export function showing(
  view: View,
  at: { readonly x: number; readonly y: number },
  size: { readonly width: number; readonly height: number },
): View {
  const over = (v: number, room: number): number =>
    v < RIM ? RIM - v : v > room - RIM ? room - RIM - v : 0;
  const [dx, dy] = [over(at.x, size.width), over(at.y, size.height)];
  return dx === 0 && dy === 0 ? view : moved(view, dx, dy, size);
}
