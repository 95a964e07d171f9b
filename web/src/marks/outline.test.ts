// Drawings to paths: the numbers on the screen are the numbers of the form.
import { FORMS, measureShape, startingProfile } from '@zanfirico/core/form';
import { glassPath, halfPath, linePath, toX, toY } from './outline';

const sheet = { axis: 200, table: 500, scale: 2000 };

/** The points of a path of straight lines. */
const pointsOf = (path: string): [number, number][] =>
  [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);

/** Signed area of a closed outline, by the shoelace formula. */
const area = (p: readonly (readonly [number, number])[]): number =>
  p.reduce((sum, [x, y], i) => {
    const [u, v] = p[(i + 1) % p.length] ?? [0, 0];
    return sum + x * v - u * y;
  }, 0) / 2;

describe('paths', () => {
  it('puts a millimetre where it belongs on either side of the axis', () => {
    expect(toX(sheet, 1, 0.05)).toBe(300);
    expect(toX(sheet, -1, 0.05)).toBe(100);
    expect(toY(sheet, 0.1)).toBe(300);
  });

  it.each(FORMS)(
    'a %s: left and right mirror each other, the cut closes round the glass',
    (form) => {
      const reading = measureShape(startingProfile(form), 0.22);
      if (!reading.ok) throw new Error('the starting form should be good');
      const { shape } = reading;
      const left = pointsOf(glassPath(shape, sheet, -1));
      const right = pointsOf(glassPath(shape, sheet, 1));
      expect(left).toHaveLength(right.length);
      left.forEach(([x, y], i) => {
        expect(x + (right[i]?.[0] ?? 0)).toBeCloseTo(2 * sheet.axis, 1);
        expect(y).toBe(right[i]?.[1]);
      });
      // Paths are written to a hundredth of a pixel.
      expect(area(left)).toBeCloseTo(-area(right), -1);
      // The cut drawn is the glass between outside and inside, as large as the form has it.
      const round: (readonly [number, number])[] = [
        ...shape.outer.r.map((r, k) => [r, shape.outer.z[k] ?? NaN] as const),
        ...shape.inner.r.map((r, k) => [r, shape.inner.z[k] ?? NaN] as const).reverse(),
      ];
      const drawn = Math.abs(area(right)) / sheet.scale ** 2;
      expect(drawn / Math.abs(area(round))).toBeCloseTo(1, 2);
      expect(linePath(shape.outer, sheet, 1).startsWith('M')).toBe(true);
      expect(halfPath(shape.outer, sheet, 1).endsWith('Z')).toBe(true);
    },
  );
});
