// A bit: a part off the axis. Axes: x away from the axis, y along the surface, z up. Lengths m.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { partName, stock } from './part';
import { count, glassId, number, strict, type Kept } from '../words';

/** A measure of something drawn by hand. */
export const size = (description: string) => number(LIMITS.measure, `${description}, m`);
/** A place, m. */
export const coordinate = () => number(LIMITS.coordinate, 'm');

/** The shape of a bit. */
export const BitShapeSchema = Type.Union([
  Type.Object(
    { kind: Type.Literal('rod'), diameter: size('across'), length: size('long') },
    strict,
  ),
  Type.Object({ kind: Type.Literal('ball'), diameter: size('across') }, strict),
  Type.Object(
    { kind: Type.Literal('ellipsoid'), x: size('out'), y: size('round'), z: size('up') },
    strict,
  ),
  Type.Object(
    { kind: Type.Literal('box'), x: size('out'), y: size('round'), z: size('up') },
    strict,
  ),
  Type.Object({ kind: Type.Literal('dot'), diameter: size('across'), rise: size('rises') }, strict),
  Type.Object(
    {
      kind: Type.Literal('bent'),
      diameter: size('across'),
      wall: Type.Optional(size('wall, for a tube')),
      path: Type.Array(Type.Object({ out: coordinate(), up: coordinate() }, strict), {
        minItems: 2,
        maxItems: 40,
      }),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('wrap'),
      diameter: size('across'),
      turns: number(LIMITS.wrapTurns),
      pitch: number(LIMITS.wrapPitch, 'rise each turn, m'),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('pulled'),
      width: size('along the lip'),
      reach: size('its tip out from the lip'),
      rise: size('its tip over the lip'),
      drop: size('where it begins, under the lip'),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('mesh'),
      positions: Type.Array(coordinate(), { minItems: 12, maxItems: 30000 }),
      triangles: Type.Array(Type.Integer({ minimum: 0, maximum: 9999 }), {
        minItems: 12,
        maxItems: 60000,
      }),
    },
    strict,
  ),
]);

/** A bit. */
export const BitSchema = Type.Object(
  {
    name: partName(),
    glass: Type.Optional(glassId()),
    stock: Type.Optional(stock()),
    shape: BitShapeSchema,
    place: Type.Object(
      {
        height: number(LIMITS.coordinate, 'of its anchor, m'),
        out: number(LIMITS.radius, 'from the axis, m'),
        around: number(LIMITS.angle, 'round the axis, rad'),
        tilt: number(LIMITS.angle, 'outwards from upright, rad'),
        copies: count(LIMITS.bitCopies, 'evenly round the axis'),
      },
      strict,
    ),
  },
  strict,
);

/** A bit of a piece. */
export type PieceBit = Kept<typeof BitSchema>;
/** Its shape. */
export type PieceBitShape = Kept<typeof BitShapeSchema>;
/** Where a bit sits: its anchor’s height and distance from the axis, m; round the axis and tilted outwards, rad; how many of them, evenly round. */
export type BitPlace = PieceBit['place'];
