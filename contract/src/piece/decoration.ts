// What is laid on and stretches with the glass: figures on a blank, canes round a bubble. Lengths m.
import { Type } from '@sinclair/typebox';
import { coordinate, size } from './bit';
import { LIMITS } from '../limits';
import { ProfileSchema } from './part';
import { count, number, oneOf, ownId, pairOf, strict, type Kept } from '../words';

const copies = () => count(LIMITS.figureCopies);

const FigureSchema = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('dots'),
      count: copies(),
      diameter: size('across'),
      height: coordinate(),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('denticles'),
      count: copies(),
      width: size('wide'),
      tall: size('tall'),
      height: coordinate(),
    },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('outline'),
      count: copies(),
      height: coordinate(),
      paths: Type.Array(Type.Array(pairOf(coordinate()), { minItems: 2, maxItems: 400 }), {
        minItems: 1,
        maxItems: 60,
      }),
    },
    strict,
  ),
]);

/** A figure that must survive blowing: the blank it is laid on, the figure, and which of the two it was drawn on. */
export const PatternSchema = Type.Object(
  {
    part: ownId('id of the part it ends on'),
    blank: ProfileSchema,
    drawnOn: oneOf(['blank', 'final']),
    figure: FigureSchema,
  },
  strict,
);

/** Canes laid round a bubble and twisted, or the ribs of a dip mould. */
export const CaneSchema = Type.Object(
  {
    bubble: number(LIMITS.bubble, 'across at pick-up, m'),
    length: number(LIMITS.laidLength, 'of a cane on the bubble, m'),
    cane: number(LIMITS.caneAcross, 'across, m'),
    billet: Type.Object(
      { diameter: number(LIMITS.billetAcross, 'm'), length: number(LIMITS.billetLength, 'm') },
      strict,
    ),
    lost: number(LIMITS.lost, 'share left at both ends'),
    twist: number(LIMITS.twist, 'wanted on the final form, rad from upright'),
    rib: Type.Optional(
      Type.Object(
        { count: count(LIMITS.ribs), rise: number(LIMITS.ribRise, 'in the mould, m') },
        strict,
      ),
    ),
  },
  strict,
);

/** Canes picked up, as a piece keeps them. */
export type PieceCane = Kept<typeof CaneSchema>;
/** A figure on a piece. */
export type PiecePattern = Kept<typeof PatternSchema>;
/** What is drawn on a form. Lengths m; height is that of the band’s middle (the teeth’s foot). */
export type PatternFigure = PiecePattern['figure'];
