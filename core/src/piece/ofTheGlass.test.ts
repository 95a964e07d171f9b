// Pot, fire and stock belong to the glass: what a piece starts with suits what it is made of. Common practice, no source.
import { FORMS, startingParts } from '../form/forms';
import { potFor } from '../iron/surroundings';
import { SHIPPED_RACK } from '../rack/rack';
import { draftWork } from '../order/draftWork';
import { checkOrder } from '../order/rules';
import { derive } from './derive';
import { glassOf, outline, pieceOf } from './shop.fixture';
import { ruleParts, workOf } from './workPlan';

const read = (piece: ReturnType<typeof pieceOf>) => {
  const d = derive(piece, glassOf(piece.glass));
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d;
};

describe('the pot', () => {
  it('of lead crystal is cooler than of soft batch, so that a bowl takes as many gathers', () => {
    expect(potFor(glassOf('lead-crystal-91'))).toBeLessThan(potFor(glassOf('soft-batch-96')) - 50);
    const gathers = (glass: string): number =>
      read(pieceOf('bowl', glass, startingParts('bowl'))).gathers?.gathers.length ?? NaN;
    expect(Math.abs(gathers('lead-crystal-91') - gathers('soft-batch-96'))).toBeLessThanOrEqual(1);
  });
});

describe('what a glass is sold as', () => {
  it.each([
    ['soft-batch-96', ['pot', 'rod']],
    ['soft-rod-104', ['rod', 'tubing']],
    ['borosilicate-33', ['rod', 'tubing']],
    ['kiln-sheet-90', ['sheet']],
  ])('%s', (id, forms) => {
    expect(SHIPPED_RACK.line(id)?.entry.forms).toEqual(forms);
  });
});

describe('soft glass at the torch', () => {
  it.each(FORMS)('a %s is warmed before the flame: rod and tube never go in cold', (form) => {
    const piece = { ...pieceOf(form, 'soft-rod-104', startingParts(form)), way: 'torch' as const };
    const d = read(piece);
    const { draft } = workOf(piece, d, d.main.index);
    const steps = draftWork(draft);
    const found = checkOrder({
      way: 'torch',
      steps,
      parts: ruleParts(d.parts, 0.019),
      main: d.main.index,
      skills: undefined,
    });
    expect(found.filter((f) => f.rule === 'soft-rod-warm')).toEqual([]);
    expect(steps.some((s) => s.kind === 'warmRod')).toBe(true);
  });
  it('hard glass stands going in cold: nothing is put before its points', () => {
    const piece = pieceOf('bottle', 'borosilicate-33', startingParts('bottle'));
    const d = read(piece);
    const kinds = draftWork(workOf(piece, d, d.main.index).draft).map((s) => s.kind);
    expect(kinds).not.toContain('warmRod');
  });
});

describe('the rod a solid starts from', () => {
  const hard = (radius: number, tall: number) =>
    read(
      pieceOf('solid', 'borosilicate-33', [
        {
          name: 'weight',
          work: 'solid',
          profile: outline([0, 0, 3], [0, radius, 3, true], [tall, radius, 3, true], [tall, 0, 3]),
        },
      ]),
    ).parts[0]?.stock;
  it.each([
    [6, 40, 0.01],
    [15, 60, 0.02],
    [27, 80, 0.03],
  ])('of %f × %f mm is one nobody needs metres of', (radius, tall, diameter) => {
    const stock = hard(radius, tall);
    expect(stock?.stock.diameter).toBeGreaterThanOrEqual(diameter);
    expect(stock?.length.value).toBeLessThan(0.35);
    // Whatever the rod, it holds the same glass.
    const d = stock?.stock.diameter ?? 0;
    const volume = Math.PI * (radius / 1e3) ** 2 * (tall / 1e3) * 1.15;
    expect(((Math.PI / 4) * d * d * (stock?.length.value ?? 0)) / volume).toBeCloseTo(1, 2);
  });
});
