// What is copied in one piece to be put into another: points of a profile or steps of an order, as text on the clipboard.
import { Type } from '@sinclair/typebox';
import { DRAFT } from '../format';
import { StepSchema } from '../order/order';
import { ProfilePointSchema } from './part';
import { strict, type Kept } from '../words';

/** The tag a copied text starts with. */
export const CLIP_FORMAT = 'zanfirico.clip';

const tag = { format: Type.Literal(CLIP_FORMAT), version: Type.Literal(1) };

/** Copied points, base to lip, or copied steps in their order. */
export const ClipSchema = Type.Union(
  [
    Type.Object(
      { ...tag, points: Type.Array(ProfilePointSchema, { minItems: 1, maxItems: 200 }) },
      strict,
    ),
    Type.Object({ ...tag, steps: Type.Array(StepSchema, { minItems: 1, maxItems: 400 }) }, strict),
  ],
  {
    $schema: DRAFT,
    $id: 'https://zanfirico.invalid/schemas/clip-1.json',
    title: 'Zanfirico clip',
    description:
      'Points of a profile or steps of an order, copied. Lengths in metres, times in seconds.',
  },
);

/** What is copied from one piece to another. */
export type Clip = Kept<typeof ClipSchema>;
