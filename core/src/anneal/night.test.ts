// The night as a whole: schedules that hold in the simulation, the shortest of them, boxes that cannot keep up, going up,
// accidents, logs, loads and weeks.
import * as fc from 'fast-check';
import { all, create, type MathJsInstance } from 'mathjs';
import { findGlass } from '../glass/rack';
import { judgeCurve } from './accident';
import type { CoolingWall } from './allow';
import { STUDIO_BOX, type Box } from './box';
import { checkedSchedule, fromLastIn } from './checked';
import { exchangeAt, heatScratch, heatStep, latticeOf } from './conduction';
import { KILN_EXCHANGE } from './exchange';
import { follow } from './kiln';
import { learnCooling } from './learn';
import { loadNight, stand, type LoadPiece } from './load';
import { readLog } from './log';
import { putThrough } from './outcome';
import { PRACTICES } from './practice';
import { recipeCurve, recipeProblems, recipeTime } from './recipe';
import type { ScheduleInput } from './schedule';
import { shortestNight } from './shortest';
import { warming } from './warming';
import { planWeek, type WeekPiece } from './week';

const soft = findGlass('soft-batch-96');
const hard = findGlass('borosilicate-33');
if (!soft || !hard) throw new Error('the rack has lost a glass');
const HOUR = 3600;
const kiln: Box = STUDIO_BOX;
/** As much power as anybody could wish, and a climb to match. */
const mighty: Box = { ...STUDIO_BOX, climb: 10, power: 1e9 };
const even = (mm: number, body: CoolingWall['body'] = 'slab'): CoolingWall => ({
  thickest: mm / 1000,
  stepThick: mm / 1000,
  stepThin: mm / 1000,
  body,
});
const stepped = (thick: number, thin: number): CoolingWall => ({
  ...even(thick),
  stepThin: thin / 1000,
});
const tonight = (wall: CoolingWall, more: Partial<ScheduleInput> = {}): ScheduleInput => ({
  glass: soft,
  wall,
  practice: 'studio',
  holdTemperature: soft.annealing,
  doorTemperature: 60,
  box: STUDIO_BOX,
  holding: 4 * HOUR,
  ...more,
});

describe('a checked schedule', () => {
  it.each([
    { what: 'an ordinary vessel', wall: stepped(6, 3) },
    { what: 'a closed vessel', wall: { ...stepped(6, 3), body: 'oneSided' as const } },
    { what: 'a paperweight', wall: even(80, 'ball') },
    { what: 'a bar', wall: even(40, 'cylinder') },
    { what: 'a thick plate', wall: even(25) },
  ])('$what holds in the simulation: what stays, what passes, what the soak leaves', ({ wall }) => {
    const c = checkedSchedule(tonight(wall));
    expect(c.holds).toBe(true);
    expect(c.outcome.kept).toBeLessThanOrEqual(1.01 * PRACTICES.studio.allows);
    expect(c.outcome.worst.stress).toBeLessThanOrEqual(1.01 * 3.5e6);
    expect(c.outcome.soaked).toBeLessThan(0.11 * PRACTICES.studio.allows);
    expect(c.rounds).toBeLessThanOrEqual(7);
  });
  it('of ordinary ware is an overnight affair, 8 to 14 h (common practice, no source)', () => {
    const hours = checkedSchedule(tonight(stepped(6, 3))).schedule.total.value / HOUR;
    expect(hours).toBeGreaterThan(8);
    expect(hours).toBeLessThan(14);
  });
  it('925 °F and 1000 °F are both sound, with different clocks (common practice, no source)', () => {
    const at = (f: number) =>
      checkedSchedule(tonight(stepped(12, 8), { holdTemperature: ((f - 32) * 5) / 9 }));
    const [cool, hot] = [at(925), at(1000)];
    expect(cool.holds && hot.holds).toBe(true);
    expect(cool.schedule.soak.value).toBeGreaterThan(2 * hot.schedule.soak.value);
  });
  it('hard glass at 565 °C is sound (common practice, no source)', () => {
    const c = checkedSchedule(tonight(stepped(5, 3), { glass: hard, holdTemperature: 565 }));
    expect(c.holds).toBe(true);
  });
  it('a disc of 0.66 m at 0.4 MPa takes months (common practice, no source)', () => {
    const c = checkedSchedule(tonight(even(660), { practice: 'fine' }));
    const months = c.schedule.total.value / (30.4 * 24 * HOUR);
    expect(months).toBeGreaterThan(3);
    expect(months).toBeLessThan(18);
  });
});

