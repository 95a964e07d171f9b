// The invented studio's pieces: Tern Quay Glass, a small workshop on a tidal estuary.
import {
  PIECE_FORMAT,
  PIECE_VERSION,
  type PieceDocument,
  type PiecePoint,
} from '@zanfirico/contract';
import { ORDINARY_FIRING, ORDINARY_MAKING, shrunkBlank, startingParts } from '@zanfirico/core';

const mm = (height: number, radius: number, wall: number, corner = false): PiecePoint => ({
  height: height / 1e3,
  radius: radius / 1e3,
  wall: wall / 1e3,
  corner,
});

const common = {
  format: PIECE_FORMAT,
  version: PIECE_VERSION,
  way: 'furnace' as const,
  glass: 'soft-batch-96',
  making: { ...ORDINARY_MAKING, tube: { ...ORDINARY_MAKING.tube } },
  firing: { ...ORDINARY_FIRING, lastIn: '16:30' },
} satisfies Partial<PieceDocument>;

/** Eight equal arcs of a ball, slightly flattened where it hung. */
const float = Array.from({ length: 9 }, (_, i) => {
  const a = (Math.PI * i) / 8;
  const r = i === 0 || i === 8 ? 0 : 62 * Math.sin(a);
  return mm(
    Number((60 * (1 - Math.cos(a))).toFixed(1)),
    Number(r.toFixed(1)),
    i === 8 ? 7 : i === 7 ? 5.5 : 4.2,
  );
});

const bowl = [
  mm(0, 0, 8),
  mm(0, 38, 8, true),
  mm(10, 62, 6.6),
  mm(26, 84, 5.4),
  mm(50, 103, 4.5),
  mm(76, 115, 3.9),
  mm(92, 122, 3.6),
];

const cruetBody: PieceDocument['parts'][number] = {
  name: 'body',
  profile: [
    mm(0, 0, 7),
    mm(0, 34, 7, true),
    mm(10, 42, 5.6),
    mm(38, 48, 4),
    mm(70, 46, 3.6),
    mm(95, 36, 3.6),
    mm(114, 24, 3.8),
    mm(132, 15.5, 4),
    mm(158, 12, 3.6),
    mm(184, 12.5, 3.4),
    mm(192, 15, 3.4),
    mm(195, 18, 3.4),
  ],
};

const goblet: PieceDocument['parts'] = startingParts('stemmed').map(({ name, profile, work }) => ({
  name,
  profile: profile.map((p) => ({ ...p })),
  ...(work && { work, iron: { diameter: 0.0127, depth: 0.04 } }),
}));
/** The bowl before it is blown out: seven tenths of its width. */
const gobletBlank = (shrunkBlank(goblet[3]?.profile ?? [], 0.7, 0.22) ?? []).map((p) => ({ ...p }));

