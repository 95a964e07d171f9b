// Colours of a part as its document lays them, as far as its order goes by them.

/** What an amount is in the making. */
export const LAID_COLOUR_AS = {
  bar: 'bar',
  canes: 'cane',
  weight: 'powder',
  passes: 'powder',
  pinches: 'powder',
  coats: 'film',
  pieces: 'pieces',
} as const;

/** Colours of a part as laid. */
export type PartColours = readonly {
  readonly colour?: string | undefined;
  readonly after: number;
  readonly amount: {
    readonly kind: keyof typeof LAID_COLOUR_AS;
    readonly diameter?: number | undefined;
  };
}[];
