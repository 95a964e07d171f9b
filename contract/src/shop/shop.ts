// The shop document: its irons, blocks, glory holes, annealers and torch stock. Lengths m.
import { Type } from '@sinclair/typebox';
import { DRAFT } from '../format';
import { ANNEALER_LIMITS, LIMITS, type Limits } from '../limits';
import { kindName } from '../order/order';
import { PotSchema } from './pot';
import { count, glassId, number, oneOf, shopName as name, strict, type Kept } from '../words';

const size = (limits: Limits) => number(limits, 'm');

/** A figure the shop has learnt, of how many pieces. */
const learnt = (description: string, limits: Limits) =>
  Type.Object(
    { factor: number(limits, description), count: count(LIMITS.revision, 'of so many') },
    strict,
  );

/** One kind of stock on the rack: tubing when it has a wall, rod when it has none. */
export const StockSchema = Type.Object(
  {
    glass: glassId(),
    diameter: size(LIMITS.stockAcross),
    wall: Type.Optional(size(LIMITS.tubeWall)),
    length: size(LIMITS.stickLength),
  },
  strict,
);

/** Sheets of a kind, or a rest of one. */
export const SheetStockSchema = Type.Object(
  {
    of: Type.String({
      pattern: '^[a-z0-9-]{1,40}$',
      description: 'id of a glass or colour of the rack',
    }),
    thickness: size(LIMITS.laidThick),
    width: size(LIMITS.laidSize),
    deep: size(LIMITS.laidSize),
    count: count({ minimum: 0, maximum: 1000 }),
  },
  strict,
);

