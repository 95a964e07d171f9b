// npm run bench: measured speed, printed as a table. Never a test: timings are noisy, compare them within one run.
import type { MakingEvent } from '@zanfirico/contract/making';
import type { Person } from '@zanfirico/contract/order';
import { gzipSync } from 'node:zlib';
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { spawnSync } from 'node:child_process';
import { Bench } from 'tinybench';
import { planPlaced, planCrew, type CrewPlan } from '@zanfirico/core/crew';
import {
  asFitGlass,
  judgePart,
  judgeOverlays,
  layWall,
  NUMBER_TOLERANCE,
  type Colour,
} from '@zanfirico/core/fit';
import { firesFor, heatOfWork } from '@zanfirico/core/iron';
import { benchPlan, forecast, heatNow, makingState } from '@zanfirico/core/making';
import { checkedSchedule, putThrough, STUDIO_BOX } from '@zanfirico/core/night';
import { planWeek, shortestNight, type WeekPiece } from '@zanfirico/core/night/asked';
import { draftPlaced } from '@zanfirico/core/order';
import { derive, workOf } from '@zanfirico/core/piece';
import { findGlass, REPRESENTATIVE_COLOURS, SHIPPED_RACK } from '@zanfirico/core/rack';
import { withHelpers } from '@zanfirico/core/work';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import candlestickFile from '../server/src/demo/pieces/05-harbour-candlestick.1.json';
import { measureBrowser } from './browser';
import { measureHands } from './hands';
import { execFileSync } from 'node:child_process';
import { measureLog } from './log';
import { measureMaking } from './making';
import type { Row } from './rows';
import { measureAgainstCalculix } from './calculix';
import { measureSections } from './sections';
import { measureShelf } from './shelf';
import { bowlOf, dragged, tenParts } from './cases';
import { againstSolver } from './solver';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Script that index.html loads at once, gzipped, kB; the place it lands on is fetched beside it, and told apart. */
function initialScript(): number {
  const dist = join(home, 'web', 'dist');
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const files = readdirSync(join(dist, 'assets')).filter(
    (f) => f.endsWith('.js') && html.includes(f) && !f.startsWith('PiecesPlace'),
  );
  return (
    files.reduce((sum, f) => sum + gzipSync(readFileSync(join(dist, 'assets', f))).length, 0) / 1000
  );
}

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');

/** Parts that were named; all of them where none was. */
const ASKED = process.argv.slice(2);
const failed = (part: string, error: unknown): Row => ({
  what: `${part} could not be measured`,
  measured: error instanceof Error ? error.message : String(error),
  wanted: '',
});

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
const bench = new Bench({ time: 1500, warmupTime: 500 });
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
const candlestick = upgradePiece(candlestickFile) as PieceDocument;
const stick = derive(candlestick, glass);
if (!stick.ok) throw new Error('the candlestick should be good');
const working = { main: stick.main.index, helpers: true };
const { draft: asked, parts: stickParts } = workOf(candlestick, stick, working.main);
const stickFires = firesFor(glass);
const placed = draftPlaced(asked, stickParts, working, stickFires).steps;
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
// A night: 12 h of programme on a slab, and what is built on it.
const slab = { thickest: 0.012, stepThick: 0.012, stepThin: 0.012, body: 'slab' } as const;
const twelveHours = {
  time: [0, 1, 5, 12].map((h) => 3600 * h),
  temperature: [505, 505, 420, 60],
};
bench.add('one simulation, slab, 32 spaces, 12 h programme', () => {
  putThrough({ glass, wall: slab }, twelveHours);
});
const tonight = {
  glass,
  wall: { ...slab, stepThin: 0.005 },
  practice: 'studio',
  holdTemperature: glass.annealing,
  doorTemperature: 60,
  box: STUDIO_BOX,
  holding: 4 * 3600,
} as const;
bench.add('a schedule with its verification, step in the wall', () => {
  checkedSchedule(tonight);
});
let ten = tenParts();
bench.add('derive while dragging one of ten parts, 200 points', () => {
  ten = dragged(ten);
  if (!derive(ten, glass).ok) throw new Error('the ten parts should be good');
});
await bench.run();

const four: readonly Person[] = [
  { id: 'a', name: 'gaffer', skills: ['gaff', 'gather', 'blow'] },
  { id: 'b', name: 'second', skills: ['gaff', 'gather', 'bit', 'blow'] },
  { id: 'c', name: 'third', skills: ['gather', 'bit', 'blow', 'shield'] },
  { id: 'd', name: 'door', skills: ['blow', 'shield', 'door'] },
];
let since = performance.now();
const crew = planCrew(
  placed,
  stickParts,
  four,
  working,
  { 'glory hole': 2 },
  {
    enough: () => performance.now() - since > 2000,
  },
);
const crewTook = performance.now() - since;
since = performance.now();
const oneHole = planCrew(
  placed,
  stickParts,
  four,
  working,
  {},
  { enough: () => performance.now() - since > 2000 },
);

