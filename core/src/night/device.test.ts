// The annealer as a device: what its power and losses allow, what a log teaches about it, and a piece anywhere in it.
import * as fc from 'fast-check';
import type { CoolingWall } from './allow';
import { boxOf, climbAt, lossOf, naturalRate, settlesAt, STUDIO_BOX, type Box } from './box';
import { checkedSchedule } from './checked';
import { curveBetween, temperatureAt, upTo } from './kilnCurve';
import { follow } from './asked/kiln';
import { learnBox, learnCapacity, learnCooling } from './asked/learnBox';
import { readLoggerCsv } from './asked/log';
import { putThrough } from './outcome';
import { placeCurve, putInBox, putRoughly } from './unevenBox';
import { PRACTICES } from './practice';
import { recipeCurve, recipeProblems } from './asked/recipe';
import { annealingSchedule } from './schedule';
import type { ScheduleInput } from './scheduleInput';
import { even, HOUR, soft, tonight } from './nights.fixture';
import { warming } from './asked/warming';

const tonightIn = (wall: CoolingWall, box: Box): ScheduleInput => tonight(wall, { box });
const boxes = fc.record({
  coolingTime: fc.double({ min: HOUR, max: 24 * HOUR, noNaN: true }),
  power: fc.double({ min: 1000, max: 30e3, noNaN: true }),
  capacity: fc.double({ min: 5e3, max: 3e5, noNaN: true }),
});

describe('power and losses', () => {
  it('full power ends where the losses take all of it', () => {
    fc.assert(
      fc.property(boxes, (known) => {
        const box = boxOf(known);
        const ends = settlesAt(box);
        expect(lossOf(box) * (ends - box.room)).toBeCloseTo(box.power, 3);
        // There it climbs no more; what it would lose with the power off is what the power gives.
        expect(naturalRate(box, ends)).toBeCloseTo(box.power / box.capacity, 9);
        expect(climbAt(box, ends)).toBeCloseTo(2 / HOUR, 9);
      }),
    );
  });
  it('climbs the slower the hotter it is, and never quicker than anybody programmes', () => {
    const weak = boxOf({ power: 2500 });
    expect(climbAt(weak, 100)).toBeGreaterThan(climbAt(weak, 500));
    expect(climbAt(STUDIO_BOX, 505)).toBe(STUDIO_BOX.climb);
  });
  it('what it is said to climb is what it does when it follows', () => {
    const weak = boxOf({ power: 2500 });
    const rate = climbAt(weak, 505);
    const seconds = (505 - weak.room) / rate;
    const f = follow({ time: [0, seconds], temperature: [weak.room, 505] }, weak);
    expect(f.below.kelvin).toBeLessThan(0.5);
    // A quarter more is too much for it before it is there.
    const g = follow({ time: [0, seconds / 1.25], temperature: [weak.room, 505] }, weak);
    expect(g.below.kelvin).toBeGreaterThan(1);
  });
  it('a hold it cannot reach is refused, in a schedule and in a recipe, with what it can', () => {
    const weak = boxOf({ power: 1200 });
    expect(settlesAt(weak)).toBeLessThan(soft.annealing);
    const { verdict } = annealingSchedule(tonightIn(even(6), weak));
    expect(verdict.verdict).toBe('no');
    expect(verdict.because).toBe(
      `With 1.2 kW this box gets no hotter than ${settlesAt(weak).toFixed(0)} °C.`,
    );
    const problems = recipeProblems(
      { name: 'up', start: 20, lines: [{ to: 505, hold: HOUR }] },
      weak,
    );
    expect(problems.map((p) => p.says).join()).toContain('gets no hotter');
    const curve = recipeCurve({ name: 'up', start: 20, lines: [{ to: 505 }] }, weak);
    expect(curve.time.every(Number.isFinite)).toBe(true);
  });
  it('a weak box warms a cold blank no faster than it can', () => {
    const weak = boxOf({ power: 1900 });
    const up = warming({ glass: soft, wall: even(6) }, weak, 20, 505);
    expect(up.rate).toBeCloseTo(climbAt(weak, 505), 9);
    expect(up.rate).toBeLessThan(STUDIO_BOX.climb);
  });
});

