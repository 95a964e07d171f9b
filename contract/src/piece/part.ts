// A part on the axis: its outline, how it is worked, what it is of, and the colour laid on it. Lengths m.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, glassId, number, oneOf, ownId, strict, type Kept } from '../words';

/** A part's name. */
export const partName = () => Type.String({ minLength: 1, maxLength: 40 });
const slope = () => number(LIMITS.slope);

/** One point of the outside line, base to lip. */
export const ProfilePointSchema = Type.Object(
  {
    height: number(LIMITS.coordinate, 'above the table, m'),
    radius: number(LIMITS.radius, 'outer radius, m; 0 on the axis'),
    wall: number(LIMITS.wall, 'wall thickness square to the outside, m'),
    corner: Type.Optional(Type.Boolean({ description: 'a crisp edge at this point' })),
    pull: Type.Optional(
      Type.Object(
        { radius: slope(), height: slope() },
        { ...strict, description: 'a tangent pulled by hand, m per m of chord' },
      ),
    ),
  },
  strict,
);

/** A part's outside, from base to lip. */
export const ProfileSchema = Type.Array(ProfilePointSchema, { minItems: 3, maxItems: 200 });

const SIZE = {
  diameter: number(LIMITS.stockAcross, 'm'),
  wall: Type.Optional(number(LIMITS.tubeWall, 'm')),
};
const STOCK = { ...strict, description: 'torch stock: tubing with a wall, rod without' };

/** Torch stock something is made from: tubing when it has a wall, rod when it has none. */
export const stock = () => Type.Object(SIZE, STOCK);

/** The same of a part, which may be of coloured stock. */
const partStock = () =>
  Type.Object(
    {
      ...SIZE,
      colour: Type.Optional(
        Type.String({
          pattern: '^[a-z0-9-]{1,40}$',
          description: 'id of the colour it is of throughout; the part’s glass when left out',
        }),
      ),
    },
    STOCK,
  );

/** Colour laid on a part, in the amounts a shop measures. */
export const ColourLayerSchema = Type.Object(
  {
    colour: Type.String({
      pattern: '^[a-z0-9-]{1,40}$',
      description: 'id of a colour, or of a glass laid as one, in the rack',
    }),
    after: count(LIMITS.afterGather, 'laid on after so many gathers, under the next'),
    amount: Type.Union([
      Type.Object(
        {
          kind: Type.Literal('bar'),
          length: number(LIMITS.barLength, 'm'),
          diameter: number(LIMITS.barAcross, 'm'),
        },
        strict,
      ),
      Type.Object({ kind: Type.Literal('weight'), mass: number(LIMITS.colourMass, 'kg') }, strict),
      Type.Object(
        { kind: Type.Literal('passes'), count: count(LIMITS.passes, 'rolls in powder or frit') },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('pinches'),
          count: count(LIMITS.pinches, 'of powder, between thumb and two fingers'),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('canes'),
          count: count(LIMITS.caneCount),
          diameter: number(LIMITS.caneAcross, 'm'),
          length: number(LIMITS.caneLength, 'm'),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('coats'),
          count: count(LIMITS.coats, 'all round'),
          thickness: number(LIMITS.coatThickness, 'of each, m'),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('pieces'),
          count: count(LIMITS.lumps, 'lumps set in'),
          diameter: number(LIMITS.lumpAcross, 'm'),
        },
        strict,
      ),
    ]),
  },
  strict,
);

const depth = (description: string) => number(LIMITS.depthAcross, description);

/** What a part is cut across its axis, in units of the profile's radius: half its width. */
export const AcrossSchema = Type.Union(
  [
    Type.Object(
      {
        kind: Type.Literal('oval'),
        depth: depth('deep, against wide'),
        square: number(LIMITS.squareness, '2 an ellipse, squarer the higher'),
      },
      strict,
    ),
    Type.Object(
      {
        kind: Type.Literal('ribs'),
        count: count(LIMITS.ribs, 'ridges round it'),
        depth: number(LIMITS.cutIn, 'grooves, against the radius'),
      },
      strict,
    ),
    Type.Object(
      {
        kind: Type.Literal('flats'),
        count: count(LIMITS.flats, 'flat spots evenly round'),
        depth: number(LIMITS.cutIn, 'each paddled in, against the radius'),
      },
      strict,
    ),
    Type.Object(
      {
        kind: Type.Literal('drawn'),
        outline: Type.Array(
          Type.Object({ x: number(LIMITS.outline), y: number(LIMITS.outline) }, strict),
          {
            minItems: 3,
            maxItems: 400,
            description: 'closed, to any size: half its width is taken as one',
          },
        ),
      },
      strict,
    ),
  ],
  { description: 'what it is cut across its axis; round when left out' },
);

/** An iron and how deep it dips. */
const iron = () =>
  Type.Object({ diameter: number(LIMITS.iron, 'm'), depth: number(LIMITS.dip, 'm') }, strict);

/** A part on the axis, its profile at its true height in the piece. What is left out is the piece's own. */
export const PartSchema = Type.Object(
  {
    id: ownId('its own for good: steps, joins and the pattern name it'),
    name: partName(),
    profile: ProfileSchema,
    work: Type.Optional(
      oneOf(['blown', 'solid'], {
        description: 'solid: glass right through, walls not asked; blown when left out',
      }),
    ),
    across: Type.Optional(AcrossSchema),
    role: Type.Optional(
      oneOf(['joined', 'stopper'], {
        description: 'stopper: set into the mouth and lifted out; joined when left out',
      }),
    ),
    holes: Type.Optional(
      Type.Array(
        Type.Object(
          {
            height: number(LIMITS.coordinate, 'of its middle, m'),
            around: number(LIMITS.angle, 'round the axis, rad'),
            diameter: number(LIMITS.measure, 'm'),
          },
          strict,
        ),
        { maxItems: 24, description: 'round holes square through the wall' },
      ),
    ),
    glass: Type.Optional(glassId()),
    iron: Type.Optional(iron()),
    stock: Type.Optional(partStock()),
    colours: Type.Optional(
      Type.Array(ColourLayerSchema, {
        maxItems: 20,
        description: 'colour between the gathers, from inside to outside',
      }),
    ),
    mirror: Type.Optional(
      Type.Boolean({ description: 'while drawing, the upper half mirrors the lower' }),
    ),
  },
  strict,
);

/** A point of it. */
export type ProfilePoint = Kept<typeof ProfilePointSchema>;
/** A part of a piece. */
export type PiecePart = Kept<typeof PartSchema>;
/** What it looks like across its axis. */
export type Across = Kept<typeof AcrossSchema>;
/** A layer of colour. */
export type PieceColour = Kept<typeof ColourLayerSchema>;
/** A pulled tangent, m per m of chord. */
export type Pull = NonNullable<ProfilePoint['pull']>;
/** A round hole through the wall. */
export type WallHole = NonNullable<PiecePart['holes']>[number];
/** An amount as the shop measures it. SI. */
export type Amount = PieceColour['amount'];
/** Torch stock: tubing with a wall, rod without; of a colour where it is coloured. */
export type Stock = NonNullable<PiecePart['stock']>;
/** Hollow blown work, or glass right through. */
export type PartWork = NonNullable<PiecePart['work']>;
/** Part of the body for good, or set into its mouth and lifted out again. */
export type Role = NonNullable<PiecePart['role']>;
