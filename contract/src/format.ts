// The tag and version every piece file starts with.
/** How a piece file says what it is. */
export const PIECE_FORMAT = 'zanfirico.piece';
/** Today's version of the piece file. */
export const PIECE_VERSION = 2;

/** Largest file or body taken, bytes: an imported mesh of ten thousand corners fits. */
export const BODY_LIMIT = 1_000_000;

/** Most letters of a picture kept with a piece: it leaves the rest of the megabyte to the drawing. */
export const PICTURE_LIMIT = 500_000;

/** The draft of JSON Schema the published schemas are written in; they say nothing 2020-12 would not. */
export const DRAFT = 'http://json-schema.org/draft-07/schema#';
