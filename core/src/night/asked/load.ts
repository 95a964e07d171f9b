// What goes into a box together: whether it fits and may, whose wall rules, and what leaving that one out would save.
import { tr } from '../../words/tr';
import { thermoelasticModulus } from '../../glass/glass';
import { slabEquivalent } from '../allow';
import { checkedSchedule, type CheckedNight } from '../checked';
import type { Annealed, Outcome } from '../outcome';
import { putInBox } from '../unevenBox';
import { CLOSE, MAY_PASS, PRACTICES, allowedOf } from '../practice';
import type { ScheduleInput } from '../scheduleInput';
import { ARRIVES_UNEVEN } from '../soak';

/** Something to be annealed. m */
export interface LoadPiece extends Omit<Annealed, 'assumes'> {
  readonly id: string;
  readonly name: string;
  /** So many alike; one where it is not said. */
  readonly count?: number | undefined;
  /** As it stands: across, deep and high. */
  readonly width: number;
  readonly depth: number;
  readonly height: number;
}

/** Inside of an annealer, m. */
export interface PieceInside {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
}

/** Where a piece stands: its near left corner, m. */
export interface StandingInside {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

/** Kept free round every piece, m. Common practice, no source. */
export const ROOM_BETWEEN = 0.02;

/**
 * Ids by their letters, so that the same pieces always stand alike.
 *
 * @example
 * byCode('a', 'b') // -1
 */
export const byCode = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Every single one of them: six alike are six. */
export const eachOf = <P extends LoadPiece>(pieces: readonly P[]): readonly P[] =>
  pieces.flatMap((p) => Array.from({ length: p.count ?? 1 }, () => ({ ...p, count: 1 })));

/** Stands pieces in rows, deepest first; those that find no place are left, each named as often as it is. */
export function stand(
  pieces: readonly LoadPiece[],
  inside: PieceInside,
): { readonly standing: readonly StandingInside[]; readonly left: readonly string[] } {
  const standing: StandingInside[] = [];
  const left: string[] = [];
  const rows: { y: number; depth: number; used: number }[] = [];
  let next = ROOM_BETWEEN;
  const sorted = [...eachOf(pieces)].sort(
    (a, b) => Math.max(b.width, b.depth) - Math.max(a.width, a.depth) || byCode(a.id, b.id),
  );
  for (const p of sorted) {
    if (p.height + ROOM_BETWEEN > inside.height) {
      left.push(p.id);
      continue;
    }
    const ways = [
      { w: p.width, d: p.depth, turned: false },
      { w: p.depth, d: p.width, turned: true },
    ];
    let done = false;
    for (const { w, d, turned } of ways) {
      const row = rows.find(
        (r) => d <= r.depth + 1e-9 && r.used + w + ROOM_BETWEEN <= inside.width,
      );
      if (!row) continue;
      standing.push({ id: p.id, x: row.used, y: row.y, turned });
      row.used += w + ROOM_BETWEEN;
      done = true;
      break;
    }
    if (done) continue;
    for (const { w, d, turned } of ways) {
      if (next + d + ROOM_BETWEEN > inside.depth || ROOM_BETWEEN + w + ROOM_BETWEEN > inside.width)
        continue;
      standing.push({ id: p.id, x: ROOM_BETWEEN, y: next, turned });
      rows.push({ y: next, depth: d, used: 2 * ROOM_BETWEEN + w });
      next += d + ROOM_BETWEEN;
      done = true;
      break;
    }
    if (!done) left.push(p.id);
  }
  return { standing, left };
}

/** A load's night. */
export interface LoadNight {
  readonly checked: CheckedNight;
  /** The piece whose wall sets the clock. */
  readonly rules: string;
  /** What leaving it out would save, s, and which would rule then. */
  readonly saves: { readonly seconds: number; readonly then: string } | undefined;
  /** Every piece put through it. */
  readonly outcomes: readonly {
    readonly id: string;
    readonly outcome: Outcome;
    readonly holds: boolean;
  }[];
}

/** Why a load cannot be fired together, or its night. */
export type Loaded =
  | { readonly ok: true; readonly night: LoadNight }
  | { readonly ok: false; readonly says: string; readonly ids: readonly string[] };

/** How much a wall asks of the night, to rank pieces by: what a K/s of cooling would leave in it. */
const demand = (p: LoadPiece): number =>
  thermoelasticModulus(p.glass) *
  (slabEquivalent(p.wall) ** 2 +
    6 * Math.max(0, p.wall.stepThick - p.wall.stepThin) * p.wall.stepThick);

/** What is annealed of a piece, and nothing of where it stands. */
export const annealed = ({
  glass,
  wall,
  drawn,
  apart,
  beside,
  arrives,
  gives,
}: Annealed): Annealed => ({
  glass,
  wall,
  drawn,
  apart,
  beside,
  arrives,
  gives,
});

/** Pieces whose own nights are worked out to find the longest. */
const LOOKED_AT = 4;

/**
 * Works out the night of a load: of one family, held where the hardest of its glasses relaxes, by the piece that asks most. Whose wall
 * promises most is checked; the others are put through that night, and one that keeps too much sets the clock instead.
 */
export function loadNight(
  pieces: readonly LoadPiece[],
  input: Omit<ScheduleInput, 'glass' | 'wall'>,
  check: (input: ScheduleInput) => CheckedNight = (asked) => checkedSchedule(asked),
): Loaded {
  if (pieces.length === 0) return { ok: false, says: tr`Nothing is in the box yet.`, ids: [] };
  const hard = pieces.filter((p) => p.glass.family === 'hard');
  const soft = pieces.filter((p) => p.glass.family === 'soft');
  if (hard.length > 0 && soft.length > 0) {
    const few = hard.length <= soft.length ? hard : soft;
    return {
      ok: false,
      says: tr`Hard and soft glass cannot share a night: ${few.map((p) => p.name).join(', ')} ${few.length === 1 ? 'wants' : 'want'} a box of ${few.length === 1 ? 'its' : 'their'} own.`,
      ids: few.map((p) => p.id),
    };
  }
  const { allows } = PRACTICES[input.practice];
  const most = allowedOf(input);
  const nightOf = (p: LoadPiece): CheckedNight => check({ ...input, ...annealed(p) });
  const put = (p: LoadPiece, by: CheckedNight): Outcome =>
    putInBox({ ...annealed(p), assumes: input.assumes }, by.curve, input.box, {
      closely: 'glance',
      startUneven: ARRIVES_UNEVEN,
      soakEnds: by.schedule.soak.value,
    });
  const used = ({ kept, worst }: Outcome): number => Math.max(kept / most, worst.stress / MAY_PASS);
  const ranked = [...pieces].sort((a, b) => demand(b) - demand(a));
  let rules = ranked[0] as LoadPiece;
  let checked = nightOf(rules);
  let others: { readonly p: LoadPiece; readonly outcome: Outcome }[] = [];
  for (let looked = 1; ; looked += 1) {
    others = ranked
      .filter((p) => p !== rules)
      .map((p) => ({ p, outcome: put(p, checked) }))
      .sort((a, b) => used(b.outcome) - used(a.outcome));
    const [first] = others;
    if (!first || used(first.outcome) <= CLOSE || looked === LOOKED_AT) break;
    const other = nightOf(first.p);
    // Its own night is no longer, and this one is no sounder for it: nothing would be won.
    if (other.schedule.total.value <= checked.schedule.total.value) break;
    rules = first.p;
    checked = other;
  }
  const [next] = others;
  const second = next && nightOf(next.p);
  return {
    ok: true,
    night: {
      checked,
      rules: rules.id,
      saves: second && {
        seconds: checked.schedule.total.value - second.schedule.total.value,
        then: next.p.id,
      },
      outcomes: pieces.map((p) => {
        const outcome = others.find((o) => o.p === p)?.outcome ?? checked.outcome;
        return { id: p.id, outcome, holds: outcome.kept <= CLOSE * allows };
      }),
    },
  };
}
