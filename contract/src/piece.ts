// The piece document: what is saved, exported and read back. Lengths m, temperatures °C, times s.
import { Type, type Static } from '@sinclair/typebox';
import { PIECE_FORMAT, PIECE_VERSION } from './format';

const strict = { additionalProperties: false } as const;
const slope = () => Type.Number({ minimum: -20, maximum: 20 });
const coordinate = () => Type.Number({ minimum: -2, maximum: 2, description: 'm' });
const copies = () => Type.Integer({ minimum: 1, maximum: 200 });
const partName = () => Type.String({ minLength: 1, maxLength: 40 });
const glassId = () =>
  Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id of a glass in the rack' });
const clock = (description: string) =>
  Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$', description });

/** One point of the outside line, base to lip. */
export const ProfilePointSchema = Type.Object(
  {
    height: Type.Number({ minimum: -2, maximum: 2, description: 'above the table, m' }),
    radius: Type.Number({ minimum: 0, maximum: 2, description: 'outer radius, m; 0 on the axis' }),
    wall: Type.Number({
      minimum: 0.0003,
      maximum: 0.5,
      description: 'wall thickness square to the outside, m',
    }),
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

const Profile = Type.Array(ProfilePointSchema, { minItems: 3, maxItems: 200 });

/** Torch stock something is made from: tubing when it has a wall, rod when it has none. */
const stock = () =>
  Type.Object(
    {
      diameter: Type.Number({ minimum: 0.001, maximum: 0.3, description: 'm' }),
      wall: Type.Optional(Type.Number({ minimum: 0.0003, maximum: 0.05, description: 'm' })),
    },
    { ...strict, description: 'torch stock: tubing with a wall, rod without' },
  );

/** Colour laid on a part, in the amounts a shop measures. */
export const ColourLayerSchema = Type.Object(
  {
    colour: Type.String({
      pattern: '^[a-z0-9-]{1,40}$',
      description: 'id of a colour, or of a glass laid as one, in the rack',
    }),
    after: Type.Integer({
      minimum: 1,
      maximum: 12,
      description: 'laid on after so many gathers, under the next',
    }),
    amount: Type.Union([
      Type.Object(
        {
          kind: Type.Literal('bar'),
          length: Type.Number({ minimum: 0.001, maximum: 1, description: 'm' }),
          diameter: Type.Number({ minimum: 0.002, maximum: 0.1, description: 'm' }),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('weight'),
          mass: Type.Number({ minimum: 0.0001, maximum: 10, description: 'kg' }),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('passes'),
          count: Type.Integer({ minimum: 1, maximum: 60, description: 'rolls in powder or frit' }),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('canes'),
          count: Type.Integer({ minimum: 1, maximum: 400 }),
          diameter: Type.Number({ minimum: 0.0005, maximum: 0.05, description: 'm' }),
          length: Type.Number({ minimum: 0.001, maximum: 1, description: 'm' }),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('coats'),
          count: Type.Integer({ minimum: 1, maximum: 60, description: 'all round' }),
          thickness: Type.Number({ minimum: 1e-8, maximum: 0.03, description: 'of each, m' }),
        },
        strict,
      ),
      Type.Object(
        {
          kind: Type.Literal('pieces'),
          count: Type.Integer({ minimum: 1, maximum: 2000, description: 'lumps set in' }),
          diameter: Type.Number({ minimum: 0.0001, maximum: 0.2, description: 'm' }),
        },
        strict,
      ),
    ]),
  },
  strict,
);

/** A part on the axis, its profile at its true height in the piece. What is left out is the piece's own. */
export const PartSchema = Type.Object(
  {
    name: partName(),
    profile: Profile,
    work: Type.Optional(
      Type.Union([Type.Literal('blown'), Type.Literal('solid')], {
        description: 'solid: glass right through, walls not asked; blown when left out',
      }),
    ),
    role: Type.Optional(
      Type.Union([Type.Literal('joined'), Type.Literal('stopper')], {
        description: 'stopper: set into the mouth and lifted out; joined when left out',
      }),
    ),
    glass: Type.Optional(glassId()),
    iron: Type.Optional(
      Type.Object(
        {
          diameter: Type.Number({ minimum: 0.004, maximum: 0.08, description: 'm' }),
          depth: Type.Number({ minimum: 0.01, maximum: 0.3, description: 'm' }),
        },
        strict,
      ),
    ),
    stock: Type.Optional(stock()),
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

const size = (description: string) =>
  Type.Number({ minimum: 0.0002, maximum: 2, description: `${description}, m` });

/** The shape of a bit. Axes: x away from the axis, y along the surface, z up. */
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
      turns: Type.Number({ minimum: 0.05, maximum: 60 }),
      pitch: Type.Number({ minimum: -0.5, maximum: 0.5, description: 'rise each turn, m' }),
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

/** A bit: a part off the axis. */
export const BitSchema = Type.Object(
  {
    name: partName(),
    glass: Type.Optional(glassId()),
    stock: Type.Optional(stock()),
    shape: BitShapeSchema,
    place: Type.Object(
      {
        height: Type.Number({ minimum: -2, maximum: 2, description: 'of its anchor, m' }),
        out: Type.Number({ minimum: 0, maximum: 2, description: 'from the axis, m' }),
        around: Type.Number({ minimum: -7, maximum: 7, description: 'round the axis, rad' }),
        tilt: Type.Number({ minimum: -7, maximum: 7, description: 'outwards from upright, rad' }),
        copies: Type.Integer({ minimum: 1, maximum: 60, description: 'evenly round the axis' }),
      },
      strict,
    ),
  },
  strict,
);

const FigureSchema = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('dots'),
      count: copies(),
      diameter: size('across'),
      height: coordinate(),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('denticles'),
      count: copies(),
      width: size('wide'),
      tall: size('tall'),
      height: coordinate(),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('outline'),
      count: copies(),
      height: coordinate(),
      paths: Type.Array(
        Type.Array(Type.Tuple([coordinate(), coordinate()]), { minItems: 2, maxItems: 400 }),
        { minItems: 1, maxItems: 60 },
      ),
    },
    strict,
  ),
]);

