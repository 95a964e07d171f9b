// What lies on what and beside what, judged: every stack as it lies, thickness by thickness, by both schools.
import type { Laid } from '@zanfirico/contract/kiln';
import { tr } from '../words/tr';
import type { Colour } from '../fit/colour';
import { judgeStack, type FitGlass, type Schools, type StackFit } from '../fit/judgeStack';
import { reaction } from '../fit/reactions';
import { GRADE } from '../units/why';
import { SOLID, type FromAbove, type Stacked } from './laid';

/** What a laid thing is of, once looked up. */
export type Of = (id: string | undefined) => Colour | FitGlass | undefined;

/** One meeting of glasses, judged. */
export interface Meeting {
  /** On one another, bottom first, or side by side. */
  readonly how: 'stacked' | 'beside';
  readonly names: readonly string[];
  /** m, in the same order. */
  readonly thick: readonly number[];
  readonly fit: StackFit;
  /** A middle of it, m from above. */
  readonly at: { readonly x: number; readonly y: number };
  /** What they do to one another's colour, where they do. */
  readonly reacts: string | undefined;
  /** They soften so far apart that one firing is not the same to both. */
  readonly softens: string | undefined;
}

/** Further apart than this they soften at different times of one firing, K. Common practice, no source: float beside kiln sheet is 35. */
const SOFTEN_APART = 20;

/** Neighbours that soften too far apart: what is a full fuse to one is a tack to the other, and they set at different heats. */
function softenApart(layers: readonly { readonly glass: FitGlass }[]): string | undefined {
  const by = [...layers].sort((a, b) => a.glass.softening - b.glass.softening);
  const [soft, hard] = [by[0]?.glass, by[by.length - 1]?.glass];
  if (!soft || !hard || hard.softening - soft.softening <= SOFTEN_APART) return undefined;
  return tr`${hard.name} softens ${Math.round(hard.softening - soft.softening)} K later than ${soft.name}: what is a full fuse to one is not to the other, and like numbers do not make them hold. Test a strip of both first.`;
}

/** A sheet is flat: a wall of so wide a tube is (m). */
const FLAT = { kind: 'cylinder', inside: 2 } as const;
/** Meetings told at most; a stack of many is as good as its worst. */
const MOST = 60;

interface Layer {
  readonly glass: FitGlass;
  thickness: number;
}

/** A stack as fit sees it: the same glass on the same is one layer. Throws a RangeError for what the rack does not have. */
function layersOf(laid: readonly Laid[], stack: Stacked, of: Of): Layer[] {
  const layers: Layer[] = [];
  for (const i of stack) {
    const thing = laid[i];
    if (!thing) continue;
    const glass = of(thing.of);
    if (!glass) throw new RangeError(tr`The rack does not have "${thing.of ?? ''}".`);
    const thickness = thing.thickness * SOLID[thing.as];
    const last = layers[layers.length - 1];
    if (last?.glass.id === glass.id) last.thickness += thickness;
    else layers.push({ glass, thickness });
  }
  return layers;
}

/** Every different meeting, the worst first; nothing where all of it is one glass. Some milliseconds for a hundred things. */
export function meetings(
  laid: readonly Laid[],
  above: FromAbove,
  of: Of,
  schools: Schools,
): Meeting[] {
  const found = new Map<string, Meeting>();
  const stacks = above.stacks.map((s) => layersOf(laid, s, of));
  const spot = (i: number): Meeting['at'] => ({
    x: above.left + ((i % above.columns) + 0.5) * above.cell,
    y: above.near + (Math.floor(i / above.columns) + 0.5) * above.cell,
  });
  const judge = (how: Meeting['how'], layers: readonly Layer[], i: number): void => {
    if (layers.length < 2) return;
    const key = `${how} ${layers.map((l) => `${l.glass.id}:${l.thickness.toFixed(5)}`).join(' ')}`;
    if (found.has(key)) return;
    const [a, b] = [layers[layers.length - 2], layers[layers.length - 1]];
    found.set(key, {
      how,
      names: layers.map((l) => l.glass.name),
      thick: layers.map((l) => l.thickness),
      fit: judgeStack(layers, FLAT, schools),
      at: spot(i),
      softens: softenApart(layers),
      reacts: a && b ? reaction(a.glass, b.glass)?.says : undefined,
    });
  };
  const seen = new Set<number>();
  const sides = new Set<number>();
  above.at.forEach((k, i) => {
    if (!seen.has(k)) {
      seen.add(k);
      judge('stacked', stacks[k] ?? [], i);
    }
    for (const j of [i + 1, i + above.columns]) {
      if (j >= above.at.length || (j === i + 1 && j % above.columns === 0)) continue;
      const other = above.at[j];
      if (other === k || sides.has(k * 65_536 + other)) continue;
      sides.add(k * 65_536 + other);
      beside(stacks[k] ?? [], stacks[other] ?? [], i);
    }
  });
  /** Two stacks side by side: at the first height where they differ one glass stands against another. */
  function beside(a: readonly Layer[], b: readonly Layer[], i: number): void {
    const at = a.findIndex((l, n) => l.glass.id !== b[n]?.glass.id);
    const [p, q] = [a[at], b[at]];
    if (p && q) judge('beside', p.glass.id < q.glass.id ? [p, q] : [q, p], i);
  }
  return [...found.values()]
    .sort(
      (a, b) =>
        GRADE[b.fit.verdict.verdict] - GRADE[a.fit.verdict.verdict] ||
        b.fit.tension - a.fit.tension,
    )
    .slice(0, MOST);
}