describe('the shortest night', () => {
  it('is sound, no longer than the checked one, and shorter where the glass sets the clock', () => {
    const input = tonight(even(60, 'ball'));
    const checked = checkedSchedule(input);
    const found: number[] = [];
    const best = shortestNight(input, { onBest: (b) => found.push(b.seconds) });
    expect(best.seconds).toBeLessThan(0.95 * checked.schedule.total.value);
    expect(best.outcome.kept).toBeLessThanOrEqual(1.02 * PRACTICES.studio.allows);
    expect(best.outcome.worst.stress).toBeLessThanOrEqual(1.02 * 3.5e6);
    // What is told on the way only gets better, and the last is what comes back.
    expect([...found].sort((a, b) => b - a)).toEqual(found);
    expect(found.at(-1)).toBeCloseTo(best.seconds, 6);
  });
  it('stopped at once keeps a sound best', () => {
    const best = shortestNight(tonight(even(30)), { enough: () => true });
    expect(best.outcome.kept).toBeLessThanOrEqual(1.02 * PRACTICES.studio.allows);
  });
});

describe('the kiln', () => {
  const steady = { time: [0, 10 * HOUR], temperature: [500, 500] };
  it('held still takes what it loses: C(T − room)/τ', () => {
    const f = follow(steady, kiln);
    const watts = (kiln.capacity * (500 - kiln.room)) / kiln.coolingTime;
    expect(f.energy / (10 * HOUR)).toBeCloseTo(watts, 3);
    expect(f.above.kelvin).toBe(0);
  });
  it('asked to fall faster than it loses heat follows Newton, and says by how much', () => {
    const f = follow({ time: [0, HOUR], temperature: [500, 100] }, kiln);
    const last = f.curve.temperature.at(-1) ?? NaN;
    expect(last).toBeCloseTo(kiln.room + 480 * Math.exp(-HOUR / kiln.coolingTime), 6);
    expect(f.above.kelvin).toBeCloseTo(last - 100, 6);
    expect(f.energy).toBeLessThan(1);
  });
  it('asked to climb faster than its power is left below', () => {
    const f = follow({ time: [0, 0.25 * HOUR], temperature: [20, 500] }, kiln);
    expect(f.below.kelvin).toBeGreaterThan(300);
    // Full power all the while, less rounding.
    expect(f.energy / (0.25 * HOUR)).toBeCloseTo(kiln.power, -1);
  });
  it('without power for an hour and a half cools as Newton has it, and comes back', () => {
    const f = follow(steady, kiln, [{ kind: 'power off', from: 2 * HOUR, to: 3.5 * HOUR }]);
    const low = Math.min(...f.curve.temperature);
    expect(low).toBeCloseTo(kiln.room + 480 * Math.exp((-1.5 * HOUR) / kiln.coolingTime), 3);
    expect(f.curve.temperature.at(-1)).toBeCloseTo(500, 6);
  });
  it('with the door open a minute at 480 °C loses about 100 K (from memory)', () => {
    const f = follow({ time: [0, HOUR], temperature: [480, 480] }, kiln, [
      { kind: 'door open', from: 600, to: 660 },
    ]);
    const lost = 480 - Math.min(...f.curve.temperature);
    expect(lost).toBeGreaterThan(70);
    expect(lost).toBeLessThan(130);
  });
  it('is learned from a log of its own cooling, noise and all', () => {
    const time = Array.from({ length: 120 }, (_, i) => 300 * i);
    const temperature = time.map((t, i) =>
      t < 3000 ? 510 : 20 + 490 * Math.exp(-(t - 3000) / (5 * HOUR)) + 0.05 * Math.sin(7 * i),
    );
    const learnt = learnCooling({ time, temperature }, 20);
    expect((learnt?.coolingTime ?? 0) / HOUR).toBeCloseTo(5, 1);
    expect(learnt?.misfit).toBeLessThan(0.5);
    expect(learnCooling({ time: [0, 1, 2], temperature: [500, 500, 500] }, 20)).toBeUndefined();
  });
});

