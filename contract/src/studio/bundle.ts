// Pieces in one file, with the rack entries they are of, so that another studio can read them: a zip of the files of each.
import { Type } from '@sinclair/typebox';
import { strict, type Kept } from '../words';

/** The tag of the bundle's own file. */
export const BUNDLE_FORMAT = 'zanfirico.bundle';

/** The bundle's own file: what it says of itself. */
export const BUNDLE_FILE = 'bundle.json';

/** Largest bundle taken, bytes packed; and unpacked, all together. */
export const BUNDLE_LIMIT = 120_000_000;
/** A bundle unpacks to no more, bytes. */
export const UNPACKED_LIMIT = 400_000_000;

/** Pieces a bundle holds at most. */
export const BUNDLE_PIECES = 5000;

/** Makings it holds at most. */
export const BUNDLE_MAKINGS = 20_000;

const uuid = () => Type.String({ pattern: '^[0-9a-f-]{36}$' });
const ticked = (description: string) =>
  Type.Optional(Type.Literal('1', { description: `1: ${description}` }));

/** What a bundle says of itself: its files, in the order they are to be read. */
export const BundleSchema = Type.Object(
  {
    format: Type.Literal(BUNDLE_FORMAT),
    version: Type.Union([Type.Literal(1), Type.Literal(2)], {
      description: '2 where makings, pictures or the shop go with it',
    }),
    madeAt: Type.String({ maxLength: 40 }),
    pieces: Type.Array(Type.String({ maxLength: 120, pattern: '^pieces/[^/\\\\]+\\.json$' }), {
      maxItems: BUNDLE_PIECES,
    }),
    rack: Type.Array(Type.String({ maxLength: 60, pattern: '^rack/[a-z0-9-]{1,40}\\.json$' }), {
      maxItems: 5000,
      description: 'entries of the studio’s own that the pieces name',
    }),
    ids: Type.Optional(
      Type.Array(uuid(), {
        maxItems: BUNDLE_PIECES,
        description: 'beside pieces: what makings call them',
      }),
    ),
    makings: Type.Optional(
      Type.Array(Type.String({ pattern: '^makings/[0-9a-f-]{36}\\.json$' }), {
        maxItems: BUNDLE_MAKINGS,
      }),
    ),
    photos: Type.Optional(
      Type.Array(Type.String({ pattern: '^photos/[0-9a-f-]{36}\\.jpg$' }), {
        maxItems: BUNDLE_MAKINGS,
      }),
    ),
    shop: Type.Optional(Type.Literal('shop.json')),
  },
  strict,
);

/** What a bundle says of itself. */
export type Bundle = Kept<typeof BundleSchema>;

/** Query of a bundle: of these pieces; of every piece, on the shelf and put away, when left out. */
export const BundleQuery = Type.Object(
  {
    ids: Type.Optional(Type.String({ pattern: '^[0-9a-f-]{36}(,[0-9a-f-]{36}){0,99}$' })),
    makings: ticked('with what was made of them'),
    photos: ticked('and the pictures of it'),
    people: ticked('with who made it, and what was written down'),
    shop: ticked('with the shop'),
  },
  strict,
);

/** What was read out of a bundle. */
export interface BundleRead {
  /** Ids of the pieces that were made. */
  readonly pieces: readonly string[];
  /** Names of pieces that were on the shelf just so. */
  readonly there: readonly string[];
  /** Entries that came onto the rack. */
  readonly entries: readonly string[];
  /** Entries whose id another entry here has: under which id they came. */
  readonly renamed: readonly { readonly from: string; readonly to: string }[];
  /** How many makings came, and pictures. */
  readonly makings: number;
  readonly photos: number;
  /** The shop came with it: taken, or left because this studio has its own. */
  readonly shop: 'taken' | 'left' | undefined;
}
