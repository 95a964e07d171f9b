// Every figure of a piece by name, so that any of them can be shown and asked why from anywhere.
import type { Figure } from '@zanfirico/core';
import type { Standing } from './usePiece';

export interface NamedFigure {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure;
}

/** All figures of a derived piece, in the order a glassblower asks for them. */
export function namedFigures(derived: Standing): NamedFigure[] {
  const { readings: r, gathers, stock, schedule: s, main } = derived;
  // Of several parts the band shows the one that holds; each has its own on the leaf.
  const of = derived.parts.length > 1 ? `, ${main.name}` : '';
  const list: (readonly [string, string, Figure | undefined])[] = [
    ['mass', 'Glass', r.mass],
    ['toGather', `To gather${of}`, gathers?.toGather],
    ['count', `Gathers${of}`, gathers?.count],
    ['layer', 'One layer', gathers?.layer],
    ['length', `Stock to cut${of}`, stock?.length],
    ['stockMass', `Stock weighs${of}`, stock?.mass],
    ['capacity', 'Holds', r.capacity],
    ['filled', 'To the line', r.filled],
    ['thickest', 'Thickest', r.thickest],
    ['thinnest', 'Thinnest', r.thinnest],
    ['step', 'Biggest step', r.step],
    ['centreOfMass', 'Weight sits at', r.centreOfMass],
    ['tipping', 'Tips at', r.tipping],
    ['tippingFull', 'Tips at, full', r.tippingFull],
    ['area', 'Skin', r.area],
    ['soak', 'Soak', s.soak],
    ['slowRate', 'Slow fall', s.slowRate],
    ['slowEnd', 'Slow fall ends', s.slowEnd],
    ['quickRate', 'Then at most', s.quickRate],
    ['total', 'In the box', s.total],
    ['leaves', 'Stays in the glass', s.leaves],
    ['passing', 'Passes while cooling', s.passing],
    ...derived.parts.flatMap((p) => {
      const id = (name: string): string => `p${String(p.index)}.${name}`;
      return [
        [id('count'), `Gathers, ${p.name}`, p.gathers?.count],
        [id('toGather'), `To gather, ${p.name}`, p.gathers?.toGather],
        [id('layer'), `One layer, ${p.name}`, p.gathers?.layer],
      ] as const;
    }),
  ];
  return list.flatMap(([id, label, figure]) => (figure ? [{ id, label, figure }] : []));
}
