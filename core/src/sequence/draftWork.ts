// The order of work a good gaffer would begin with, drafted from the parts, their joins, colours and bits. Common practice, no source.
// What is fixed by custom is here; heats and waits are put in by `placeHeats`, where the glass asks for them.
import { barWarms, secondsOf } from '../work/durations';
import type { WorkStep } from '../work/facts';
import { eachApart, together as oneWith, unite } from '../work/joined';
import type { StepId } from '../work/step';
import {
  MOST_ALIKE,
  type Add,
  type DraftBit,
  type DraftColour,
  type DraftInput,
  type DraftPart,
  type Joined,
} from './draftInput';
import { torch } from './draftTorch';
import { assemblyOrder, sorted } from './joinOrder';

/** Lighter solid parts are brought as bits and shaped on the piece, kg. */
const AS_BIT = 0.12;

/** Drafts the order, without its heats: `placeHeats` puts them where they are needed. */
export function draftWork(input: DraftInput): WorkStep[] {
  const steps: WorkStep[] = [];
  const { parts } = input;
  const whole = parts.reduce((sum, p) => sum + (p.stopper ? 0 : p.mass), 0);
  const add: Add = (kind, part, more = {}) => {
    const { of, ...rest } = more;
    steps.push({
      id: `s${String(steps.length + 1)}`,
      kind,
      part,
      seconds: secondsOf(kind, of === 'whole' ? whole : (of ?? parts[part]?.mass ?? 0.1)),
      ...rest,
    });
  };
  if (input.way === 'torch') torch(input, add);
  else furnace(input, add);
  return steps;
}

const LAID = {
  bar: 'pickColour',
  powder: 'rollColour',
  frit: 'rollFrit',
  cane: 'pickCane',
  film: 'leaf',
  pieces: 'setIn',
} as const satisfies Record<DraftColour['as'], StepId>;
/** In the order they go on where several lie on one gather: crumbs before powder, leaf last of all. */
const FIRST_ON: readonly DraftColour['as'][] = ['bar', 'cane', 'pieces', 'frit', 'powder', 'film'];

/** Blown out in so many goes: more for more glass. Common practice, no source. */
const goesOf = (mass: number): number => (mass < 0.12 ? 1 : mass < 0.3 ? 2 : mass < 0.9 ? 3 : 4);
/** A form so many times taller than wide hangs to get its length. */
const TALL = 1.8;

const millimetres = (m: number): string => `${(m * 1e3).toFixed(m < 0.02 ? 1 : 0)} mm`;

/** One part from the first gather to its form and its neck. */
function make(part: DraftPart, i: number, add: Add): void {
  for (const c of part.colours)
    if (c.as === 'bar' || c.as === 'cane')
      add('warmColour', i, { seconds: barWarms(c.diameter ?? 0.02) });
  add('warmIron', i);
  const gathers = Math.max(1, part.gathers);
  for (let g = 1; g <= gathers; g += 1) {
    const laid = part.colours
      .filter((k) => k.after === g)
      .sort((a, b) => FIRST_ON.indexOf(a.as) - FIRST_ON.indexOf(b.as));
    if (g > 1 && part.hollow) {
      add('growBubble', i);
      add('setBubble', i);
    }
    add('gather', i);
    const bar = laid.some((c) => c.as === 'bar');
    add(g > 1 ? 'block' : bar ? 'collar' : 'marver', i);
    // Solid glass is shaped until it holds, or the next gather takes it along.
    if (g < gathers && !part.hollow) add('wetPaper', i);
    for (const c of laid) {
      add(LAID[c.as], i);
      add('heatIn', i);
      if (c.as === 'bar') add('marver', i);
      if (c.as === 'cane') caned(part, i, add);
    }
    if (g === 1 && part.hollow) add('bubble', i);
  }
  const tall = (part.height ?? 0) > TALL * (part.width ?? Infinity);
  if (part.ribs) {
    add('dipMould', i);
    if (part.twisted) add('twist', i);
  }
  if (part.hollow) {
    const goes = goesOf(part.mass);
    for (let go = 1; go <= goes; go += 1) {
      if (go === 1) add('chillTip', i);
      if (go === 2 && tall) add('swing', i);
      add('blow', i);
    }
  } else {
    add('shapeSolid', i);
    if (part.mass >= AS_BIT) add('shapeSolid', i);
  }
  measured(part, i, add);
  add('neck', i);
}

