// The tag and version every piece file starts with.
export const PIECE_FORMAT = 'zanfirico.piece';
export const PIECE_VERSION = 1;
