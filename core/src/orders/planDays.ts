// What is wanted by when, over the days to come: the bench's hours, the pot's glass, the boxes' nights; what cannot be done, by how much and for
// what reason.
import { attemptsFor } from '../log/attempts';

/** A piece as its days are planned. SI; ids are the caller's. */
export interface WantedPiece {
  readonly id: string;
  /** At the bench, s, each attempt. */
  readonly seconds: number;
  /** Out of the pot, kg, each attempt, with its moil. */
  readonly mass: number;
  /** The pot it is gathered from; undefined for torch work, which takes from none. */
  readonly glass: string | undefined;
  /** Share of attempts that is lost. */
  readonly lost: number;
  /** In each box, in their order: how many stand in it (nothing where it does not fit), and its night from the last piece in, s. */
  readonly boxes: readonly { readonly holds: number; readonly night: number }[];
}

/** So many good ones of a piece, out of the box by a day. Days count from today, 0. */
export interface Wanted {
  readonly id: string;
  readonly piece: string;
  readonly count: number;
  readonly due: number;
  /** Not before. */
  readonly from?: number | undefined;
  /** Attempts put on a day by hand. */
  readonly pinned?: Readonly<Record<number, number>> | undefined;
}

/** A pot as it stands this morning. kg. */
export interface PotFor {
  readonly glass: string;
  readonly level: number;
  readonly least: number;
  readonly holds: number;
  /** Charged at once at most, and how many mornings later it is fit: 1 is the next. */
  readonly charge: number;
  readonly ready: number;
}

/** What days are planned from. */
export interface DaysAsked {
  readonly wanted: readonly Wanted[];
  readonly pieces: readonly WantedPiece[];
  /** Bench time of each day to come, s; the plan is as long as the list. */
  readonly bench: readonly number[];
  readonly pots: readonly PotFor[];
}

/** What is made on a day, of one wanted thing: attempts, and in which box. */
export interface DayWork {
  readonly wanted: string;
  readonly count: number;
  readonly pinned: boolean;
}

/** A day as it is planned. */
export interface PlannedDay {
  readonly work: readonly DayWork[];
  /** At the bench, s; and beyond what there is, where that was put there by hand. */
  readonly seconds: number;
  readonly over: number;
  /** Pots in their order: kg in the evening before a charge; charged then; and whether it can be gathered from this day. */
  readonly pots: readonly {
    readonly level: number;
    readonly charge: number;
    readonly fit: boolean;
  }[];
  /** Boxes that are loaded in the evening, by their place. */
  readonly loaded: readonly number[];
}

/** Why something comes late. */
export type Lacks = 'hours' | 'glass' | 'box' | 'fits no box' | 'no such pot';

/** How a wanted thing comes out. */
export interface OrderOutcome {
  readonly wanted: string;
  /** Attempts it takes, to be expected. */
  readonly attempts: number;
  /** Attempts planned within the days. */
  readonly planned: number;
  /** Out of the box by its day, and when the last is out; undefined where that is after the days planned. */
  readonly inTime: number;
  readonly out: number | undefined;
  readonly lacks: Lacks | undefined;
  /** What it lacks: s at the bench, kg of glass; nothing where boxes are the reason. */
  readonly short: number;
}

/** Every day, and how each order comes out. */
export interface DaysPlan {
  readonly days: readonly PlannedDay[];
  readonly cameOut: readonly OrderOutcome[];
}

/** From the last piece in to the next morning, s: a longer night keeps its box the next day too. */
const TO_MORNING = 16 * 3600;
const DAY = 86_400;
/**
 * Mornings until a box is free again.
 *
 * @example
 * mornings(57600) // 1
 */
export const mornings = (night: number): number =>
  1 + Math.max(0, Math.ceil((night - TO_MORNING) / DAY));

interface Going {
  readonly wanted: Wanted;
  readonly piece: WantedPiece;
  readonly pot: number | undefined;
  left: number;
  /** Attempts by the day they are out. */
  readonly outs: { readonly day: number; readonly count: number }[];
  lacks: Lacks | undefined;
}

