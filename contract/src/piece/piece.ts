// The piece document: what is saved, exported and read back. Lengths m, temperatures °C, times s.
import { Type } from '@sinclair/typebox';
import { BitSchema, coordinate, size } from './bit';
import { CaneSchema, PatternSchema } from './decoration';
import { DRAFT, PICTURE_LIMIT, PIECE_FORMAT, PIECE_VERSION } from '../format';
import { KilnSchema } from '../kiln/kiln';
import { LIMITS } from '../limits';
import { SequenceSchema } from '../order/order';
import { PartSchema } from './part';
import { count, glassId, number, oneOf, shopName, strict, type Kept } from '../words';
import { MOST_TAGS, tagWord } from './tags';

const clock = (description: string) =>
  Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$', description });

/** How its glass comes to the iron, or from which tubing. */
const Making = Type.Object(
  {
    potTemperature: number(LIMITS.potTemperature, '°C'),
    ironDiameter: number(LIMITS.iron, 'm'),
    dipDepth: number(LIMITS.dip, 'm'),
    allowance: number(LIMITS.allowance, 'share for moil and trim'),
    gatherer: Type.Optional(
      Type.String({ minLength: 1, maxLength: 40, description: 'role of whoever gathers' }),
    ),
    tube: Type.Object(
      { outerDiameter: number(LIMITS.tubeAcross, 'm'), wall: number(LIMITS.tubeWall, 'm') },
      strict,
    ),
  },
  strict,
);

/** Its night. */
/** How a piece stands in the box, which changes its night most. */
const Standing = Type.Object(
  {
    stands: Type.Optional(
      oneOf(['free', 'shelf', 'rim', 'lying', 'packed'], {
        description:
          'on posts or a grid, flat on the shelf, mouth down, on its side, packed among others; on posts when left out',
      }),
    ),
    rounded: Type.Optional(
      number(
        LIMITS.cornersRounded,
        'its inside corners are as round as this, m; 1 mm when left out',
      ),
    ),
    outside: Type.Optional(number(LIMITS.sees, 'how much of the box its outside sees')),
    under: Type.Optional(number(LIMITS.sees, 'how much of the box its underside sees')),
    opening: Type.Optional(number(LIMITS.sees, 'how much of its mouth is open')),
  },
  strict,
);

const Firing = Type.Object(
  {
    practice: oneOf(['fine', 'studio', 'plain']),
    holdTemperature: Type.Union([
      number(LIMITS.holdTemperature, '°C'),
      Type.Null({ description: 'the glass’s annealing point' }),
    ]),
    firstIn: clock('first piece in, HH:MM'),
    lastIn: clock('last piece in, HH:MM'),
    boxCoolingTime: number(LIMITS.boxCoolingTime, 'time constant of the box with the power off, s'),
    doorTemperature: number(LIMITS.doorTemperature, '°C'),
    annealer: Type.Optional(
      shopName('name of the shop’s annealer it goes into; its figures then stand for the box'),
    ),
    restraint: Type.Optional(
      number(
        LIMITS.restraint,
        'how far joined thick and thin hold each other: 0 free, 1 fully; 0.5 when left out',
      ),
    ),
    liquidRatio: Type.Optional(
      number(
        LIMITS.liquidRatio,
        'how many times more the liquid shrinks than the solid; 2.9 when left out',
      ),
    ),
    inHand: Type.Optional(
      number(
        LIMITS.inHand,
        'share of what the practice allows that is not planned with, for what may be off; 0.15 when left out',
      ),
    ),
    standing: Type.Optional(Standing),
  },
  strict,
);

const Closure = Type.Object(
  {
    cork: Type.Optional(
      Type.Object(
        { small: size('lower end'), large: size('upper end'), length: size('long') },
        strict,
      ),
    ),
    ovality: number(LIMITS.ovality, 'widest less narrowest across the mouth, m'),
  },
  strict,
);

const Fit = Type.Object(
  {
    tolerance: number(LIMITS.tolerance, 'how far numbers may differ, 1/K'),
    pieces: count(LIMITS.pieces, 'how many are made'),
  },
  strict,
);

