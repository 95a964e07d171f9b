// What a break says (TRADE §16): causes, and how often each is seen when, where and how. Common practice, no source; the numbers are from
// memory, as the trade's words "usual" and "sometimes" are taken: an ordinary sign is seen with two breaks of three, others with one of thirty.
import { tr, type Said } from '../words/tr';

/** When it was seen. */
export const WHEN = [
  'necking',
  'at the transfer',
  'on the punty',
  'while it was opened',
  'as a bit was put on',
  'under a tool',
  'minutes after a bit',
  'at the break-off',
  'as it was boxed',
  'in the box',
  'next morning',
  'in the hand',
  'days later',
  'weeks later',
] as const;
/** One of the moments it was seen at. */
export type When = (typeof WHEN)[number];

/** Where it began, or runs. */
export const WHERE = [
  'the jack line',
  'the base',
  'under the scar',
  'the edge of a bit',
  'the lip',
  'a tool’s mark',
  'thick to thin',
  'along the colour',
  'the whole of it',
] as const;
/** One of the places it began at. */
export type BreakWhere = (typeof WHERE)[number];

/** What its faces look like. */
export const FACE = [
  'a ring',
  'a chip',
  'a round pluck',
  'a check running down',
  'a star or crescent',
  'in two',
  'smooth and curved, nothing at the edge',
  'many clean shards',
  'sagged or flat on a side',
] as const;
/** One of what its faces look like. */
export type Face = (typeof FACE)[number];

/** What somebody saw; each may be left out. */
export interface BreakSeen {
  readonly when?: When | undefined;
  readonly where?: BreakWhere | undefined;
  readonly face?: Face | undefined;
}

/** A cause, as it is kept. */
export type CauseId =
  | 'neck'
  | 'cold punty'
  | 'fused punty'
  | 'cold join'
  | 'cold lip'
  | 'tool chill'
  | 'fast night'
  | 'left stress'
  | 'misfit'
  | 'thermal shock'
  | 'boxed soft';

/** A cause, with its ordinary signs, the test that settles it, and what is asked for. */
export interface Cause {
  readonly id: CauseId;
  readonly says: Said;
  readonly when: readonly When[];
  readonly where: readonly BreakWhere[];
  readonly face: readonly Face[];
  /** Of a hundred breaks in an ordinary studio about so many: from memory. */
  readonly usual: number;
  readonly test: Said;
  readonly change: Said;
}

