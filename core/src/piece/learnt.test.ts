// A shop that has learnt how it makes what it draws: the night and the gathers are for what it makes, everything else stays as drawn.
import type { Glass } from '../glass/glass';
import { SHIPPED_RACK } from '../rack/rack';
import { startingParts } from '../form/forms';
import { STUDIO_FIRES, surroundings } from '../iron/surroundings';
import { derive, NO_SHOP, type Derived, type ShopFacts } from './derive';
import { piecesFires } from './fires';
import { madeIn } from './shopFacts';
import { pieceOf } from './shop.fixture';

const soft = SHIPPED_RACK.glass('soft-batch-96') as Glass;
function derived(made: NonNullable<ShopFacts['made']>): Extract<Derived, { ok: true }> {
  const d = derive(pieceOf('tumbler', soft.id, startingParts('tumbler')), soft, {
    ...NO_SHOP,
    made,
  });
  if (!d.ok) throw new Error('cannot be made');
  return d;
}
const drawn = derived({});
const thicker = derived({ wall: 1.1 });
const heavier = derived({ weight: 1.06 });

it('the night is for walls a tenth thicker; the piece, its gathers and its figures are as drawn', () => {
  const share = thicker.night.wall.thickest / drawn.night.wall.thickest;
  expect(share).toBeGreaterThan(1.05);
  expect(share).toBeLessThan(1.15);
  expect(thicker.whole).toEqual(drawn.whole);
  expect(thicker.gathers?.count.value).toBe(drawn.gathers?.count.value);
  const walls = (d: typeof drawn): number => d.night.drawn?.section.bodies.length ?? 0;
  expect(walls(thicker)).toBe(walls(drawn));
  expect(thicker.night.drawn?.section).not.toEqual(drawn.night.drawn?.section);
});

it('six per cent more is gathered; the night and the piece are as drawn', () => {
  expect((heavier.gathers?.toGather.value ?? 0) / (drawn.gathers?.toGather.value ?? 1)).toBeCloseTo(
    1.06,
    6,
  );
  expect(heavier.night).toEqual(drawn.night);
  expect(heavier.whole.mass).toBe(drawn.whole.mass);
});

it('walls that cannot be so thick are planned as drawn', () => {
  expect(derived({ wall: 40 }).night).toEqual(drawn.night);
});

it('a shop that has learnt nothing, or left it out, plans as drawn', () => {
  expect(madeIn(undefined)).toEqual({ wall: undefined, weight: undefined });
  expect(derived(madeIn({ learnt: {} })).night).toEqual(drawn.night);
});

it('what a bench and a hole exchange goes with the fires to every place of them, and nowhere else', () => {
  const { fires } = piecesFires(soft, 1150, { height: 0.1, across: 0.08 }, undefined, {
    bench: 1.2,
    hole: 0.9,
  });
  expect(surroundings('bench', fires).by).toBe(1.2);
  expect(surroundings('tools', fires).by).toBe(1.2);
  expect(surroundings('glory hole', fires).by).toBe(0.9);
  for (const place of ['garage', 'furnace mouth', 'annealer', 'flame'] as const)
    expect(surroundings(place, fires).by).toBeUndefined();
  expect(surroundings('bench', STUDIO_FIRES).by).toBeUndefined();
});
