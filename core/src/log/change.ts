// What a break asks of the plan, as a change that can be put into it: a step put in or lengthened, a night held slower, less of a colour.
// Common practice, no source (TRADE §16's last column).
import type { Practice } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import { changeStep, freshStepId, insertStep } from '../edits/steps';
import { allowedOf, IN_HAND } from '../night/practice';
import { factsOf, type WorkStep } from '../work/facts';
import type { StepId } from '../work/step';
import type { CauseId } from './breaks';

/** What the plan has that a change may touch. °C. */
export interface ChangeablePlan {
  readonly steps: readonly WorkStep[];
  /** The part everything hangs on. */
  readonly main: number;
  readonly firing: {
    readonly practice: Practice;
    readonly inHand?: number | undefined;
    readonly holdTemperature: number | null;
    readonly doorTemperature: number;
  };
  readonly annealingPoint: number;
  /** Colour is laid on it. */
  readonly coloured: boolean;
}

/** What would be changed, in a sentence; or why the plan has nothing to change. */
export type PlanChange =
  | { readonly of: 'steps'; readonly says: string; readonly steps: readonly WorkStep[] }
  | {
      readonly of: 'firing';
      readonly says: string;
      readonly firing: {
        readonly practice?: Practice;
        readonly inHand?: number;
        readonly holdTemperature?: number;
        readonly doorTemperature?: number;
      };
    }
  | { readonly of: 'colour'; readonly says: string; readonly share: number }
  | { readonly of: 'nothing'; readonly says: string };

/** Held in hand where a night was too fast. */
const MORE_IN_HAND = 0.3;
/** The coolest a door is planned to open at, and by how much later it opens after a shock, °C. */
const COLD_DOOR = 30;
const DOOR_LATER = 20;
/** A piece boxed too soft is held lower by so much, K. */
const LOWER = 10;
const COLOUR_LESS = 0.5;
const LONGEST_SET = 60;

/** Just before a step; on its part. */
const before = (steps: readonly WorkStep[], at: number, kind: StepId, main: number): WorkStep[] => {
  const { seconds } = factsOf({ kind });
  const fresh = { id: freshStepId(steps), kind, part: steps[at]?.part ?? main, seconds };
  return [...steps.slice(0, at), fresh, ...steps.slice(at)];
};

/** How long a step has the glass out of the fire, s: what is done ahead or beside not at all. */
const outFor = (s: WorkStep): number => (factsOf(s).off === undefined ? s.seconds : 0);

/** It ends a time out of the fire: a heat, or the piece leaves the bench. */
const ends = (s: WorkStep): boolean => ['heat', 'box', 'release'].includes(factsOf(s).does);

/** The longest time without the fire from a place on: the place in its middle; undefined where it is never out of it. */
function coldestStretch(steps: readonly WorkStep[], from: number): number | undefined {
  let longest = { from: 0, to: 0, out: 0 };
  let now = { from, to: from, out: 0 };
  steps.slice(from).forEach((s, i) => {
    const next = from + i + 1;
    now = ends(s)
      ? { from: next, to: next, out: 0 }
      : { ...now, to: next, out: now.out + outFor(s) };
    if (now.out > longest.out) longest = now;
  });
  if (longest.out === 0) return undefined;
  let [at, gone] = [longest.from, 0];
  for (const s of steps.slice(longest.from, longest.to)) {
    if (gone + s.seconds / 2 >= longest.out / 2) break;
    gone += outFor(s);
    at += 1;
  }
  return at;
}

const NOTHING = { of: 'nothing' } as const;

/** The base sets longer before the punty. */
function setLonger({ steps, main }: ChangeablePlan, punty: number): PlanChange {
  const setting = steps.findIndex((s, i) => i < punty && s.kind === 'setBase');
  const s = steps[setting];
  return s
    ? {
        of: 'steps',
        says: tr`The base sets for ${Math.min(LONGEST_SET, s.seconds + 10)} s, not ${s.seconds}, before the punty is stuck.`,
        steps: changeStep(steps, setting, { seconds: Math.min(LONGEST_SET, s.seconds + 10) }),
      }
    : {
        of: 'steps',
        says: tr`The base sets before the punty is stuck.`,
        steps: before(steps, punty, 'setBase', main),
      };
}

/** A flash before the first bit, its notch melted in. */
function warmerJoin({ steps, main }: ChangeablePlan): PlanChange {
  const bit = steps.findIndex((s) => factsOf(s).does === 'bit' || factsOf(s).does === 'join');
  if (bit < 0) return { ...NOTHING, says: tr`Its order puts nothing onto it.` };
  const warm = before(steps, bit, 'flash', main);
  const melted = warm[bit + 2]?.kind === 'meltNotch';
  return {
    of: 'steps',
    says: tr`A flash goes in before the first bit${melted ? '' : tr`, and its notch is melted in`}.`,
    steps: melted ? warm : insertStep(warm, bit + 1, 'meltNotch', main),
  };
}