const timed = (what: () => unknown): number => {
  const from = performance.now();
  what();
  return performance.now() - from;
};
const shortestTook = timed(() => shortestNight(tonight));
const DAY = 86400;
const forty: WeekPiece[] = Array.from({ length: 40 }, (_, i) => ({
  id: `p${String(i)}`,
  name: `p${String(i)}`,
  glass,
  wall: { ...slab, thickest: 0.004 + 0.001 * (i % 9) },
  width: 0.1 + 0.02 * (i % 5),
  depth: 0.1 + 0.02 * (i % 5),
  height: 0.2,
  ready: (i % 6) * DAY + 16 * 3600,
  due: ((i % 6) + 2 + (i % 3)) * DAY,
  nights: [],
}));
const weekTook = timed(() => {
  const pieces = forty.map((p) => {
    const night = checkedSchedule({ ...tonight, wall: p.wall }).schedule.total.value;
    return { ...p, nights: [night, night] };
  });
  planWeek(pieces, [
    { id: 'a', inside: { width: 0.45, depth: 0.45, height: 0.4 }, free: 0 },
    { id: 'b', inside: { width: 0.6, depth: 0.5, height: 0.4 }, free: 0 },
  ]);
});

const gapOf = (c: CrewPlan): string =>
  `${c.lowerHere.toFixed(0)} to ${c.total.toFixed(0)} s (${(100 * (1 - c.lowerHere / c.total)).toFixed(1)} %${c.proven ? ', proven' : ''})`;

const rows: Row[] = bench.tasks.map((task) => {
  if (task.result.state !== 'completed') throw new Error(`${task.name} did not run`);
  return {
    what: `${task.name} (Node, median)`,
    measured: `${task.result.latency.p50.toFixed(3)} ms`,
    wanted: WANTED.find(([part]) => task.name.includes(part))?.[1] ?? '',
  };
});
rows.push({
  what: 'crew of four on the candlestick, two glory holes: from proven bound to best',
  measured: `${gapOf(crew)} in ${crewTook.toFixed(0)} ms, ${String(crew.late.length)} waits too long`,
  wanted: 'within 5 % in 2 s',
});
rows.push({
  what: 'the same with one glory hole, after 2 s',
  measured: `${gapOf(oneHole)}, ${String(oneHole.late.length)} waits too long`,
  wanted: 'within 5 %',
});

since = performance.now();
const trio = planPlaced(
  { steps: placed, parts: stickParts, working, fires: stickFires },
  // Three hands: the gaffer, one who brings, one who blows and opens doors.
  [
    four[0] as Person,
    four[2] as Person,
    { ...(four[3] as Person), skills: ['bit', 'blow', 'shield', 'door'] },
  ],
  {},
  { enough: () => performance.now() - since > 2000 },
);
rows.push({
  what: 'crew of three on the candlestick, one glory hole, heats placed for it',
  measured: `${gapOf(trio.plan)} in ${(performance.now() - since).toFixed(0)} ms, ${String(trio.wrong.length)} steps that will not do`,
  wanted: 'proven in 2 s',
});
rows.push({
  what: 'the shortest night, wall with a step',
  measured: `${(shortestTook / 1000).toFixed(2)} s`,
  wanted: '< 3 s',
});
rows.push({
  what: 'a week of 40 pieces in two annealers, their nights verified',
  measured: `${(weekTook / 1000).toFixed(2)} s`,
  wanted: '< 2 s',
});
rows.push(againstSolver(glass));
rows.push(...measureSections(), ...measureAgainstCalculix());

if (spawnSync('npm', ['run', '--silent', 'build'], { cwd: home, stdio: 'inherit' }).status !== 0)
  process.exit(1);
rows.push({
  what: 'initial script, gzip',
  measured: `${initialScript().toFixed(0)} kB`,
  wanted: '< 150 kB',
});
console.table(rows);

/** Parts that take a browser or a server, each by itself: npm run bench -- log shelf. */
const PARTS: Readonly<Record<string, () => Promise<readonly Row[]>>> = {
  browser: measureBrowser,
  hands: measureHands,
  making: measureMaking,
  shelf: measureShelf,
  log: measureLog,
  // In a process of its own: it runs the server's code, which is not bundled with this.
  devices: () =>
    Promise.resolve(
      JSON.parse(
        execFileSync(process.execPath, ['--import', 'tsx', 'devices.ts'], { encoding: 'utf8' }),
      ) as Row[],
    ),
};
for (const [part, measure] of Object.entries(PARTS)) {
  if (ASKED.length > 0 && !ASKED.includes(part)) continue;
  // Printed as it comes: what fails takes nothing with it.
  console.table(await measure().catch((error: unknown) => [failed(part, error)]));
}
