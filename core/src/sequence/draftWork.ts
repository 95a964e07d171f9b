// A sound first order of work, drafted from the parts, their joins, colours and bits. Common practice, no source.
import type { Form } from '../shape/forms';
import { FACTS, type WorkStep } from '../work/facts';
import { areOne, eachApart, together as oneWith, unite } from '../work/joined';
import type { StepId, Way } from '../work/step';

/** A part as the draft asks for it. */
export interface DraftPart {
  readonly name: string;
  readonly hollow: boolean;
  readonly closed: boolean;
  readonly stopper: boolean;
  readonly gathers: number;
  /** Colour after which gather; `outside` where nothing clear covers it. */
  readonly colours: readonly {
    readonly after: number;
    readonly as: 'bar' | 'powder' | 'cane' | 'film';
    readonly outside: boolean;
  }[];
  /** kg */
  readonly mass: number;
  /** Height of its lowest point, m: what hangs lowest takes the punty. */
  readonly lowest: number;
}

/** A bit as the draft asks for it. */
export interface DraftBit {
  readonly name: string;
  readonly kind: 'handle' | 'prunts' | 'wrap' | 'spout' | 'other';
  readonly copies: number;
}

export interface DraftInput {
  readonly form: Form;
  readonly way: Way;
  readonly parts: readonly DraftPart[];
  /** Pairs of parts that touch. */
  readonly joins: readonly (readonly [number, number])[];
  readonly bits: readonly DraftBit[];
  /** The part everything hangs on. */
  readonly main: number;
  /** Joins in the order they are made; nearest to the main part first when left out. */
  readonly order?: readonly Joined[] | undefined;
}

/** One join: what is carried, and what it is put on. */
export interface Joined {
  readonly part: number;
  readonly to: number;
}

/** Lighter solid parts are brought as bits and shaped on the piece, kg. */
const AS_BIT = 0.12;

/** Parts in the order they are joined to the main one: nearest first (what can still be held and reached). */
export function assemblyOrder(count: number, joins: DraftInput['joins'], main: number): Joined[] {
  const order: Joined[] = [];
  const reached = new Set([main]);
  let edge = [main];
  while (edge.length > 0) {
    const next: number[] = [];
    for (const from of edge)
      for (const [a, b] of joins) {
        const other = a === from ? b : b === from ? a : undefined;
        if (other === undefined || reached.has(other) || other >= count) continue;
        reached.add(other);
        order.push({ part: other, to: from });
        next.push(other);
      }
    edge = next;
  }
  return order;
}

/** Drafts the order. Heats are the customary ones; `placeHeats` puts them where they are needed. */
export function draftWork(input: DraftInput): WorkStep[] {
  const steps: WorkStep[] = [];
  const add = (kind: StepId, part: number, more: Partial<WorkStep> = {}): void => {
    steps.push({
      id: `s${String(steps.length + 1)}`,
      kind,
      part,
      seconds: FACTS[kind].seconds,
      ...more,
    });
  };
  if (input.way === 'torch') torch(input, add);
  else furnace(input, add);
  return steps;
}

type Add = (kind: StepId, part: number, more?: Partial<WorkStep>) => void;

/** One part from the first gather to its form. */
function make(part: DraftPart, i: number, add: Add): void {
  if (part.colours.some((c) => c.as === 'bar' || c.as === 'cane')) add('warmColour', i);
  add('warmIron', i);
  for (let g = 1; g <= Math.max(1, part.gathers); g += 1) {
    if (g > 1 && part.hollow) add('setBubble', i);
    add('gather', i);
    add(g === 1 ? 'marver' : 'block', i);
    if (g === 1 && part.hollow) add('bubble', i);
    for (const c of part.colours.filter((k) => k.after === g)) {
      add(
        ({ bar: 'pickColour', powder: 'rollColour', cane: 'pickCane', film: 'leaf' } as const)[
          c.as
        ],
        i,
      );
      add('reheat', i);
    }
  }
  add('reheat', i);
  if (part.hollow) {
    add('chillTip', i);
    add('blow', i);
  } else add('shapeSolid', i);
  add('neck', i);
}

