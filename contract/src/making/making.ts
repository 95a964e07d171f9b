// A making: what happened to one piece on its way, from the plan it began from to the box. An append-only list of events; everything else
// is worked out from them, and a correction is another event. Times are milliseconds since 1970, lengths m, masses kg, temperatures °C.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { SequenceSchema, StepSchema } from '../order/order';
import { PieceSchema } from '../piece/piece';
import { DRAFT } from '../format';
import { count, number, oneOf, ownId, shopName, strict, type Kept } from '../words';

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
  'half a gather',
  'gathered too much',
] as const;

/** What can be found on a piece that came out, as the trade calls it; `origin` is where a break began. */
const FLAWS = [
  'origin',
  'check',
  'seed',
  'stone',
  'cord',
  'chill mark',
  'scar',
  'thin',
  'thick',
  'sagged',
  'colour ran',
] as const;

/** What can be measured against the drawing. */
export const MEASURED = ['height', 'lip', 'wall', 'weight', 'capacity', 'ovality'] as const;

/** What a making is of, where it is made in a class. */
const LessonSchema = Type.Object(
  {
    class: Type.String({ pattern: '^[0-9a-f-]{36}$' }),
    student: ownId(),
    bench: Type.Optional(shopName()),
  },
  strict,
);
/** How a piece came out of the box. */
const CAME_OUT = ['kept', 'second', 'lost'] as const;

const eventId = (description = 'its own: sent twice it is kept once') =>
  Type.String({ pattern: '^[0-9a-f-]{36}$', description });
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
  Type.Object(
    { ...of('photo'), photo: eventId('of the picture'), says: Type.Optional(text()) },
    strict,
  ),
  Type.Object({ ...of('away'), what: oneOf(['gone', 'back']) }, strict),
  Type.Object({ ...of('boxed'), annealer: shopName(), where: Type.Optional(text()) }, strict),
  Type.Object({ ...of('given up'), where: Type.Optional(text()) }, strict),
  Type.Object({ ...of('taken back'), event: eventId() }, strict),
  // The morning after, and later: what came out of the box, measured against the drawing, what broke, and why it is thought it did.
  Type.Object(
    {
      ...of('opened'),
      what: oneOf(CAME_OUT),
      door: Type.Optional(number(LIMITS.recipeTemperature, 'how hot the box was, °C')),
    },
    strict,
  ),
  Type.Object(
    {
      ...of('measured'),
      of: oneOf(MEASURED),
      value: number(LIMITS.finished, 'm, kg or m³'),
      up: Type.Optional(number(LIMITS.measure, 'at which height on the wall, m')),
    },
    strict,
  ),
  // Between polarisers: how far one ray fell behind the other, and how much glass it went through.
  Type.Object(
    {
      ...of('polarised'),
      nm: number(LIMITS.retarded, 'nm'),
      through: number(LIMITS.measure, 'glass in the way, m'),
      up: Type.Optional(number(LIMITS.measure, 'at which height, m')),
    },
    strict,
  ),
  // Marked on the section.
  Type.Object(
    {
      ...of('flaw'),
      what: oneOf(FLAWS),
      out: number(LIMITS.coordinate, 'from the axis, m'),
      height: number(LIMITS.coordinate, 'm'),
      says: Type.Optional(text()),
    },
    strict,
  ),
  Type.Object(
    {
      ...of('broke'),
      when: Type.Optional(text()),
      where: Type.Optional(text()),
      face: Type.Optional(text()),
    },
    strict,
  ),
  Type.Object({ ...of('cause'), what: text() }, strict),
]);

/** One thing that happened. */
export type MakingEvent = Kept<typeof MakingEventSchema>;

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
    /** Beside `steps`: 0 is the lead's lane, others run beside it; and who has a hand in each, the one who leads it first. */
    lanes: Type.Optional(Type.Array(count(LIMITS.lanes), { maxItems: 400 })),
    hands: Type.Optional(
      Type.Array(Type.Array(ownId('of the crew'), { maxItems: 8 }), { maxItems: 400 }),
    ),
    /** As they were read off, °C; the plan's where left out. */
    holeTemperature: Type.Optional(number(LIMITS.gloryHeat, '°C')),
    potTemperature: Type.Optional(number(LIMITS.potTemperature, '°C')),
    /** What was ready before the fire, and since when. */
    ready: Type.Optional(
      Type.Array(Type.Object({ what: text(), since: at() }, strict), { maxItems: 60 }),
    ),
    /** Beside `steps`: what each ordinarily takes on glass of that size, s; what it took is held against that. */
    ordinary: Type.Optional(Type.Array(number(LIMITS.stepSeconds, 's'), { maxItems: 400 })),
    /** Of how many alike. */
    of: Type.Optional(count(LIMITS.pieces)),
    hole: Type.Optional(shopName('the glory hole it is worked at')),
    annealer: Type.Optional(shopName()),
    /** How long its night is planned, s. */
    night: Type.Optional(number(LIMITS.recipeHold, 's')),
    rehearsal: Type.Optional(Type.Boolean({ description: 'without glass' })),
    /** Made in a class. */
    lesson: Type.Optional(LessonSchema),
  },
  strict,
);