/** A flash after the longest time under steel. */
function afterSteel({ steps, main }: ChangeablePlan): PlanChange {
  const tools = steps
    .map((s, i) => ({ s, i }))
    .filter(({ s }) => factsOf(s).heat === 'tools')
    .reduce<{ s: WorkStep; i: number } | undefined>(
      (a, b) => (a && a.s.seconds >= b.s.seconds ? a : b),
      undefined,
    );
  return tools
    ? {
        of: 'steps',
        says: tr`A flash goes in after its longest time under steel.`,
        steps: insertStep(steps, tools.i, 'flash', main),
      }
    : { ...NOTHING, says: tr`Its order has no steel on it.` };
}

/** What a cause asks of this plan. */
export function planChange(cause: CauseId, now: ChangeablePlan): PlanChange {
  const { steps, main, firing } = now;
  const find = (does: (s: WorkStep) => boolean): number => steps.findIndex(does);
  const punty = find((s) => factsOf(s).does === 'punty');
  switch (cause) {
    case 'neck':
    case 'cold punty': {
      if (punty < 0) return { ...NOTHING, says: tr`Its order has no punty.` };
      const step = before(steps, punty, 'flash', main);
      return { of: 'steps', says: tr`A flash goes in before the punty is stuck.`, steps: step };
    }
    case 'fused punty':
      return punty < 0 ? { ...NOTHING, says: tr`Its order has no punty.` } : setLonger(now, punty);
    case 'cold join':
      return warmerJoin(now);
    case 'cold lip': {
      const opened = find((s) => s.kind === 'longReheat');
      const at = coldestStretch(steps, opened < 0 ? 0 : opened + 1);
      if (at === undefined) return { ...NOTHING, says: tr`Its order never leaves the fire.` };
      return {
        of: 'steps',
        says: tr`A flash goes into its longest time out of the fire.`,
        steps: before(steps, at, 'flash', main),
      };
    }
    case 'tool chill':
      return afterSteel(now);
    case 'fast night': {
      if ((firing.inHand ?? IN_HAND) < MORE_IN_HAND)
        return {
          of: 'firing',
          says: tr`Its night holds ${100 * MORE_IN_HAND} % in hand, not ${Math.round(100 * (firing.inHand ?? IN_HAND))} %.`,
          firing: { inHand: MORE_IN_HAND },
        };
      return finer(firing);
    }
    case 'left stress':
      return finer(firing);
    case 'misfit':
      return now.coloured
        ? {
            of: 'colour',
            says: tr`Half as much of each colour is laid on.`,
            share: COLOUR_LESS,
          }
        : { ...NOTHING, says: tr`It has no colour.` };
    case 'thermal shock': {
      const to = Math.max(COLD_DOOR, firing.doorTemperature - DOOR_LATER);
      return to < firing.doorTemperature
        ? {
            of: 'firing',
            says: tr`Its door opens at ${to} °C, not ${firing.doorTemperature} °C.`,
            firing: { doorTemperature: to },
          }
        : { ...NOTHING, says: tr`Its door is planned to open at ${to} °C already.` };
    }
    case 'boxed soft': {
      const from = firing.holdTemperature ?? Math.round(now.annealingPoint);
      return {
        of: 'firing',
        says: tr`Its box is held at ${from - LOWER} °C, not ${from} °C.`,
        firing: { holdTemperature: from - LOWER },
      };
    }
  }
}

const FINER: Readonly<Record<Practice, Practice | undefined>> = {
  plain: 'studio',
  studio: 'fine',
  fine: undefined,
};

/** Less may stay in it: the next finer practice, or more held in hand where there is none. */
function finer(firing: ChangeablePlan['firing']): PlanChange {
  const practice = FINER[firing.practice];
  const mpa = (f: { practice: Practice; inHand?: number | undefined }): string =>
    (allowedOf({ inHand: IN_HAND, ...f }) / 1e6).toFixed(2);
  if (practice)
    return {
      of: 'firing',
      says: tr`Its night leaves ${mpa({ ...firing, practice })} MPa at most, not ${mpa(firing)}.`,
      firing: { practice },
    };
  return (firing.inHand ?? IN_HAND) < MORE_IN_HAND
    ? {
        of: 'firing',
        says: tr`Its night holds ${100 * MORE_IN_HAND} % in hand.`,
        firing: { inHand: MORE_IN_HAND },
      }
    : { ...NOTHING, says: tr`Its night is the slowest kind already.` };
}
