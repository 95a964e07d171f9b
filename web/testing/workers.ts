// The workers' work done in the page itself: the same functions, no threads. Stands in for `workers/workers` in tests.
import {
  braidWork,
  type AssemblyProgress,
  type CrewRequest,
  type CrewResult,
} from '../src/workers/braidWork';
import { nightWork } from '../src/workers/nightWork';
import { rackWork } from '../src/workers/rackWork';
import { fileWork } from '../src/workers/fileWork';
import type { RunningWork } from '../src/workers/remote';
import type { Fires, HeatPart, PlacedHeats, Working } from '@zanfirico/core/iron';
import type { ScheduleInput } from '@zanfirico/core/night';
import type { ShorterNight } from '@zanfirico/core/night/asked';
import type { DraftInput } from '@zanfirico/core/order';
import type { WorkStep } from '@zanfirico/core/work';

/** Answers in a later turn, as a worker would; what is thrown is a rejection. */
const later = <T>(work: () => T | Promise<T>): Promise<T> =>
  new Promise((yes) => {
    setTimeout(yes, 0);
  }).then(work);
const asWork = <T>(work: () => T): RunningWork<T> => ({ done: later(work), stop: () => undefined });

type Calls = Record<string, (...args: never[]) => unknown>;
const here =
  <W extends Calls>(work: W) =>
  (question: (calls: never) => unknown): Promise<unknown> =>
    later(() => question(work as never));

/**
 * Nights by their joined walls unless a test says otherwise: those of drawn sections take seconds each, and a screen that is not about
 * them shows either alike.
 */
let sections = false;
export const withSections = (on: boolean): void => {
  sections = on;
};
/** What is asked as these workers take it. */
export const asAsked: <A>(arg: A) => A = (arg) => withoutSections(arg) as typeof arg;
const withoutSections = (arg: unknown): unknown => {
  if (sections || typeof arg !== 'object' || arg === null) return arg;
  if (Array.isArray(arg)) return arg.map(withoutSections);
  if ('pieces' in arg) return { ...arg, pieces: asAsked(arg.pieces) };
  return 'drawn' in arg ? { ...arg, drawn: undefined, apart: undefined, beside: undefined } : arg;
};

/** What was worked out before in this file is not worked out again: the same question has the same answer. */
const known = new Map<string, unknown>();
const calls = nightWork as unknown as Calls;
const once =
  (name: string) =>
  (...given: never[]): unknown => {
    const args = given.map((arg) => asAsked(arg));
    const key = JSON.stringify([name, args]);
    if (!known.has(key)) known.set(key, calls[name]?.(...args));
    return known.get(key);
  };
const remembered = Object.fromEntries(Object.keys(calls).map((name) => [name, once(name)]));

export const night = here(remembered);
export const boardNight = here(remembered);
export const loadNights = here(remembered);
export const braid = here({
  draft: braidWork.draft,
  heatNow: braidWork.heatNow,
});
export const rack = here(rackWork as unknown as Calls);
export const startSvg = (text: string) => asWork(() => fileWork.svg(text));
export const startFigure = (text: string, width: number) =>
  asWork(() => fileWork.figure(text, width));
export const startTable = (...asked: Parameters<typeof rackWork.table>) =>
  asWork(() => rackWork.table(...asked));
/** Nothing turns in a test. */
export const mesh = (): Promise<readonly never[]> => Promise.resolve([]);
export const startShortest = (
  input: ScheduleInput,
  onBest: (b: ShorterNight) => void,
): RunningWork<ShorterNight> => asWork(() => nightWork.shortest(input, onBest));
export const startPlacing = (
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires,
): RunningWork<PlacedHeats> => asWork(() => braidWork.place(parts, steps, working, fires));
export const startCrew = (
  request: CrewRequest,
  onBest: (s: number) => void,
): RunningWork<CrewResult> => asWork(() => braidWork.crew(request, onBest));
export const startAssembly = (
  input: DraftInput,
  parts: readonly HeatPart[],
  fires: Fires,
  onProgress: (p: AssemblyProgress) => void,
): RunningWork<AssemblyProgress> =>
  asWork(() => braidWork.assemble(input, parts, fires, onProgress));
export const meshFile = (): Promise<Uint8Array> => Promise.resolve(new Uint8Array([1, 2, 3]));
