// The page's side of the workers: one of each kind that stays, and the long searches that can be stopped.
import type { RackEntry } from '@zanfirico/contract/rack';
import type { Fires, HeatPart, PlacedHeats, Working } from '@zanfirico/core/iron';
import type { ScheduleInput } from '@zanfirico/core/night';
import type { ShorterNight } from '@zanfirico/core/night/asked';
import type { DraftInput } from '@zanfirico/core/order';
import type { GlassBody } from '@zanfirico/core/piece';
import type { WorkStep } from '@zanfirico/core/work';
import { proxy } from 'comlink';
import type { AssemblyProgress, braidWork, CrewRequest, CrewResult } from './braidWork';
import type { meshWork } from './meshWork';
import type { nightWork } from './nightWork';
import type { rackWork } from './rackWork';
import type { RackTable } from '../imports/rackFromCsv';
import type { SvgDrawing } from '../imports/svgLines';
import type { fileWork } from './fileWork';
import { spokenHere } from '../words/language';
import { newest, askOnce, standing, withinLimit, type RunningWork } from './remote';

/** As the page is: its modules, its language. */
const asPage = (): WorkerOptions => ({ type: 'module', name: spokenHere() });
const nightWorker = (): Worker =>
  new Worker(new URL('./night.worker.ts', import.meta.url), /* @vite-ignore */ asPage());
/** Loads and weeks, which take many nights: of those too the newest alone. */
export const loadNights = newest<typeof nightWork>(nightWorker);
const braidWorker = (): Worker =>
  new Worker(new URL('./braid.worker.ts', import.meta.url), /* @vite-ignore */ asPage());

/** Asks the night worker. */
export const night = standing<typeof nightWork>(nightWorker);
/** The night of the piece on the board: of what is asked while a hand goes on, the newest alone is worked out. */
export const boardNight = newest<typeof nightWork>(nightWorker);
/** Drafts and placings: short, one after another. */
export const braid = standing<typeof braidWork>(braidWorker);
/** Asks the mesh worker. */
export const mesh = standing<typeof meshWork>(
  () => new Worker(new URL('./mesh.worker.ts', import.meta.url), /* @vite-ignore */ asPage()),
);
const rackWorker = (): Worker =>
  new Worker(new URL('./rack.worker.ts', import.meta.url), /* @vite-ignore */ asPage());
const fileWorker = (): Worker =>
  new Worker(new URL('./file.worker.ts', import.meta.url), /* @vite-ignore */ asPage());
/** Asks the rack worker. */
export const rack = standing<typeof rackWork>(rackWorker);

/** No file of the size that is taken needs longer to be read, ms. */
const READ_MS = 20_000;

/** An SVG's lines. */
export const startSvg = (text: string): RunningWork<SvgDrawing> =>
  withinLimit(
    askOnce<typeof fileWork, SvgDrawing>(fileWorker, (w) => w.svg(text)),
    READ_MS,
  );

/** An SVG as a figure to lay on the glass, as wide as told, m. */
export const startFigure = (text: string, width: number): RunningWork<[number, number][][]> =>
  withinLimit(
    askOnce<typeof fileWork, [number, number][][]>(fileWorker, (w) => w.figure(text, width)),
    READ_MS,
  );

/** A rack table, read against what is in the rack. */
export const startTable = (text: string, known: readonly RackEntry[]): RunningWork<RackTable> =>
  withinLimit(
    askOnce<typeof rackWork, RackTable>(rackWorker, (w) => w.table(text, known)),
    READ_MS,
  );

/** The shortest night; the best so far is told on the way. */
export const startShortest = (
  input: ScheduleInput,
  onBest: (best: ShorterNight) => void,
): RunningWork<ShorterNight> =>
  askOnce<typeof nightWork, ShorterNight>(nightWorker, (w) => w.shortest(input, proxy(onBest)));

/** The heats of an order, placed. */
export const startPlacing = (
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires,
): RunningWork<PlacedHeats> =>
  askOnce<typeof braidWork, PlacedHeats>(braidWorker, (w) => w.place(parts, steps, working, fires));

/** The crew's plan; progress is the best so far, s. */
export const startCrew = (
  request: CrewRequest,
  onBest: (seconds: number) => void,
): RunningWork<CrewResult> =>
  askOnce<typeof braidWork, CrewResult>(braidWorker, (w) => w.crew(request, proxy(onBest)));

/** Orders of assembly, compared. */
export const startAssembly = (
  input: DraftInput,
  parts: readonly HeatPart[],
  fires: Fires,
  onProgress: (progress: AssemblyProgress) => void,
): RunningWork<AssemblyProgress> =>
  askOnce<typeof braidWork, AssemblyProgress>(braidWorker, (w) =>
    w.assemble(input, parts, fires, proxy(onProgress)),
  );

/** What temperatures read in makings say of the bench and the hole. */
export const startExchange = (
  makings: Parameters<typeof braidWork.fitExchange>[0],
  onProgress: (share: number) => void,
): RunningWork<ReturnType<typeof braidWork.fitExchange>> =>
  askOnce<typeof braidWork, ReturnType<typeof braidWork.fitExchange>>(braidWorker, (w) =>
    w.fitExchange(makings, proxy(onProgress)),
  );

/** A GLB or STL file of the glass body; rejects with a sentence when it cannot be made. How long it took is left as a measure. */
export async function meshFile(
  body: GlassBody,
  format: 'glb' | 'stl',
): Promise<Uint8Array<ArrayBuffer>> {
  const { bytes, milliseconds } = await mesh((w) => w.file(body, format));
  performance.measure(`${format} in the worker`, { start: 0, duration: milliseconds });
  return bytes;
}
