// What the piece's own record says for and against each cause: numbers of its making, its fit, its night; each a likelihood ratio, a
// guess from memory, told with its words.
import { GOOD_TENSION, MOST_TENSION } from '../fit/judgeStack';
import { tr } from '../words/tr';
import type { CauseId } from './breaks';

/** What is known of the piece; anything may be missing. °C, s, MPa. */
export interface Evidence {
  /** How far above its strain point the lip's skin was at its coldest between the last long heat and the box, K; and how long it was under it. */
  readonly lip?: { readonly above: number; readonly under: number };
  /** The coldest wall a bit was put onto: of what, its temperature and strain point. */
  readonly join?: { readonly bit: string; readonly wall: number; readonly strain: number };
  /** Nothing was put onto it. */
  readonly plain?: boolean;
  /** The largest tension by fit; no colour leaves it out. */
  readonly fit?: { readonly tension: number; readonly colour: string };
  /** There is no colour in it, or on it. */
  readonly clear?: boolean;
  /** The night as it ran, or was planned: the most tension while it cools against what it may, and what is left, MPa. */
  readonly night?: {
    readonly share: number;
    readonly kept: number;
    /** By what its box was read at, not by what was planned. */
    readonly read?: boolean;
  };
  /** Seen between polarisers once cold, MPa. */
  readonly seen?: number;
  /** Neck and pipe, mm across. */
  readonly neck?: { readonly neck: number; readonly pipe: number };
  /** The base as the punty was stuck on. */
  readonly punty?: { readonly base: number; readonly strain: number };
  /** How hot the box was when its door was opened. */
  readonly door?: number;
  /** log₁₀ of the viscosity of its softest place, Pa·s, as it was boxed. */
  readonly boxed?: number;
}

/** One thing that speaks for or against a cause. */
export interface Speaks {
  readonly cause: CauseId;
  /** More than 1 for it, less against. */
  readonly ratio: number;
  readonly says: string;
}

/** log₁₀ η under which a form still moves as it is boxed, and from which it is still: where PHYSICS §1 has workable glass. */
const SOFT = 4.1;
const STILL = 4.6;

const r = (value: number, digits = 0): string => value.toFixed(digits);

/** Everything the record has to say. */
export function speaks(e: Evidence): Speaks[] {
  const out: Speaks[] = [];
  const say = (cause: CauseId, ratio: number, says: string): void => {
    out.push({ cause, ratio, says });
  };
  if (e.lip) {
    const { above, under } = e.lip;
    if (under > 0)
      say('cold lip', 6, tr`The lip’s skin was under its strain point for ${r(under)} s.`);
    else if (above < 30)
      say('cold lip', 2, tr`The lip’s skin came within ${r(above)} K of its strain point.`);
    else
      say(
        'cold lip',
        0.3,
        tr`The lip’s skin never came nearer its strain point than ${r(above)} K.`,
      );
  }
  if (e.plain === true) say('cold join', 0.02, tr`No bit was put onto it.`);
  else if (e.join) {
    const { bit, wall, strain } = e.join;
    if (wall < strain + 20)
      say(
        'cold join',
        7,
        tr`The wall was at ${r(wall)} °C when the ${bit} came, its strain point is ${r(strain)}.`,
      );
    else if (wall < strain + 60)
      say(
        'cold join',
        2.5,
        tr`The wall was at ${r(wall)} °C when the ${bit} came: ${r(wall - strain)} K above its strain point.`,
      );
    else say('cold join', 0.35, tr`The wall was still at ${r(wall)} °C when the ${bit} came.`);
  }
  if (e.clear === true) say('misfit', 0.02, tr`There is no colour in it.`);
  else if (e.fit) {
    const { tension, colour } = e.fit;
    if (tension > MOST_TENSION / 1e6)
      say('misfit', 9, tr`${colour} stands at ${r(tension, 1)} MPa.`);
    else if (tension > GOOD_TENSION / 1e6)
      say('misfit', 2.5, tr`${colour} stands at ${r(tension, 1)} MPa: marginal.`);
    else say('misfit', 0.2, tr`Its colours stand at ${r(tension, 1)} MPa at most.`);
  }
  if (e.night) {
    const { share, kept, read = false } = e.night;
    const reached = read
      ? tr`Its box, as it was read, reached ${r(100 * share)} % of the tension it may.`
      : tr`Its night as planned reaches ${r(100 * share)} % of the tension it may; nobody read its box.`;
    if (share > 1) say('fast night', 6, reached);
    else if (share > 0.8) say('fast night', 1.5, reached);
    else say('fast night', 0.3, reached);
    const left = read
      ? tr`Its box, as it was read, left ${r(kept, 1)} MPa.`
      : tr`Its night as planned leaves ${r(kept, 1)} MPa; nobody read its box.`;
    if (e.seen !== undefined) {
      // What was seen is known; what the night should have left is not asked any more.
    } else if (kept > 1.5) say('left stress', 5, left);
    else if (kept > 0.7) say('left stress', 1.5, left);
    else say('left stress', 0.3, left);
  }
  if (e.seen !== undefined) {
    const held = tr`Between polarisers it held ${r(e.seen, 1)} MPa.`;
    if (e.seen > 1.5) say('left stress', 8, held);
    else if (e.seen > 0.7) say('left stress', 2, held);
    else say('left stress', 0.1, held);
  }
  if (e.neck) {
    const { neck, pipe } = e.neck;
    if (neck > pipe + 1) say('neck', 4, tr`The neck was ${r(neck)} mm on a ${r(pipe)} mm pipe.`);
    else say('neck', 0.5, tr`The neck was ${r(neck)} mm on a ${r(pipe)} mm pipe.`);
  }
  if (e.punty) {
    const { base, strain } = e.punty;
    if (base < strain + 50) {
      say('cold punty', 5, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
      say('fused punty', 0.2, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
    } else if (base > 700) {
      say('fused punty', 4, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
      say('cold punty', 0.2, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
    } else {
      say('cold punty', 0.5, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
      say('fused punty', 0.6, tr`The base was at ${r(base)} °C when the punty was stuck on.`);
    }
  }
  if (e.door !== undefined) {
    if (e.door > 90) say('thermal shock', 6, tr`The door was opened at ${r(e.door)} °C.`);
    else say('thermal shock', 0.4, tr`The door was opened at ${r(e.door)} °C.`);
  }
  if (e.boxed !== undefined) {
    // Workable glass still runs under its own weight; what is stiff does not for as long as it takes to cool in the box.
    if (e.boxed < SOFT)
      say('boxed soft', 5, tr`It was boxed at log η ${r(e.boxed, 1)}: it still moved.`);
    else if (e.boxed > STILL)
      say('boxed soft', 0.3, tr`It was boxed at log η ${r(e.boxed, 1)}: it held its form.`);
  }
  return out;
}
