// Stand-ins for kilns and furnaces: one real Modbus TCP server on the loopback address, a unit each, with the physics of the core behind
// its registers; at the clock's speed or faster. Anybody's Modbus client can read and drive them.
import type { DeviceHappen } from '@zanfirico/contract/boxes';
import {
  DEVICE_FAULTS,
  DEVICE_STATES,
  programmeIn,
  signed,
  SimulatedDevice,
  temperatureWord,
  wordOf,
  WORDS_A_LINE,
  type Nature,
} from '@zanfirico/core/boxes';
import { ServerTCP } from 'modbus-serial';
import { createServer } from 'node:net';
import { clearInterval, setInterval } from 'node:timers';

/** One of them: its unit id, what it is, how hot it stands at the start, °C; a furnace stands at its heat. */
export interface StandIn {
  readonly unit: number;
  readonly nature: Nature;
  readonly from: number;
  readonly stands?: boolean;
}

/** They run. */
export interface StandIns {
  readonly port: number;
  has(unit: number): boolean;
  speed(unit: number): number;
  happens(unit: number, what: DeviceHappen): void;
  /** Lets time go by, as the clock does: for tests. s. */
  advance(unit: number, seconds: number): void;
  close(): Promise<void>;
}

const TICK_MS = 250;
/** Two words that hold it. */
const SCALE = 10;
const OPEN_THERMOCOUPLE = 0x7fff;
const HOLDING = {
  command: 0,
  standAt: 1,
  page: 2,
  steps: 10,
  mostSteps: 30,
  speed: 900,
  happens: 901,
  howMuch: 902,
} as const;
const LOG = { count: 11, from: 100, each: 120 } as const;
const HAPPENINGS = [
  'power off',
  'door open',
  'thermocouple breaks',
  'all mended',
  'element ages',
] as const;
const MOST_SPEED = 3600;

interface Unit {
  readonly device: SimulatedDevice;
  speed: number;
  page: number;
  /** Words of the programme as they were written. */
  readonly words: number[];
  steps: number;
  howMuch: number;
}

/** What a register that is not there answers: the standard's exception 2. */
class NoSuchRegister extends Error {
  readonly modbusErrorCode = 2;
}

/** A value it does not take: exception 3. */
class NotTaken extends Error {
  readonly modbusErrorCode = 3;
}

/** A port that is free on the loopback address; the package does not tell which it took. */
const freePort = (): Promise<number> =>
  new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const at = probe.address();
      probe.close(() => {
        done(typeof at === 'object' && at ? at.port : 0);
      });
    });
  });

function readInput(unit: Unit, address: number): number {
  const told = unit.device.told();
  const t = (v: number | undefined): number =>
    v === undefined || Number.isNaN(v) ? OPEN_THERMOCOUPLE : temperatureWord(v, SCALE, false);
  const log = unit.device.log();
  if (address >= LOG.from && address < LOG.from + LOG.each)
    return t(log[unit.page * LOG.each + address - LOG.from]);
  switch (address) {
    case 0:
      return t(told.temperature);
    case 1:
      return t(told.setPoint);
    case 2:
      return Math.round(1000 * told.output);
    case 3:
      return DEVICE_STATES.indexOf(told.state);
    case 4:
      return told.state === 'idle' ? 0 : told.step + 1;
    case 5:
      return told.faults.reduce((bits, f) => bits | (1 << DEVICE_FAULTS.indexOf(f)), 0);
    case 6:
      return t(told.lower);
    case 7:
      return Math.floor(told.elapsed / 0x10000) & 0xffff;
    case 8:
      return Math.floor(told.elapsed) & 0xffff;
    case 9:
      return Math.floor(told.clock / 0x10000) & 0xffff;
    case 10:
      return Math.floor(told.clock) & 0xffff;
    case LOG.count:
      return log.length;
    default:
      throw new NoSuchRegister();
  }
}

function readHolding(unit: Unit, address: number): number {
  if (address > HOLDING.steps && address <= HOLDING.steps + WORDS_A_LINE * HOLDING.mostSteps)
    return unit.words[address - HOLDING.steps - 1] ?? 0;
  switch (address) {
    case HOLDING.command:
      return 0;
    case HOLDING.standAt:
      return temperatureWord(unit.device.told().setPoint, SCALE, false);
    case HOLDING.page:
      return unit.page;
    case HOLDING.steps:
      return unit.steps;
    case HOLDING.speed:
      return unit.speed;
    case HOLDING.howMuch:
      return unit.howMuch;
    default:
      throw new NoSuchRegister();
  }
}

