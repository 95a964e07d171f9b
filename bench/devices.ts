// Measured by itself in Node (it needs the server's own code): twenty devices read once a second, a year of readings gathered for a drawing, and
// what the pot, the cost and the days take. `tsx devices.ts` prints its rows as JSON; `tsx devices.ts stand-ins` is the other end of the line.
import { spawn } from 'node:child_process';
import { ORDINARY_REGISTERS, type DeviceDocument } from '@zanfirico/contract/boxes';
import type { LogLine } from '@zanfirico/contract/making';
import { ORDINARY_SENSOR } from '@zanfirico/core/boxes';
import { cheaper, costOf, pricesOf, type Attempt } from '@zanfirico/core/cost';
import { wouldHelp } from '@zanfirico/core/edits';
import { boxOf } from '@zanfirico/core/night';
import { planDays, type WantedPiece } from '@zanfirico/core/orders';
import { derive, NO_SHOP, ORDINARY_POT, takesOf } from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import { deviceKeeper } from '../server/src/boxes/keeper';
import { startStandIns } from '../server/src/boxes/standIns';
import { demoPieces } from '../server/src/demo/demoPieces';
import { openDatabase } from '../server/src/store/database';
import { deviceStore } from '../server/src/boxes/deviceStore';
import { potNow } from '../web/src/pot/potNow';
import { median, often, type Row } from './rows';

const DEVICES = often(20, 2);
const SECONDS = often(30);
const YEAR_MINUTES = often(525_600, 40_000);
const MINUTE = 60_000;

const timed = async (what: () => unknown): Promise<number> => {
  const from = performance.now();
  await what();
  return performance.now() - from;
};
const many = async (rounds: number, what: () => unknown): Promise<number> => {
  const times: number[] = [];
  for (let i = 0; i < often(rounds); i += 1) times.push(await timed(what));
  return median(times);
};
const ms = (v: number): string => `${v.toFixed(v < 10 ? 1 : 0)} ms`;
const row = (what: string, measured: string, wanted = ''): Row => ({ what, measured, wanted });

/** Twenty units that answer, in a process of their own. */
async function answer(): Promise<void> {
  const units = Array.from({ length: DEVICES }, (_, i) => ({
    unit: i + 1,
    nature: { box: boxOf({}), ...ORDINARY_SENSOR },
    from: 20,
  }));
  const { port } = await startStandIns(units);
  process.stdout.write(`${String(port)}\n`);
}

async function polled(): Promise<Row> {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', 'devices.ts', 'stand-ins', ...process.argv.slice(2)],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  const port = await new Promise<number>((done) => {
    child.stdout.once('data', (chunk: Buffer) => {
      done(Number(chunk.toString()));
    });
  });
  const db = await openDatabase(':memory:');
  const store = deviceStore(db);
  for (let i = 0; i < DEVICES; i += 1)
    await store.keep({
      id: `d${String(i)}`,
      kind: 'annealer',
      of: 'a box',
      host: '127.0.0.1',
      port,
      unit: i + 1,
      fahrenheit: false,
      every: 1,
      registers: ORDINARY_REGISTERS,
    } satisfies DeviceDocument);
  const keeper = await deviceKeeper(store, undefined);
  await new Promise((done) => setTimeout(done, often(3000, 300)));
  const from = process.cpuUsage();
  const since = performance.now();
  await new Promise((done) => setTimeout(done, 1000 * SECONDS));
  const { user, system } = process.cpuUsage(from);
  const share = (user + system) / 1000 / (performance.now() - since);
  const answering = keeper.now().filter((d) => d.answers).length;
  await keeper.stop();
  await db.destroy();
  child.kill();
  return row(
    `${String(answering)} devices read once a second over Modbus TCP and kept (of a core, ${String(SECONDS)} s)`,
    `${(100 * share).toFixed(1)} %`,
    '< 5 %',
  );
}