describe('recipes', () => {
  it('hours by hand: 505 held 1 h, 55 °C/h to 370, then to 60 at 100', () => {
    const box = { ...STUDIO_BOX, coolingTime: 600 };
    const lines = [
      { to: 505, hold: HOUR },
      { to: 370, rate: 55 / HOUR },
      { to: 60, rate: 100 / HOUR },
    ];
    const hours = 1 + 135 / 55 + 310 / 100;
    expect(recipeTime({ name: '', start: 505, lines }, box) / HOUR).toBeCloseTo(hours, 9);
    const { time, temperature } = recipeCurve({ name: '', start: 505, lines }, box);
    expect(temperature.at(-1)).toBe(60);
    expect([...time].sort((a, b) => a - b)).toEqual(time);
  });
  it.each([
    { lines: [], says: /one line at least/ },
    { lines: [{ to: 5000 }], says: /5000 °C/ },
    { lines: [{ to: 400, rate: 0 }], says: /no speed/ },
    { lines: [{ to: 400, hold: -5 }], says: /holds/ },
    { lines: [{ to: 5, rate: 1 }], says: /below the room/ },
    { lines: Array.from({ length: 501 }, () => ({ to: 400, hold: 1 })), says: /500 lines at most/ },
  ])('what cannot be is told: $says', ({ lines, says }) => {
    const problems = recipeProblems({ name: '', start: 505, lines }, STUDIO_BOX);
    expect(problems.map((p) => p.says).join(' ')).toMatch(says);
  });
  it('of five hundred lines is put through', () => {
    const lines = Array.from({ length: 500 }, (_, i) => ({ to: 505 - 0.8 * (i + 1), rate: 0.02 }));
    const curve = recipeCurve({ name: '', start: 505, lines }, STUDIO_BOX);
    const o = putThrough({ glass: soft, wall: even(6) }, curve);
    expect(o.kept).toBeGreaterThan(0);
  });
});

describe('going up', () => {
  it('is slower for thicker pieces, by the square, and keeps the middle under half the working stress', () => {
    const up = (mm: number) => warming({ glass: soft, wall: even(mm) }, mighty, 20, 505);
    const [a, b] = [up(30), up(60)];
    for (const w of [a, b]) expect(w.outcome.worst.stress).toBeLessThanOrEqual(3.5e6);
    expect(a.outcome.worst.at).toBe('middle');
    expect(a.rate / b.rate).toBeGreaterThan(3);
    expect(a.rate / b.rate).toBeLessThan(5);
  });
});

