// Looks at every device in turn, keeps what it reads, notices when a programme begins and ends, and fills from a device's own log what
// was missed. It tells a device nothing by itself.
import { tr, mark } from '@zanfirico/core/words';
import {
  STAND_IN,
  type DeviceDo,
  type DeviceDocument,
  type DeviceNow,
  type DeviceReading,
  type SendProgramme,
} from '@zanfirico/contract/boxes';
import { clearInterval, clearTimeout, setInterval, setTimeout } from 'node:timers';
import type { DeviceStore, KeptRun } from './deviceStore';
import type { Controller } from './controller';
import { modbusController } from './modbusController';
import type { StandIns } from './standIns';

/** Who looks at the devices. */
export interface DeviceKeeper {
  now(): DeviceNow[];
  /** Sets a device up, or otherwise. */
  keep(device: DeviceDocument): Promise<void>;
  drop(id: string): Promise<void>;
  /**
   * Writes a programme, reads it back and compares: only what is the same counts as sent, and nothing is begun. Throws a sentence
   * where it cannot be.
   */
  send(id: string, programme: SendProgramme): Promise<KeptRun>;
  do(id: string, what: DeviceDo): Promise<void>;
  /** What is still to be written is. */
  flush(): Promise<void>;
  stop(): Promise<void>;
}

/** Readings wait so long to be written together, ms. */
const WRITTEN_EVERY = 5000;
/** Thinned so often, ms; the programme is read again so often. */
const THINNED_EVERY = 3_600_000;
const COMPARED_EVERY = 60_000;
/** Nothing is looked at oftener than this, ms. */
const SOONEST = 250;
/** After a failure it is asked again a little later each time, ms. */
const LATER = { least: 2000, most: 30_000 };
/** Missed for longer than this, by its own time, it is asked for its own log, ms; so many minutes of it at most. */
const MISSED = 180_000;
const MOST_MINUTES = 2880;

interface Looked {
  device: DeviceDocument;
  controller: Controller;
  answers: boolean;
  says: string | undefined;
  reading: DeviceReading | undefined;
  run: KeptRun | undefined;
  changed: boolean;
  comparedAt: number;
  failures: number;
  timer: NodeJS.Timeout | undefined;
  gone: boolean;
}

const same = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((v, i) => v === b[i]);

/** What is read waits to be written together. */
function writerOf(store: DeviceStore) {
  let waiting: (DeviceReading & { readonly device: string })[] = [];
  let writing: Promise<void> = Promise.resolve();

  const flush = (): Promise<void> => {
    const batch = waiting;
    waiting = [];
    if (batch.length > 0)
      writing = writing
        .then(() => store.add(batch))
        .catch(() => {
          // A full disc: what is newest is kept, and tried again.
          waiting = [...batch, ...waiting].slice(-20_000);
        });
    return writing;
  };
  const add = (...readings: (DeviceReading & { readonly device: string })[]): void => {
    waiting.push(...readings);
  };
  return { add, flush };
}
type Writer = ReturnType<typeof writerOf>;
type SpeedOf = (d: DeviceDocument) => number;

/** Seconds since its programme was begun, by the clock, where it does not tell. */
const elapsedAt = (l: Looked, at: number, speedOf: SpeedOf): number | undefined =>
  l.run?.startedAt === undefined || l.run.endedAt !== undefined
    ? undefined
    : ((at - l.run.startedAt) / 1000) * speedOf(l.device);