/** A figure that must survive blowing: the blank it is laid on, the figure, and which of the two it was drawn on. */
export const PatternSchema = Type.Object(
  {
    part: Type.Integer({ minimum: 0, maximum: 39, description: 'the part it ends on, from 0' }),
    blank: Profile,
    drawnOn: Type.Union([Type.Literal('blank'), Type.Literal('final')]),
    figure: FigureSchema,
  },
  strict,
);

/** Canes laid round a bubble and twisted, or the ribs of a dip mould. */
export const CaneSchema = Type.Object(
  {
    bubble: Type.Number({ minimum: 0.005, maximum: 1, description: 'across at pick-up, m' }),
    length: Type.Number({ minimum: 0.005, maximum: 2, description: 'of a cane on the bubble, m' }),
    cane: Type.Number({ minimum: 0.0005, maximum: 0.05, description: 'across, m' }),
    billet: Type.Object(
      {
        diameter: Type.Number({ minimum: 0.002, maximum: 0.3, description: 'm' }),
        length: Type.Number({ minimum: 0.005, maximum: 2, description: 'm' }),
      },
      strict,
    ),
    lost: Type.Number({ minimum: 0, maximum: 0.9, description: 'share left at both ends' }),
    twist: Type.Number({
      minimum: 0,
      maximum: 1.4,
      description: 'wanted on the final form, rad from upright',
    }),
    rib: Type.Optional(
      Type.Object(
        {
          count: Type.Integer({ minimum: 2, maximum: 120 }),
          rise: Type.Number({ minimum: 0.0002, maximum: 0.05, description: 'in the mould, m' }),
        },
        strict,
      ),
    ),
  },
  strict,
);

const skill = () =>
  Type.Union(
    (['gaff', 'gather', 'bit', 'blow', 'shield', 'door', 'torch'] as const).map((s) =>
      Type.Literal(s),
    ),
  );
const stepId = () => Type.String({ pattern: '^[a-z0-9]{1,12}$' });
const kindName = (description: string) => Type.String({ pattern: '^[a-zA-Z]{1,20}$', description });

/** One step of the order of work. */
export const StepSchema = Type.Object(
  {
    id: stepId(),
    kind: kindName('a kind of the catalogue, or own'),
    name: Type.Optional(Type.String({ maxLength: 60 })),
    part: Type.Integer({ minimum: 0, maximum: 99, description: 'from 0' }),
    seconds: Type.Number({ minimum: 0, maximum: 172800, description: 's' }),
    zone: Type.Optional(
      Type.Union((['all', 'base', 'middle', 'top'] as const).map((z) => Type.Literal(z))),
    ),
    needs: Type.Optional(
      Type.Union(
        (['runny', 'soft', 'workable', 'stiff', 'set'] as const).map((b) => Type.Literal(b)),
      ),
    ),
    pinned: Type.Optional(Type.Boolean({ description: 'placing heats leaves it' })),
    to: Type.Optional(
      Type.Integer({ minimum: 0, maximum: 99, description: 'joined to this part' }),
    ),
    seal: Type.Optional(Type.Union((['hot', 'cold', 'glue'] as const).map((s) => Type.Literal(s)))),
    who: Type.Optional(stepId()),
    note: Type.Optional(Type.String({ maxLength: 300 })),
    like: Type.Optional(kindName('the kind an own step is most like')),
  },
  strict,
);

