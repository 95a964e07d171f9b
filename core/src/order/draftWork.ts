// The order of work a good gaffer would begin with, drafted from the parts, their joins, colours and bits. Common practice, no source.
// What is fixed by custom is here; heats and waits are put in by `placeHeats`, where the glass asks for them.
import { tr } from '../words/tr';
import { ourSeconds, secondsOf } from '../work/durations';
import { mm } from '../units/inWords';
import type { WorkStep } from '../work/facts';
import { eachApart, partsTogether as oneWith, unite } from '../work/joined';
import { hotBit, isApart, madeApart, others } from './draftBits';
import type { Add, DraftBit, DraftInput, DraftPart, Joined } from './draftInput';
import { AS_BIT, grams, make, tubeFor } from './draftMake';
import { kiln } from './draftKiln';
import { torch } from './draftTorch';
import { assemblyOrder, sorted } from './joinOrder';

/** A lip that has been flashed since it was opened is polished in, s. */
const POLISHED = 4;

/** Drafts the order, without its heats: `placeHeats` puts them where they are needed. */
export function draftWork(input: DraftInput): WorkStep[] {
  const steps: WorkStep[] = [];
  const { parts } = input;
  const whole = parts.reduce((sum, p) => sum + (p.stopper ? 0 : p.mass), 0);
  const add: Add = (kind, part, more = {}) => {
    const { of, ...rest } = more;
    const ordinary = secondsOf(kind, of === 'whole' ? whole : (of ?? parts[part]?.mass ?? 0.1));
    steps.push({
      id: `s${String(steps.length + 1)}`,
      kind,
      part,
      seconds: ourSeconds({ kind }, ordinary, input.pace),
      ...rest,
    });
  };
  if (input.way === 'torch') torch(input, add);
  else if (input.way === 'kiln') kiln(input, add);
  else {
    furnace(input, add);
    // At the furnace a hole is drilled, once it is cold.
    parts.forEach((p, i) => {
      for (const height of p.holes ?? []) add('drillCold', i, { name: tr`${mm(height)} up` });
    });
  }
  return steps;
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

/** What stands alone is made first and goes to the box or waits in the garage. */
function stoppers(parts: readonly DraftPart[], main: number, add: Add): void {
  parts.forEach((p, i) => {
    if (i === main || !p.stopper) return;
    make(p, i, add);
    letGo(i, i, 'knockOff', add);
    add('polishScar', i);
    add('box', i);
  });
}

/** Bringing parts together: out of the garage where they waited, else fresh from the pot. */
function joining(
  parts: readonly DraftPart[],
  built: readonly Joined[],
  main: number,
  parked: Set<number>,
  add: Add,
) {
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
  return { lowest, join, bring, shaped, together };
}

/** From the pipe to the punty. */
function puntied(parts: readonly DraftPart[], main: number, lowest: number, add: Add): void {
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

/** Opened, its bits put on, off the iron and boxed. */
function finished(
  { parts, main, form }: DraftInput,
  bits: readonly DraftBit[],
  { built, lowest }: { readonly built: readonly Joined[]; readonly lowest: number },
  add: Add,
): void {
  const body = parts[main];
  if (!body) return;
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
  if (vessel === main) puntied(parts, main, lowest, add);
  add('longReheat', vessel, { of: 'whole' });
  add('trim', vessel);
  add('open', vessel);
  if (form === 'bowl' || form === 'plate') add('spin', vessel);
  for (const b of bits) if (b.kind === 'lipWrap') hotBit(b, 'lipWrap', vessel, add);
  others(bits, vessel, add);
  // Spun out in the fire it is polished already, but for what came after.
  // The flashes for what was put on after opening have rounded the lip: a moment is enough.
  const after = bits.some((b) => b.kind !== 'prunts' && b.kind !== 'wrap');
  if (!(form === 'bowl' || form === 'plate') || after)
    add('firePolish', vessel, after ? { seconds: POLISHED } : {});
  letGo(vessel, lowest, 'crackOff', add);
  add('polishScar', lowest);
  add('box', vessel);
  swept(parts, main, add);
}

function furnace(input: DraftInput, add: Add): void {
  const { parts, joins, main, form, order: given } = input;
  // What hangs on a bit that is made apart comes with it.
  const comes = new Set(input.bits.flatMap((b) => (isApart(b) ? (b.carries ?? []) : [])));
  const bits = input.bits.filter((b) => b.carried !== true || !comes.has(b.name));
  const order = given ?? assemblyOrder(parts.length, joins, main);
  const built = order.filter(({ part }) => parts[part]?.stopper !== true);
  const body = parts[main];
  if (!body) return;
  const asBit = (i: number): boolean => {
    const p = parts[i];
    return p !== undefined && !p.hollow && p.mass < AS_BIT;
  };
  stoppers(parts, main, add);
  const parked = new Set<number>();
  const from = tubeFor(
    input,
    built.map(({ part }) => part),
  );
  for (const { part } of built) {
    const p = parts[part];
    if (!p || asBit(part)) continue;
    make(p, part, add, from?.tube.parts.includes(part) === true ? from : undefined);
    letGo(part, part, 'knockOff', add);
    add('garage', part);
    parked.add(part);
  }
  const { lowest, join, bring, shaped, together } = joining(parts, built, main, parked, add);
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
  madeApart(bits, main, add);
  make(body, main, add, from?.tube.parts.includes(main) === true ? from : undefined);
  if (body.hollow && built.length === 0 && form !== 'ball') add('foot', main);
  for (const j of onto) {
    join(j);
    add('straight', main);
  }
  for (const b of bits) if (b.kind === 'prunts' || b.kind === 'wrap') hotBit(b, b.kind, main, add);
  finished(input, bits, { built, lowest }, add);
}

const opens = (p: DraftPart | undefined): boolean =>
  p !== undefined && p.hollow && !p.closed && !p.stopper;

/** Clear goes back to the pot, coloured never: apart, with their weights, once the piece is safe. */
function swept(parts: readonly DraftPart[], main: number, add: Add): void {
  const scrap = (of: readonly DraftPart[]): string =>
    grams(of.reduce((sum, p) => sum + (p.scrap ?? 0), 0));
  const coloured = parts.filter((p) => p.colours.length > 0);
  const clear = parts.filter((p) => p.colours.length === 0);
  if (!parts.some((p) => (p.scrap ?? 0) > 0)) return;
  const words = [
    ...(clear.length > 0 ? [tr`${scrap(clear)} clear to the clean bucket`] : []),
    ...(coloured.length > 0 ? [tr`${scrap(coloured)} coloured to the other`] : []),
  ];
  add('scrap', main, { note: tr`About ${words.join(', ')}.` });
}