describe('accidents', () => {
  const input = tonight(stepped(12, 5));
  const planned = fromLastIn(checkedSchedule(input).schedule);
  const soak = checkedSchedule(input).schedule.soak.value;
  it('nothing happened: carry on', () => {
    const judged = judgeCurve(input, planned, planned.time[1] ?? 0);
    expect(judged.verdict.verdict).toBe('good');
    expect(judged.again).toBeUndefined();
  });
  it('the power off while it falls through the range: soaked again from there it is sound', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, kiln, [off]);
    const judged = judgeCurve(input, curve, off.to);
    expect(judged.verdict.verdict).not.toBe('good');
    expect(judged.outcome.kept).toBeGreaterThan(1.02 * PRACTICES.studio.allows);
    expect(judged.again?.kept).toBeLessThan(1.02 * PRACTICES.studio.allows);
    expect(judged.again?.seconds).toBeGreaterThan(soak);
  });
  it('power off during the soak leaves nothing once it is soaked: carry on', () => {
    const { curve } = follow(planned, kiln, [{ kind: 'power off', from: 60, to: 200 }]);
    expect(judgeCurve(input, curve, 200).verdict.verdict).toBe('good');
  });
  it('a load is judged piece by piece, the worst first, and soaked again for all of them', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, kiln, [off]);
    const load = [piece('thin', stepped(4, 3)), piece('thick', input.wall)];
    const judged = judgeCurve(input, curve, off.to, {}, load);
    expect(judged.pieces.map((p) => [p.id, p.verdict.verdict])).toEqual([
      ['thick', judged.verdict.verdict],
      ['thin', 'good'],
    ]);
    expect(judged.pieces[0]?.outcome.kept).toBeCloseTo(judged.outcome.kept, 6);
    expect(judged.again?.kept).toBeLessThan(1.02 * PRACTICES.studio.allows);
  });
  it('a piece worse off than the one that sets the clock is named', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 0.6 * HOUR } as const;
    const { curve } = follow(planned, kiln, [off]);
    expect(judgeCurve(input, curve, off.to).verdict.verdict).not.toBe('no');
    const judged = judgeCurve(input, curve, off.to, {}, [piece('the block', even(90))]);
    expect(judged.verdict.verdict).toBe('no');
    expect(judged.verdict.because).toMatch(/^the block: /);
  });
  it('a programme that would catch up faster than the piece bears is to be stopped while there is time', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, kiln, [off]);
    const judged = judgeCurve(input, curve, off.to);
    expect(judged.outcome.worst.time).toBeGreaterThan(off.to);
    expect(judged.verdict.because).toMatch(/^Left to its programme/);
    expect(judged.again?.passing).toBeLessThan(judged.outcome.worst.stress / 2);
    // What froze in when it fell so fast is there, whatever the climb.
    expect(judged.again?.passing).toBeLessThan(7e6);
    if (judged.verdict.verdict === 'good') throw new Error('it is not good');
    expect(judged.verdict.remedy).toMatch(/Stop the programme now/);
  });
  it('a cold draught on a thick piece is past bearing', () => {
    const thick = tonight(even(60));
    const curve = { time: [0, HOUR, HOUR + 900, 3 * HOUR], temperature: [300, 300, 60, 40] };
    const judged = judgeCurve(thick, curve, HOUR);
    expect(judged.verdict.verdict).toBe('no');
  });
});

describe('logs', () => {
  it.each([
    { what: 'plain', text: 'time,temp_C\n0,500\n60,499\n120,498.5', last: 498.5, rows: 3 },
    {
      what: 'semicolons and commas',
      text: 'Zeit;Temp °C\n0;500,5\n60;499,25',
      last: 499.25,
      rows: 2,
    },
    {
      what: 'clock through midnight',
      text: 'time\ttemp (C)\n23:50\t500\n00:10\t480',
      last: 480,
      rows: 2,
    },
    {
      what: 'dated',
      text: 'date,kiln F\n2026-11-26 22:00,932\n2026-11-26 22:30:00,914',
      last: 490,
      rows: 2,
    },
    { what: 'no head', text: '0,500\n60,490', last: 490, rows: 2 },
    { what: 'minutes', text: 'minutes,celsius\n0,500\n90,400', last: 400, rows: 2 },
  ])('$what', ({ text, last, rows }) => {
    const log = readLog(text);
    if (!log.ok) throw new Error(log.says);
    expect(log.rows).toBe(rows);
    expect(log.curve.temperature[log.curve.temperature.length - 1]).toBeCloseTo(last, 6);
    if (text.startsWith('minutes')) expect(log.curve.time[1]).toBe(90 * 60);
    if (text.includes('23:50')) expect(log.curve.time[1]).toBe(20 * 60);
    if (text.startsWith('date')) expect(log.curve.time[1]).toBe(1800);
  });
  it('in °F with no unit is taken for it, and says so; the user has the last word', () => {
    const text = 'time,temp\n0,950\n60,940';
    const log = readLog(text);
    if (!log.ok) throw new Error(log.says);
    expect(log.unit).toBe('F');
    expect(log.remarks.join(' ')).toContain('does not say its unit');
    expect(log.curve.temperature[0]).toBeCloseTo(510, 6);
    const told = readLog(text, 'C');
    expect(told.ok && told.curve.temperature[0]).toBe(950);
  });
  it('doubled and backward times, unreadable rows and silences are told', () => {
    const log = readLog('t,C\n0,500\n0,501\n60,500\n30,400\nwhat,ever\n9999,300');
    if (!log.ok) throw new Error(log.says);
    const said = log.remarks.join(' ');
    expect(said).toContain('came twice');
    expect(said).toContain('back in time');
    expect(said).toContain('could not be read');
    expect(said).toContain('half an hour');
    expect([...Array.from(log.curve.temperature)]).toEqual([501, 500, 300]);
  });
  it('nothing to read is said', () => {
    expect(readLog('hello').ok).toBe(false);
    expect(readLog('').ok).toBe(false);
  });
  it('of ten megabytes is read and thinned, its extremes kept', () => {
    const rows = Array.from(
      { length: 600_000 },
      (_, i) => `${String(i)},${i === 123_456 ? '777.7' : '500.00'}`,
    );
    const log = readLog(`s,C\n${rows.join('\n')}`);
    if (!log.ok) throw new Error(log.says);
    expect(log.curve.time.length).toBeLessThanOrEqual(4000);
    expect(Math.max(...Array.from(log.curve.temperature))).toBe(777.7);
  });
});

