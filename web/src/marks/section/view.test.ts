// Looking closer keeps the place under the hand, and what is in hand in sight.
import { FITTED, moved, showing, viewed, zoomed } from './view';

const sheet = { axis: 300, table: 500, scale: 3000 };
const size = { width: 600, height: 560 };
/** Where a place of the drawing (m) is on the board, px. */
const at = (view: typeof FITTED, r: number, z: number) => {
  const s = viewed(sheet, view);
  return { x: s.axis - r * s.scale, y: s.table - z * s.scale };
};

it('the place under the pointer stays there, in and out again', () => {
  const place = at(FITTED, 0.04, 0.06);
  let view = FITTED;
  for (const by of [1.3, 1.3, 1.3, 1 / 1.3]) {
    view = zoomed(view, by, place);
    expect(at(view, 0.04, 0.06).x).toBeCloseTo(place.x, 6);
    expect(at(view, 0.04, 0.06).y).toBeCloseTo(place.y, 6);
  }
  expect(view.zoom).toBeCloseTo(1.69, 6);
});

it.each([0.5, 0.9, 1 / 24])('is never smaller than fitted (%p)', (by) => {
  expect(zoomed({ zoom: 1.2, x: -30, y: 10 }, by * 0.8, { x: 100, y: 100 })).toEqual(FITTED);
});

it('fitted it does not move; closer it moves, but not off the board', () => {
  expect(moved(FITTED, 50, 50, size)).toEqual(FITTED);
  const near = zoomed(FITTED, 4, { x: 300, y: 280 });
  expect(moved(near, 10, -5, size)).toEqual({ ...near, x: near.x + 10, y: near.y - 5 });
  const far = moved(near, 1e5, -1e5, size);
  expect(far.x).toBe(300);
  expect(far.y).toBe(280 - 560 * 4);
});

it('brings what is in hand into sight, and leaves alone what is', () => {
  const near = zoomed(FITTED, 6, { x: 300, y: 280 });
  const place = at(near, 0.04, 0.12);
  expect(place.x < 0 || place.y < 0).toBe(true);
  const shown = showing(near, place, size);
  const now = at(shown, 0.04, 0.12);
  expect(now.x).toBeGreaterThanOrEqual(24 - 1e-9);
  expect(now.y).toBeGreaterThanOrEqual(24 - 1e-9);
  expect(showing(shown, now, size)).toBe(shown);
});