/** Canes picked up: melted together and rolled smooth, the end closed, and turned if they are to turn. */
function caned(part: DraftPart, i: number, add: Add): void {
  add('marver', i);
  add('heatIn', i);
  add('closeEnd', i);
  add('heatIn', i);
  add('marver', i);
  if (!part.twisted) return;
  add('heatIn', i);
  add('twist', i);
}

/** The calipers, set before, and what they should meet. */
function measured(part: DraftPart, i: number, add: Add): void {
  if (part.width === undefined || part.mass < AS_BIT) return;
  add('measure', i, {
    note: `Calipers: ${millimetres(part.width)} across${part.height === undefined ? '' : `, ${millimetres(part.height)} tall`}.`,
  });
}

/** Set inside, a last flash, off, its scar smooth. `from` is the part the iron is on. */
function letGo(part: number, from: number, how: 'knockOff' | 'crackOff', add: Add): void {
  add('letSet', part);
  if (how === 'knockOff') add('score', from);
  add('lastFlash', part);
  add(how, part);
}

/** A flat solid under the rest: pressed between the boards. */
const isFoot = (p: DraftPart, lowest: boolean): boolean =>
  lowest && p.height !== undefined && p.width !== undefined && p.height < 0.6 * p.width;

function furnace({ parts, joins, bits, main, form, order: given }: DraftInput, add: Add): void {
  const order = given ?? assemblyOrder(parts.length, joins, main);
  const built = order.filter(({ part }) => parts[part]?.stopper !== true);
  const body = parts[main];
  if (!body) return;
  const asBit = (i: number): boolean => {
    const p = parts[i];
    return p !== undefined && !p.hollow && p.mass < AS_BIT;
  };
  // What stands alone is made first and goes to the box or waits in the garage.
  parts.forEach((p, i) => {
    if (i === main || !p.stopper) return;
    make(p, i, add);
    letGo(i, i, 'knockOff', add);
    add('polishScar', i);
    add('box', i);
  });
  const parked = new Set<number>();
  for (const { part } of built) {
    const p = parts[part];
    if (!p || asBit(part)) continue;
    make(p, part, add);
    letGo(part, part, 'knockOff', add);
    add('garage', part);
    parked.add(part);
  }
  const groups = eachApart(parts.length);
  const together = (i: number): number[] => oneWith(groups, i);
  let lowest = main;
  for (const { part } of built)
    if ((parts[part]?.lowest ?? 0) < (parts[lowest]?.lowest ?? 0)) lowest = part;
  /** Brings glass to the bench: out of the garage, or fresh from the pot. */
  const bring = (i: number): void => {
    if (together(i).some((k) => parked.has(k))) {
      add('fetch', i);
      for (const k of together(i)) parked.delete(k);
    } else add('bit', i);
  };
  const shaped = (i: number): void => {
    const p = parts[i];
    if (p) add(isFoot(p, i === lowest) ? 'footing' : 'shapeBit', i);
  };
  const join = ({ part, to }: Joined): void => {
    const waited = together(part).some((k) => parked.has(k));
    bring(part);
    if (waited) add('glueBit', to);
    add('attach', part, { to, seal: waited ? 'glue' : 'hot' });
    if (!waited) shaped(part);
    unite(groups, part, to);
  };
  // What is put together apart from the main part is done before it is begun, and waits in the garage.
  const { apart, onto } = sorted(built, main);
  for (const j of apart) {
    bring(j.to);
    if (asBit(j.to)) shaped(j.to);
    join(j);
    add('straight', j.to);
    letGo(j.to, j.to, 'knockOff', add);
    add('garage', j.to);
    for (const k of together(j.to)) parked.add(k);
  }
  make(body, main, add);
  if (body.hollow && built.length === 0 && form !== 'ball') add('foot', main);
  for (const j of onto) {
    join(j);
    add('straight', main);
  }
  for (const b of bits) if (b.kind === 'prunts' || b.kind === 'wrap') hotBit(b, b.kind, main, add);
  if (body.closed && form === 'ball') {
    letGo(main, main, 'knockOff', add);
    add('sealMark', main);
    add('box', main);
    swept(parts, main, add);
    return;
  }
  // The vessel that is opened: the main part, or one that was stuck onto it last.
  const vessel = body.hollow ? main : (built.find(({ part }) => opens(parts[part]))?.part ?? -1);
  if (vessel < 0) {
    others(bits, main, add);
    letGo(main, main, 'knockOff', add);
    add('polishScar', main);
    add('box', main);
    swept(parts, main, add);
    return;
  }
  if (vessel === main) {
    add('setBase', lowest);
    if (parts[lowest]?.colours.some((c) => c.outside) === true) {
      add('clearButton', lowest);
      add('setBase', lowest);
    }
    add('makePunty', lowest, { of: 'whole' });
    add('punty', lowest);
    add('straight', lowest);
    add('score', main);
    add('transfer', main);
  }
  add('longReheat', vessel, { of: 'whole' });
  add('trim', vessel);
  add('open', vessel);
  if (form === 'bowl' || form === 'plate') add('spin', vessel);
  for (const b of bits) if (b.kind === 'lipWrap') hotBit(b, 'lipWrap', vessel, add);
  others(bits, vessel, add);
  // Spun out in the fire it is polished already, but for what came after.
  if (!(form === 'bowl' || form === 'plate') || bits.length > 0) add('firePolish', vessel);
  letGo(vessel, lowest, 'crackOff', add);
  add('polishScar', lowest);
  add('box', vessel);
  swept(parts, main, add);
}