const piece = (id: string, wall: CoolingWall, size = 0.1, glass = soft): LoadPiece => ({
  id,
  name: id,
  glass,
  wall,
  width: size,
  depth: size,
  height: 0.15,
});
const inside = { width: 0.5, depth: 0.5, height: 0.3 };

describe('a load', () => {
  it('pieces stand apart and inside, too tall ones do not', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 3, max: 25 }), fc.integer({ min: 3, max: 25 })), {
          maxLength: 14,
        }),
        (sizes) => {
          const pieces = sizes.map(([w, d], i) => ({
            ...piece(`p${String(i)}`, even(5)),
            width: w / 100,
            depth: d / 100,
          }));
          const { standing, left } = stand(pieces, inside);
          const boxes = standing.map((s) => {
            const p = pieces.find((q) => q.id === s.id);
            const [w, d] = s.turned ? [p?.depth, p?.width] : [p?.width, p?.depth];
            return { x: s.x, y: s.y, w: w ?? 0, d: d ?? 0 };
          });
          const apart = boxes.every((a, i) =>
            boxes.every(
              (b, j) =>
                i >= j ||
                a.x + a.w <= b.x + 1e-9 ||
                b.x + b.w <= a.x + 1e-9 ||
                a.y + a.d <= b.y + 1e-9 ||
                b.y + b.d <= a.y + 1e-9,
            ),
          );
          return (
            apart &&
            boxes.every((b) => b.x + b.w <= 0.5 + 1e-9 && b.y + b.d <= 0.5 + 1e-9) &&
            standing.length + left.length === pieces.length
          );
        },
      ),
      { numRuns: 100 },
    );
    expect(stand([{ ...piece('tall', even(5)), height: 0.4 }], inside).left).toEqual(['tall']);
  });
  const rest = tonight(even(5));
  it('the thickest rules, and leaving it out saves its difference', () => {
    const loaded = loadNight(
      [
        piece('cup', stepped(5, 3)),
        piece('weight', even(60, 'ball')),
        piece('bowl', stepped(8, 4)),
      ],
      rest,
    );
    if (!loaded.ok) throw new Error(loaded.says);
    expect(loaded.night.rules).toBe('weight');
    expect(loaded.night.saves?.then).toBe('bowl');
    expect(loaded.night.saves?.seconds).toBeGreaterThan(2 * HOUR);
    for (const o of loaded.night.outcomes) expect(o.holds).toBe(true);
  });
  it('hard and soft cannot share', () => {
    const loaded = loadNight([piece('cup', even(5)), piece('pipe', even(4), 0.1, hard)], rest);
    expect(loaded.ok).toBe(false);
    if (!loaded.ok) expect(loaded.ids).toEqual(['pipe']);
    expect(loadNight([], rest).ok).toBe(false);
  });
});

