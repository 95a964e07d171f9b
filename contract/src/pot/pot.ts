// A pot of the shop, and what happened to it: charged, dipped, taken from, given back to; append-only, an entry is struck by another.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, glassId, number, oneOf, ownId, shopName, strict, type Kept } from '../words';

const size = () => number(LIMITS.potSize, 'm');

/** A pot: what stands in it, its inside, how it is heated. */
export const PotSchema = Type.Object(
  {
    id: ownId('what its entries call it'),
    name: shopName(),
    glass: glassId(),
    form: Type.Union([
      Type.Object({ kind: Type.Literal('cylinder'), diameter: size(), height: size() }, strict),
      Type.Object(
        { kind: Type.Literal('cone'), bottom: size(), diameter: size(), height: size() },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('bowl'),
          diameter: size(),
          height: size(),
          ball: number(LIMITS.potSize, 'radius of the ball its bottom is of, m'),
        },
        strict,
      ),
    ]),
    working: number(LIMITS.potTemperature, 'gathered from, °C'),
    cooking: number(LIMITS.potTemperature, 'a charge is cooked at, °C'),
    power: number(LIMITS.furnacePower, 'the furnace can give, W'),
    loses: number(LIMITS.furnacePower, 'it loses at that heat, W'),
    least: number(LIMITS.charge, 'under so much it cannot be gathered from well, kg'),
  },
  strict,
);
/** A pot as the shop keeps it. */
export type PotDocument = Kept<typeof PotSchema>;

const of = <const K extends string>(kind: K) => ({
  kind: Type.Literal(kind),
  id: Type.String({
    pattern: '^[0-9a-f-]{36}$',
    description: 'its own: sent twice it is kept once',
  }),
  pot: ownId(),
  at: count(LIMITS.moment, 'when, ms since 1970'),
});
const says = () => Type.Optional(Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' }));
const mass = () => number(LIMITS.charge, 'kg');

/** One thing that happened to a pot. */
export const PotEventSchema = Type.Union([
  Type.Object(
    { ...of('charged'), what: oneOf(['batch', 'pellets', 'cullet']), mass: mass(), says: says() },
    strict,
  ),
  Type.Object({ ...of('taken'), mass: mass(), says: says() }, strict),
  Type.Object({ ...of('given back'), mass: mass(), says: says() }, strict),
  Type.Object({ ...of('dipped'), depth: number(LIMITS.dipped, 'm') }, strict),
  Type.Object({ ...of('struck'), event: Type.String({ pattern: '^[0-9a-f-]{36}$' }) }, strict),
]);
/** What happened to a pot. */
export type PotEventDocument = Kept<typeof PotEventSchema>;

/** Body of "these happened to pots": sent again they are kept once. */
export const PotEventsBody = Type.Object(
  { events: Type.Array(PotEventSchema, { minItems: 1, maxItems: 200 }) },
  strict,
);
/** One of what a pot is charged with. */
export type Charged = Extract<PotEventDocument, { kind: 'charged' }>['what'];
/** A pot’s inside: straight-sided, wider towards its mouth, or on a round bottom that is part of a ball. m. */
export type PotForm = PotDocument['form'];