/** Looks at one device: what it reads, what it missed, whether its programme begins, ends, or is another. */
function lookingAt(store: DeviceStore, writer: Writer, speedOf: SpeedOf) {
  /** From a device's own log what was not read: a reading a minute of its time, before the one just taken. */
  async function fill(l: Looked, now: DeviceReading): Promise<void> {
    const before = l.reading ?? (await store.last(l.device.id));
    if (!before) return;
    // By its own clock where it tells it: a stand-in's may have run at any speed.
    const own = (now.elapsed ?? NaN) - (before.elapsed ?? NaN);
    const missed = own > 0 ? 1000 * own : (now.at - before.at) * speedOf(l.device);
    if (missed < MISSED) return;
    const minute = (60_000 * (now.at - before.at)) / missed;
    const wanted = Math.min(MOST_MINUTES, Math.floor((now.at - before.at) / minute));
    const log = await l.controller.log(wanted).catch(() => []);
    writer.add(
      ...log.flatMap((temperature, i) => {
        const at = Math.round(now.at - (i + 1) * minute);
        if (!Number.isFinite(temperature) || at <= before.at + minute / 2) return [];
        const elapsed =
          now.elapsed === undefined ? elapsedAt(l, at, speedOf) : now.elapsed - 60 * (i + 1);
        return elapsed !== undefined && elapsed < 0
          ? [{ device: l.device.id, at, temperature }]
          : [{ device: l.device.id, at, temperature, elapsed }];
      }),
    );
  }

  async function follow(l: Looked, reading: DeviceReading): Promise<void> {
    const { run } = l;
    if (!run || run.endedAt !== undefined || reading.state === undefined) return;
    const goes = reading.state === 'running' || reading.state === 'held';
    if (goes && run.startedAt === undefined) {
      const since = ((reading.elapsed ?? 0) * 1000) / speedOf(l.device);
      const startedAt = Math.round(reading.at - since);
      l.run = { ...run, startedAt };
      await store.mark(run.id, { startedAt });
    } else if (!goes && run.startedAt !== undefined && reading.state !== 'faulty') {
      l.run = { ...run, endedAt: reading.at };
      await store.mark(run.id, { endedAt: reading.at });
    }
  }

  /** Whether the controller still holds what was sent. */
  async function compare(l: Looked, now: number): Promise<void> {
    if (now - l.comparedAt < COMPARED_EVERY) return;
    l.comparedAt = now;
    const { run } = l;
    if (!run || run.endedAt !== undefined) {
      l.changed = false;
      return;
    }
    const held = await l.controller.programme();
    l.changed = held !== undefined && !same(held, run.words);
  }

  async function look(l: Looked): Promise<void> {
    try {
      const { says, ...read } = await l.controller.read();
      const at = Date.now();
      const reading: DeviceReading = {
        ...read,
        at,
        elapsed: read.elapsed ?? elapsedAt(l, at, speedOf),
      };
      await fill(l, reading);
      l.answers = true;
      l.says = says;
      l.failures = 0;
      l.reading = reading;
      writer.add({ ...reading, device: l.device.id });
      await follow(l, reading);
      await compare(l, at);
    } catch (error) {
      l.answers = false;
      l.failures += 1;
      l.says = error instanceof Error ? error.message : String(error);
    }
  }

  return look;
}

const controllerOf = (device: DeviceDocument, standIns: StandIns | undefined): Controller => {
  if (device.host !== STAND_IN) return modbusController(device, device);
  if (standIns?.has(device.unit) === true)
    return modbusController(device, { host: '127.0.0.1', port: standIns.port });
  const refuse = (): Promise<never> =>
    Promise.reject(
      new Error(tr`Its stand-in does not run: start with the demo, or with --stand-ins.`),
    );
  return {
    read: refuse,
    programme: refuse,
    setProgramme: refuse,
    wordsOf: () => [],
    do: refuse,
    log: refuse,
    close: () => undefined,
  };
};

/** A device as it is told. */
const asTold = (
  { device, answers, says, reading, run, changed }: Looked,
  speedOf: SpeedOf,
): DeviceNow => ({
  device,
  answers,
  ...(says !== undefined && { says }),
  ...(reading && { reading }),
  ...(run && {
    run: {
      id: run.id,
      device: run.device,
      sentAt: run.sentAt,
      startedAt: run.startedAt,
      endedAt: run.endedAt,
      sent: run.sent,
    },
  }),
  ...(changed && { changed }),
  ...(device.host === STAND_IN && { speed: speedOf(device) }),
});

