// The bench's time: it goes on by the second, over midnight and a clock set back, and has the time a sleeping machine missed.
import * as fc from 'fast-check';
import { steadyTime } from './steadyTime';

const MIDNIGHT = Date.UTC(2027, 2, 28, 0, 0, 0);

/** Two clocks one moves by hand. */
function hands(wall: number) {
  const at = { wall, steady: 5000 };
  return {
    clocks: { wall: () => at.wall, steady: () => at.steady },
    pass: (ms: number) => {
      at.wall += ms;
      at.steady += ms;
    },
    setWall: (by: number) => {
      at.wall += by;
    },
  };
}

it('goes on over midnight', () => {
  const { clocks, pass } = hands(MIDNIGHT - 1000);
  const now = steadyTime(clocks);
  pass(2500);
  expect(now()).toBe(MIDNIGHT + 1500);
});

it('a machine that slept three minutes is three minutes on', () => {
  const { clocks, pass, setWall } = hands(MIDNIGHT);
  const now = steadyTime(clocks);
  pass(1000);
  setWall(180_000);
  expect(now()).toBe(MIDNIGHT + 181_000);
  pass(1000);
  expect(now()).toBe(MIDNIGHT + 182_000);
});

it('a clock set back an hour changes nothing', () => {
  const { clocks, pass, setWall } = hands(MIDNIGHT);
  const now = steadyTime(clocks);
  pass(1000);
  setWall(-3_600_000);
  expect(now()).toBe(MIDNIGHT + 1000);
  pass(500);
  expect(now()).toBe(MIDNIGHT + 1500);
});

it('never goes back, whatever is done to the wall’s clock', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(5000), fc.integer({ min: -1e7, max: 1e7 })), { maxLength: 30 }),
      (moves) => {
        const { clocks, pass, setWall } = hands(MIDNIGHT);
        const now = steadyTime(clocks);
        let last = now();
        for (const [by, set] of moves) {
          pass(by);
          setWall(set);
          const t = now();
          expect(t).toBeGreaterThanOrEqual(last + by - 1e-6);
          last = t;
        }
      },
    ),
  );
});
