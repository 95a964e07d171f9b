// A kiln or furnace that is not there: heated by what power it has, losing what it loses, read by a thermocouple that lags and trembles,
// its element ageing; with a controller that runs steps. A stand-in for a real one, to plan and to learn with.
import type { RecipeLine } from '@zanfirico/contract/shop';
import { lossOf, type Box } from '../night/box';
import { DOOR_OPEN } from '../night/asked/kiln';

/** What it is. */
export interface Nature {
  readonly box: Box;
  /** Time constant of its thermocouple, s. */
  readonly lag: number;
  /** How far its reading trembles, K (one sigma). */
  readonly trembles: number;
}

/** A thermocouple in a ceramic sheath, and the last digit of an ordinary controller. From memory. */
export const ORDINARY_SENSOR = { lag: 40, trembles: 0.3 } as const;

/** What a controller says of itself. */
export const DEVICE_STATES = ['idle', 'running', 'held', 'done', 'faulty'] as const;
/** One of what a controller says of itself. */
export type DeviceState = (typeof DEVICE_STATES)[number];

/** What it says is wrong, a bit each in this order. */
export const DEVICE_FAULTS = ['thermocouple', 'element', 'door', 'power was away'] as const;
/** One of what may be wrong with a box. */
export type DeviceFault = (typeof DEVICE_FAULTS)[number];

/** What can be made to happen to it. Seconds; a share of its element that is left. */
export type Happening =
  | { readonly kind: 'power off' | 'door open'; readonly seconds: number }
  | { readonly kind: 'thermocouple breaks' | 'all mended' }
  | { readonly kind: 'element ages'; readonly left: number };

/** What its controller says. °C; `output` of one; s. */
export interface ToldController {
  /** Undefined where the thermocouple is open. */
  readonly temperature: number | undefined;
  readonly lower: number;
  readonly setPoint: number;
  readonly output: number;
  readonly state: DeviceState;
  /** Which step runs, from 0. */
  readonly step: number;
  readonly faults: readonly DeviceFault[];
  /** Since its programme was begun, by its own clock, which runs on without power. */
  readonly elapsed: number;
  readonly clock: number;
  /** False while it has no power: then it does not answer. */
  readonly powered: boolean;
}

/** A step is taken in parts no longer than this, s. */
const PART = 5;
const MINUTE = 60;
/** Minutes its own log goes back. */
export const LOGGED = 2880;
/** It has come to a temperature when it reads so near to it, K. */
const THERE = 2;
/** Heat asked for, for each kelvin missing: what brings it there in so many seconds. */
const ANSWERS = 240;
/** An element loses its all in so many seconds of full power (some 6000 h; from memory). */
const LIFE = 6000 * 3600;
/** Of its element so little left is a fault a controller sees. */
const WEAK = 0.5;
/** Hot below this nothing is uneven, °C; as uneven as it is said to be at annealing heat. */
const AT_HEAT = 500;

/** Trembling that is the same each time, from a seed: twelve uniform numbers summed, less six (Irwin–Hall: sigma one). */
function trembling(seed: number): () => number {
  let s = seed >>> 0 || 1;
  const next = (): number => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 0x1_0000_0000;
  };
  return () => {
    let sum = -6;
    for (let k = 0; k < 12; k += 1) sum += next();
    return sum;
  };
}

/** A stand-in: time goes on in it only when it is told to. */
export class SimulatedDevice {
  private now: number;
  private sensor: number;
  private clock = 0;
  private element = 1;
  private lines: readonly RecipeLine[] = [];
  private state: DeviceState = 'idle';
  private step = 0;
  private setPoint: number;
  /** Since when this step's temperature is held, by its clock. */
  private reached: number | undefined;
  private begunAt = 0;
  private output = 0;
  private noPower = 0;
  private open = 0;
  private broken = false;
  private wasAway = false;
  private readonly tremble: () => number;
  private readonly minutes: number[] = [];

  constructor(
    private readonly nature: Nature,
    from = nature.box.room,
    seed = 1,
  ) {
    this.now = from;
    this.sensor = from;
    this.setPoint = from;
    this.tremble = trembling(seed);
  }

  /** Gives it a programme, which is not begun. */
  programme(lines: readonly RecipeLine[]): void {
    this.lines = lines;
    if (this.state === 'running' || this.state === 'held') this.stop();
  }

  start(): void {
    if (this.lines.length === 0 || this.broken) return;
    this.state = 'running';
    this.step = 0;
    this.setPoint = this.sensor;
    this.reached = undefined;
    this.begunAt = this.clock;
    this.wasAway = false;
  }

  hold(): void {
    if (this.state === 'running') this.state = 'held';
  }

  goOn(): void {
    if (this.state === 'held') this.state = 'running';
  }