/** What a making began with. */
export type MakingBegin = Kept<typeof MakingBeginSchema>;

/** Events a making takes. */
export const MOST_EVENTS = 20_000;

/** A whole making as a file. */
export const MakingSchema = Type.Object(
  {
    format: Type.Literal('zanfirico.making'),
    version: Type.Literal(1),
    begin: MakingBeginSchema,
    events: Type.Array(MakingEventSchema, { maxItems: MOST_EVENTS }),
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/making-1.json',
    title: 'Zanfirico making',
    description: 'What happened to one piece: its plan as it began, and every event in order.',
  },
);

/** A whole making. */
export type MakingDocument = Kept<typeof MakingSchema>;

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
/** Query of a making's events from a place on. */
export const MakingFromQuery = Type.Object(
  { from: Type.Optional(Type.String({ pattern: '^[0-9]{1,6}$' })) },
  strict,
);

/** What steps of a kind took here, as a share of what is ordinary, of the makings there are: median and quartiles. */
export interface StepPace {
  readonly kind: string;
  /** A person of a crew, by name; everybody where left out. */
  readonly person?: string | undefined;
  readonly count: number;
  readonly lower: number;
  readonly median: number;
  readonly upper: number;
}

/** A whole making as a file may be so large, bytes: 20 000 events and the plan. */
export const MAKING_LIMIT = 8_000_000;

/** A making as the log lists it. */
export interface LogLine extends MakingLine {
  readonly outcome: (typeof CAME_OUT)[number] | undefined;
  /** Why it is thought it broke, by the id of the cause. */
  readonly cause: string | undefined;
  readonly lead: string | undefined;
  readonly annealer: string | undefined;
  /** Where it was given up at the bench. */
  readonly where: string | undefined;
  readonly hole: string | undefined;
  readonly glass: string;
  /** Ids of what is laid on it. */
  readonly colours: readonly string[];
  /** How long it was planned to take, s; and took, where it came into the box. */
  readonly planned: number;
  readonly taken: number | undefined;
  /** As drawn, kg; undefined where it cannot be worked out. */
  readonly mass: number | undefined;
}

/** A page of the log. */
export interface LogPage {
  readonly lines: readonly LogLine[];
  readonly total: number;
}

const moment = (description: string) => Type.String({ pattern: '^[0-9]{1,15}$', description });

/** Query of the log: words to find, how it came out, when, by whom, of what, in which box, to what it was lost; from which place on. */
export const LogQuery = Type.Object(
  {
    find: Type.Optional(Type.String({ maxLength: 120 })),
    outcome: Type.Optional(oneOf([...CAME_OUT, 'boxed', 'waits', 'came'])),
    since: Type.Optional(moment('begun no sooner, ms since 1970')),
    until: Type.Optional(moment('begun before, ms since 1970')),
    lead: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    annealer: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    piece: Type.Optional(Type.String({ pattern: '^[0-9a-f-]{36}$' })),
    cause: Type.Optional(Type.String({ minLength: 1, maxLength: 60 })),
    from: Type.Optional(Type.String({ pattern: '^[0-9]{1,6}$' })),
  },
  strict,
);

/** Query of what there is to learn from. */
export const TaughtQuery = Type.Object(
  { since: Type.Optional(moment('begun no sooner, ms since 1970')) },
  strict,
);

/** What there is to learn from, of the makings that were measured, weighed or read. SI. */
export interface Taught {
  readonly against: readonly {
    readonly of: 'height' | 'lip' | 'wall' | 'weight' | 'capacity' | 'ovality';
    readonly drawn: number;
    readonly made: number;
  }[];
  /** What did not stay of what did, of pieces weighed on the iron and when finished. */
  readonly moil: readonly number[];
  /** Makings with temperatures read at the bench. */
  readonly read: readonly string[];
}

/** A picture may be so large, bytes. */
export const PHOTO_LIMIT = 3_000_000;

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

/** A making of a class, as its list has it. */
export interface ClassMaking {
  readonly id: string;
  readonly student: string;
  readonly bench: string | undefined;
  readonly begunAt: number;
  readonly rehearsal: boolean;
}
/** How a piece came out of the box. */
export type CameOut = Extract<MakingEvent, { kind: 'opened' }>['what'];
/** One of what is measured against the drawing. */
export type Measure = Extract<MakingEvent, { kind: 'measured' }>['of'];
/** One of what is found on a piece that came out; origin is where a break began. */
export type Flaw = Extract<MakingEvent, { kind: 'flaw' }>['what'];
