// In Node: what is derived, layered, heated, drafted and annealed, each as often as tells.
import type { MakingEvent } from '@zanfirico/contract/making';
import {
  asFitGlass,
  judgeOverlays,
  judgePart,
  layWall,
  NUMBER_TOLERANCE,
  type Colour,
} from '@zanfirico/core/fit';
import { heatOfWork } from '@zanfirico/core/iron';
import { benchPlan, forecast, heatNow, makingState } from '@zanfirico/core/making';
import { checkedSchedule, putThrough } from '@zanfirico/core/night';
import { draftPlaced } from '@zanfirico/core/order';
import { derive } from '@zanfirico/core/piece';
import { REPRESENTATIVE_COLOURS, SHIPPED_RACK } from '@zanfirico/core/rack';
import { withHelpers } from '@zanfirico/core/work';
import { Bench } from 'tinybench';
import {
  bowlOf,
  candlestick,
  dragged,
  GLASS as glass,
  SLAB as slab,
  tenParts,
  TONIGHT as tonight,
} from './cases';
import { often, type Row } from './rows';

/** What the issues ask for, by a part of the name. */
const WANTED: readonly (readonly [string, string])[] = [
  [' 40 points', '< 2 ms'],
  ['ten parts', '< 5 ms'],
  ['along 200 places', '< 5 ms'],
  ['300 colours', '< 100 ms'],
  ['heat through', '< 30 ms'],
  ['drafted, its heats placed', '< 500 ms'],
  ['one simulation', '< 8 ms'],
  ['live heat', '< 5 ms'],
  ['with its verification', '< 60 ms'],
];
/** Measures them. */
export async function measureFigures(): Promise<Row[]> {
  const { asked, parts: stickParts, working, fires: stickFires, placed } = candlestick();
  const bench = new Bench({
    time: often(1500, 0),
    warmupTime: often(500, 0),
    iterations: often(64, 1),
    warmupIterations: often(16, 0),
  });
  for (const points of [6, 40, 200]) {
    // Drawn anew each time: a profile that was read before is not read again.
    bench.add(`derive everything, ${String(points)} points`, () => {
      if (!derive(bowlOf(points), glass).ok) throw new Error('the bowl should be good');
    });
  }
  bench.add('derive everything afresh, ten parts, 200 points', () => {
    if (!derive(tenParts(), glass).ok) throw new Error('the ten parts should be good');
  });
  const bowl = derive(bowlOf(40), glass);
  if (!bowl.ok) throw new Error('the bowl should be good');
  const laid = ['chalk', 'sea-mist'].flatMap((id, i) => {
    const colour = SHIPPED_RACK.colour(id);
    return colour
      ? [{ colour, after: 1 + (i % 3), amount: { kind: 'passes', count: 3 } as const }]
      : [];
  });
  const shares = layWall({
    glass,
    gathered: [1e-4, 2e-4, 3e-4],
    dip: { ironDiameter: 0.0254, depth: 0.07 },
    laid,
  });
  const clear = asFitGlass(glass);
  const schools = { tolerance: NUMBER_TOLERANCE };
  bench.add(`a ${String(shares.length)}-layer stack along 200 places`, () => {
    judgePart(bowl.main.shape, shares, clear, schools, 200);
  });
  const threeHundred = Array.from(
    { length: 300 },
    (_, i) => REPRESENTATIVE_COLOURS[i % REPRESENTATIVE_COLOURS.length] as Colour,
  );
  bench.add('300 colours judged against one base', () => {
    judgeOverlays(
      threeHundred,
      clear,
      { wall: 0.004, overlay: 0.0005, form: { kind: 'cylinder', inside: 0.04 } },
      schools,
    );
  });
  // The demo's candlestick: five parts, twelve zones, some sixty steps.
  bench.add(`heat through the candlestick, ${String(placed.length)} steps`, () => {
    heatOfWork(stickParts, placed, withHelpers(placed, working.main), stickFires);
  });
  // The same at the bench, an hour of it done: everything up to its last step, and four minutes on from now.
  const atBench = benchPlan(placed, withHelpers(placed, working.main), working.main, []);
  const benched = makingState(
    atBench.steps,
    0,
    atBench.steps.slice(0, -1).map((step, i): MakingEvent => ({
      kind: 'step',
      what: 'done',
      step: step.id,
      id: `e${String(i).padStart(4, '0')}`,
      at: 1000 * ((atBench.starts[i] as number) + step.seconds),
    })),
  );
  bench.add('live heat of the candlestick at its last step, every part and bit', () => {
    heatNow(stickParts, benched, benched.last + 5000, stickFires);
  });
  bench.add('the candlestick’s plan timed anew at its last step', () => {
    forecast(benched, atBench, stickParts, benched.last + 5000);
  });
  bench.add('the candlestick drafted, its heats placed and proven', () => {
    draftPlaced(asked, stickParts, working, stickFires);
  });
  const twelveHours = {
    time: [0, 1, 5, 12].map((h) => 3600 * h),
    temperature: [505, 505, 420, 60],
  };
  bench.add('one simulation, slab, 32 spaces, 12 h programme', () => {
    putThrough({ glass, wall: slab }, twelveHours);
  });
  bench.add('a schedule with its verification, step in the wall', () => {
    checkedSchedule(tonight);
  });
  let ten = tenParts();
  bench.add('derive while dragging one of ten parts, 200 points', () => {
    ten = dragged(ten);
    if (!derive(ten, glass).ok) throw new Error('the ten parts should be good');
  });
  await bench.run();
  return bench.tasks.map((task) => {
    if (task.result.state !== 'completed') throw new Error(`${task.name} did not run`);
    return {
      what: `${task.name} (Node, median)`,
      measured: `${task.result.latency.p50.toFixed(3)} ms`,
      wanted: WANTED.find(([part]) => task.name.includes(part))?.[1] ?? '',
    };
  });
}
