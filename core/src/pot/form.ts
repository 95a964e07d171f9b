// A pot's inside: how much glass stands in it at a depth, and how deep so much glass stands. Closed forms.
import type { PotForm } from '@zanfirico/contract/shop';

/** How far up the round of a bottom reaches: where its ball meets the wall, m. */
const roundOf = ({ diameter, ball }: Extract<PotForm, { kind: 'bowl' }>): number => {
  const r = diameter / 2;
  return ball - Math.sqrt(Math.max(0, ball * ball - r * r));
};

/** Radius of the inside at a height above its lowest place, m. */
export function potRadius(form: PotForm, depth: number): number {
  const r = form.diameter / 2;
  switch (form.kind) {
    case 'cylinder':
      return r;
    case 'cone':
      return form.bottom / 2 + ((r - form.bottom / 2) * depth) / form.height;
    case 'bowl':
      return depth >= roundOf(form) ? r : Math.sqrt(Math.max(0, depth * (2 * form.ball - depth)));
  }
}

/** Glass that stands to a depth, m³; no more than it holds to its rim, nothing under nothing. */
export function volumeTo(form: PotForm, depth: number): number {
  const h = Math.max(0, Math.min(form.height, depth));
  const r = form.diameter / 2;
  switch (form.kind) {
    case 'cylinder':
      return Math.PI * r * r * h;
    case 'cone': {
      const a = form.bottom / 2;
      const b = potRadius(form, h);
      return (Math.PI * h * (a * a + a * b + b * b)) / 3;
    }
    case 'bowl': {
      const round = roundOf(form);
      const cap = Math.min(h, round);
      return (
        (Math.PI * cap * cap * (3 * form.ball - cap)) / 3 + Math.PI * r * r * Math.max(0, h - round)
      );
    }
  }
}

const HALVINGS = 60;

/** How deep so much glass stands, m; to the rim where it is more than it holds. */
export function potDepth(form: PotForm, volume: number): number {
  if (volume <= 0) return 0;
  if (volume >= volumeTo(form, form.height)) return form.height;
  let [low, high] = [0, form.height];
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (low + high) / 2;
    if (volumeTo(form, middle) < volume) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Glass that stands to a depth, kg. */
export const potMass = (form: PotForm, depth: number, density: number): number =>
  volumeTo(form, depth) * density;
