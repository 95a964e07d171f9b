// What happened to a pot of the shop: charged, dipped, taken from, given back to; append-only, an entry is struck by another.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, number, oneOf, ownId, strict, type Kept } from '../words';

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
