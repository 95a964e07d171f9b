// Words every schema is made of: ids, names, numbers within their limits.
import { Type, type Static, type TNumber, type TSchema } from '@sinclair/typebox';
import type { Limits } from './limits';

/** What is kept is read by everybody and altered by nobody where it lies: a change is another document. */
type Frozen<T> = T extends string | number | boolean | null | undefined
  ? T
  : { readonly [K in keyof T]: Frozen<T[K]> };

/** What a schema lets in, as the house holds it. @example type Shop = Kept<typeof ShopSchema> */
export type Kept<S extends TSchema> = Frozen<Static<S>>;

/** An object that may hold nothing else. */
export const strict = { additionalProperties: false } as const;

/** A number within limits, with what it is and its unit. */
export const number = (limits: Limits, description?: string) =>
  Type.Number({ ...limits, ...(description !== undefined && { description }) });

/** A whole number within limits. */
export const count = (limits: Limits, description?: string) =>
  Type.Integer({ ...limits, ...(description !== undefined && { description }) });

/** One of a few words. */
export const oneOf = <const W extends readonly string[]>(
  words: W,
  options: { readonly description?: string } = {},
) =>
  Type.Union(
    words.map((w) => Type.Literal(w as W[number])),
    options,
  );

/** The id of a glass in the rack. */
export const glassId = () =>
  Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id of a glass in the rack' });

/** A short id of a piece's own: of a part, a step, a person. */
export const ownId = (description?: string) =>
  Type.String({ pattern: '^[a-z0-9]{1,12}$', ...(description !== undefined && { description }) });

/** A name of something in the shop. */
export const shopName = (description?: string) =>
  Type.String({
    minLength: 1,
    maxLength: 40,
    pattern: '\\S',
    ...(description !== undefined && { description }),
  });

/** So many numbers alike: an array of a fixed length, which every draft of JSON Schema writes the same way. */
export const pairOf = (item: TNumber) =>
  Type.Unsafe<[number, number]>(Type.Array(item, { minItems: 2, maxItems: 2 }));
/** Three numbers alike. */
export const tripleOf = (item: TNumber) =>
  Type.Unsafe<[number, number, number]>(Type.Array(item, { minItems: 3, maxItems: 3 }));