/** Writes a programme, reads it back and compares. */
async function sendTo(
  store: DeviceStore,
  l: Looked,
  id: string,
  programme: SendProgramme,
): Promise<KeptRun> {
  if (l.reading?.state === 'running' && l.answers)
    throw new RangeError(tr`It runs a programme: hold or stop it first.`);
  const words = l.controller.wordsOf(programme.lines);
  await l.controller.setProgramme(words);
  const held = await l.controller.programme();
  if (!held || !same(held, words)) {
    const at = held ? held.findIndex((w, i) => w !== words[i]) : -1;
    throw new RangeError(
      held
        ? tr`It holds another programme than was sent (step ${Math.floor((at < 0 ? held.length : at) / 3) + 1} differs): nothing was sent. Look at its map of registers, or who else writes to it.`
        : tr`It cannot be asked what it holds: nothing counts as sent.`,
    );
  }
  const run = await store.send(id, programme, words, Date.now());
  l.run = run;
  l.changed = false;
  l.comparedAt = Date.now();
  return run;
}

/** Begins to look at what is set up. `every` overrules how often, ms: for tests. */
export async function deviceKeeper(
  store: DeviceStore,
  standIns: StandIns | undefined,
  { every }: { readonly every?: number } = {},
): Promise<DeviceKeeper> {
  const looked = new Map<string, Looked>();
  const writer = writerOf(store);
  const speedOf = (d: DeviceDocument): number =>
    d.host === STAND_IN ? (standIns?.speed(d.unit) ?? 1) : 1;

  const look = lookingAt(store, writer, speedOf);

  /** A stand-in whose clock runs faster is looked at oftener. */
  const ordinarily = ({ device }: Looked): number =>
    Math.max(Math.min(1000 * device.every, SOONEST), (1000 * device.every) / speedOf(device));
  const after = (l: Looked): number =>
    l.answers
      ? (every ?? ordinarily(l))
      : Math.max(
          SOONEST,
          Math.min(LATER.most, (every ?? LATER.least) * 2 ** Math.min(4, l.failures - 1)) /
            speedOf(l.device),
        );

  function goOn(l: Looked, ms: number): void {
    if (l.gone) return;
    l.timer = setTimeout(() => {
      void look(l).finally(() => {
        goOn(l, after(l));
      });
    }, ms);
    l.timer.unref();
  }

  function close(id: string): void {
    const l = looked.get(id);
    if (!l) return;
    l.gone = true;
    clearTimeout(l.timer);
    l.controller.close();
    looked.delete(id);
  }

  async function begin(device: DeviceDocument): Promise<void> {
    close(device.id);
    const l: Looked = {
      device,
      controller: controllerOf(device, standIns),
      answers: false,
      says: mark('It has not been asked yet.'),
      reading: await store.last(device.id),
      run: await store.run(device.id),
      changed: false,
      comparedAt: 0,
      failures: 0,
      timer: undefined,
      gone: false,
    };
    looked.set(device.id, l);
    goOn(l, 0);
  }

  const there = (id: string): Looked => {
    const l = looked.get(id);
    if (!l) throw new RangeError(tr`There is no device of that name.`);
    return l;
  };

  for (const device of await store.devices()) await begin(device);
  const { flush } = writer;
  const written = setInterval(() => void flush(), WRITTEN_EVERY);
  const thinned = setInterval(() => void flush().then(() => store.thin(Date.now())), THINNED_EVERY);
  written.unref();
  thinned.unref();

  return {
    now: () => [...looked.values()].map((l) => asTold(l, speedOf)),
    async keep(device) {
      await store.keep(device);
      await begin(device);
    },
    async drop(id) {
      close(id);
      await store.drop(id);
    },
    send: async (id, programme) => sendTo(store, there(id), id, programme),
    async do(id, what) {
      const l = there(id);
      await l.controller.do(what);
      await look(l);
    },
    flush,
    async stop() {
      clearInterval(written);
      clearInterval(thinned);
      for (const id of [...looked.keys()]) close(id);
      await flush();
    },
  };
}
