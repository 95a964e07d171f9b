// What to change next time, from what came out: one cause, one remedy, in the teacher's words. Common practice, no source (TRADE §2, §15, §19).
import { tr, type Said } from '../words/tr';
import type { HeldAgainst } from './exercise';
import type { GatherTaken } from './halves';

/** What a piece and its making were like. */
export interface CameMeasured {
  readonly held: readonly HeldAgainst[];
  readonly gathers: readonly GatherTaken[];
  /** Mishaps, by name. */
  readonly mishaps: readonly string[];
  /** s; and as planned. */
  readonly took: number | undefined;
  readonly planned: number;
  /** Heats taken, and planned. */
  readonly heats: { readonly taken: number; readonly planned: number };
  readonly broke: boolean;
}

/** One thing to do otherwise. */
export interface NextTime {
  readonly says: string;
  readonly because: string;
}

/** So much longer than planned is slow. */
const SLOW = 1.5;
/** So many more heats than planned are many. */
const MANY_HEATS = 1.5;

interface Rule {
  readonly when: (c: CameMeasured) => boolean;
  readonly says: Said;
  readonly because: Said;
}

const is = (c: CameMeasured, of: HeldAgainst['of'], verdict: 'under' | 'over'): boolean =>
  c.held.some((h) => h.of === of && h.verdict === verdict);
const lastGather = (c: CameMeasured): GatherTaken['verdict'] | undefined =>
  c.gathers.at(-1)?.verdict;
const had = (c: CameMeasured, ...what: readonly string[]): boolean =>
  what.some((w) => c.mishaps.includes(w));

/** In the order they are told: glass first, for everything follows from it. */
const RULES: readonly Rule[] = [
  {
    when: (c) =>
      lastGather(c) === 'half' || (is(c, 'weight', 'under') && lastGather(c) !== 'too much'),
    says: () => tr`Take more at the second dip.`,
    because: () => tr`there was too little glass on the iron`,
  },
  {
    when: (c) =>
      lastGather(c) === 'too much' || (is(c, 'weight', 'over') && lastGather(c) !== 'half'),
    says: () =>
      tr`Bigger than the calipers is too much: let it run off at the pot’s mouth before you come away.`,
    because: () => tr`there was too much glass on the iron`,
  },
  {
    when: (c) => had(c, 'off centre') || is(c, 'ovality', 'over'),
    says: () => tr`Turn steadily; slow down, not faster, when it is off centre.`,
    because: () => tr`it ran off centre`,
  },
  {
    when: (c) => had(c, 'too cold at the marver'),
    says: () => tr`Flash it before the marver, and stay there shorter.`,
    because: () => tr`the marver sucked it cold`,
  },
  {
    when: (c) => is(c, 'wall', 'under') || had(c, 'blew thin'),
    says: () => tr`Stop blowing sooner: let the wall cool a moment after each puff.`,
    because: () => tr`the wall is thinner than it may be`,
  },
  {
    when: (c) => is(c, 'wall', 'over'),
    says: () => tr`Blow sooner after the heat, while it still moves.`,
    because: () => tr`the wall is thicker than it may be`,
  },
  {
    when: (c) => is(c, 'height', 'over'),
    says: () => tr`Hold it level sooner: it ran long hanging down.`,
    because: () => tr`it is taller than it may be`,
  },
  {
    when: (c) => is(c, 'height', 'under'),
    says: () => tr`Let it hang a breath longer before you shape it.`,
    because: () => tr`it is shorter than it may be`,
  },
  {
    when: (c) => is(c, 'lip', 'over'),
    says: () => tr`Open the lip in two small heats, calipers at each.`,
    because: () => tr`the lip is wider than it may be`,
  },
  {
    when: (c) => is(c, 'lip', 'under'),
    says: () => tr`Heat the lip alone before the jacks: cold, it springs back.`,
    because: () => tr`the lip is narrower than it may be`,
  },
  {
    when: (c) => had(c, 'ragged break'),
    says: () => tr`A clean neck first; then light fingertips when breaking off, do not hammer.`,
    because: () => tr`the break was ragged`,
  },
  {
    when: (c) => had(c, 'cracked') || c.broke,
    says: () => tr`A thinner, cleaner neck, and flash it before the transfer.`,
    because: () => tr`it cracked`,
  },
  {
    when: (c) => c.heats.planned > 0 && c.heats.taken >= MANY_HEATS * c.heats.planned,
    says: () => tr`Work faster in the first seconds after the heat; they are worth most.`,
    because: () => tr`it took many heats`,
  },
  {
    when: (c) => c.took !== undefined && c.planned > 0 && c.took > SLOW * c.planned,
    says: () => tr`Rehearse the order without glass once more.`,
    because: () => tr`it took much longer than planned`,
  },
];
/** So many are told at once: who learns changes one or two things at a time. */
const MOST_TOLD = 3;

/**
 * The few things to change next time; none where it came out right and nothing went wrong.
 *
 * @example
 * nextTime({ held: [], gathers: [{ at: 0, share: 0.5, verdict: 'half' }], mishaps: [], took: 400, planned: 400,
 *   heats: { taken: 2, planned: 2 }, broke: false })[0].says // 'Take more at the second dip.'
 */
export function nextTime(came: CameMeasured): NextTime[] {
  return RULES.filter((r) => r.when(came))
    .slice(0, MOST_TOLD)
    .map(({ says, because }) => ({ says: says(), because: because() }));
}
