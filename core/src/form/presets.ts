// Parts and bits to add to a piece: each begins as an ordinary one of its kind, at the place it usually goes.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import type { Bit, BitShape } from './bit';
import { startingParts, type StartingPart } from './forms';
import { glassOutline, measurePart } from './measure';
import type { Line, Profile } from './profile';
import { restOn } from './snap';

/** Kinds of part on the axis. */
export const PART_PRESETS = [
  'merese',
  'knop',
  'bead',
  'stem',
  'foot',
  'bubble',
  'cup',
  'stopper',
  'cube',
  'heart',
] as const;
/** One of the parts that are offered. */
export type PartPreset = (typeof PART_PRESETS)[number];

/** Kinds of bit off the axis. */
export const BIT_PRESETS = [
  'handle',
  'spout',
  'tubeSpout',
  'dots',
  'prunts',
  'wrap',
  'wings',
  'rod',
  'ball',
  'ellipsoid',
  'box',
] as const;
/** One of the bits that are offered. */
export type BitPreset = (typeof BIT_PRESETS)[number];

/** A part to add, its role told where it is not simply joined. */
export interface NewPart extends StartingPart {
  readonly role?: 'stopper';
}

const at = (height: number, radius: number, wall = 3, corner?: true): ProfilePoint => ({
  height: height / 1e3,
  radius: radius / 1e3,
  wall: wall / 1e3,
  ...(corner && { corner }),
});

/** Points of a ball, pole to pole, mm. */
const ball = (radius: number, wall: number): Profile =>
  Array.from({ length: 7 }, (_, i) => {
    const a = (Math.PI * i) / 6;
    const r = i === 0 || i === 6 ? 0 : Number((radius * Math.sin(a)).toFixed(2));
    return at(Number((radius * (1 - Math.cos(a))).toFixed(2)), r, wall);
  });

const PARTS: Readonly<Record<PartPreset, Omit<NewPart, 'name'>>> = {
  merese: { work: 'solid', profile: [at(0, 9), at(2, 13), at(4, 9)] },
  knop: { work: 'solid', profile: [at(0, 6), at(6, 11), at(12, 13), at(18, 11), at(24, 6)] },
  bead: { work: 'solid', profile: ball(11, 3) },
  stem: { work: 'solid', profile: [at(0, 6), at(22, 4.2), at(44, 6)] },
  foot: {
    work: 'solid',
    profile: [at(0, 0), at(0, 34, 3, true), at(2, 34.5), at(5, 20), at(10, 7), at(14, 6)],
  },
  bubble: { profile: ball(26, 3) },
  cup: { profile: [at(0, 0, 4), at(0, 9, 4), at(8, 24), at(25, 33, 2.4), at(60, 35, 2)] },
  stopper: {
    work: 'solid',
    role: 'stopper',
    profile: [at(0, 0), at(0, 7, 3, true), at(22, 9.2), at(26, 12), at(40, 15), at(54, 0)],
  },
  cube: solidOf('cube', 0.6),
  heart: solidOf('heart', 0.7),
};

/** A starting form as a part, so much smaller. */
function solidOf(form: 'cube' | 'heart', by: number): Omit<NewPart, 'name'> {
  const [{ profile, across }] = startingParts(form) as [StartingPart];
  const small = (v: number): number => Number((v * by).toFixed(5));
  return {
    work: 'solid',
    ...(across && { across }),
    profile: profile.map((p) => ({ ...p, height: small(p.height), radius: small(p.radius) })),
  };
}

/** Where a new part goes: the parts already joined, the one in hand among them, and the mouth, if any. */
export interface StandingParts {
  readonly outlines: readonly Line[];
  /** Place of the part in hand in `outlines`. */
  readonly inHand: number;
  /** Is that an open vessel? Stem parts are built on under it. */
  readonly vessel: boolean;
  /** Height of its lip and radius of its neck, m. */
  readonly mouth: { readonly height: number; readonly throat: number } | undefined;
}

/** A new part in its place, and the room made for it: everything standing at or above `from` moves up by `by`, m. */
export interface PlacedPart {
  readonly part: NewPart;
  readonly from: number;
  readonly by: number;
}

const top = (line: Line): number => Math.max(...line.z);
const bottom = (line: Line): number => Math.min(...line.z);
const moved = (profile: Profile, by: number): Profile =>
  profile.map((p) => ({ ...p, height: Number((p.height + by).toFixed(6)) }));

/** Parts that stand within this of a height stand on it, m. */
export const ON_IT = 0.0003;

/**
 * A new part where it usually goes: a foot under everything, a stopper in the mouth (its taper fitted to the neck), a
 * stem part under the vessel in hand or on top of the solid part in hand; what stands above is lifted to make room.
 */