/** What is wanted and can be made, with its pot and how often it is begun. */
const goingOf = ({ wanted, pieces, pots }: DaysAsked): Going[] =>
  wanted.flatMap((w): Going[] => {
    const piece = pieces.find((p) => p.id === w.piece);
    if (!piece) return [];
    const pot = pots.findIndex((p) => p.glass === piece.glass);
    return [
      {
        wanted: w,
        piece,
        pot: piece.glass === undefined ? undefined : pot,
        left: attemptsFor(w.count, piece.lost),
        outs: [],
        lacks: undefined,
      },
    ];
  });

/** How pots and boxes stand as the days go by. */
interface Supplies {
  readonly pots: DaysAsked['pots'];
  /** The day each box is free again. */
  readonly freeFrom: number[];
  readonly level: number[];
  /** The day each pot can be gathered from. */
  readonly fitFrom: number[];
}

/** A day as it fills. */
interface Filling {
  readonly day: number;
  /** At the bench, s. */
  readonly there: number;
  seconds: number;
  readonly work: DayWork[];
  /** Of each box: its room left as a share, and the longest night in it. */
  readonly room: number[];
  readonly longest: number[];
}

/** How many the pot has glass for on this day, at most `count`; says what lacks. */
function glassFor(
  g: Going,
  count: number,
  { pots, level, fitFrom }: Supplies,
  day: number,
): number {
  const { piece, pot } = g;
  if (pot === undefined) return count;
  const here = pots[pot];
  if (!here) {
    g.lacks = 'no such pot';
    return 0;
  }
  const fit = (fitFrom[pot] ?? 0) <= day;
  const glass = fit
    ? Math.floor(((level[pot] ?? 0) - here.least) / Math.max(1e-6, piece.mass) + 1e-9)
    : 0;
  if (glass < count) g.lacks = 'glass';
  return Math.min(count, Math.max(0, glass));
}

/** Into the boxes that are free, the one whose night is shortest first; how many found room. */
function boxed(
  g: Going,
  count: number,
  { freeFrom }: Supplies,
  { day, room, longest }: Filling,
): number {
  const { piece } = g;
  let done = 0;
  const order = piece.boxes
    .map((b, i) => ({ ...b, i }))
    .filter((b) => b.holds > 0)
    .sort((a, b) => a.night - b.night || a.i - b.i);
  if (order.length === 0 && count > 0) g.lacks = 'fits no box';
  for (const b of order) {
    if (done >= count) break;
    if ((freeFrom[b.i] ?? 0) > day) continue;
    const n = Math.min(count - done, Math.floor((room[b.i] ?? 0) * b.holds + 1e-9));
    if (n <= 0) continue;
    done += n;
    room[b.i] = (room[b.i] ?? 0) - n / b.holds;
    longest[b.i] = Math.max(longest[b.i] ?? 0, b.night);
    g.outs.push({ day: day + mornings(b.night), count: n });
  }
  if (done < count && order.length > 0) g.lacks = 'box';
  return done;
}

/** As many as go on this day; by hand regardless of hours. */
function put(g: Going, most: number, byHand: boolean, supplies: Supplies, day: Filling): void {
  const { piece, pot } = g;
  let count = most;
  if (!byHand) {
    const hours = Math.floor((day.there - day.seconds) / Math.max(1, piece.seconds) + 1e-9);
    if (hours < count) g.lacks = 'hours';
    count = Math.min(count, Math.max(0, hours));
  }
  if (pot !== undefined && !supplies.pots[pot]) {
    g.lacks = 'no such pot';
    return;
  }
  const done = boxed(g, glassFor(g, count, supplies, day.day), supplies, day);
  if (done === 0) return;
  g.left = Math.max(0, g.left - done);
  day.seconds += done * piece.seconds;
  if (pot !== undefined) supplies.level[pot] = (supplies.level[pot] ?? 0) - done * piece.mass;
  day.work.push({ wanted: g.wanted.id, count: done, pinned: byHand });
}