function write(unit: Unit, address: number, value: number): void {
  const { device } = unit;
  if (address > HOLDING.steps && address <= HOLDING.steps + WORDS_A_LINE * HOLDING.mostSteps) {
    unit.words[address - HOLDING.steps - 1] = value;
    return;
  }
  switch (address) {
    case HOLDING.command:
      if (value === 1) device.start();
      else if (value === 2) device.hold();
      else if (value === 3) device.goOn();
      else if (value === 4) device.stop();
      else throw new NotTaken();
      return;
    case HOLDING.standAt:
      device.standAt(signed(value) / SCALE);
      unit.steps = 0;
      return;
    case HOLDING.page:
      unit.page = value;
      return;
    case HOLDING.steps:
      if (value > HOLDING.mostSteps) throw new NotTaken();
      unit.steps = value;
      device.programme(programmeIn(unit.words.slice(0, value * WORDS_A_LINE), SCALE, false));
      return;
    case HOLDING.speed:
      if (value < 1 || value > MOST_SPEED) throw new NotTaken();
      unit.speed = value;
      return;
    case HOLDING.howMuch:
      unit.howMuch = value;
      return;
    case HOLDING.happens: {
      const kind = HAPPENINGS[value - 1];
      if (kind === undefined) throw new NotTaken();
      if (kind === 'element ages') device.happens({ kind, left: unit.howMuch / 1000 });
      else if (kind === 'power off' || kind === 'door open')
        device.happens({ kind, seconds: unit.howMuch });
      else device.happens({ kind });
      return;
    }
    default:
      throw new NoSuchRegister();
  }
}

/** Starts them on a port of the loopback address; 0 takes a free one. */
export async function startStandIns(
  all: readonly StandIn[],
  port = 0,
  speed = 1,
): Promise<StandIns> {
  const units = new Map<number, Unit>();
  for (const { unit, nature, from, stands } of all) {
    const device = new SimulatedDevice(nature, from, 97 * unit + 1);
    if (stands === true) device.standAt(from);
    units.set(unit, { device, speed, page: 0, words: [], steps: 0, howMuch: 0 });
  }
  const at = port === 0 ? await freePort() : port;
  const unitOf = (id: number): Unit | undefined => units.get(id);
  /** Without power it does not answer; nor does a unit that is not there. */
  const answered = async <T>(id: number, answer: (unit: Unit) => T): Promise<T> => {
    const unit = unitOf(id);
    return unit?.device.told().powered === true ? answer(unit) : new Promise<T>(() => undefined);
  };
  const server = new ServerTCP(
    {
      getInputRegister: (address: number, id: number) => answered(id, (u) => readInput(u, address)),
      getHoldingRegister: (address: number, id: number) =>
        answered(id, (u) => readHolding(u, address)),
      setRegister: (address: number, value: number, id: number) =>
        answered(id, (u) => {
          write(u, address, value);
        }),
      setRegisterArray: (address: number, values: number[], id: number) =>
        answered(id, (u) => {
          values.forEach((v, i) => {
            write(u, address + i, wordOf(v));
          });
        }),
    },
    { host: '127.0.0.1', port: at, unitID: 255 },
  );
  await new Promise<void>((done, fail) => {
    server.on('initialized', () => {
      done();
    });
    server.on('serverError', (error) => {
      fail(error ?? new Error('The stand-ins cannot listen.'));
    });
  });
  // Whoever speaks nonsense is not answered; the others go on.
  server.on('socketError', () => undefined);
  server.on('error', () => undefined);
  let before = Date.now();
  const tick = setInterval(() => {
    const now = Date.now();
    for (const u of units.values()) u.device.advance(((now - before) / 1000) * u.speed);
    before = now;
  }, TICK_MS);
  tick.unref();
  const there = (id: number): Unit => {
    const unit = unitOf(id);
    if (!unit) throw new RangeError(`There is no stand-in ${String(id)}.`);
    return unit;
  };
  return {
    port: at,
    has: (id) => units.has(id),
    speed: (id) => unitOf(id)?.speed ?? 1,
    happens: (id, what) => {
      const unit = there(id);
      if (what.kind === 'speed') unit.speed = what.times;
      else unit.device.happens(what);
    },
    advance: (id, seconds) => {
      there(id).device.advance(seconds);
    },
    close: () =>
      new Promise((done) => {
        clearInterval(tick);
        server.close(() => {
          done();
        });
        for (const socket of server.socks.keys()) socket.destroy();
      }),
  };
}
