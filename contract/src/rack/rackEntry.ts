// The rack: glasses and colours as a shop keeps them, and tests of pairs. SI; temperatures °C.
import { Type } from '@sinclair/typebox';
import { DRAFT } from '../format';
import { LIMITS, QUANTITY_LIMITS, type Limits } from '../limits';
import { number, oneOf, strict, tripleOf, type Kept } from '../words';

const rackId = () => Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id in the rack' });
const words = (maxLength: number) => Type.String({ maxLength });

const given = (limits: Limits & { readonly description: string }) =>
  Type.Optional(
    Type.Object(
      { sheet: Type.Optional(Type.Number(limits)), measured: Type.Optional(Type.Number(limits)) },
      strict,
    ),
  );
const L = QUANTITY_LIMITS;

const share = () => Type.Number({ minimum: 0, maximum: 1, description: 'linear light' });
const light = () => tripleOf(share());
const amount = (limits: Limits, description: string) => Type.Optional(number(limits, description));

/** Forms glass and colour are kept in. */
export const RACK_FORMS = [
  'pot',
  'rod',
  'tubing',
  'sheet',
  'powder',
  'frit',
  'bar',
  'cane',
  'thin rod',
  'fume',
  'enamel',
  'leaf',
  'inclusion',
] as const;
const form = () => oneOf(RACK_FORMS);

/** One glass or colour. */
export const RackEntrySchema = Type.Object(
  {
    id: rackId(),
    kind: Type.Union([Type.Literal('glass'), Type.Literal('colour')]),
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    family: Type.Union([Type.Literal('soft'), Type.Literal('hard'), Type.Literal('other')], {
      description: 'other: no glass at all, a metal, mineral or ash',
    }),
    values: Type.Object(
      {
        expansion: given(L.expansion),
        strainPoint: given(L.strainPoint),
        annealing: given(L.annealing),
        softening: given(L.softening),
        working: given(L.working),
        density: given(L.density),
        youngsModulus: given(L.youngsModulus),
        poisson: given(L.poisson),
        conductivity: given(L.conductivity),
        specificHeat: given(L.specificHeat),
        stressOptical: given(L.stressOptical),
      },
      { ...strict, description: 'from the supplier’s sheet, and measured here' },
    ),
    sheetFrom: Type.Optional(words(200)),
    measuredHow: Type.Optional(words(200)),
    composition: Type.Optional(
      Type.Record(
        Type.String({ pattern: '^[A-Z][A-Za-z0-9]{0,9}$' }),
        Type.Number({ minimum: 0, maximum: 100, description: 'weight per cent' }),
        { ...strict, description: 'oxides' },
      ),
    ),
    holds: Type.Array(Type.String({ pattern: '^[A-Z][a-z]?$', description: 'chemical symbol' }), {
      maxItems: 12,
    }),
    look: Type.Union([
      Type.Literal('transparent'),
      Type.Literal('opalescent'),
      Type.Literal('opaque'),
    ]),
    strikes: Type.Boolean({ description: 'its colour comes up on reheating' }),
    keepOffFood: Type.Boolean(),
    seen: Type.Optional(
      Type.Object(
        {
          sample: number(LIMITS.sample, 'm'),
          through: light(),
          body: light(),
        },
        {
          ...strict,
          description: 'the light let through at the sample’s thickness, and scattered',
        },
      ),
    ),
    forms: Type.Array(form(), { maxItems: 13 }),
    stock: Type.Array(
      Type.Object(
        {
          form: form(),
          mass: amount(LIMITS.rackAmount, 'kg'),
          length: amount(LIMITS.rackAmount, 'm'),
          diameter: amount(LIMITS.rackAcross, 'm'),
          lot: Type.Optional(words(40)),
        },
        strict,
      ),
      { maxItems: 40 },
    ),
    notes: Type.Optional(words(1000)),
    retired: Type.Boolean({ description: 'kept for pieces that use it, no longer offered' }),
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/rack-entry-1.json',
    title: 'Zanfirico rack entry',
    description: 'A glass or a colour. SI; temperatures in °C.',
  },
);

/** An entry of the rack, as it is kept. */
export type RackEntry = Kept<typeof RackEntrySchema>;

/** Entries a rack keeps at most. */
export const MOST_ENTRIES = 5000;
/** Entries taken in one request: as many as fit the body limit. */
export const IMPORT_BATCH = 400;

