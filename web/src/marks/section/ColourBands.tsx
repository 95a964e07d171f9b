// Colour in the section: bands in the cut wall where each layer lies, and the outside as it will look, base to lip.
import { hexOf, lookThrough, over, WHITE, type WallShare } from '@zanfirico/core/fit';
import { lineWithin, type Shape } from '@zanfirico/core/form';
import { linePath, toX, toY, type FittedSheet, type AxisSide } from '../outline';

interface Props {
  readonly shape: Shape;
  readonly layers: readonly WallShare[];
  readonly sheet: FittedSheet;
}

/** Places along the outside that are looked at. */
const PLACES = 24;

/** Are these layers drawn alike? A share that moves by less than this shows nowhere. */
const SAME = 1e-4;
/** Whether two walls are of the same layers. */
export const sameLayers = (a: readonly WallShare[], b: readonly WallShare[]): boolean =>
  a === b ||
  (a.length === b.length &&
    a.every((s, i) => {
      const t = b[i];
      return t !== undefined && t.colour === s.colour && Math.abs(s.share - t.share) < SAME;
    }));

/** Of a solid the layers lie round the middle: half the thickness deep. */
const deep = (shape: Shape): number => (shape.opening === 'solid' ? 0.5 : 1);

/** Every layer of colour in the cut wall; a powder's breadth is drawn as a hair all the same. */
export function CutBands({ shape, layers, sheet }: Props) {
  let inside = 0;
  return layers.map((s, i) => {
    const from = 1 - inside;
    inside += s.share;
    const to = 1 - inside;
    if (!s.colour) return null;
    const outer = lineWithin(shape.outer, Math.max(0, to) * deep(shape));
    const inner = lineWithin(shape.outer, from * deep(shape));
    const fill = hexOf(over(s.colour.seen, Math.max(s.share * shape.thickest.wall, LOOKED), WHITE));
    return (
      <path
        key={i}
        d={band(outer, inner, sheet, -1)}
        fill={fill}
        stroke={fill}
        strokeWidth={1.25}
        strokeLinejoin="round"
      />
    );
  });
}
/** A layer seen edge on is deep enough to tell its colour, m. */
const LOOKED = 0.0008;

const band = (
  a: { readonly r: readonly number[]; readonly z: readonly number[] },
  b: { readonly r: readonly number[]; readonly z: readonly number[] },
  sheet: FittedSheet,
  side: AxisSide,
): string => {
  const back = { r: [...b.r].reverse(), z: [...b.z].reverse() };
  return `${linePath(a, sheet, side)}L${linePath(back, sheet, side).slice(1)}Z`;
};

/** Stops of the outside's colour over white, from the lowest place up, for a gradient in the sheet's px. */
export function seenStops(
  shape: Shape,
  layers: readonly WallShare[],
): { readonly at: number; readonly colour: string }[] {
  const n = shape.outer.r.length;
  const top = shape.lowest + shape.height;
  return Array.from({ length: PLACES }, (_, k) => {
    const i = Math.round(((n - 1) * k) / (PLACES - 1));
    const wall = (shape.outer.wall[i] as number) * deep(shape);
    return {
      at: ((shape.outer.z[i] as number) - shape.lowest) / Math.max(1e-6, top - shape.lowest),
      colour: hexOf(lookThrough(layers, wall, WHITE)),
    };
  }).sort((a, b) => a.at - b.at);
}

/** The gradient itself. */
export function SeenGradient({ id, shape, layers, sheet }: Props & { readonly id: string }) {
  const x = toX(sheet, 1, 0);
  return (
    <linearGradient
      id={id}
      gradientUnits="userSpaceOnUse"
      x1={x}
      x2={x}
      y1={toY(sheet, shape.lowest)}
      y2={toY(sheet, shape.lowest + shape.height)}
    >
      {seenStops(shape, layers).map((s, i) => (
        <stop key={i} offset={s.at} stopColor={s.colour} />
      ))}
    </linearGradient>
  );
}
