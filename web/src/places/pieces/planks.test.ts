// Which pieces stand on which plank.
import type { OnShelf } from '../../api/queries';
import { planks, roomOf } from './planks';

const piece = (id: string, widest?: number): OnShelf => ({
  id,
  revision: 1,
  savedAt: '',
  name: id,
  tags: [],
  facts:
    widest === undefined ? { ok: false } : ({ ok: true, glyph: { widest } } as OnShelf['facts']),
});

describe('planks', () => {
  it('give each piece its own width and some beside it, or room for its words', () => {
    expect(roomOf(piece('bowl', 0.1), 1000, 900)).toBe(270);
    expect(roomOf(piece('stem', 0.01), 1000, 900)).toBe(200);
    expect(roomOf(piece('broken'), 1000, 900)).toBe(200);
    expect(roomOf(piece('plate', 0.9), 1000, 900)).toBe(900);
  });

  it('are filled in order; none is overfull while it holds more than one piece', () => {
    const pieces = [0.1, 0.1, 0.2, 0.05, 0.4, 0.02].map((w, i) => piece(String(i), w));
    const rows = planks(pieces, 1000, 900);
    expect(rows.flat()).toEqual(pieces);
    expect(rows.map((r) => r.map((p) => p.id))).toEqual([['0', '1'], ['2', '3'], ['4'], ['5']]);
    expect(planks([], 1000, 900)).toEqual([]);
    // Before the page has a width each has a plank of its own.
    expect(planks(pieces, 1000, 0)).toHaveLength(6);
  });
});
