// Colour by depth: what a glass looks like thinner or thicker than its sample, over white, over black, over other layers.
//
// Light through glass falls off as T = T_ref^(t/t_ref) for each of red, green and blue (Beer–Lambert). What scatters
// hides what lies behind it in the same measure: a layer shows its own body colour B where light does not get through
// and back, B(1 − T²) + T²·(what is behind). Two half layers are then exactly one whole layer.
import type { Seen } from '@zanfirico/contract/rack';

/** Linear light (not display values), 0 to 1: red, green, blue. */
export type Light = readonly [number, number, number];

/**
 * A colour out of one look at a sample: what was seen (linear light), how thick it was, and how it lay. Against the light
 * it is crossed once, on white paper twice. An opaque sample shows its own body; how much it lets through is then taken
 * as that of dense glass, unless it was known before.
 */
export function seenFrom(
  shown: Light,
  sample: number,
  lay: 'against the light' | 'on white',
  look: 'transparent' | 'opalescent' | 'opaque',
  before?: Seen,
): Seen {
  if (look !== 'transparent')
    return {
      sample,
      through: before?.sample === sample && luminance(before.body) > 0 ? before.through : DENSE,
      body: shown,
    };
  const of = (v: number, white: number): number => Math.min(1, Math.max(1e-4, v / white));
  const [r, g, b] = WHITE;
  const single: Light = [of(shown[0], r), of(shown[1], g), of(shown[2], b)];
  return {
    sample,
    through:
      lay === 'against the light'
        ? mapped(shown, (v) => Math.min(1, Math.max(1e-4, v)))
        : mapped(single, Math.sqrt),
    body: [0, 0, 0],
  };
}
/** Light through a sample of dense glass. From memory. */
const DENSE: Light = [0.07, 0.07, 0.07];

/** A white paper's light, linear RGB. */
export const WHITE: Light = [0.94, 0.94, 0.94];
/** A dark ground's light, linear RGB. */
export const BLACK: Light = [0.01, 0.01, 0.01];

/** Light let through so much of it, per colour. Thickness m. */
export const throughAt = (seen: Seen, thickness: number): Light =>
  mapped(seen.through, (t) => Math.min(1, Math.max(1e-6, t)) ** (thickness / seen.sample));

/** A layer of it before something: light goes through, back, and through again. */
export const over = (seen: Seen, thickness: number, behind: Light): Light => {
  const t = throughAt(seen, thickness);
  return [0, 1, 2].map((c) => {
    const square = (t[c] as number) ** 2;
    return (seen.body[c] as number) * (1 - square) + square * (behind[c] as number);
  }) as unknown as Light;
};

/** A stack seen from its first layer, before a ground. */
export const stackOver = (
  layers: readonly { readonly seen: Seen; readonly thickness: number }[],
  ground: Light,
): Light => layers.reduceRight((behind, l) => over(l.seen, l.thickness, behind), ground);

const mapped = (light: Light, f: (v: number) => number): Light => [
  f(light[0]),
  f(light[1]),
  f(light[2]),
];

/**
 * Display value (0–255) to linear light (IEC 61966-2-1, sRGB).
 *
 * @example toLinear(255) // 1
 */
export const toLinear = (display: number): number => {
  const v = display / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
};

/**
 * Linear light to a display value (0–255).
 *
 * @example
 * toDisplay(0.5) // 188
 */
export const toDisplay = (linear: number): number => {
  const v = Math.min(1, Math.max(0, linear));
  return Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055));
};

/** Display text of a light, "#rrggbb". */
export const hexOf = (light: Light): string =>
  `#${light.map((v) => toDisplay(v).toString(16).padStart(2, '0')).join('')}`;

/**
 * Light of "#rrggbb"; undefined for anything else.
 *
 * @example
 * lightOf('#ffffff') // [1, 1, 1]
 */
export function lightOf(hex: string): Light | undefined {
  const found = /^#?([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex.trim());
  if (!found) return undefined;
  const [r, g, b] = found.slice(1).map((v) => toLinear(Number.parseInt(v, 16)));
  return [r as number, g as number, b as number];
}

/** Relative luminance of linear light (ITU-R BT.709). */
export const luminance = ([r, g, b]: Light): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** Darker than this on white it reads as black; lighter than that share of the white behind, it has vanished. */
const NEAR_BLACK = 0.03;
const VANISHED = 0.9;

/** What to say of a colour at a depth over white: it may be near black, or as good as gone. */
export function depthRemark(seen: Seen, thickness: number): 'near black' | 'vanishes' | undefined {
  const shown = over(seen, thickness, WHITE);
  if (luminance(shown) < NEAR_BLACK) return 'near black';
  const least = Math.min(...[0, 1, 2].map((c) => (shown[c] as number) / (WHITE[c] as number)));
  // A white on white is not gone: over black it still shows.
  const hides = luminance(over(seen, thickness, BLACK)) > NEAR_BLACK;
  return least > VANISHED && !hides ? 'vanishes' : undefined;
}