describe('a week', () => {
  const DAY = 24 * HOUR;
  const made = (id: string, day: number, due: number, hours: number, size = 0.2): WeekPiece => ({
    ...piece(id, even(5), size),
    ready: day * DAY + 17 * HOUR,
    due: due * DAY + 10 * HOUR,
    nights: [hours * HOUR, hours * HOUR],
  });
  const annealers = [
    { id: 'big', inside, free: 0 },
    { id: 'small', inside: { width: 0.25, depth: 0.25, height: 0.3 }, free: 0 },
  ];
  it('puts everything somewhere once, in boxes it fits, one load at a time', () => {
    const pieces = Array.from({ length: 12 }, (_, i) =>
      made(`p${String(i)}`, i % 4, (i % 4) + 2, i % 5 === 0 ? 30 : 12),
    );
    const week = planWeek(pieces, annealers);
    expect(week.homeless).toEqual([]);
    expect(week.loads.flatMap((l) => l.pieces).sort()).toEqual(pieces.map((p) => p.id).sort());
    for (const a of annealers) {
      const mine = week.loads.filter((l) => l.annealer === a.id);
      mine.slice(1).forEach((l, i) => {
        expect(l.lastIn).toBeGreaterThanOrEqual((mine[i]?.door ?? 0) - 1e-6);
      });
      for (const l of mine) {
        const ids = new Set(l.pieces);
        expect(
          stand(
            pieces.filter((p) => ids.has(p.id)),
            a.inside,
          ).left,
        ).toEqual([]);
        expect(l.lastIn).toBeGreaterThanOrEqual(
          Math.max(...pieces.filter((p) => ids.has(p.id)).map((p) => p.ready)),
        );
      }
    }
    expect(week.late).toEqual([]);
  });
  it('keeps a long piece away from those that are due in the morning', () => {
    const week = planWeek(
      [made('cup', 0, 1, 12), made('weight', 0, 4, 60), made('jug', 0, 1, 12)],
      annealers,
    );
    expect(week.late).toEqual([]);
    const of = (id: string) => week.loads.find((l) => l.pieces.includes(id));
    expect(of('weight')).not.toBe(of('cup'));
  });
  it('takes each annealer’s own night: what is due goes into the one that cools sooner', () => {
    const two = { ...made('cup', 0, 1, 0), nights: [20 * HOUR, 12 * HOUR] };
    const week = planWeek([two], annealers);
    expect(week.loads).toHaveLength(1);
    expect(week.loads[0]?.annealer).toBe('small');
    expect(week.late).toEqual([]);
  });
  it('says what comes late and what fits nowhere', () => {
    const week = planWeek([made('cup', 0, 0, 12), made('door', 0, 5, 12, 0.9)], annealers);
    expect(week.homeless).toEqual(['door']);
    expect(week.late.map((l) => l.id)).toEqual(['cup']);
  });
});

describe('against a general solver of differential equations (mathjs, Runge–Kutta 4(5))', () => {
  it('a 10 mm slab losing heat by radiation and air on a coarse grid', () => {
    const math = create(all as never) as unknown as MathJsInstance & {
      solveODE: (
        f: (t: number, y: number[]) => number[],
        span: [number, number],
        start: number[],
        options: object,
      ) => { t: number[]; y: number[][] };
    };
    const lattice = latticeOf({ body: 'slab', thickness: 0.01 }, 4);
    const heat = soft.density * soft.specificHeat;
    const seconds = 240;
    const derivative = (_: number, y: number[]): number[] =>
      y.map((v, i) => {
        const from = i > 0 ? (lattice.link[i - 1] ?? 0) * ((y[i - 1] ?? 0) - v) : 0;
        const up =
          i < y.length - 1
            ? (lattice.link[i] ?? 0) * ((y[i + 1] ?? 0) - v)
            : (exchangeAt(KILN_EXCHANGE, 60, v) * lattice.skin * (60 - v)) / soft.conductivity;
        return (soft.conductivity * (from + up)) / (heat * (lattice.share[i] ?? 1));
      });
    const start = Array.from({ length: lattice.nodes }, () => 500);
    const solved = math.solveODE(derivative, [0, seconds], start, {
      method: 'RK45',
      tol: 1e-4,
      firstStep: 0.1,
      maxStep: 2,
      maxIter: 1e5,
    });
    const last = solved.y.at(-1) ?? [];
    let [now, next] = [Float64Array.from(start), new Float64Array(lattice.nodes)];
    const scratch = heatScratch(lattice);
    for (let t = 0; t < seconds; t += 0.25) {
      const skin = now[now.length - 1] ?? 0;
      heatStep(lattice, soft, scratch, now, next, 0.25, 60, exchangeAt(KILN_EXCHANGE, 60, skin));
      [now, next] = [next, now];
    }
    last.forEach((v, i) => {
      expect(Math.abs(v - (now[i] ?? NaN)) / (500 - v)).toBeLessThan(0.004);
    });
  });
});
