// The tag and version every piece file starts with.
export const PIECE_FORMAT = 'zanfirico.piece';
export const PIECE_VERSION = 2;

/** Largest file or body taken, bytes: an imported mesh of ten thousand corners fits. */
export const BODY_LIMIT = 1_000_000;