describe('learned from a log', () => {
  const truth = boxOf({ coolingTime: 5.5 * HOUR, power: 4000, capacity: 70e3 });
  /** Full power up from cold, a hold, and off: read every two minutes. */
  const night = (
    box: Box,
    climb: 'full' | 'programmed',
  ): { time: number[]; temperature: number[] } => {
    const up = climb === 'full' ? 3 * HOUR : 4 * HOUR;
    const top = 505;
    const asked =
      climb === 'full'
        ? {
            time: [0, 1, up, 5 * HOUR, 5 * HOUR + 1, 24 * HOUR],
            temperature: [20, 1100, 1100, 1100, 20, 20],
          }
        : { time: [0, up, 5 * HOUR, 5 * HOUR + 1, 24 * HOUR], temperature: [20, top, top, 20, 20] };
    const { curve } = follow(asked, box);
    const time = Array.from({ length: 24 * 30 }, (_, i) => 120 * i);
    return { time, temperature: time.map((t) => temperatureAt(curve, t)) };
  };
  it('cooling time and thermal mass come back from a night at full power', () => {
    const learnt = learnBox(night(truth, 'full'), { ...truth, coolingTime: 1e4, capacity: 1 });
    expect(learnt.cooling?.coolingTime).toBeCloseTo(truth.coolingTime, -2);
    expect((learnt.capacity ?? NaN) / truth.capacity).toBeCloseTo(1, 1);
    expect(learnt.unevenness).toBeUndefined();
  });
  it('a climb that was programmed teaches no thermal mass, the fall after it its cooling all the same', () => {
    const learnt = learnBox(night(truth, 'programmed'), truth);
    expect(learnt.capacity).toBeUndefined();
    expect(learnt.cooling?.coolingTime).toBeCloseTo(truth.coolingTime, -2);
  });
  it('any box comes back from its own clean climb', () => {
    fc.assert(
      fc.property(boxes, (known) => {
        const box = boxOf(known);
        const time = Array.from({ length: 60 }, (_, i) => 180 * i);
        const end = settlesAt(box);
        const temperature = time.map((t) => end + (20 - end) * Math.exp(-t / box.coolingTime));
        // A climb of less than 60 K teaches nothing.
        fc.pre((temperature.at(-1) ?? 0) > 85);
        const capacity = learnCapacity({ time, temperature }, box);
        expect((capacity ?? NaN) / box.capacity).toBeCloseTo(1, 6);
      }),
    );
  });
  it('a log with nothing to teach teaches nothing', () => {
    const flat = {
      time: [0, 60, 120, 180, 240, 300, 360],
      temperature: [500, 500, 500, 500, 500, 500, 500],
    };
    expect(learnCooling(flat, 20)).toBeUndefined();
    expect(learnBox(flat, truth)).toEqual({
      cooling: undefined,
      capacity: undefined,
      unevenness: undefined,
    });
  });
  it.each([
    { unit: '°C', rows: ['500,508', '499,505', '480,490', '100,180'], spread: 8 },
    { unit: 'C', rows: ['500,508', '499,505', '480,490', '100,180'], spread: 8 },
    { unit: '°F', rows: ['932,950', '930,939', '900,918', '200,400'], spread: 10 },
  ])(
    'two places read at once in $unit tell how uneven the box is while hot',
    ({ unit, rows, spread }) => {
      const text = `time min,top ${unit},bottom ${unit}\n${rows.map((r, i) => `${String(30 * i)},${r}`).join('\n')}`;
      const log = readLoggerCsv(text);
      if (!log.ok) throw new Error(log.says);
      expect(log.spread).toBeCloseTo(spread, 6);
      expect(log.remarks.join(' ')).toContain('2 places');
    },
  );
  it('a column of what was asked for is neither the reading nor a place', () => {
    const log = readLoggerCsv('time,setpoint C,temp C\n0,510,500\n60,510,501');
    if (!log.ok) throw new Error(log.says);
    expect(log.curve.temperature[0]).toBe(500);
    expect(log.spread).toBeUndefined();
  });
});

describe('a curve', () => {
  const curve = { time: [0, 10, 10, 30], temperature: [500, 500, 400, 200] };
  it.each([
    [-5, 500],
    [5, 500],
    [20, 300],
    [30, 200],
    [99, 200],
  ])('at %p s is at %p °C', (t, at) => {
    expect(temperatureAt(curve, t)).toBe(at);
  });
  it('is read inside a stretch, and cut where it is asked to be', () => {
    expect(curveBetween(curve, 2, 15)).toBe(350);
    expect(upTo(curve, 20)).toEqual({ time: [0, 10, 10, 20], temperature: [500, 500, 400, 300] });
  });
});

describe('a box that is not even', () => {
  const uneven = (kelvin: number): Box => ({ ...STUDIO_BOX, unevenness: kelvin });
  it('is off by half its unevenness each way at annealing heat, and even at the room', () => {
    const curve = { time: [0, 1, 2], temperature: [500, 260, 20] };
    expect([...Array.from(placeCurve(curve, STUDIO_BOX, 6).temperature)]).toEqual([506, 263, 20]);
    expect([...Array.from(placeCurve(curve, STUDIO_BOX, -6).temperature)]).toEqual([494, 257, 20]);
  });
  it('an even box is the piece put through as it is', () => {
    const input = tonightIn(even(12), uneven(0));
    const { curve } = checkedSchedule(input);
    const through = { startUneven: 100, soakEnds: HOUR };
    const plain = putThrough(input, curve, through);
    const inBox = putInBox(input, curve, input.box, through);
    expect(inBox.kept).toBe(plain.kept);
    expect(inBox.place).toBeUndefined();
    expect(putRoughly(input, curve, input.box, through).kept).toBe(plain.kept);
  });
  it('a schedule made as if it were even leaves too much at the hottest place, and too much after the soak at the coldest', () => {
    const input = tonightIn(even(25), uneven(0));
    const planned = checkedSchedule(input);
    const soakEnds = planned.schedule.soak.value;
    const through = { startUneven: 100, soakEnds };
    const [nothing, some, much] = [0, 15, 40].map((k) =>
      putInBox(input, planned.curve, uneven(k), through),
    );
    expect(nothing?.kept).toBeLessThan(1.01 * PRACTICES.studio.allows);
    expect(some?.kept).toBeGreaterThan(nothing?.kept ?? Infinity);
    expect(much?.kept).toBeGreaterThan(some?.kept ?? Infinity);
    expect(much?.place).toBe('hottest');
    expect(much?.soaked).toBeGreaterThan(3 * (nothing?.soaked ?? Infinity));
  });
  it('the schedule made for it holds at both, and is the longer the less even it is', () => {
    const hours = [0, 10, 30].map((k) => {
      const c = checkedSchedule(tonightIn(even(25), uneven(k)));
      expect(c.holds).toBe(true);
      return c.schedule.total.value / HOUR;
    });
    expect(hours[1]).toBeGreaterThan(hours[0] ?? Infinity);
    expect(hours[2]).toBeGreaterThan(hours[1] ?? Infinity);
  });
});
