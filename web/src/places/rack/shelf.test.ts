// What is shown of the rack, and in what order.
import type { OverlayFit } from '@zanfirico/core/fit';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { ANY, shelf, type RackWanted } from './shelf';

const ids = (wanted: Partial<RackWanted>, fits?: ReadonlyMap<string, OverlayFit>): string[] =>
  shelf(SHIPPED_RACK.lines, 'colour', { ...ANY, ...wanted }, fits).map((l) => l.entry.id);

const fit = (id: string, verdict: OverlayFit['verdict'], tension: number): [string, OverlayFit] => [
  id,
  {
    id,
    as: verdict ? 'layer' : 'leaf',
    verdict,
    byNumber: verdict,
    tension,
    colour: 'pulled',
    reacts: false,
    tested: false,
  },
];

describe('the shelf', () => {
  it('is in order of name, and finds by name, metal, form and look together', () => {
    const all = ids({});
    expect(all.indexOf('bottle-shore')).toBeLessThan(all.indexOf('tar'));
    expect(ids({ text: 'deep bar' })).toEqual(['deep-water']);
    expect(ids({ text: 'pb opaque' })).toEqual(['tide-green']);
    expect(ids({ family: 'hard' }).every((id) => id.startsWith('hard-'))).toBe(true);
    expect(ids({ text: 'moonstone' })).toEqual([]);
  });

  it('in order of fit has the best first, the unjudged last; “only what holds” leaves the rest out', () => {
    const fits = new Map([
      fit('chalk', 'no', 9e6),
      fit('kelp', 'good', 2e6),
      fit('tar', 'good', 1e6),
      fit('silver', undefined, 0),
    ]);
    expect(ids({ order: 'fit' }, fits).slice(0, 3)).toEqual(['tar', 'kelp', 'chalk']);
    expect(ids({ holdsOnly: true }, fits)).toEqual(['kelp', 'tar']);
  });

  it('in order of number rises', () => {
    const points = shelf(SHIPPED_RACK.lines, 'colour', { ...ANY, order: 'number' }).map(
      (l) => l.spoken.expansion.value,
    );
    expect(points).toEqual([...points].sort((a, b) => a - b));
  });
});
