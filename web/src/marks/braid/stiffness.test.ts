// Heat told without colour: the stiffer the glass, the closer the marks.
import { bandSpans, consistency, fitVft, logViscosity } from '@zanfirico/core/glass';
import { findGlass } from '@zanfirico/core/rack';
import { bandAt, marksAlong, MARKS } from './stiffness';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('shipped');
const vft = fitVft(glass);
const spans = bandSpans(vft);

it('bands by temperature are the bands by viscosity', () => {
  for (let t = 300; t < 1300; t += 7)
    expect([t, bandAt(spans, t)]).toEqual([t, consistency(logViscosity(vft, t))]);
});

it('marks grow closer as the glass grows stiffer, and stop where there is none', () => {
  const gaps = ['soft', 'workable', 'stiff', 'set', 'brittle'].map((b) => MARKS[b as 'soft']);
  expect(gaps).toEqual([...gaps].sort((a, b) => b - a));
  const along = (t: number) => marksAlong(100, () => t, spans).length;
  const at = spans.map((s) => (s.from === -Infinity ? 300 : s.from + 5));
  expect(at.map(along)).toEqual([0, 3, 6, 11, 20, 33]);
  expect(marksAlong(100, (x) => (x < 50 ? 300 : NaN), spans).every((x) => x < 50)).toBe(true);
});
