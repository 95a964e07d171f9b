// The braid's geometry: strands are there while there is glass, dip into fires, level in the garage, and come together where joined.
import type { WorkStep } from '@zanfirico/core/work';
import { clockText, LANE, strandsOf, TOP, type Strand } from './strands';
import { numbersThatFit } from './StepMark';

let n = 0;
const step = (
  kind: WorkStep['kind'],
  part: number,
  seconds: number,
  more: Partial<WorkStep> = {},
) => {
  n += 1;
  return { id: String(n), kind, part, seconds, ...more };
};
const inTurn = (steps: readonly WorkStep[]): number[] => {
  let clock = 0;
  return steps.map((s) => {
    const start = clock;
    clock += s.seconds;
    return start;
  });
};
const laneOf = (count: number, part: number): number => TOP + LANE * (count - 1 - part) + LANE / 2;
const lay = (count: number, steps: readonly WorkStep[]): Strand[] =>
  strandsOf(
    count,
    steps,
    inTurn(steps),
    steps.reduce((sum, s) => sum + s.seconds, 0),
  );

describe('a strand', () => {
  it('is there from its gather to its last step; warming the iron is none of it', () => {
    const [only] = lay(1, [
      step('warmIron', 0, 90),
      step('gather', 0, 12),
      step('blow', 0, 20),
      step('box', 0, 10),
    ]);
    expect(only).toMatchObject({ part: 0, from: 90, to: 132 });
  });
  it('of a part nobody works is nowhere', () => {
    const [, idle] = lay(2, [step('gather', 0, 12)]);
    expect(idle?.from).toBe(Infinity);
    expect(idle?.to).toBe(-Infinity);
  });
  it('runs level in its own lane, the first part lowest, and dips while it is in the fire', () => {
    const steps = [
      step('gather', 0, 12),
      step('marver', 0, 60),
      step('reheat', 0, 60),
      step('blow', 0, 60),
    ];
    const [s] = lay(2, steps);
    if (!s) throw new Error('a strand');
    expect(s.y(45)).toBeCloseTo(laneOf(2, 0), 6);
    expect(s.y(102)).toBeGreaterThan(laneOf(2, 0) + 20);
    expect(s.y(170)).toBeCloseTo(laneOf(2, 0), 6);
  });
  it('rises in the garage, where it is told to wait; left there it waits to the end', () => {
    const steps = [
      step('bit', 1, 25),
      step('garage', 1, 8),
      step('gather', 0, 100),
      step('fetch', 1, 12),
      step('shapeBit', 1, 20),
      step('garage', 1, 8),
      step('blow', 0, 50),
    ];
    const [, s] = lay(2, steps);
    expect(s?.waits).toEqual([
      [33, 133],
      [173, 223],
    ]);
    expect(s?.y(80)).toBeLessThan(laneOf(2, 1) - 15);
  });
  it('comes to the part it is joined to, and twists about it from there', () => {
    const steps = [
      step('gather', 0, 12),
      step('bit', 1, 25),
      step('attach', 1, 12, { to: 0 }),
      step('open', 0, 200),
    ];
    const [bowl, foot] = lay(2, steps);
    if (!bowl || !foot) throw new Error('two strands');
    expect(foot.joins).toEqual([{ at: 49, to: 0 }]);
    expect(foot.y(20)).toBeLessThan(laneOf(2, 0) - LANE / 2);
    const apart = (t: number): number => Math.abs(foot.y(t) - bowl.y(t));
    for (let t = 60; t < 240; t += 1) expect(apart(t)).toBeLessThanOrEqual(16);
    // They cross: now one is above, now the other.
    const signs = new Set(
      Array.from({ length: 180 }, (_, k) => Math.sign(foot.y(60 + k) - bowl.y(60 + k))),
    );
    expect(signs).toEqual(new Set([1, -1]));
  });
  it('never jumps: a tenth of a second moves it by less than three pixels', () => {
    const steps = [
      step('gather', 0, 12),
      step('reheat', 0, 30),
      step('bit', 1, 25),
      step('garage', 1, 8),
      step('marver', 0, 40),
      step('fetch', 1, 12),
      step('attach', 1, 12, { to: 0 }),
      step('reheat', 0, 30),
      step('box', 0, 10),
    ];
    for (const s of lay(2, steps))
      for (let t = s.from; t < s.to; t += 0.1)
        expect(Math.abs(s.y(t + 0.1) - s.y(t))).toBeLessThan(3);
  });
  it('takes steps of parts that are not there, and joins to nothing, without falling over', () => {
    expect(lay(1, [step('gather', 5, 10), step('attach', 0, 10, { to: 9 })])[0]?.joins).toEqual([]);
  });
});

describe('numbers of steps', () => {
  it('never run into one another; the longest is always told', () => {
    const steps = [2, 3, 40, 2, 2, 5, 60].map((s) => step('marver', 0, s));
    const starts = inTurn(steps);
    const x = (t: number): number => 2 * t;
    const fit = [...numbersThatFit(steps, starts, x)].sort((a, b) => a - b);
    expect(fit).toContain(6);
    const places = fit.map((i) => x((starts[i] ?? 0) + (steps[i]?.seconds ?? 0) / 2));
    places.slice(1).forEach((p, k) => {
      expect(p - (places[k] ?? 0)).toBeGreaterThanOrEqual(18);
    });
  });
  it('all fit where there is room', () => {
    const steps = [30, 30, 30].map((s) => step('marver', 0, s));
    expect(numbersThatFit(steps, inTurn(steps), (t) => t).size).toBe(3);
  });
});

describe('the clock of the work', () => {
  it.each([
    [0, '0:00'],
    [65, '1:05'],
    [59.6, '1:00'],
    [3600, '1:00:00'],
    [3725, '1:02:05'],
  ])('%p s is %s', (s, text) => {
    expect(clockText(s)).toBe(text);
  });
});