/** Pieces, each as the list of its revisions from first to newest. */
export const DEMO_PIECES: readonly (readonly PieceDocument[])[] = [
  [
    {
      ...common,
      name: 'Rain gauge',
      notes: 'Hard glass from tubing. The millimetre scale goes on after annealing.',
      form: 'tumbler',
      way: 'torch',
      glass: 'borosilicate-33',
      parts: [
        {
          name: 'body',
          profile: [
            mm(0, 0, 3),
            mm(0, 10, 3),
            mm(3, 16, 2.6),
            mm(12, 19, 2.2),
            mm(60, 19, 2.2),
            mm(130, 19.2, 2.1),
            mm(148, 22.5, 2),
            mm(160, 29, 1.9),
            mm(171, 36, 1.9),
            mm(182, 40, 2.2),
          ],
        },
      ],
      making: { ...common.making, tube: { outerDiameter: 0.038, wall: 0.0025 }, allowance: 0.2 },
      firing: { ...common.firing, holdTemperature: 565, boxCoolingTime: 3 * 3600 },
    },
  ],
  [
    {
      ...common,
      name: 'Salt cellar',
      notes: 'Small and thick; pairs. Watch the base: it rules the night.',
      form: 'bowl',
      parts: [
        {
          name: 'body',
          profile: [
            mm(0, 0, 10),
            mm(0, 24, 10, true),
            mm(10, 34, 7),
            mm(22, 38, 5.6),
            mm(34, 36.5, 5),
            mm(40, 34, 4.6),
          ],
        },
      ],
      firing: { ...common.firing, practice: 'fine' },
    },
  ],
  [
    { ...common, name: 'Oil cruet', notes: 'The body.', form: 'bottle', parts: [cruetBody] },
    {
      ...common,
      name: 'Oil cruet',
      notes: 'Body, handle and stopper; the stopper is ground to the neck afterwards.',
      form: 'bottle',
      parts: [
        cruetBody,
        {
          name: 'stopper',
          work: 'solid',
          role: 'stopper',
          profile: [
            mm(165, 0, 3),
            mm(165, 8.3, 3, true),
            mm(188, 9.3, 3),
            mm(195, 10.5, 3),
            mm(204, 12, 3),
            mm(212, 10, 3),
            mm(217, 0, 3),
          ],
          iron: { diameter: 0.0127, depth: 0.04 },
        },
      ],
      bits: [
        {
          name: 'handle',
          shape: {
            kind: 'bent',
            diameter: 0.008,
            path: [
              { out: 0, up: 0.047 },
              { out: 0.03, up: 0.045 },
              { out: 0.046, up: 0.01 },
              { out: 0.035, up: -0.03 },
              { out: 0.0225, up: -0.048 },
            ],
          },
          place: { height: 0.125, out: 0.0118, around: 0, tilt: 0, copies: 1 },
        },
      ],
      fillLine: 0.13,
      closure: { ovality: 0.0008 },
    },
  ],
  [
    {
      ...common,
      name: 'Quay goblet',
      notes: 'Foot, stem and merese built on; a band of gold-leaf dots laid on the blank.',
      form: 'stemmed',
      parts: goblet,
      pattern: {
        part: 3,
        blank: gobletBlank,
        drawnOn: 'final',
        figure: { kind: 'dots', count: 18, diameter: 0.008, height: 0.128 },
      },
      fillLine: 0.15,
    },
  ],
  [
    {
      ...common,
      name: 'Harbour candlestick',
      notes:
        'Five parts, three hands. The knop is blown and waits in the garage; the pan is opened last.',
      form: 'stemmed',
      parts: [
        {
          name: 'foot',
          work: 'solid',
          profile: [
            mm(0, 0, 5),
            mm(0, 42, 5, true),
            mm(4, 43, 5),
            mm(8, 30, 5),
            mm(14, 12, 5),
            mm(16, 0, 5),
          ],
          iron: { diameter: 0.0127, depth: 0.04 },
        },
        {
          name: 'knop',
          profile: [mm(16, 0, 6), mm(22, 15, 6), mm(36, 24, 5.5), mm(50, 15, 6), mm(56, 0, 6)],
        },
        {
          name: 'stem',
          work: 'solid',
          profile: [
            mm(56, 0, 5),
            mm(57, 8, 5),
            mm(62, 7, 5),
            mm(96, 6.5, 5),
            mm(128, 7.5, 5),
            mm(134, 9, 5),
            mm(136, 0, 5),
          ],
          iron: { diameter: 0.0127, depth: 0.04 },
        },
        {
          name: 'merese',
          work: 'solid',
          profile: [mm(136, 0, 5), mm(137, 14, 5), mm(139, 16, 5), mm(141, 14, 5), mm(142, 0, 5)],
          iron: { diameter: 0.0127, depth: 0.04 },
        },
        {
          name: 'pan',
          profile: [
            mm(142, 0, 6),
            mm(144, 12, 5),
            mm(156, 15, 3.6),
            mm(172, 14.5, 3.2),
            mm(180, 20, 3),
            mm(186, 34, 2.8),
          ],
        },
      ],
      sequence: {
        chosen: 0,
        helpers: true,
        variants: [],
        crew: [
          { id: 'p1', name: 'gaffer', skills: ['gaff', 'gather', 'blow'] },
          { id: 'p2', name: 'second hand', skills: ['gather', 'bit', 'blow'] },
          { id: 'p3', name: 'third hand', skills: ['bit', 'blow', 'shield', 'door'] },
        ],
        stations: { 'glory hole': 2 },
      },
    },
  ],
  [
    {
      ...common,
      name: 'Kelp frond',
      notes: 'Solid, drawn up from its stone; the blades go on in pairs, each melted in.',
      form: 'solid',
      parts: [
        {
          name: 'stone',
          work: 'solid',
          profile: [
            mm(0, 0, 5),
            mm(0, 24, 5, true),
            mm(6, 29, 5),
            mm(20, 22, 5),
            mm(26, 9, 5),
            mm(27, 0, 5),
          ],
        },
        {
          name: 'stipe',
          work: 'solid',
          profile: [
            mm(27, 0, 5),
            mm(28, 8, 5),
            mm(60, 7, 5),
            mm(110, 5.5, 5),
            mm(138, 4, 5),
            mm(140, 0, 5),
          ],
          iron: { diameter: 0.0127, depth: 0.04 },
        },
      ],
      bits: [
        {
          name: 'lower blades',
          shape: { kind: 'ellipsoid', x: 0.034, y: 0.016, z: 0.006 },
          place: { height: 0.07, out: 0.022, around: 0, tilt: 0.5, copies: 2 },
        },
        {
          name: 'upper blades',
          shape: { kind: 'ellipsoid', x: 0.028, y: 0.014, z: 0.005 },
          place: { height: 0.11, out: 0.018, around: 1.57, tilt: 0.6, copies: 2 },
        },
      ],
    },
  ],
  [
    {
      ...common,
      name: 'Gull on a bollard',
      notes: 'Solid, off the punty. The wings are a pair: make the second slightly bigger.',
      form: 'solid',
      parts: [
        {
          name: 'bollard',
          work: 'solid',
          profile: [
            mm(0, 0, 5),
            mm(0, 31, 5, true),
            mm(6, 30, 5),
            mm(16, 23, 5),
            mm(44, 21, 5),
            mm(56, 27, 5),
            mm(62, 24, 5),
            mm(64, 0, 5),
          ],
        },
        {
          name: 'gull',
          work: 'solid',
          profile: [
            mm(64, 0, 5),
            mm(68, 12, 5),
            mm(82, 19, 5),
            mm(98, 14, 5),
            mm(108, 8, 5),
            mm(114, 0, 5),
          ],
          iron: { diameter: 0.0127, depth: 0.05 },
        },
      ],
      bits: [
        {
          name: 'wings',
          shape: { kind: 'ellipsoid', x: 0.042, y: 0.014, z: 0.02 },
          place: { height: 0.086, out: 0.032, around: 0, tilt: 0.5, copies: 2 },
        },
        {
          name: 'head',
          shape: { kind: 'ball', diameter: 0.019 },
          place: { height: 0.119, out: 0, around: 0, tilt: 0, copies: 1 },
        },
        {
          name: 'bill',
          shape: { kind: 'rod', diameter: 0.004, length: 0.013 },
          place: { height: 0.119, out: 0.0145, around: -1.57, tilt: 1.57, copies: 1 },
        },
      ],
      firing: { ...common.firing, practice: 'plain' },
    },
  ],
  [
    {
      ...common,
      name: 'Harbour float',
      notes: 'Closed with a small bit where it left the iron; hangs in a net.',
      form: 'ball',
      parts: [
        {
          name: 'body',
          profile: float,
          colours: [
            {
              colour: 'deep-water',
              after: 1,
              amount: { kind: 'bar', length: 0.022, diameter: 0.028 },
            },
          ],
        },
      ],
    },
  ],
  [
    {
      ...common,
      name: 'Tide-pool bowl',
      notes: 'First drawing.',
      form: 'bowl',
      parts: [{ name: 'body', profile: bowl.slice(0, 6) }],
    },
    {
      ...common,
      name: 'Tide-pool bowl',
      notes: 'Lip carried out and thinned; foot left heavy so it sits quietly.',
      form: 'bowl',
      parts: [
        {
          name: 'body',
          profile: bowl,
          colours: [
            { colour: 'harbour-milk', after: 1, amount: { kind: 'passes', count: 6 } },
            {
              colour: 'sea-mist',
              after: 2,
              amount: { kind: 'bar', length: 0.03, diameter: 0.028 },
            },
          ],
        },
      ],
    },
  ],
];
