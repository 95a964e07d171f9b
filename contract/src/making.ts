// A making: what happened to one piece on its way, from the plan it began from to the box. An append-only list of events; everything else
// is worked out from them, and a correction is another event. Times are milliseconds since 1970, lengths m, masses kg, temperatures °C.
import { Type, type Static } from '@sinclair/typebox';
import { LIMITS } from './limits';
import { SequenceSchema, StepSchema } from './order';
import { PieceSchema } from './piece';
import { DRAFT } from './format';
import { count, number, oneOf, ownId, shopName, strict } from './words';

/** What can go wrong at the bench, as the trade calls it. */
export const MISHAPS = [
  'off centre',
  'ragged break',
  'trimmed to save it',
  'too cold at the marver',
  'blew thin',
  'trapped bubble',
  'cracked',
  'fell',
  'stuck to the mould',
  'slumped',
  'wrong colour',
] as const;

const eventId = () =>
  Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'its own: sent twice it is kept once' });
const at = () => count(LIMITS.moment, 'when it happened, ms since 1970');
const text = () => Type.String({ minLength: 1, maxLength: 500, pattern: '\\S' });
const of = <const K extends string>(kind: K) => ({
  kind: Type.Literal(kind),
  id: eventId(),
  at: at(),
});

/** One thing that happened. */
export const MakingEventSchema = Type.Union([
  Type.Object(
    {
      ...of('step'),
      step: ownId('a step of the plan, or one put in'),
      what: oneOf(['begun', 'done', 'skipped', 'again']),
    },
    strict,
  ),
  Type.Object({ ...of('put in'), after: Type.Optional(ownId()), step: StepSchema }, strict),
  Type.Object({ ...of('fire'), what: oneOf(['in', 'out']) }, strict),
  Type.Object({ ...of('call'), says: text() }, strict),
  Type.Object(
    {
      ...of('reading'),
      of: oneOf(['length', 'mass', 'temperature']),
      value: number(LIMITS.reading, 'm, kg or °C'),
      where: Type.Optional(text()),
    },
    strict,
  ),
  Type.Object(
    {
      ...of('mishap'),
      what: oneOf(MISHAPS),
      part: Type.Optional(ownId()),
      says: Type.Optional(text()),
    },
    strict,
  ),
  Type.Object({ ...of('note'), says: text() }, strict),
  Type.Object({ ...of('away'), what: oneOf(['gone', 'back']) }, strict),
  Type.Object({ ...of('boxed'), annealer: shopName(), where: Type.Optional(text()) }, strict),
  Type.Object({ ...of('given up'), where: Type.Optional(text()) }, strict),
  Type.Object({ ...of('taken back'), event: eventId() }, strict),
]);

export type MakingEvent = Static<typeof MakingEventSchema>;

/** What a making begins with: the piece as it is planned, the order in hand and its clock, who is there. Never changed. */
export const MakingBeginSchema = Type.Object(
  {
    id: Type.String({ pattern: '^[0-9a-f-]{36}$' }),
    piece: Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'id of the piece on the shelf' }),
    revision: count(LIMITS.revision),
    at: at(),
    /** One of so many alike. */
    number: count(LIMITS.pieces),
    document: PieceSchema,
    steps: Type.Array(StepSchema, { minItems: 1, maxItems: 400 }),
    starts: Type.Array(number(LIMITS.stepStart, 's from the first gather'), { maxItems: 400 }),
    crew: Type.Optional(SequenceSchema.properties.crew),
    hole: Type.Optional(shopName('the glory hole it is worked at')),
    annealer: Type.Optional(shopName()),
    /** How long its night is planned, s. */
    night: Type.Optional(number(LIMITS.recipeHold, 's')),
    rehearsal: Type.Optional(Type.Boolean({ description: 'without glass' })),
  },
  strict,
);

export type MakingBegin = Static<typeof MakingBeginSchema>;

/** A whole making as a file. */
export const MakingSchema = Type.Object(
  {
    format: Type.Literal('zanfirico.making'),
    version: Type.Literal(1),
    begin: MakingBeginSchema,
    events: Type.Array(MakingEventSchema, { maxItems: 20_000 }),
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/making-1.json',
    title: 'Zanfirico making',
    description: 'What happened to one piece: its plan as it began, and every event in order.',
  },
);

export type MakingDocument = Static<typeof MakingSchema>;

/** Body of "these happened": sent again they are kept once. */
export const MakingEventsBody = Type.Object(
  { events: Type.Array(MakingEventSchema, { minItems: 1, maxItems: 500 }) },
  strict,
);

/** Query of the list, and of one making's events from a place on. */
export const MakingListQuery = Type.Object(
  { piece: Type.Optional(Type.String({ pattern: '^[0-9a-f-]{36}$' })) },
  strict,
);
export const MakingFromQuery = Type.Object(
  { from: Type.Optional(Type.String({ pattern: '^[0-9]{1,6}$' })) },
  strict,
);

/** A making on the list: what it is of, and how it stands. */
export interface MakingLine {
  readonly id: string;
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  readonly begunAt: number;
  readonly lastAt: number;
  readonly events: number;
  readonly ended: 'boxed' | 'given up' | undefined;
  readonly rehearsal: boolean;
}
