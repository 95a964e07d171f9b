// The shop document: its irons, blocks, glory holes, annealers and torch stock. Lengths m.
import { Type, type Static } from '@sinclair/typebox';

const strict = { additionalProperties: false } as const;
const name = () => Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' });
const size = (minimum: number, maximum: number) =>
  Type.Number({ minimum, maximum, description: 'm' });

/** What an annealer's figures may be. */
export const ANNEALER_LIMITS = {
  coolingTime: {
    minimum: 600,
    maximum: 604800,
    description: 'off, till 37 % of the excess over the room is left, s',
  },
  power: { minimum: 100, maximum: 500000, description: 'most heat, W' },
  capacity: {
    minimum: 500,
    maximum: 50000000,
    description: 'heat it takes to warm box and load by a kelvin, J/K',
  },
  unevenness: {
    minimum: 0,
    maximum: 100,
    description: 'between its hottest and its coldest place at annealing heat, K',
  },
} as const;

/** One kind of stock on the rack: tubing when it has a wall, rod when it has none. */
export const StockSchema = Type.Object(
  {
    glass: Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id of a glass in the rack' }),
    diameter: size(0.001, 0.3),
    wall: Type.Optional(size(0.0003, 0.05)),
    length: size(0.05, 5),
  },
  strict,
);

/** What the shop has. */
export const ShopSchema = Type.Object(
  {
    format: Type.Literal('zanfirico.shop'),
    version: Type.Literal(1),
    gloryHoles: Type.Array(
      Type.Object({ name: name(), mouth: size(0.02, 3), reach: size(0.02, 5) }, strict),
      { maxItems: 20 },
    ),
    annealers: Type.Array(
      Type.Object(
        {
          name: name(),
          width: size(0.05, 5),
          depth: size(0.05, 5),
          height: size(0.05, 5),
          coolingTime: Type.Optional(Type.Number(ANNEALER_LIMITS.coolingTime)),
          power: Type.Optional(Type.Number(ANNEALER_LIMITS.power)),
          capacity: Type.Optional(Type.Number(ANNEALER_LIMITS.capacity)),
          unevenness: Type.Optional(Type.Number(ANNEALER_LIMITS.unevenness)),
        },
        strict,
      ),
      { maxItems: 20 },
    ),
    irons: Type.Array(
      Type.Object({ name: name(), diameter: size(0.004, 0.08), hollow: Type.Boolean() }, strict),
      { maxItems: 40 },
    ),
    blocks: Type.Array(size(0.02, 0.5), { maxItems: 40 }),
    stock: Type.Array(StockSchema, { maxItems: 200 }),
    recipes: Type.Optional(
      Type.Array(
        Type.Object(
          {
            name: name(),
            start: Type.Number({
              minimum: 0,
              maximum: 1200,
              description: '°C at the last piece in',
            }),
            lines: Type.Array(
              Type.Object(
                {
                  to: Type.Number({ minimum: 0, maximum: 1200, description: '°C' }),
                  rate: Type.Optional(
                    Type.Number({ exclusiveMinimum: 0, maximum: 10, description: 'K/s' }),
                  ),
                  hold: Type.Optional(
                    Type.Number({ minimum: 0, maximum: 31622400, description: 's' }),
                  ),
                },
                strict,
              ),
              { minItems: 1, maxItems: 500 },
            ),
          },
          strict,
        ),
        { maxItems: 60, description: 'annealing recipes as the shop has them' },
      ),
    ),
    ownSteps: Type.Optional(
      Type.Array(
        Type.Object(
          {
            name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
            like: Type.String({
              pattern: '^[a-zA-Z]{1,20}$',
              description: 'the kind of step it is most like: its heat, its hands, its station',
            }),
            seconds: Type.Number({ minimum: 0, maximum: 172800, description: 's' }),
          },
          strict,
        ),
        { maxItems: 100, description: 'kinds of step of the shop’s own making' },
      ),
    ),
  },
  {
    ...strict,
    $id: 'https://zanfirico.invalid/schemas/shop-1.json',
    title: 'Zanfirico shop',
    description: 'What a glass shop has to work with. Lengths in metres.',
  },
);

export type ShopDocument = Static<typeof ShopSchema>;
/** A kind of step of the shop's own. */
export type OwnStep = NonNullable<ShopDocument['ownSteps']>[number];
export type ShopStock = Static<typeof StockSchema>;

/** A weigh-in: what a plan said would hang on the iron, and what the scale said, kg. */
export const WeighInBody = Type.Object(
  {
    person: Type.String({ minLength: 1, maxLength: 40, pattern: '\\S', description: 'a role' }),
    glass: Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id of a glass in the rack' }),
    ironDiameter: size(0.004, 0.08),
    depth: size(0.01, 0.3),
    planned: Type.Number({ minimum: 0.001, maximum: 100, description: 'kg' }),
    got: Type.Number({ minimum: 0.001, maximum: 100, description: 'kg' }),
    factor: Type.Number({ minimum: 0.1, maximum: 10, description: 'layer factor of that plan' }),
  },
  strict,
);

/** Starting afresh for one person on one iron: the log keeps the entries, the plan no longer counts them. */
export const ResetBody = Type.Object(
  {
    person: Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' }),
    ironDiameter: size(0.004, 0.08),
  },
  strict,
);

export type NewWeighIn = Static<typeof WeighInBody>;

/** A weigh-in as the server keeps it; `counts` is false once it was reset. */
export interface KeptWeighIn extends NewWeighIn {
  readonly id: number;
  readonly at: string;
  readonly counts: boolean;
}