const opens = (p: DraftPart | undefined): boolean =>
  p !== undefined && p.hollow && !p.closed && !p.stopper;

/** Clear goes back to the pot, coloured never: apart, with their weights, once the piece is safe. */
function swept(parts: readonly DraftPart[], main: number, add: Add): void {
  const grams = (of: readonly DraftPart[]): string =>
    `${String(Math.round(1e3 * of.reduce((sum, p) => sum + (p.scrap ?? 0), 0)))} g`;
  const coloured = parts.filter((p) => p.colours.length > 0);
  const clear = parts.filter((p) => p.colours.length === 0);
  if (!parts.some((p) => (p.scrap ?? 0) > 0)) return;
  const words = [
    ...(clear.length > 0 ? [`${grams(clear)} clear to the clean bucket`] : []),
    ...(coloured.length > 0 ? [`${grams(coloured)} coloured to the other`] : []),
  ];
  add('scrap', main, { note: `About ${words.join(', ')}.` });
}

/** A bit brought hot by a helper, put on, its notch melted in before anything else. */
function hotBit(b: DraftBit, kind: StepId, on: number, add: Add, note?: string): void {
  const part = b.part ?? on;
  const of = b.mass ?? 0.03;
  add('bringBit', part, { name: b.name, of: Math.max(0.1, 4 * of) });
  add(kind, part, {
    name: b.name,
    of: Math.max(0.1, 6 * of),
    // A drop, a stamp and the next.
    ...(kind === 'prunts' && { seconds: Math.min(60, 6 + 4 * b.copies) }),
    ...(b.zone && { zone: b.zone }),
    ...(note !== undefined && { note }),
  });
  add('meltNotch', part, { name: b.name, of: 0.2, ...(b.zone && { zone: b.zone }) });
}

/** Spouts first, then handles and whatever else is put on after opening; of a pair the second a little larger. */
function others(bits: readonly DraftBit[], vessel: number, add: Add): void {
  for (const b of bits)
    if (b.kind === 'spout') add('spout', b.part ?? vessel, { name: b.name, zone: 'top' });
  for (const b of bits) {
    if (b.kind !== 'handle' && b.kind !== 'other') continue;
    const pair = b.copies === 2;
    for (let k = 0; k < Math.min(b.copies, MOST_ALIKE); k += 1)
      hotBit(
        b,
        b.kind === 'handle' ? 'handle' : 'addBit',
        vessel,
        add,
        pair && k === 1 ? 'A little larger than the first: taking away is easier.' : undefined,
      );
  }
}