/** What the shop has. */
export const ShopSchema = Type.Object(
  {
    format: Type.Literal('zanfirico.shop'),
    version: Type.Literal(1),
    gloryHoles: Type.Array(
      Type.Object(
        {
          name: name(),
          mouth: size(LIMITS.gloryMouth),
          reach: size(LIMITS.gloryReach),
          temperature: Type.Optional(
            number(LIMITS.gloryHeat, '°C; as a shop would run it for the glass when left out'),
          ),
        },
        strict,
      ),
      { maxItems: 20 },
    ),
    potDepth: Type.Optional(
      number(LIMITS.potDepth, 'glass standing in the pot, m; enough for any iron when left out'),
    ),
    annealers: Type.Array(
      Type.Object(
        {
          name: name(),
          width: size(LIMITS.annealerSize),
          depth: size(LIMITS.annealerSize),
          height: size(LIMITS.annealerSize),
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
      Type.Object({ name: name(), diameter: size(LIMITS.iron), hollow: Type.Boolean() }, strict),
      { maxItems: 40 },
    ),
    blocks: Type.Array(size(LIMITS.blockInside), { maxItems: 40 }),
    stock: Type.Array(StockSchema, { maxItems: 200 }),
    sheets: Type.Optional(
      Type.Array(SheetStockSchema, {
        maxItems: 300,
        description: 'sheet for the kiln, and rests of it; an ordinary shop’s when left out',
      }),
    ),
    recipes: Type.Optional(
      Type.Array(
        Type.Object(
          {
            name: name(),
            start: number(LIMITS.recipeTemperature, '°C at the last piece in'),
            lines: Type.Array(
              Type.Object(
                {
                  to: number(LIMITS.recipeTemperature, '°C'),
                  rate: Type.Optional(
                    Type.Number({ exclusiveMinimum: 0, maximum: 10, description: 'K/s' }),
                  ),
                  hold: Type.Optional(number(LIMITS.recipeHold, 's')),
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
    pace: Type.Optional(
      Type.Array(
        Type.Object(
          {
            kind: kindName('a kind of step'),
            factor: number(LIMITS.pace, 'of what is ordinary'),
            count: count(LIMITS.revision, 'of so many times'),
          },
          strict,
        ),
        { maxItems: 200, description: 'what steps take in this shop, learnt from its makings' },
      ),
    ),
    pots: Type.Optional(Type.Array(PotSchema, { maxItems: 10 })),
    learnt: Type.Optional(
      Type.Object(
        {
          wall: Type.Optional(learnt('walls as made, of what is drawn', LIMITS.madeOfDrawn)),
          weight: Type.Optional(learnt('weight as made, of what is drawn', LIMITS.madeOfDrawn)),
          allowance: Type.Optional(
            learnt('moil and trim, of what the finished piece weighs', LIMITS.allowance),
          ),
          bench: Type.Optional(learnt('how fast glass cools at this bench', LIMITS.exchange)),
          hole: Type.Optional(learnt('how fast this glory hole heats', LIMITS.exchange)),
          since: Type.Optional(
            count(LIMITS.moment, 'what was made before is not learnt from, ms since 1970'),
          ),
        },
        { ...strict, description: 'what its makings taught, taken into the plans' },
      ),
    ),
    costs: Type.Optional(
      Type.Object(
        {
          hour: number(LIMITS.money, 'an hour of whoever leads'),
          glass: number(LIMITS.money, 'a kilogram of glass'),
          helper: Type.Optional(number(LIMITS.money, 'an hour of each who helps')),
          colour: Type.Optional(number(LIMITS.money, 'a kilogram of colour')),
          kwh: Type.Optional(number(LIMITS.money, 'a kilowatt hour of whatever heats')),
          consumables: Type.Optional(number(LIMITS.money, 'used up by each piece')),
          burns: Type.Optional(number(LIMITS.furnacePower, 'the glory hole, or the torch, W')),
          returned: Type.Optional(
            number(LIMITS.letPassShare, 'of what is cut off clear, so much goes back into the pot'),
          ),
          margin: Type.Optional(number({ minimum: 0, maximum: 0.95 }, 'of what is asked')),
          furnaceBy: Type.Optional(oneOf(['kilograms', 'hours'])),
          hoursAMonth: Type.Optional(number({ minimum: 0, maximum: 744 }, 'worked at the bench')),
          kilogramsAMonth: Type.Optional(number({ minimum: 0, maximum: 100_000 }, 'gathered')),
          money: Type.Optional(
            Type.String({ minLength: 1, maxLength: 6, pattern: '\\S', description: 'its sign' }),
          ),
        },
        { ...strict, description: 'in the studio’s own money; ordinary figures where left out' },
      ),
    ),
    benchHours: Type.Optional(
      Type.Array(number({ minimum: 0, maximum: 86_400 }, 's'), {
        minItems: 7,
        maxItems: 7,
        description: 'worked at the bench, Monday first',
      }),
    ),
    letPass: Type.Optional(
      Type.Object(
        {
          height: Type.Optional(size(LIMITS.letPass)),
          lip: Type.Optional(size(LIMITS.letPass)),
          wall: Type.Optional(size(LIMITS.letPass)),
          ovality: Type.Optional(size(LIMITS.letPass)),
          weight: Type.Optional(number(LIMITS.letPassShare, 'of what is drawn')),
          capacity: Type.Optional(number(LIMITS.letPassShare, 'of what is drawn')),
        },
        {
          ...strict,
          description:
            'how far a finished piece may be from its drawing; as is customary where left out',
        },
      ),
    ),
    ownSteps: Type.Optional(
      Type.Array(
        Type.Object(
          {
            name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
            like: kindName('the kind of step it is most like: its heat, its hands, its station'),
            seconds: number(LIMITS.stepSeconds, 's'),
          },
          strict,
        ),
        { maxItems: 100, description: 'kinds of step of the shop’s own making' },
      ),
    ),
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/shop-1.json',
    title: 'Zanfirico shop',
    description: 'What a glass shop has to work with. Lengths in metres.',
  },
);

/** What the shop has, as it is kept. */
export type ShopDocument = Kept<typeof ShopSchema>;
/** A kind of step of the shop's own. */
export type OwnStep = NonNullable<ShopDocument['ownSteps']>[number];
/** A rod or tube in stock. */
export type ShopStock = Kept<typeof StockSchema>;
/** Sheet in stock. */
export type StockSheet = Kept<typeof SheetStockSchema>;

/** A weigh-in: what a plan said would hang on the iron, and what the scale said, kg. */
export const WeighInBody = Type.Object(
  {
    person: name('a role'),
    glass: glassId(),
    ironDiameter: size(LIMITS.iron),
    depth: size(LIMITS.dip),
    planned: number(LIMITS.weighed, 'kg'),
    got: number(LIMITS.weighed, 'kg'),
    factor: number(LIMITS.layerFactor, 'layer factor of that plan'),
  },
  strict,
);

/** Starting afresh for one person on one iron: the log keeps the entries, the plan no longer counts them. */
export const ResetBody = Type.Object(
  {
    person: name(),
    ironDiameter: size(LIMITS.iron),
    glass: Type.Optional(glassId()),
  },
  strict,
);

/** A gather that was weighed. */
export type NewWeighIn = Kept<typeof WeighInBody>;

/** A weigh-in as the server keeps it; `counts` is false once it was reset. */
export interface KeptWeighIn extends NewWeighIn {
  readonly id: number;
  readonly at: string;
  readonly counts: boolean;
}
/** A recipe, from the last piece in. °C and s. */
export type Recipe = NonNullable<ShopDocument['recipes']>[number];
/** A line of it: to a temperature at a rate (as the box can when left out), then held. */
export type RecipeLine = Recipe['lines'][number];
/** A glory hole with its heat, °C, where the shop says it. */
export type NamedHole = NonNullable<ShopDocument['gloryHoles']>[number];