function furnace({ parts, joins, bits, main, form, order: given }: DraftInput, add: Add): void {
  const order = given ?? assemblyOrder(parts.length, joins, main);
  const built = order.filter(({ part }) => parts[part]?.stopper !== true);
  const body = parts[main];
  if (!body) return;
  // What stands alone is made first and goes to the box or waits in the garage.
  parts.forEach((p, i) => {
    if (i === main || !p.stopper) return;
    make(p, i, add);
    add('knockOff', i);
    add('polishScar', i);
    add('box', i);
  });
  const parked = new Set<number>();
  for (const { part } of built) {
    const p = parts[part];
    if (!p || (!p.hollow && p.mass < AS_BIT)) continue;
    make(p, part, add);
    add('knockOff', part);
    add('garage', part);
    parked.add(part);
  }
  const groups = eachApart(parts.length);
  const together = (i: number): number[] => oneWith(groups, i);
  /** Brings glass to the bench: out of the garage and heated, or fresh from the pot. */
  const bring = (i: number): void => {
    if (together(i).some((k) => parked.has(k))) {
      add('fetch', i);
      add('reheat', i);
      for (const k of together(i)) parked.delete(k);
    } else add('bit', i);
  };
  const join = ({ part, to }: Joined): void => {
    const waited = together(part).some((k) => parked.has(k));
    bring(part);
    if (waited) add('glueBit', to);
    add('attach', part, { to, seal: waited ? 'glue' : 'hot' });
    if (!waited) add('shapeBit', part);
    unite(groups, part, to);
  };
  // What is put together apart from the main part is done before it is begun, and waits in the garage.
  const { apart, onto } = sorted(built, main);
  for (const j of apart) {
    bring(j.to);
    if (!(parts[j.to]?.hollow ?? false) && (parts[j.to]?.mass ?? 0) < AS_BIT) add('shapeBit', j.to);
    join(j);
    add('straight', j.to);
    add('knockOff', j.to);
    add('garage', j.to);
    for (const k of together(j.to)) parked.add(k);
  }
  make(body, main, add);
  if (body.hollow && built.length === 0 && form !== 'ball') add('foot', main);
  let lowest = main;
  for (const { part } of built)
    if ((parts[part]?.lowest ?? 0) < (parts[lowest]?.lowest ?? 0)) lowest = part;
  for (const j of onto) {
    add('flash', main);
    join(j);
    add('straight', main);
  }
  for (const b of bits)
    if (b.kind === 'prunts' || b.kind === 'wrap') {
      add('reheat', main);
      add(b.kind, main, { name: b.name });
      add('meltNotch', main);
    }
  if (body.closed && form === 'ball') {
    add('knockOff', main);
    add('sealMark', main);
    add('box', main);
    return;
  }
  if (form === 'solid') {
    others(bits, main, add);
    add('firePolish', main, { zone: 'all' });
    add('crackOff', main);
    add('polishScar', main);
    add('box', main);
    return;
  }
  add('setBase', lowest);
  if (body.colours.some((c) => c.outside)) add('clearButton', lowest);
  add('punty', lowest);
  add('transfer', main);
  add('longReheat', main);
  add('trim', main);
  add('reheat', main, { zone: 'top', seconds: 20 });
  add('open', main);
  if (form === 'bowl' || form === 'plate') {
    add('reheat', main, { zone: 'top', seconds: 20 });
    add('spin', main);
  }
  if (form === 'bottle') add('lipWrap', main);
  others(bits, main, add);
  add('firePolish', main);
  add('crackOff', main);
  add('polishScar', lowest);
  add('scrap', main);
  add('box', main);
}

/** Joins that are made apart from the main part, and those onto what already hangs on it. */
export function sorted(
  order: readonly Joined[],
  main: number,
): { apart: Joined[]; onto: Joined[] } {
  const groups = eachApart(order.reduce((most, j) => Math.max(most, j.part, j.to), main) + 1);
  const [apart, onto]: [Joined[], Joined[]] = [[], []];
  for (const j of order) {
    (areOne(groups, j.to, main) ? onto : apart).push(j);
    unite(groups, j.part, j.to);
  }
  return { apart, onto };
}

/** Handles, spouts and whatever else is put on after opening; of a pair the second a little larger. */
function others(bits: readonly DraftBit[], main: number, add: Add): void {
  for (const b of bits) {
    if (b.kind === 'prunts' || b.kind === 'wrap') continue;
    const pair = b.copies === 2;
    for (let k = 0; k < Math.min(b.copies, 2); k += 1) {
      add('reheat', main, { zone: 'middle', seconds: 15 });
      add(b.kind === 'spout' ? 'spout' : 'handle', main, {
        name: b.name,
        ...(pair && k === 1 && { note: 'A little larger than the first: taking away is easier.' }),
      });
      if (b.kind !== 'spout') add('meltNotch', main);
    }
  }
}

function torch({ parts, joins, bits, main, form }: DraftInput, add: Add): void {
  const body = parts[main];
  if (!body) return;
  add('torchOn', main);
  const order = assemblyOrder(parts.length, joins, main);
  parts.forEach((p, i) => {
    if (i === main || order.some((o) => o.part === i && !p.stopper && !p.hollow)) return;
    begun(p, i, add);
    add(p.stopper ? 'flameAnneal' : 'kilnGarage', i);
    if (p.stopper) add('box', i);
  });
  begun(body, main, add);
  for (const { part, to } of order) {
    const p = parts[part];
    if (!p || p.stopper) continue;
    add(p.hollow ? 'kilnFetch' : 'warmRod', part);
    add('weld', part, { to, seal: 'hot' });
    add('notchTorch', part);
    add('shapeTorch', part, { seconds: 60 });
  }
  for (const b of bits) {
    add(b.kind === 'handle' ? 'hook' : 'weld', main, { name: b.name });
    add('notchTorch', main);
  }
  if (body.hollow) add(body.closed || form === 'ball' ? 'sealTorch' : 'openTorch', main);
  add('flameAnneal', main);
  add('torchOff', main);
  add('box', main);
}

function begun(p: DraftPart, i: number, add: Add): void {
  if (p.hollow) {
    add('cutTube', i);
    add('points', i);
    if (!p.closed) add('blowBottom', i);
    add('shapeTorch', i);
  } else {
    add('warmRod', i);
    add('shapeTorch', i);
  }
}
