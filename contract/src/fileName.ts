// What a piece's files are called, on either side of the wire.

/** A piece's name as a file name: letters, digits and hyphens. */
export const fileName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60) || 'piece';
