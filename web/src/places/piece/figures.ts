// Every figure of a piece by name, so that any of them can be shown and asked why from anywhere.
import type { Derived, Figure } from '@zanfirico/core';

export interface NamedFigure {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure;
}

/** All figures of a derived piece, in the order a glassblower asks for them. */
export function namedFigures(derived: Extract<Derived, { ok: true }>): NamedFigure[] {
  const { readings: r, gathers, stock, schedule: s } = derived;
  const list: (readonly [string, string, Figure | undefined])[] = [
    ['mass', 'Glass', r.mass],
    ['toGather', 'To gather', gathers?.toGather],
    ['count', 'Gathers', gathers?.count],
    ['layer', 'One layer', gathers?.layer],
    ['length', 'Tubing to cut', stock?.length],
    ['stockMass', 'Tubing weighs', stock?.mass],
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
  ];
  return list.flatMap(([id, label, figure]) => (figure ? [{ id, label, figure }] : []));
}