  stop(): void {
    this.state = 'idle';
    this.output = 0;
  }

  /** Holds a temperature until it is told otherwise, as a furnace does. */
  standAt(celsius: number): void {
    if (this.broken) return;
    this.lines = [];
    this.setPoint = celsius;
    this.state = 'held';
    this.begunAt = this.clock;
  }

  happens(what: Happening): void {
    if (what.kind === 'power off') this.noPower = what.seconds;
    else if (what.kind === 'door open') this.open = what.seconds;
    else if (what.kind === 'element ages') this.element = Math.min(1, Math.max(0, what.left));
    else if (what.kind === 'thermocouple breaks') {
      this.broken = true;
      this.state = 'faulty';
      this.output = 0;
    } else {
      [this.broken, this.element, this.noPower, this.open] = [false, 1, 0, 0];
      this.wasAway = false;
      if (this.state === 'faulty') this.state = 'idle';
    }
  }

  /** Lets so many seconds go by. */
  advance(seconds: number): void {
    let left = seconds;
    while (left > 1e-9) {
      const dt = Math.min(PART, left);
      this.part(dt);
      left -= dt;
    }
  }

  /** Its own log: a temperature a minute, the newest first; NaN for a minute without power or thermocouple. */
  log(): readonly number[] {
    return this.minutes;
  }

  told(): ToldController {
    const { box } = this.nature;
    const uneven = (box.unevenness * (this.now - box.room)) / (AT_HEAT - box.room);
    const faults: DeviceFault[] = [];
    if (this.broken) faults.push('thermocouple');
    if (this.element < WEAK) faults.push('element');
    if (this.open > 0) faults.push('door');
    if (this.wasAway) faults.push('power was away');
    return {
      temperature: this.broken ? undefined : this.read(),
      lower: this.sensor - uneven,
      setPoint: this.setPoint,
      output: this.output,
      state: this.state,
      step: this.step,
      faults,
      elapsed: this.state === 'idle' ? 0 : this.clock - this.begunAt,
      clock: this.clock,
      powered: this.noPower <= 0,
    };
  }

  private read(): number {
    return this.sensor + this.nature.trembles * this.tremble();
  }

  private part(dt: number): void {
    const { box, lag } = this.nature;
    const powered = this.noPower <= 0;
    const active = this.state === 'running' || this.state === 'held';
    let rate = 0;
    if (powered && this.state === 'running') rate = this.follow(dt);
    const most = box.power * this.element;
    const wants =
      lossOf(box) * (this.setPoint - box.room) +
      box.capacity * (rate + (this.setPoint - this.sensor) / ANSWERS);
    const gives = powered && active && this.open <= 0 ? Math.min(most, Math.max(0, wants)) : 0;
    this.output =
      powered && active && this.open <= 0 ? Math.min(1, Math.max(0, wants / box.power)) : 0;
    // A lumped box, exactly over the part: towards where this much power would leave it.
    const tau = box.coolingTime / (this.open > 0 ? DOOR_OPEN : 1);
    const towards = box.room + (gives * tau) / box.capacity;
    this.now = towards + (this.now - towards) * Math.exp(-dt / tau);
    this.sensor = this.now + (this.sensor - this.now) * Math.exp(-dt / lag);
    this.element = Math.max(0, this.element - (dt * gives) / box.power / LIFE);
    const minute = Math.floor(this.clock / MINUTE);
    this.clock += dt;
    if (Math.floor(this.clock / MINUTE) > minute) {
      this.minutes.unshift(powered && !this.broken ? this.read() : NaN);
      if (this.minutes.length > LOGGED) this.minutes.pop();
    }
    if (this.noPower > 0) {
      this.noPower = Math.max(0, this.noPower - dt);
      if (this.noPower <= 0 && active) this.wasAway = true;
    }
    this.open = Math.max(0, this.open - dt);
  }

  /** Moves the set point along its step; how fast it moves, K/s. */
  private follow(dt: number): number {
    const line = this.lines[this.step];
    if (!line) {
      this.state = 'done';
      return 0;
    }
    const way = line.to - this.setPoint;
    if (Math.abs(way) > 1e-6) {
      const most = line.rate === undefined ? Math.abs(way) : line.rate * dt;
      const move = Math.sign(way) * Math.min(Math.abs(way), most);
      this.setPoint += move;
      return line.rate === undefined ? 0 : move / dt;
    }
    // It waits for the kiln, then holds.
    if (this.reached === undefined && Math.abs(this.sensor - line.to) < THERE)
      this.reached = this.clock;
    if (this.reached !== undefined && this.clock - this.reached >= (line.hold ?? 0)) {
      this.step += 1;
      this.reached = undefined;
      if (this.step >= this.lines.length) {
        this.state = 'done';
        this.step = this.lines.length - 1;
      }
    }
    return 0;
  }
}
