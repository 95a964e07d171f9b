// Handles on one another: drawn apart, and a click on the one in hand goes to the next beneath.
import * as fc from 'fast-check';
import { apart, nextUnder, HANDLE_ROOM } from './apart';

it('leaves alone what has room', () => {
  const places = [
    { x: 0, y: 0 },
    { x: HANDLE_ROOM, y: 0 },
    { x: 0, y: 40 },
  ];
  expect(apart(places)).toEqual(places);
});

it('pushes two apart as far as they need, each as much', () => {
  const [a, b] = apart([
    { x: 100, y: 100 },
    { x: 106, y: 100 },
  ]);
  expect((b?.x ?? 0) - (a?.x ?? 0)).toBeCloseTo(HANDLE_ROOM, 1);
  expect(((a?.x ?? 0) + (b?.x ?? 0)) / 2).toBeCloseTo(103, 6);
});

it('never leaves a few of them on one another, even on the same place', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({ x: fc.integer({ min: 0, max: 30 }), y: fc.integer({ min: 0, max: 30 }) }),
        { minLength: 2, maxLength: 3 },
      ),
      (places) => {
        const at = apart(places);
        return at.every((a, i) =>
          at.every((b, k) => i >= k || Math.hypot(a.x - b.x, a.y - b.y) > HANDLE_ROOM * 0.6),
        );
      },
    ),
  );
});

it('goes round those that lie together, and stays where one lies alone', () => {
  const places = [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 8, y: 3 },
    { x: 200, y: 0 },
  ];
  expect([0, 1, 2, 3].map((i) => nextUnder(places, i))).toEqual([1, 2, 0, 3]);
});