const Spot = Type.Object(
  {
    out: number(LIMITS.coordinate, 'from the axis, less than nothing on the left, m'),
    height: number(LIMITS.coordinate, 'm'),
  },
  strict,
);

/** A measure somebody put on the drawing. */
const Dimension = Type.Object({ from: Spot, to: Spot }, strict);

/** A picture under the drawing to trace from. */
const Reference = Type.Object(
  {
    picture: Type.String({
      pattern: '^data:image/jpeg;base64,[A-Za-z0-9+/]+={0,2}$',
      maxLength: PICTURE_LIMIT,
      description: 'a JPEG, written anew by this program',
    }),
    tall: number(LIMITS.slope, 'height against width'),
    left: number(LIMITS.coordinate, 'of its lower left corner, m'),
    bottom: number(LIMITS.coordinate, 'm'),
    width: number(LIMITS.measure, 'm'),
    turn: number(LIMITS.angle, 'about that corner, anticlockwise, rad'),
    fade: number(LIMITS.lost, '0 plain, nearly 1 hardly seen'),
  },
  strict,
);

/** A whole piece. */
export const PieceSchema = Type.Object(
  {
    format: Type.Literal(PIECE_FORMAT),
    version: Type.Literal(PIECE_VERSION),
    name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }),
    notes: Type.String({ maxLength: 4000 }),
    tags: Type.Optional(
      Type.Array(tagWord(), {
        maxItems: MOST_TAGS,
        uniqueItems: true,
        description: 'words it is found by on the shelf',
      }),
    ),
    form: oneOf([
      'tumbler',
      'bowl',
      'bottle',
      'ball',
      'plate',
      'stemmed',
      'solid',
      'cube',
      'heart',
    ]),
    way: oneOf(['furnace', 'torch', 'kiln']),
    glass: glassId(),
    parts: Type.Array(PartSchema, { minItems: 1, maxItems: 40 }),
    bits: Type.Optional(Type.Array(BitSchema, { maxItems: 60 })),
    reference: Type.Optional(Reference),
    fillLine: Type.Optional(coordinate()),
    dimensions: Type.Optional(
      Type.Array(Dimension, { maxItems: 60, description: 'measures put on the drawing' }),
    ),
    closure: Type.Optional(Closure),
    pattern: Type.Optional(PatternSchema),
    cane: Type.Optional(CaneSchema),
    fit: Type.Optional(Fit),
    kiln: Type.Optional(KilnSchema),
    sequence: Type.Optional(SequenceSchema),
    making: Making,
    firing: Firing,
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/piece-2.json',
    title: 'Zanfirico piece',
    description: 'A planned glass piece. Lengths in metres, temperatures in °C, times in seconds.',
  },
);

/** A whole piece, as its file has it. */
export type PieceDocument = Kept<typeof PieceSchema>;
/** How it is annealed. */
export type PieceFiringPlan = PieceDocument['firing'];
/** A measure put on the drawing. */
export type PieceDimension = Kept<typeof Dimension>;
/** A picture to trace from. */
export type PieceReference = Kept<typeof Reference>;
/** How a piece stands in the box: free all round (a grid, posts), flat on the shelf, on its rim with the mouth down, lying on its side, or packed among others. */
export type SectionStands = NonNullable<NonNullable<PieceFiringPlan['standing']>['stands']>;
/** How much tension may stay: fine, studio or plain. */
export type Practice = PieceFiringPlan['practice'];
/** Tubing as bought: outer diameter and wall, m. */
export type Tube = NonNullable<PieceDocument['making']['tube']>;
/** How the piece is worked. */
export type Way = PieceDocument['way'];
/** A cork: tapered, m. */
export type Cork = NonNullable<Closure['cork']>;
/** One of the starting forms. */
export type Form = PieceDocument['form'];
/** A cork, and how far the mouth is out of round, m. */
export type Closure = NonNullable<PieceDocument['closure']>;
