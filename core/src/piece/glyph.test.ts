// A piece in small: its lines stay where the form is, and are few.
import type { Glass } from '../glass/glass';
import { findGlass } from '../rack/glasses';
import { FORMS, startingParts } from '../form/forms';
import { newBit } from '../form/presets';
import { derive, NO_SHOP } from './derive';
import { GLYPH_UNIT, glyphOf } from './glyph';
import { ORDINARY_FIRING, ORDINARY_MAKING } from './ordinary';
import { shelfFacts } from './shelfFacts';

const glass = findGlass('soft-batch-96') as Glass;
const pieceOf = (form: (typeof FORMS)[number]) => ({
  form,
  way: 'furnace' as const,
  parts: startingParts(form),
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
});

describe('a piece in small', () => {
  it.each(FORMS)('%s: no place of its form is further than a tenth of a millimetre off', (form) => {
    const d = derive(pieceOf(form), glass);
    if (!d.ok) throw new Error('a starting form can be made');
    const glyph = glyphOf(
      d.parts.map((p) => p.shape),
      [],
      d.whole,
    );
    d.parts.forEach(({ shape }, k) => {
      const line = glyph.parts[k]?.outer ?? [];
      const at = (i: number): [number, number] => [
        (line[2 * i] as number) * GLYPH_UNIT,
        (line[2 * i + 1] as number) * GLYPH_UNIT,
      ];
      expect(line.length / 2).toBeLessThan(shape.outer.r.length);
      shape.outer.r.forEach((r, i) => {
        const z = shape.outer.z[i] as number;
        let nearest = Infinity;
        for (let j = 1; j < line.length / 2; j += 1) {
          const [[ax, az], [bx, bz]] = [at(j - 1), at(j)];
          const square = (bx - ax) ** 2 + (bz - az) ** 2 || 1;
          const s = Math.min(
            1,
            Math.max(0, ((r - ax) * (bx - ax) + (z - az) * (bz - az)) / square),
          );
          nearest = Math.min(nearest, Math.hypot(ax + s * (bx - ax) - r, az + s * (bz - az) - z));
        }
        expect(nearest).toBeLessThan(1.6e-4);
      });
    });
    expect(glyph.height).toBeCloseTo(d.whole.height, 3);
  });

  it('bits come with their copies; a thread as its middle and how wide it is', () => {
    const wrap = newBit('wrap', { height: 0.05, radius: 0.03, tall: 0.1 });
    const glyph = glyphOf([], [wrap], { lowest: 0, height: 0.1, widest: 0.04 });
    expect(glyph.bits.length).toBeGreaterThan(1);
    expect(glyph.bits[0]?.width).toBeGreaterThan(0);
    expect(glyph.bits.some((b) => b.behind)).toBe(true);
  });
});

describe('what the shelf says', () => {
  it('is what the piece itself says', () => {
    const piece = pieceOf('bowl');
    const d = derive(piece, glass);
    const facts = shelfFacts(piece, glass, NO_SHOP);
    if (!d.ok || !facts.ok) throw new Error('a bowl can be made');
    expect(facts.mass).toBe(d.readings.mass.value);
    expect(facts.gathers).toBe(d.gathers?.gathers.length);
    expect(facts.night).toEqual(d.night);
  });
  it('of a drawing that cannot be made is that it has to be mended', () => {
    const piece = { ...pieceOf('bowl'), parts: [{ profile: [] }] };
    expect(shelfFacts(piece, glass, NO_SHOP)).toEqual({ ok: false, glassName: glass.name });
  });
});
