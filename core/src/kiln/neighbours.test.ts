// What lies on and beside what, by both schools.
import type { Laid } from '@zanfirico/contract/kiln';
import { SHIPPED_RACK as RACK } from '../rack/rack';
import { fromAbove } from './laid';
import { meetings } from './neighbours';

const of = (id: string | undefined) => RACK.colour(id ?? 'kiln-sheet-90');
const sheet = (id: string, change: Partial<Laid> = {}): Laid => ({
  id,
  as: 'sheet',
  thickness: 0.003,
  shape: { kind: 'rect', width: 0.1, deep: 0.1 },
  x: 0,
  y: 0,
  turn: 0,
  ...change,
});
const judged = (...laid: Laid[]) => meetings(laid, fromAbove(laid), of, { tolerance: 2e-7 });

it('one glass on itself meets nobody', () => {
  expect(judged(sheet('a'), sheet('b'))).toEqual([]);
});

it('ninety under ninety-five, three and three, is too much by either school; as a grain of powder the sheet hardly feels it', () => {
  const [thick] = judged(sheet('a'), sheet('b', { of: 'deep-water' }));
  expect(thick).toMatchObject({ how: 'stacked', thick: [0.003, 0.003] });
  expect(thick?.fit.byNumber.verdict).toBe('no');
  // Two layers alike: Eα-difference times the fall over two (1 − ν), bent with it: some 10 MPa.
  expect(thick?.fit.tension).toBeGreaterThan(5e6);
  expect(thick?.fit.byStress.verdict).toBe('no');
});

it('what lies beside one another is found by its side, once, with its place', () => {
  const found = judged(
    sheet('a', { x: -0.05 }),
    sheet('b', { x: 0.05, of: 'kelp' }),
    sheet('c', { x: 0.05, y: 0.2, of: 'kelp' }),
  );
  expect(found.map((m) => m.how)).toEqual(['beside']);
  expect(Math.abs(found[0]?.at.x ?? 1)).toBeLessThan(0.002);
});

it('soft and hard in one stack is refused, whatever the thickness', () => {
  const [worst] = judged(sheet('a'), sheet('b', { of: 'borosilicate-33' }));
  expect(worst?.fit.verdict.verdict).toBe('no');
  expect(worst?.fit.verdict.because).toMatch(/never join/);
});

it('float beside kiln sheet has the same number, and is told for softening later', () => {
  const [pair] = judged(sheet('a', { x: -0.05 }), sheet('b', { x: 0.05, of: 'float-90' }));
  expect(pair?.fit.byNumber.verdict).toBe('good');
  expect(pair?.softens).toMatch(/35 K later/);
});

it('sulphur beside copper darkens, and is told', () => {
  const [pair] = judged(sheet('a', { of: 'peat' }), sheet('b', { of: 'kelp' }));
  expect(pair?.reacts).toMatch(/darken/);
});

it('what the rack does not have is told by its id', () => {
  expect(() => judged(sheet('a'), sheet('b', { of: 'gone' }))).toThrow(/"gone"/);
});