async function aYear(): Promise<Row[]> {
  const db = await openDatabase(':memory:');
  const store = deviceStore(db);
  const from = Date.UTC(2026, 0, 1);
  const filled = await timed(async () => {
    for (const device of ['a', 'b', 'c'])
      for (let i = 0; i < YEAR_MINUTES; i += 40_000)
        await store.add(
          Array.from({ length: Math.min(40_000, YEAR_MINUTES - i) }, (_, k) => ({
            device,
            at: from + (i + k) * MINUTE,
            temperature: 300 + 200 * Math.sin((i + k) / 230),
            setPoint: 500,
            output: 0.4,
            state: 'running',
          })),
        );
  });
  const to = from + YEAR_MINUTES * MINUTE;
  const year = await many(7, () => store.stretches('b', from, to, 600));
  const month = await many(7, () => store.stretches('b', from, from + 30 * 1440 * MINUTE, 600));
  const night = await many(7, () => store.readings('b', from, from + 20 * 60 * MINUTE, 4000));
  await db.destroy();
  return [
    row(
      'a year of minute readings (525 600 × 3): gathered into 600 stretches (median of 7)',
      ms(year),
      '< 300 ms',
    ),
    row(
      'the same: a month; a night of readings as they came (median of 7)',
      `${ms(month)}, ${ms(night)}`,
    ),
    row(
      'a reading kept (mean of 1 576 800)',
      `${((1000 * filled) / (3 * YEAR_MINUTES)).toFixed(1)} µs`,
    ),
  ];
}

async function reckoned(): Promise<Row[]> {
  const glass = findGlass('soft-batch-96');
  const document = demoPieces()
    .flat()
    .find((d) => d.name === 'Tide-pool bowl');
  if (!glass || !document) throw new Error('the demo has lost its bowl');
  const derived = derive(document, glass, NO_SHOP);
  if (!derived.ok) throw new Error('the bowl cannot be made');
  const prices = pricesOf(undefined);
  const takes = takesOf(derived);
  const attempt: Attempt = {
    glass: takes.taken,
    returned: 0,
    colour: takes.colour,
    melting: 2e6,
    seconds: 900,
    helpers: 1,
    burns: 25_000,
    night: 6e7,
    inLoad: 4,
    furnace: { loses: 9000, by: 'kilograms', kilograms: 200, hours: 120 },
  };
  const cost = await many(40, () => costOf(attempt, prices, { count: 12, lost: 0.1, margin: 0.4 }));
  const ways = await many(15, () =>
    cheaper(
      attempt,
      prices,
      0.1,
      wouldHelp(document, derived.parts).flatMap(({ says, piece }) => {
        const d = derive(piece, glass, NO_SHOP);
        return d.ok ? [{ says, attempt: { glass: takesOf(d).taken } }] : [];
      }),
    ),
  );
  const made = Array.from(
    { length: 5000 },
    (_, i) => ({ glass: glass.id, mass: 0.6, begunAt: i * 3_600_000 }) as unknown as LogLine,
  );
  const entries = Array.from({ length: 1000 }, (_, i) => ({
    id: String(i),
    pot: 'pot1',
    at: i * 18_000_000,
    kind: 'charged' as const,
    what: 'pellets' as const,
    mass: 20,
  }));
  const pot = await many(15, () =>
    potNow(structuredClone(ORDINARY_POT), glass, entries, made, 0.15, Date.now()),
  );
  const pieces = Array.from({ length: 20 }, (_, i): WantedPiece => ({
    id: String(i),
    seconds: 600 + 90 * i,
    mass: 0.4 + 0.1 * i,
    glass: glass.id,
    lost: 0.1,
    boxes: [
      { holds: 6, night: 50_000 },
      { holds: 14, night: 80_000 },
    ],
  }));
  const days = await many(15, () =>
    planDays({
      wanted: pieces.map((p, i) => ({ id: p.id, piece: p.id, count: 12, due: 5 + i })),
      pieces,
      bench: Array.from({ length: 28 }, () => 21_600),
      pots: [{ glass: glass.id, level: 100, least: 25, holds: 165, charge: 40, ready: 1 }],
    }),
  );
  return [
    row(
      'what a piece costs (median of 40); with its changed forms derived and tried (median of 15)',
      `${ms(cost)}, ${ms(ways)}`,
      '< 20 ms',
    ),
    row('a pot’s level out of 1000 entries and 5000 makings (median of 15)', ms(pot), '< 20 ms'),
    row('28 days planned for 20 orders (median of 15)', ms(days), '< 20 ms'),
  ];
}

if (process.argv[2] === 'stand-ins') await answer();
else {
  const rows = [await polled(), ...(await aYear()), ...(await reckoned())];
  process.stdout.write(`${JSON.stringify(rows)}\n`);
  process.exit(0);
}
