// What crosses the wire between web and server.
import { Type } from '@sinclair/typebox';
import { PieceSchema, type PieceDocument } from './piece/piece';
import type { PieceUse } from './rack/rackEntry';
import { ShopSchema, type ShopDocument } from './shop/shop';
import { tagWord } from './piece/tags';
import { glassId, oneOf, strict, type Kept } from './words';

/** Body of "save a new piece". */
export const NewPieceBody = Type.Object({ document: PieceSchema }, strict);

/** Body of "save over a revision": refused when `baseRevision` is no longer the newest. */
export const SavePieceBody = Type.Object(
  { baseRevision: Type.Integer({ minimum: 1 }), document: PieceSchema },
  strict,
);

/** Body of "throw away" and "take back": only what is put away can be thrown away. */
export const ThrowAwayBody = Type.Object({ thrownAway: Type.Boolean() }, strict);

/** Body of "put away" and "take out again". */
export const PutAwayBody = Type.Object({ putAway: Type.Boolean() }, strict);

/** Route parameters. */
export const PieceParams = Type.Object({ id: Type.String({ pattern: '^[0-9a-f-]{36}$' }) }, strict);
/** A piece's revision in an address. */
export const RevisionParams = Type.Object(
  {
    id: Type.String({ pattern: '^[0-9a-f-]{36}$' }),
    revision: Type.String({ pattern: '^[1-9][0-9]{0,8}$' }),
  },
  strict,
);

/** Pieces a page of the shelf holds at most. */
export const SHELF_PAGE = 24;

/** The header that says what the server's clock is, ms since 1970. */
export const NOW = 'X-Studio-Now';

const pieceId = '[0-9a-f-]{36}';

/** How the shelf can stand: the newest first, by name, the tallest or the heaviest first. */
export const SHELF_ORDERS = ['newest', 'name', 'tallest', 'heaviest'] as const;
/** How the shelf stands. */
export type ShelfOrder = (typeof SHELF_ORDERS)[number];

/** How tall a piece stands on the shelf: up to the first of these, m, up to the second, or above. */
export const SHELF_SIZES = ['small', 'middle', 'large'] as const;
/** Small, middling or large. */
export type ShelfSize = (typeof SHELF_SIZES)[number];
/** Small up to the first, large from the second, m tall. */
export const SIZE_BOUNDS = [0.1, 0.25] as const;

/** Made at the bench and boxed, rehearsals not counted, or never. */
export const SHELF_MADE = ['made', 'never'] as const;
/** Made already, or not. */
export type ShelfMade = (typeof SHELF_MADE)[number];

/** Query of the shelf: pieces by a part of their name from a place on, or, named by their ids, wherever they stand. */
export const ListQuery = Type.Object(
  {
    putAway: Type.Optional(Type.Union([Type.Literal('true'), Type.Literal('false')])),
    find: Type.Optional(Type.String({ maxLength: 80 })),
    from: Type.Optional(Type.String({ pattern: '^[0-9]{1,6}$' })),
    by: Type.Optional(oneOf(SHELF_ORDERS)),
    glass: Type.Optional(glassId()),
    way: Type.Optional(oneOf(['furnace', 'torch', 'kiln'])),
    tag: Type.Optional(tagWord()),
    size: Type.Optional(oneOf(SHELF_SIZES)),
    made: Type.Optional(oneOf(SHELF_MADE)),
    ids: Type.Optional(
      Type.String({ pattern: `^${pieceId}(,${pieceId}){0,${String(SHELF_PAGE - 1)}}$` }),
    ),
  },
  strict,
);

/** Body of "save this piece". */
export type SavePiece = Kept<typeof SavePieceBody>;

/** Body of "save the shop": refused when `baseRevision` is no longer the newest; 0 is a shop never saved. */
export const SaveShopBody = Type.Object(
  { baseRevision: Type.Integer({ minimum: 0 }), document: ShopSchema },
  strict,
);

/** Body of "save the shop". */
export type SaveShop = Kept<typeof SaveShopBody>;

/** The shop as the server hands it out. */
export interface SavedShop {
  readonly revision: number;
  readonly document: ShopDocument;
}

/** A piece as the server hands it out. */
export interface SavedPiece {
  readonly id: string;
  readonly revision: number;
  readonly savedAt: string;
  readonly putAway: boolean;
  readonly document: PieceDocument;
}

/** A piece on the shelf, without its document. `facts` are the core's: drawing in small, figures, what its night is made of. */
export interface ShelfLine<Facts = unknown> {
  readonly id: string;
  readonly revision: number;
  readonly savedAt: string;
  readonly name: string;
  readonly tags: readonly string[];
  readonly facts: Facts;
}

/** A tag, and how many pieces on the shelf have it. */
export interface TagLine {
  readonly tag: string;
  readonly pieces: number;
}

/** A page of the shelf: newest first, of `total` that were asked for, the highest of them `tallest` m. */
export interface ShelfPage<Facts = unknown> {
  readonly total: number;
  readonly tallest: number;
  readonly lines: readonly ShelfLine<Facts>[];
}

/** A line in the list of revisions. */
export interface RevisionLine {
  readonly revision: number;
  readonly savedAt: string;
  readonly name: string;
  /** Who saved it; null where that is not known. */
  readonly by: string | null;
}

/** Query of who has a piece open: as which tab one asks. */
export const HereQuery = Type.Object({ tab: Type.String({ pattern: '^[0-9a-f-]{36}$' }) }, strict);

/** Somebody who has a piece open. */
export interface InPiece {
  readonly name: string;
  readonly device?: string;
}

/** Who else has a piece open, and what it is newest. */
export interface WhoIsIn {
  readonly others: readonly InPiece[];
  readonly revision: number;
  /** Who saved that. */
  readonly by: string | null;
}

/** What was wrong with one field. */
export interface FieldProblem {
  readonly field: string;
  readonly given: string;
  readonly allowed: string;
}

/** Every error the server answers with. `current` comes with a 409: the revision that got there first. */
export interface ErrorBody {
  readonly error: string;
  readonly problems?: readonly FieldProblem[];
  readonly current?: SavedPiece;
  /** Comes with the refusal to drop a rack entry: the pieces that use it. */
  readonly uses?: readonly PieceUse[];
}
