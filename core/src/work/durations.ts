// How long a step takes on a glass of a size. Common practice, no source; TRADE §14's clock is what they add up to.
import { FACTS, factsOf, type WorkStep } from './facts';
import type { StepId } from './step';

/** What a piece weighs for whom the ordinary durations hold, kg; and the least and most a size changes them. */
const ORDINARY = 0.35;
const LEAST = 0.75;
const MOST = 1.45;

/** Times of the shop on a piece of some 350 g, s, where they are others than a kind's own. */
const SHOP: Partial<Record<StepId, number>> = {
  gather: 14,
  marver: 15,
  block: 15,
  bubble: 8,
  growBubble: 8,
  blow: 13,
  neck: 38,
  foot: 14,
  footing: 15,
  shapeSolid: 36,
  masher: 22,
  measure: 10,
  makePunty: 40,
  longReheat: 68,
  trim: 14,
  open: 16,
  spin: 14,
  polishScar: 18,
  handle: 22,
  shapeBit: 18,
  twist: 40,
  pickCane: 60,
  closeEnd: 45,
  heatIn: 35,
  swing: 10,
  weld: 45,
  notchTorch: 30,
};
/** What takes as long whatever the size. */
const ALIKE = new Set<StepId>([
  'warmIron',
  'gather',
  'chillTip',
  'straight',
  'score',
  'punty',
  'transfer',
  'crackOff',
  'knockOff',
  'box',
  'letSet',
  'setBase',
  'setBubble',
  'lastFlash',
  'garage',
  'fetch',
  'fetchBit',
  'attach',
  'glueBit',
  'scrap',
  'heatIn',
]);

/**
 * How a glass of a weight (kg) stretches what is ordinary: by its width, and so by the third root of its mass.
 *
 * @example
 * sizeOf(0.4) // 1.046
 */
export const sizeOf = (mass: number): number =>
  Math.min(MOST, Math.max(LEAST, (Math.max(mass, 1e-4) / ORDINARY) ** (1 / 3)));

/** In the flame glass is worked a spot at a time: by more of it for longer. Of 30 g the ordinary time; least and most. */
const AT_TORCH = 0.03;
const inFlame = (mass: number): number => Math.min(4, Math.max(0.7, Math.sqrt(mass / AT_TORCH)));

/** Seconds of a step on glass of a weight, kg; whole seconds. */
export function secondsOf(kind: StepId, mass: number): number {
  const ordinary = SHOP[kind] ?? FACTS[kind].seconds;
  if (FACTS[kind].heat === 'flame' && kind !== 'weld' && kind !== 'notchTorch')
    return Math.round(ordinary * inFlame(mass));
  return Math.round(
    ALIKE.has(kind) || FACTS[kind].station === 'torch'
      ? ordinary
      : Math.max(3, ordinary * sizeOf(mass)),
  );
}

/**
 * A bar so thick warms for an hour at 28 mm; heat goes in by the square of the thickness. Common practice, no source. s, m.
 *
 * @example
 * barWarms(0.025) // 2880
 */
export const barWarms = (diameter: number): number =>
  Math.round(Math.max(300, 3600 * (diameter / 0.028) ** 2) / 60) * 60;

/** What steps of a kind take here, of what is ordinary. */
export type PaceOfKinds = Readonly<Record<string, number | undefined>>;

/** Seconds of a step as this shop takes them; a heat lasts as long as the glass asks. */
export const ourSeconds = (
  step: Pick<WorkStep, 'kind' | 'like'>,
  seconds: number,
  pace: PaceOfKinds | undefined,
): number => {
  const factor = factsOf(step).does === 'heat' ? undefined : pace?.[step.kind];
  return factor === undefined ? seconds : Math.max(1, Math.round(seconds * factor));
};
