// Every figure of a piece by name, so that any of them can be shown and asked why from anywhere.
import { tr } from '@zanfirico/core/words';
import type { Figure } from '@zanfirico/core/units';
import type { StandingPiece } from './usePiece';

/** A figure with its name. */
export interface NamedFigure {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure;
}

/** All figures of a derived piece, in the order a glassblower asks for them. */
export function namedFigures(derived: StandingPiece): NamedFigure[] {
  const { readings: r, gathers, stock, schedule: s, main } = derived;
  // Of several parts the band shows the one that holds; each has its own on the leaf.
  const of = derived.parts.length > 1 ? `, ${main.name}` : '';
  const list: (readonly [string, string, Figure | undefined])[] = [
    ['mass', tr`Glass`, r.mass],
    ['toGather', tr`To gather${of}`, gathers?.toGather],
    ['count', tr`Gathers${of}`, gathers?.count],
    ['layer', tr`One layer`, gathers?.layer],
    ['length', tr`Stock to cut${of}`, stock?.length],
    ['stockMass', tr`Stock weighs${of}`, stock?.mass],
    ['capacity', tr`Holds`, r.capacity],
    ['filled', tr`To the line`, r.filled],
    ['thickest', tr`Thickest`, r.thickest],
    ['thinnest', tr`Thinnest`, r.thinnest],
    ['step', tr`Biggest step`, r.step],
    ['centreOfMass', tr`Weight sits at`, r.centreOfMass],
    ['tipping', tr`Tips at`, r.tipping],
    ['tippingFull', tr`Tips at, full`, r.tippingFull],
    ['area', tr`Skin`, r.area],
    ['soak', tr`Soak`, s.soak],
    ['slowRate', tr`Slow fall`, s.slowRate],
    ['slowEnd', tr`Slow fall ends`, s.slowEnd],
    ['quickRate', tr`Then at most`, s.quickRate],
    ['total', tr`In the box`, s.total],
    ['leaves', tr`Stays in the glass`, s.leaves],
    ['passing', tr`Passes while cooling`, s.passing],
    ...derived.parts.flatMap((p) => {
      const id = (name: string): string => `p${String(p.index)}.${name}`;
      return [
        [id('count'), tr`Gathers, ${p.name}`, p.gathers?.count],
        [id('toGather'), tr`To gather, ${p.name}`, p.gathers?.toGather],
        [id('layer'), `One layer, ${p.name}`, p.gathers?.layer],
      ] as const;
    }),
  ];
  return list.flatMap(([id, label, figure]) => (figure ? [{ id, label, figure }] : []));
}
