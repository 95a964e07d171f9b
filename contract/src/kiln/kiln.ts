// A piece made in the kiln: what is laid on the shelf, what it is slumped into or cast in, and its firings. m, °C, s, rad.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { number, oneOf, ownId, strict, type Kept } from '../words';

const size = (description?: string) => number(LIMITS.laidSize, description);
const spot = () => number(LIMITS.laidSpot, 'm');

/** A flat shape about its own middle. */
const Shape = Type.Union([
  Type.Object({ kind: Type.Literal('rect'), width: size(), deep: size() }, strict),
  Type.Object({ kind: Type.Literal('round'), across: size() }, strict),
  Type.Object(
    {
      kind: Type.Literal('outline'),
      points: Type.Array(Type.Object({ x: spot(), y: spot() }, strict), {
        minItems: 3,
        maxItems: 400,
      }),
    },
    strict,
  ),
]);

/** One thing laid; later ones lie on earlier ones. */
export const LaidSchema = Type.Object(
  {
    id: ownId('its own'),
    as: oneOf(['sheet', 'strip', 'stringer', 'frit', 'powder']),
    of: Type.Optional(
      Type.String({
        pattern: '^[a-z0-9-]{1,40}$',
        description: 'id of a glass or colour of the rack; the piece’s glass when left out',
      }),
    ),
    thickness: number(
      LIMITS.laidThick,
      'of the sheet, across a stringer, or how deep it is heaped, m',
    ),
    shape: Shape,
    x: spot(),
    y: spot(),
    turn: number(LIMITS.angle, 'rad, anticlockwise'),
    mirrored: Type.Optional(Type.Boolean()),
  },
  strict,
);

const heatHeld = (description: string) =>
  Type.Object(
    { at: number(LIMITS.kilnHeat, '°C'), hold: number(LIMITS.recipeHold, 's') },
    { ...strict, description },
  );

/** One firing. */
export const KilnFiringSchema = Type.Object(
  {
    aim: oneOf(['polish', 'tack', 'contour', 'full', 'slump', 'drape', 'cast']),
    air: heatHeld('a pause on the way up'),
    process: heatHeld('where it flows'),
    day: Type.Optional(
      Type.String({
        pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$',
        description: 'on which day it is begun',
      }),
    ),
    at: Type.Optional(
      Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$', description: 'HH:MM it is begun' }),
    ),
  },
  strict,
);

const Mould = Type.Object(
  {
    kind: oneOf(['bowl', 'plate', 'square', 'channel', 'ring', 'drape', 'drawn']),
    across: size('its mouth'),
    deep: number(LIMITS.mouldDeep, 'from its rim down, m'),
    flat: number({ minimum: 0, maximum: 0.98 }, 'share of the way out that is flat'),
    points: Type.Optional(
      Type.Array(
        Type.Object(
          {
            out: number(LIMITS.radius, 'from the middle, m'),
            deep: number(LIMITS.mouldDepth, 'below the rim, m'),
          },
          strict,
        ),
        { minItems: 2, maxItems: 60, description: 'a drawn one, from its middle to its rim' },
      ),
    ),
  },
  strict,
);

const Cast = Type.Object(
  {
    packed: oneOf(['powder', 'fine', 'frit', 'coarse', 'billet']),
    reservoir: Type.Optional(size('a reservoir above it, across')),
  },
  strict,
);

/** The kiln's part of a piece. */
export const KilnSchema = Type.Object(
  {
    laid: Type.Array(LaidSchema, {
      maxItems: 500,
      description: 'from the shelf up; nothing where it is cast',
    }),
    dam: Type.Optional(number(LIMITS.mouldDeep, 'dams stand so high round it, m')),
    mould: Type.Optional(Mould),
    cast: Type.Optional(Cast),
    limit: Type.Optional(number(LIMITS.recipeTemperature, '°C its shelf, paper or mould bears')),
    firings: Type.Array(KilnFiringSchema, { minItems: 1, maxItems: 6 }),
  },
  {
    ...strict,
    description:
      'a piece of sheet and frit, or cast: its parts are worked out from this; those in the file are as it was last saved',
  },
);

/** What is laid and fired of a piece. */
export type KilnWork = Kept<typeof KilnSchema>;
/** One thing laid. */
export type Laid = Kept<typeof LaidSchema>;
/** Its outline. */
export type LaidShape = Laid['shape'];
/** One firing. */
export type KilnFiring = Kept<typeof KilnFiringSchema>;
/** What it is slumped into. */
export type Mould = Kept<typeof Mould>;
/** What a mould is filled with. */
export type Packed = NonNullable<KilnWork['cast']>['packed'];
/** One of what is laid. */
export type LaidAs = Laid['as'];
/** A place from above, m. */
export type ShelfSpot = Extract<LaidShape, { kind: 'outline' }>['points'][number];
/** One of the forms of a mould. */
export type MouldKind = Mould['kind'];
/** What a firing is for. */
export type Aim = KilnFiring['aim'];
