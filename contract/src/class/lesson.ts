// A class: a piece of the shelf as an exercise, with what may be more and less of each measure, where each tool lives, the teacher's words,
// who learns it, and the benches that share the hole.
import { Type } from '@sinclair/typebox';
import { DRAFT } from '../format';
import { LIMITS } from '../limits';
import { MEASURED } from '../making/making';
import { count, number, oneOf, ownId, shopName, strict, type Kept } from '../words';

const words = (most: number, description: string) =>
  Type.String({ minLength: 1, maxLength: most, pattern: '\\S', description });

/** A class: its exercise, benches, words. */
export const ClassSchema = Type.Object(
  {
    format: Type.Literal('zanfirico.class'),
    version: Type.Literal(1),
    id: Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'its own' }),
    name: words(80, 'what the class is called'),
    piece: Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'id of a piece of the shelf' }),
    /** Of the drawing's figures: m, or a share of it for weight and capacity. */
    tolerances: Type.Array(
      Type.Object(
        {
          of: oneOf(MEASURED),
          up: Type.Optional(number(LIMITS.measure, 'at which height on the wall, m')),
          under: number(LIMITS.offDrawn),
          over: number(LIMITS.offDrawn),
        },
        strict,
      ),
      { maxItems: 16 },
    ),
    tools: Type.Array(
      Type.Object({ name: words(80, 'the tool'), lives: Type.String({ maxLength: 80 }) }, strict),
      { maxItems: 60 },
    ),
    /** The teacher's words at a step of the order, by its kind. */
    words: Type.Array(
      Type.Object(
        { kind: words(40, 'kind of step'), says: words(300, 'what is said there') },
        strict,
      ),
      { maxItems: 60 },
    ),
    checks: Type.Array(words(120, 'what to look at'), { maxItems: 20 }),
    students: Type.Array(Type.Object({ id: ownId(), name: shopName('by a role') }, strict), {
      maxItems: 40,
    }),
    benches: Type.Array(
      Type.Object({ name: shopName(), pair: Type.Array(ownId(), { maxItems: 2 }) }, strict),
      { maxItems: 20 },
    ),
    /** Pieces the hole takes at once. */
    atOnce: count(LIMITS.atOnce),
  },
  {
    ...strict,
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/class-1.json',
    title: 'Zanfirico class',
    description: 'An exercise, its tools and words, and who learns it.',
  },
);
/** A class as it is kept. */
export type ClassDocument = Kept<typeof ClassSchema>;

/** How much under and over the drawing’s figure is still it; a share of it for weight and capacity. */
export type Tolerance = ClassDocument['tolerances'][number];