export function newPart(preset: PartPreset, standing: StandingParts): PlacedPart {
  const { profile, ...rest } = PARTS[preset];
  const read = measurePart(PARTS[preset]);
  const line = read.ok
    ? glassOutline(read.shape.outer, read.shape.inner)
    : { r: profile.map((p) => p.radius), z: profile.map((p) => p.height) };
  const named = { name: preset, ...rest };
  const { outlines, mouth } = standing;
  const nothing = { from: Infinity, by: 0 };
  if (preset === 'stopper' && mouth) {
    // The plug's lower end is a little narrower than the neck, its shoulder a little wider: it sits.
    const grow = mouth.throat / 0.0084;
    const fitted = profile.map((p) => ({ ...p, radius: Number((p.radius * grow).toFixed(4)) }));
    return {
      part: { ...named, profile: moved(fitted, mouth.height - 0.018) },
      ...nothing,
    };
  }
  const base = outlines[standing.inHand] ?? outlines[0];
  if (!base) return { part: { ...named, profile }, ...nothing };
  const tall = top(line) - bottom(line);
  if (preset === 'foot') {
    const lowest = outlines.reduce((a, b) => (bottom(b) < bottom(a) ? b : a));
    const under = restOn(line, lowest, false);
    // Everything is lifted by the foot's height, so that it stands on the table.
    return {
      part: { ...named, profile: moved(profile, under + tall) },
      from: -Infinity,
      by: tall,
    };
  }
  if (standing.vessel && preset !== 'cup') {
    const from = bottom(base);
    const by = restOn(line, base, false);
    // Under the vessel, which is lifted out of its way.
    return { part: { ...named, profile: moved(profile, by + tall) }, from: from - ON_IT, by: tall };
  }
  const by = restOn(line, base, true);
  const from = top(base);
  const room = top({ r: line.r, z: line.z.map((z) => z + by) }) - from;
  return {
    part: { ...named, profile: moved(profile, by) },
    from: from - ON_IT,
    by: standing.vessel ? 0 : Math.max(0, room),
  };
}

/** The skin a new bit is put on: a place on the body's outside, m. */
export interface Skin {
  readonly height: number;
  readonly radius: number;
  /** How high the body is: handles and wings are made to its measure. */
  readonly tall: number;
}

/** A new bit on the body's skin. Bits sink a little into the skin so that they hold. */
export function newBit(preset: BitPreset, skin: Skin): Bit & { readonly name: string } {
  const tall = Math.max(0.02, skin.tall);
  const place = {
    height: skin.height,
    out: Number((skin.radius - 0.0005).toFixed(5)),
    around: 0,
    tilt: 0,
    copies: 1,
  };
  const made = (shape: BitShape, change: Partial<typeof place> = {}) => ({
    name: preset,
    shape,
    place: { ...place, ...change },
  });
  switch (preset) {
    case 'handle':
      return made({
        kind: 'bent',
        diameter: 0.009,
        path: [
          { out: 0, up: tall * 0.22 },
          { out: tall * 0.22, up: tall * 0.2 },
          { out: tall * 0.24, up: -tall * 0.06 },
          { out: 0, up: -tall * 0.22 },
        ],
      });
    case 'spout':
      return made(
        {
          kind: 'pulled',
          // As wide as two fingers draw out.
          width: Number(Math.min(0.04, 0.9 * Math.max(0.008, skin.radius)).toFixed(4)),
          reach: Number((tall * 0.1).toFixed(4)),
          rise: Number((tall * 0.03).toFixed(4)),
          drop: Number((tall * 0.18).toFixed(4)),
        },
        { around: Math.PI },
      );
    case 'tubeSpout':
      return made(
        {
          kind: 'bent',
          diameter: 0.014,
          wall: 0.0025,
          path: [
            { out: -0.001, up: 0 },
            { out: tall * 0.18, up: tall * 0.12 },
            { out: tall * 0.3, up: tall * 0.36 },
          ],
        },
        { around: Math.PI },
      );
    case 'dots':
      return made({ kind: 'dot', diameter: 0.009, rise: 0.0025 }, { copies: 8 });
    case 'prunts':
      return made({ kind: 'dot', diameter: 0.018, rise: 0.007 }, { copies: 4 });
    case 'wrap':
      return made(
        { kind: 'wrap', diameter: 0.004, turns: 3, pitch: 0.009 },
        { out: Number((skin.radius + 0.0015).toFixed(5)) },
      );
    case 'wings':
      return made(
        { kind: 'ellipsoid', x: tall * 0.3, y: 0.008, z: tall * 0.14 },
        { out: Number((skin.radius + tall * 0.13).toFixed(5)), copies: 2 },
      );
    case 'rod':
      return made(
        { kind: 'rod', diameter: 0.008, length: tall * 0.4 },
        { out: Number((skin.radius + 0.003).toFixed(5)) },
      );
    case 'ball':
      return made(
        { kind: 'ball', diameter: 0.018 },
        { out: Number((skin.radius + 0.008).toFixed(5)) },
      );
    case 'ellipsoid':
      return made(
        { kind: 'ellipsoid', x: 0.03, y: 0.02, z: 0.02 },
        { out: Number((skin.radius + 0.014).toFixed(5)) },
      );
    case 'box':
      return made(
        { kind: 'box', x: 0.02, y: 0.02, z: 0.02 },
        { out: Number((skin.radius + 0.009).toFixed(5)) },
      );
  }
}
