// The invented studio's pieces: Tern Quay Glass, a small workshop on a tidal estuary.
import {
  PIECE_FORMAT,
  PIECE_VERSION,
  type PieceDocument,
  type PiecePoint,
} from '@zanfirico/contract';
import { ORDINARY_FIRING, ORDINARY_MAKING } from '@zanfirico/core';

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
    {
      ...common,
      name: 'Oil cruet',
      notes: 'The body; the stopper is ground to the neck afterwards.',
      form: 'bottle',
      parts: [
        {
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
        },
      ],
    },
  ],
  [
    {
      ...common,
      name: 'Harbour float',
      notes: 'Closed with a small bit where it left the iron; hangs in a net.',
      form: 'ball',
      parts: [{ name: 'body', profile: float }],
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
      parts: [{ name: 'body', profile: bowl }],
    },
  ],
];
