// Starting forms: the outlines a piece begins as before anyone pulls at them. Lengths in m.
import type { Across, Form, ProfilePoint } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import { cutFor, type CutPreset } from './cutPresets';
import type { Profile } from './profile';

/** The starting forms on offer. */
export const FORMS = [
  'tumbler',
  'bowl',
  'bottle',
  'ball',
  'plate',
  'stemmed',
  'solid',
  'cube',
  'heart',
] as const;

const at = (height: number, radius: number, wall: number, corner?: true): ProfilePoint =>
  corner
    ? { height: height / 1e3, radius: radius / 1e3, wall: wall / 1e3, corner }
    : { height: height / 1e3, radius: radius / 1e3, wall: wall / 1e3 };

const BALL_RADIUS = 60;
const BALL_WALL = 4;
/** Eight equal arcs from pole to pole. */
const ball: Profile = Array.from({ length: 9 }, (_, i) => {
  const a = (Math.PI * i) / 8;
  const round = (v: number): number => Number(v.toFixed(2));
  return at(
    round(BALL_RADIUS * (1 - Math.cos(a))),
    i === 0 || i === 8 ? 0 : round(BALL_RADIUS * Math.sin(a)),
    BALL_WALL,
  );
});

const OUTLINES: Readonly<Record<Form, Profile>> = {
  tumbler: [
    at(0, 0, 6),
    at(0, 27, 6),
    at(4, 32, 5),
    at(30, 35, 3.5),
    at(70, 38, 3),
    at(105, 40, 2.6),
  ],
  bowl: [
    at(0, 0, 7),
    at(0, 31, 7, true),
    at(10, 53, 6),
    at(25, 71.5, 5),
    at(50, 89.5, 4),
    at(85, 99.5, 3.4),
  ],
  bottle: [
    at(0, 0, 7),
    at(0, 38, 7, true),
    at(12, 45, 5.6),
    at(50, 49, 4),
    at(95, 45, 3.6),
    at(122, 33, 3.7),
    at(142, 20, 4),
    at(160, 14.5, 3.8),
    at(185, 13, 3.6),
    at(204, 14, 3.4),
    at(210, 17, 3.4),
  ],
  ball,
  plate: [at(0, 0, 6.5), at(0, 60, 6.5, true), at(8, 95, 5.8), at(16, 120, 5), at(24, 142, 4.2)],
  stemmed: [
    at(78, 0, 4),
    at(78, 9, 4),
    at(84, 22, 3),
    at(100, 34, 2.2),
    at(128, 39, 1.9),
    at(158, 37.5, 1.7),
    at(180, 34.5, 1.7),
  ],
  solid: [
    at(0, 0, 5),
    at(0, 30, 5, true),
    at(7, 37.5, 5),
    at(26, 38, 5),
    at(45, 25, 5),
    at(54, 0, 5),
  ],
  // The class cube: 57 mm (2¼ in) a side, TRADE §2.
  cube: [
    at(0, 0, 5),
    at(0, 25, 5),
    at(3.5, 28.5, 5),
    at(53.5, 28.5, 5),
    at(57, 25, 5),
    at(57, 0, 5),
  ],
  // A heart lying on its back, pillowed.
  heart: [at(0, 0, 5), at(0, 24, 5), at(9, 35, 5), at(20, 30, 5), at(27, 14, 5), at(29, 0, 5)],
};

/** What forms that are not round are cut across. */
const CUT: Readonly<Partial<Record<Form, CutPreset>>> = { cube: 'square', heart: 'heart' };

/** The outline a new piece of this form starts from: its body, or of several parts the one that holds. */
export const startingProfile = (form: Form): Profile => OUTLINES[form];

/** A part a new piece starts with. */
export interface StartingPart {
  readonly name: string;
  readonly profile: Profile;
  readonly work?: 'solid';
  readonly across?: Across;
}

/** Foot, stem and merese under the bowl, each standing on the last. */
const underTheBowl = (): readonly StartingPart[] => [
  {
    name: tr`foot`,
    work: 'solid',
    profile: [
      at(0, 0, 2),
      at(0, 36, 2, true),
      at(2, 36.5, 2),
      at(4.5, 22, 2),
      at(9, 8, 2),
      at(14, 6, 2),
    ],
  },
  {
    name: tr`stem`,
    work: 'solid',
    profile: [at(14, 6, 2), at(34, 4.2, 2), at(50, 6.5, 2), at(60, 4.6, 2), at(74, 6, 2)],
  },
  { name: tr`merese`, work: 'solid', profile: [at(74, 8, 2), at(76, 12, 2), at(78, 9, 2)] },
];

/** The parts a new piece of this form starts with, from the table up. */
export function startingParts(form: Form): readonly StartingPart[] {
  const profile = startingProfile(form);
  if (form === 'stemmed') return [...underTheBowl(), { name: tr`bowl`, profile }];
  const cut = CUT[form];
  const across = cut && cutFor(cut);
  if (form === 'solid' || across)
    return [{ name: tr`body`, profile, work: 'solid', ...(across && { across }) }];
  return [{ name: tr`body`, profile }];
}
