// One part in the order of work: from its irons and gathers, or a length of a patterned tube, to its form and its neck. Common practice, no source.
import { tr } from '../words/tr';
import { barWarms } from '../work/durations';
import type { StepId } from '../work/step';
import type { Add, DraftColour, DraftInput, DraftPart, PatternedTube } from './draftInput';

/** Lighter solid parts are brought as bits and shaped on the piece, kg. */
export const AS_BIT = 0.12;

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

/**
 * A mass in whole grams, in words.
 *
 * @example
 * grams(0.312) // '312 g'
 */
export const grams = (kg: number): string => `${String(Math.round(1e3 * kg))} g`;

/** What a part's glass comes from where it is not gathered for it alone. */
export interface FromTube {
  readonly tube: PatternedTube;
  readonly names: readonly string[];
}

/** Necked, wetted and tapped off, each cut of a tube, s. Common practice, no source. */
const A_CUT = 40;
/** An open end is drawn shut in, s. Common practice, no source. */
const CLOSING = 12;

/** A length out of the garage, its seam closed. */
function picked(i: number, add: Add): void {
  add('warmIron', i);
  add('pickLength', i);
  add('heatIn', i);
  add('closeEnd', i, { seconds: CLOSING });
}

/** The tube is drawn out and cut; the length that stays on the pipe is this part's. */
function cut({ tube, names }: FromTube, i: number, add: Add): void {
  // Long and even: drawn out, warmed, drawn out again.
  add('swing', i);
  add('heatIn', i);
  add('swing', i);
  add('cutLengths', i, {
    seconds: A_CUT * (names.length - 1),
    note: tr`${names.length} lengths: ${names
      .map((name, k) => `${name} ${grams(tube.lengths[k] ?? 0)}`)
      .join(', ')}. The last stays on the pipe, the others wait in the garage.`,
  });
  add('heatIn', i);
  add('closeEnd', i, { seconds: CLOSING });
}

/** One part from the first gather to its form and its neck. */
export function make(part: DraftPart, i: number, add: Add, from?: FromTube): void {
  if (!from || from.tube.parts[0] === i) {
    irons(part, i, add);
    gathered(part, i, add, 1, from);
  } else {
    picked(i, add);
    gathered(part, i, add, from.tube.after + 1);
  }
  shapedAt(part, i, add);
}

/** What is warmed ahead. */
function irons(part: DraftPart, i: number, add: Add): void {
  for (const c of part.colours)
    if (c.as === 'bar' || c.as === 'cane')
      add('warmColour', i, { seconds: barWarms(c.diameter ?? 0.02) });
  add('warmIron', i);
}

/** Its gathers from one of them on, with what lies on each; a tube's where it is cut from one. */
function gathered(part: DraftPart, i: number, add: Add, start: number, from?: FromTube): void {
  // A tube of more gathers than this part's own has its colour as many gathers later.
  const later = from ? from.tube.gathers.length - from.tube.after : 0;
  const gathers = Math.max(1, part.gathers) + later;
  const after = (c: DraftColour): number =>
    c.after + (from && c.after >= from.tube.after ? later : 0);
  for (let g = start; g <= gathers; g += 1) {
    const laid = part.colours
      .filter((k) => after(k) === g)
      .sort((a, b) => FIRST_ON.indexOf(a.as) - FIRST_ON.indexOf(b.as));
    if (g > 1 && part.hollow) {
      add('growBubble', i);
      add('setBubble', i);
    }
    const whole = from?.tube.gathers[g - 1];
    add('gather', i, {
      ...(whole && {
        note: tr`For the whole tube: ${grams(whole.total)} on the iron then, ⌀ ${millimetres(whole.diameter)}.`,
      }),
    });
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
    if (g === from?.tube.gathers.length) cut(from, i, add);
  }
}

/** From the gathered glass to its form. */
function shapedAt(part: DraftPart, i: number, add: Add): void {
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
    note: tr`Calipers: ${millimetres(part.width)} across${part.height === undefined ? '' : tr`, ${millimetres(part.height)} tall`}.`,
  });
}

/** The tube, its parts in the order they are made; undefined where one of them is not made here. */
export function tubeFor(
  { tube, parts, main }: DraftInput,
  built: readonly number[],
): FromTube | undefined {
  if (!tube) return undefined;
  const order = [...built, main].filter((i) => tube.parts.includes(i));
  if (order.length !== tube.parts.length) return undefined;
  const lengthOf = (i: number): number => tube.lengths[tube.parts.indexOf(i)] ?? 0;
  return {
    tube: { ...tube, parts: order, lengths: order.map(lengthOf) },
    names: order.map((i) => parts[i]?.name ?? ''),
  };
}