/** Pots in the evening; charged where they would not last another day like the hungriest there still is. */
const evening = (
  going: readonly Going[],
  { pots, level, fitFrom }: Supplies,
  day: number,
  next: number,
): PlannedDay['pots'] =>
  pots.map((p, i) => {
    const still = level[i] ?? 0;
    const fit = (fitFrom[i] ?? 0) <= day;
    // Would it last another day like the hungriest there still is?
    const needs = going
      .filter((g) => g.pot === i && g.left > 0)
      .reduce((sum, g) => sum + g.left * g.piece.mass, 0);
    const aDay = Math.min(needs, hungriest(going, i, next));
    const charge =
      fit && needs > 0 && still - p.least < aDay
        ? Math.max(0, Math.min(p.charge, p.holds - still))
        : 0;
    if (charge > 0) {
      level[i] = still + charge;
      fitFrom[i] = day + p.ready;
    }
    return { level: still, charge, fit };
  });

/**
 * Plans it: what was put on a day by hand first, then what is due first, as early as it can be; a pot is charged in the evening when it
 * would not last the next day. Deterministic; early rather than proven best.
 */
export function planDays(asked: DaysAsked): DaysPlan {
  const { pieces, bench, pots } = asked;
  const going = goingOf(asked);
  const boxes = Math.max(0, ...pieces.map((p) => p.boxes.length));
  const ofBoxes = (value: number): number[] => Array.from({ length: boxes }, () => value);
  const supplies: Supplies = {
    pots,
    freeFrom: ofBoxes(0),
    level: pots.map((p) => p.level),
    fitFrom: pots.map(() => 0),
  };
  const days = bench.map((there, day): PlannedDay => {
    const filling: Filling = {
      day,
      there,
      seconds: 0,
      work: [],
      room: ofBoxes(1),
      longest: ofBoxes(0),
    };
    for (const g of going) {
      const pinned = g.wanted.pinned?.[day] ?? 0;
      if (pinned > 0) put(g, pinned, true, supplies, filling);
    }
    const open = going
      .filter(
        (g) => g.left > 0 && (g.wanted.from ?? 0) <= day && g.wanted.pinned?.[day] === undefined,
      )
      .sort((a, b) => a.wanted.due - b.wanted.due);
    for (const g of open) {
      // What is put on later days by hand is not taken from them.
      const later = Object.entries(g.wanted.pinned ?? {}).reduce(
        (sum, [d, n]) => sum + (Number(d) > day ? n : 0),
        0,
      );
      if (g.left > later) put(g, g.left - later, false, supplies, filling);
    }
    const loaded = filling.longest.flatMap((night, i) => {
      if (night <= 0) return [];
      supplies.freeFrom[i] = day + mornings(night);
      return [i];
    });
    return {
      work: filling.work,
      seconds: filling.seconds,
      over: Math.max(0, filling.seconds - there),
      pots: evening(going, supplies, day, bench[day + 1] ?? there),
      loaded,
    };
  });
  return { days, cameOut: going.map((g) => cameOut(g, bench.length)) };
}

/** The most glass of a pot that a day's hours can take, kg. */
const hungriest = (going: readonly Going[], pot: number, seconds: number): number =>
  Math.max(
    0,
    ...going
      .filter((g) => g.pot === pot && g.left > 0)
      .map((g) =>
        Math.min(g.left * g.piece.mass, (seconds / Math.max(1, g.piece.seconds)) * g.piece.mass),
      ),
  );

function cameOut(g: Going, days: number): OrderOutcome {
  const { wanted, piece, left, outs } = g;
  const attempts = attemptsFor(wanted.count, piece.lost);
  const planned = outs.reduce((sum, o) => sum + o.count, 0);
  const soon = outs.reduce((sum, o) => sum + (o.day <= wanted.due ? o.count : 0), 0);
  const good = (n: number): number =>
    n >= attempts ? wanted.count : Math.floor(n * (1 - piece.lost) + 1e-9);
  const inTime = good(soon);
  const last = Math.max(0, ...outs.map((o) => o.day));
  const out = left > 0 || last > days + 1 ? undefined : last;
  const late = inTime < wanted.count;
  const missing = Math.max(0, attempts - soon);
  // Its day may simply be too near: what was never lacking took its nights.
  const lacks = late ? (g.lacks ?? 'box') : undefined;
  return {
    wanted: wanted.id,
    attempts,
    planned,
    inTime,
    out,
    lacks,
    short:
      lacks === 'hours' ? missing * piece.seconds : lacks === 'glass' ? missing * piece.mass : 0,
  };
}
