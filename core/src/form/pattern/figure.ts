// A figure on the glass: dots, denticles or a drawn outline in a band, carried from the final form to the blank and back.
import type { PatternFigure } from '@zanfirico/contract/piece';
import { across, type StretchMap } from './stretchMap';

/** A closed outline on a form: angle round the axis (rad) and arc length from the base along the outside (m). */
export type OnForm = readonly { readonly angle: number; readonly s: number }[];

const DOT_SIDES = 32;

/** One figure's outlines about (0, 0), m: x round, y up. */
function outlines(figure: PatternFigure): readonly (readonly (readonly [number, number])[])[] {
  switch (figure.kind) {
    case 'dots':
      return [
        Array.from({ length: DOT_SIDES }, (_, i) => {
          const a = (2 * Math.PI * i) / DOT_SIDES;
          return [
            (figure.diameter / 2) * Math.cos(a),
            (figure.diameter / 2) * Math.sin(a),
          ] as const;
        }),
      ];
    case 'denticles': {
      const side = (x0: number, y0: number, x1: number, y1: number) =>
        Array.from(
          { length: 8 },
          (_, i) => [x0 + ((x1 - x0) * i) / 8, y0 + ((y1 - y0) * i) / 8] as const,
        );
      const w = figure.width / 2;
      return [
        [...side(-w, 0, w, 0), ...side(w, 0, 0, figure.tall), ...side(0, figure.tall, -w, 0)],
      ];
    }
    case 'outline':
      return figure.paths;
  }
}

/** Arc length from the base at which a form first reaches a height while rising; undefined when it never does. */
export function arcAt(map: StretchMap, on: 'blank' | 'final', height: number): number | undefined {
  for (let i = 1; i < map.rows.length; i += 1) {
    const a = map.rows[i - 1];
    const b = map.rows[i];
    if (!a || !b) continue;
    const [h0, h1] = [a[on].height, b[on].height];
    if (h0 <= height && h1 >= height && h1 > h0)
      return a[on].s + ((height - h0) / (h1 - h0)) * (b[on].s - a[on].s);
  }
  return undefined;
}

/** A figure on both forms. `lost` counts outlines that reach where the two forms share no glass. */
export interface Carried {
  readonly final: readonly OnForm[];
  readonly blank: readonly OnForm[];
  readonly lost: number;
}

/**
 * Lays a figure on the form it is drawn on and carries it to the other: the angle round the axis stays, the arc length
 * follows the glass. So figures drawn on the final form come back pre-shrunk, and the other way round.
 */
export function carry(map: StretchMap, figure: PatternFigure, drawnOn: 'blank' | 'final'): Carried {
  const other = drawnOn === 'final' ? 'blank' : 'final';
  const s0 = arcAt(map, drawnOn, figure.height);
  const result = { final: [] as OnForm[], blank: [] as OnForm[], lost: 0 };
  if (s0 === undefined) return { ...result, lost: figure.count };
  const middle = across(map, drawnOn, s0);
  if (!middle || middle[drawnOn].radius < 1e-6) return { ...result, lost: figure.count };
  for (let k = 0; k < figure.count; k += 1) {
    const turn = (2 * Math.PI * k) / figure.count;
    for (const outline of outlines(figure)) {
      const here: { angle: number; s: number }[] = [];
      const there: { angle: number; s: number }[] = [];
      let whole = true;
      for (const [x, y] of outline) {
        const row = across(map, drawnOn, s0 + y);
        if (!row || row[drawnOn].radius < 1e-6) {
          whole = false;
          break;
        }
        // True width at its own height: x is measured round the form there.
        const angle = turn + x / row[drawnOn].radius;
        here.push({ angle, s: row[drawnOn].s });
        there.push({ angle, s: row[other].s });
      }
      if (!whole) result.lost += 1;
      else {
        result[drawnOn].push(here);
        result[other].push(there);
      }
    }
  }
  return result;
}

/** An outline flattened for printing at true scale, m: x round the form at each height's own radius, y along the skin. */
export function flattened(
  map: StretchMap,
  on: 'blank' | 'final',
  outline: OnForm,
  about: number,
): (readonly [number, number])[] {
  return outline.map(({ angle, s }) => {
    const radius = across(map, on, s)?.[on].radius ?? 0;
    return [(angle - about) * radius, s] as const;
  });
}

/** A place on the skin about the axis: radius, angle, height (m, rad). */
export interface OnSkin {
  readonly radius: number;
  readonly angle: number;
  readonly height: number;
}

/** An outline as places in space, for drawing it on the form. */
export const onSkin = (map: StretchMap, on: 'blank' | 'final', outline: OnForm): OnSkin[] =>
  outline.flatMap(({ angle, s }) => {
    const at = across(map, on, s)?.[on];
    return at ? [{ radius: at.radius, angle, height: at.height }] : [];
  });