/** Every cause, with its signs and what it asks for. */
export const CAUSES: readonly Cause[] = [
  {
    id: 'neck',
    says: () => tr`The neck was thick or ragged, the body cold`,
    when: ['necking', 'at the transfer'],
    where: ['the jack line'],
    face: ['a ring'],
    usual: 12,
    test: () =>
      tr`Look where it began: a crack that starts in the jack line and runs down is the neck’s.`,
    change: () => tr`A thinner, cleaner neck, and a flash before the transfer.`,
  },
  {
    id: 'cold punty',
    says: () => tr`The punty or the base was cold`,
    when: ['on the punty', 'at the transfer'],
    where: ['the base'],
    face: ['a chip'],
    usual: 12,
    test: () =>
      tr`Look at the scar: clean and shallow, it never held; colour in it, it stood on colour.`,
    change: () => tr`Match the heats, or a clear button under it.`,
  },
  {
    id: 'fused punty',
    says: () => tr`The punty was too hot and fused on`,
    when: ['at the break-off', 'next morning'],
    where: ['under the scar'],
    face: ['a round pluck'],
    usual: 6,
    test: () => tr`Look under the scar: a round pluck deeper than the scar is wide was fused.`,
    change: () => tr`A stiffer punty, a smaller contact.`,
  },
  {
    id: 'cold join',
    says: () => tr`A bit was put onto a body gone cold, its notch not melted in`,
    when: ['as a bit was put on', 'minutes after a bit', 'in the box', 'next morning'],
    where: ['the edge of a bit'],
    face: ['a check running down', 'in two'],
    usual: 15,
    test: () => tr`Follow it back: it begins in the sharp corner beside the bit.`,
    change: () => tr`Flash the place first, and melt the notch in.`,
  },
  {
    id: 'cold lip',
    says: () => tr`The lip fell under its strain point beside hot glass`,
    when: ['while it was opened', 'as it was boxed', 'in the box'],
    where: ['the lip'],
    face: ['a check running down'],
    usual: 14,
    test: () => tr`Look at the lip: a check square to the edge that runs down from it.`,
    change: () => tr`A shorter time out of the fire; a flash before it is boxed.`,
  },
  {
    id: 'tool chill',
    says: () => tr`Cold steel chilled a spot`,
    when: ['under a tool', 'while it was opened'],
    where: ['a tool’s mark'],
    face: ['a star or crescent'],
    usual: 7,
    test: () => tr`Look at it with a loupe: a small crescent under a tool’s mark.`,
    change: () => tr`A warmer tool, less steel, a heat after it.`,
  },
  {
    id: 'fast night',
    says: () => tr`It cooled too fast for its thickest place or its biggest step`,
    when: ['in the box', 'next morning'],
    where: ['thick to thin', 'the whole of it'],
    face: ['in two'],
    usual: 12,
    test: () =>
      tr`Put another of it through the slower night; or look at its twin between polarisers.`,
    change: () => tr`A slower fall.`,
  },
  {
    id: 'left stress',
    says: () => tr`Tension was left in it`,
    when: ['days later', 'weeks later'],
    where: ['the whole of it', 'thick to thin'],
    face: ['smooth and curved, nothing at the edge'],
    usual: 6,
    test: () => tr`Look at a twin, or at the larger half, between polarisers.`,
    change: () => tr`Anneal the others again, and look between polarisers.`,
  },
  {
    id: 'misfit',
    says: () => tr`A colour does not fit the glass under it`,
    when: ['days later', 'next morning', 'in the box'],
    where: ['along the colour'],
    face: ['a check running down', 'smooth and curved, nothing at the edge', 'in two'],
    usual: 8,
    test: () => tr`Pull a thread of the two and measure its bow.`,
    change: () => tr`Less of that colour, or a barrier of one that fits both.`,
  },
  {
    id: 'thermal shock',
    says: () => tr`It was chilled at once: the box opened hot, a wet tool, a cold bench`,
    when: ['in the hand', 'next morning'],
    where: ['the whole of it'],
    face: ['many clean shards'],
    usual: 5,
    test: () => tr`Read the box’s log: how hot was it when the door opened?`,
    change: () => tr`The door later; dry tools, a warm bench.`,
  },
  {
    id: 'boxed soft',
    says: () => tr`It was boxed too soft, or held too hot`,
    when: ['in the box', 'next morning'],
    where: ['the whole of it', 'the base'],
    face: ['sagged or flat on a side'],
    usual: 3,
    test: () => tr`Press a fingertip’s length of the same rod at that hold: does it keep its edge?`,
    change: () => tr`Let it set before the box; a lower hold.`,
  },
];

/** An ordinary sign is seen so often with its cause, one that is not so often; from memory. */
const USUAL = 0.66;
const STRANGE = 0.034;

/**
 * How often a sign is seen with a cause: the ordinary ones share what is usual.
 *
 * @example
 * seenWith(['a'], 'a', 4) // 0.66
 */
export function seenWith(ordinary: readonly string[], sign: string, all: number): number {
  return ordinary.includes(sign)
    ? Math.max(USUAL / ordinary.length, 3 * STRANGE)
    : (1 - USUAL) / (all - ordinary.length);
}

/** A cause in words, by its id; the id where it is none known here. */
export const causeSays = (id: string): string => CAUSES.find((c) => c.id === id)?.says() ?? id;