/** Body of "keep an entry": refused when `baseRevision` is no longer the newest; 0 is a new one. */
export const SaveEntryBody = Type.Object(
  { baseRevision: Type.Integer({ minimum: 0 }), entry: RackEntrySchema },
  strict,
);
/** Body of "keep this entry". */
export type SaveEntry = Kept<typeof SaveEntryBody>;

/** Body of "take a table in": entries of a known id are kept as a new revision. All or nothing. */
export const ImportEntriesBody = Type.Object(
  { entries: Type.Array(RackEntrySchema, { minItems: 1, maxItems: IMPORT_BATCH }) },
  strict,
);

/** An entry's id in an address. */
export const EntryParams = Type.Object({ id: rackId() }, strict);

const small = (description: string) => number(LIMITS.threadError, `± ${description}, m`);

/** A thread of two glasses, or a chip of the first in the second. */
export const ReadingSchema = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('thread'),
      length: number(LIMITS.threadLength, 'm'),
      bow: number(LIMITS.threadBow, 'm'),
      inside: Type.Union([Type.Literal('first'), Type.Literal('second')]),
      first: number(LIMITS.threadHalf, 'half, m'),
      second: number(LIMITS.threadHalf, 'half, m'),
      bowError: small('bow'),
      lengthError: small('length'),
      thicknessError: small('each half'),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('chip'),
      halo: Type.Union([
        Type.Object(
          {
            by: Type.Literal('retardation'),
            nmPerCm: number(LIMITS.halo, 'nm/cm'),
            error: number(LIMITS.haloError, '± nm/cm'),
          },
          strict,
        ),
        Type.Object(
          {
            by: Type.Literal('discs'),
            discs: number(LIMITS.discs),
            thickness: number(LIMITS.lookedThrough, 'm'),
            error: number(LIMITS.discsError, '± discs'),
          },
          strict,
        ),
      ]),
      around: Type.Union([Type.Literal('pulled'), Type.Literal('pressed')]),
    },
    strict,
  ),
]);

/** Body of "keep a test". */
export const NewTestBody = Type.Object(
  {
    first: rackId(),
    second: rackId(),
    lot: Type.Optional(words(40)),
    reading: ReadingSchema,
  },
  strict,
);
/** A test of a pair, as it was read. */
export type NewTest = Kept<typeof NewTestBody>;

/** Body of "count it" and "set it aside". */
export const CountTestBody = Type.Object({ counts: Type.Boolean() }, strict);
/** A test's number in an address. */
export const TestParams = Type.Object(
  { id: Type.String({ pattern: '^[1-9][0-9]{0,9}$' }) },
  strict,
);

/** A test as the server keeps it. */
export interface KeptTest extends NewTest {
  readonly id: number;
  readonly at: string;
  readonly counts: boolean;
}

/** An entry as the server keeps it. */
export interface KeptEntry {
  readonly revision: number;
  readonly savedAt: string;
  readonly entry: RackEntry;
}

/** The whole rack as the server hands it out: the shop's own entries, and all tests, newest first. */
export interface SavedRack {
  readonly entries: readonly KeptEntry[];
  readonly tests: readonly KeptTest[];
}

/** A piece that uses an entry. */
export interface PieceUse {
  readonly id: string;
  readonly name: string;
}
/** How a colour was seen: light let through a sample so thick, m, and scattered by it. */
export type Seen = NonNullable<RackEntry['seen']>;
/** As a supplier’s sheet states it, and as the shop found it itself. */
export type Given = NonNullable<RackEntry['values'][keyof RackEntry['values']]>;
/** A line of stock. SI. */
export type StockLine = RackEntry['stock'][number];
/** Soft and hard glass never join; other is no glass at all: metal, mineral, ash. */
export type RackFamily = RackEntry['family'];
/** One of a glass’s numbers. */
export type Quantity = keyof RackEntry['values'];
/** A thread of two glasses pulled side by side, as it was read. m; ± as one standard deviation. */
export type ThreadReading = Extract<NewTest['reading'], { kind: 'thread' }>;
/** A chip of the first glass sunk into the second, looked at between crossed polarisers. */
export type ChipReading = Extract<NewTest['reading'], { kind: 'chip' }>;