/** The order of work, in variants, and who is there. */
export const SequenceSchema = Type.Object(
  {
    chosen: Type.Integer({ minimum: 0, maximum: 7 }),
    helpers: Type.Boolean({ description: 'bits are made beside the main part' }),
    variants: Type.Array(
      Type.Object(
        {
          name: Type.String({ minLength: 1, maxLength: 40 }),
          steps: Type.Array(StepSchema, { maxItems: 400 }),
        },
        strict,
      ),
      { maxItems: 8, description: 'none: drafted from the form' },
    ),
    crew: Type.Optional(
      Type.Array(
        Type.Object(
          {
            id: stepId(),
            name: Type.String({ minLength: 1, maxLength: 40, description: 'a role' }),
            skills: Type.Array(skill(), { maxItems: 7 }),
          },
          strict,
        ),
        { maxItems: 8 },
      ),
    ),
    stations: Type.Optional(
      Type.Object(
        {
          'glory hole': Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
          bench: Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
          torch: Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
        },
        { ...strict, description: 'how many of each there are; one where left out' },
      ),
    ),
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
    form: Type.Union(
      (['tumbler', 'bowl', 'bottle', 'ball', 'plate', 'stemmed', 'solid'] as const).map((form) =>
        Type.Literal(form),
      ),
    ),
    way: Type.Union([Type.Literal('furnace'), Type.Literal('torch')]),
    glass: glassId(),
    parts: Type.Array(PartSchema, { minItems: 1, maxItems: 40 }),
    bits: Type.Optional(Type.Array(BitSchema, { maxItems: 60 })),
    fillLine: Type.Optional(coordinate()),
    closure: Type.Optional(
      Type.Object(
        {
          cork: Type.Optional(
            Type.Object(
              { small: size('lower end'), large: size('upper end'), length: size('long') },
              strict,
            ),
          ),
          ovality: Type.Number({
            minimum: 0,
            maximum: 0.1,
            description: 'widest less narrowest across the mouth, m',
          }),
        },
        strict,
      ),
    ),
    pattern: Type.Optional(PatternSchema),
    cane: Type.Optional(CaneSchema),
    fit: Type.Optional(
      Type.Object(
        {
          tolerance: Type.Number({
            minimum: 0,
            maximum: 2e-6,
            description: 'how far numbers may differ, 1/K',
          }),
          pieces: Type.Integer({ minimum: 1, maximum: 1000, description: 'how many are made' }),
        },
        strict,
      ),
    ),
    sequence: Type.Optional(SequenceSchema),
    making: Type.Object(
      {
        potTemperature: Type.Number({ minimum: 700, maximum: 1500, description: '°C' }),
        ironDiameter: Type.Number({ minimum: 0.004, maximum: 0.08, description: 'm' }),
        dipDepth: Type.Number({ minimum: 0.01, maximum: 0.3, description: 'm' }),
        allowance: Type.Number({ minimum: 0, maximum: 1, description: 'share for moil and trim' }),
        gatherer: Type.Optional(
          Type.String({ minLength: 1, maxLength: 40, description: 'role of whoever gathers' }),
        ),
        tube: Type.Object(
          {
            outerDiameter: Type.Number({ minimum: 0.002, maximum: 0.3, description: 'm' }),
            wall: Type.Number({ minimum: 0.0003, maximum: 0.05, description: 'm' }),
          },
          strict,
        ),
      },
      strict,
    ),
    firing: Type.Object(
      {
        practice: Type.Union([Type.Literal('fine'), Type.Literal('studio'), Type.Literal('plain')]),
        holdTemperature: Type.Union([
          Type.Number({ minimum: 300, maximum: 800, description: '°C' }),
          Type.Null({ description: 'the glass’s annealing point' }),
        ]),
        firstIn: clock('first piece in, HH:MM'),
        lastIn: clock('last piece in, HH:MM'),
        boxCoolingTime: Type.Number({
          minimum: 600,
          maximum: 604800,
          description: 'time constant of the box with the power off, s',
        }),
        doorTemperature: Type.Number({ minimum: 30, maximum: 200, description: '°C' }),
        annealer: Type.Optional(
          Type.String({
            minLength: 1,
            maxLength: 40,
            pattern: '\\S',
            description:
              'name of the shop’s annealer it goes into; its figures then stand for the box',
          }),
        ),
        restraint: Type.Optional(
          Type.Number({
            minimum: 0,
            maximum: 1,
            description:
              'how far joined thick and thin hold each other: 0 free, 1 fully; 0.5 when left out',
          }),
        ),
        liquidRatio: Type.Optional(
          Type.Number({
            minimum: 1,
            maximum: 5,
            description: 'how many times more the liquid shrinks than the solid; 2.9 when left out',
          }),
        ),
      },
      strict,
    ),
  },
  {
    ...strict,
    $id: 'https://zanfirico.invalid/schemas/piece-1.json',
    title: 'Zanfirico piece',
    description: 'A planned glass piece. Lengths in metres, temperatures in °C, times in seconds.',
  },
);

export type PieceDocument = Static<typeof PieceSchema>;
export type PiecePoint = Static<typeof ProfilePointSchema>;
export type PiecePart = Static<typeof PartSchema>;
export type PieceBit = Static<typeof BitSchema>;
export type PieceBitShape = Static<typeof BitShapeSchema>;
export type PieceColour = Static<typeof ColourLayerSchema>;
export type PieceCane = Static<typeof CaneSchema>;
export type PieceStep = Static<typeof StepSchema>;
export type PieceSequence = Static<typeof SequenceSchema>;
export type PiecePattern = Static<typeof PatternSchema>;
