// What a shop and its scale add to a piece's plan.
import { STUDIO_BOX } from '../night/box';
import { findGlass } from '../rack/glasses';
import { ORDINARY_SHOP } from './ordinary';
import { SHIPPED_RACK } from '../rack/rack';
import { ANYBODY, learnedBy, ofHand, shopFacts, type Weighed } from './shopFacts';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');
const weighIn = (more: Partial<Weighed> & { readonly id?: number } = {}) => ({
  id: 1,
  counts: true,
  person: ANYBODY,
  glass: 'soft-batch-96',
  ironDiameter: 0.0254,
  depth: 0.07,
  planned: 0.4,
  got: 0.48,
  factor: 1,
  ...more,
});

describe('what a shop adds to a plan', () => {
  it('one hand on one iron has its own log', () => {
    const log = [
      weighIn(),
      weighIn({ id: 2, person: 'second' }),
      weighIn({ id: 3, ironDiameter: 0.0318 }),
      weighIn({ id: 4, ironDiameter: 0.0256 }),
    ];
    expect(ofHand(log, ANYBODY, 0.0254, glass).map((e) => e.id)).toEqual([1, 4]);
  });
  it('who keeps getting more than planned plans more; what was reset counts no more', () => {
    const log = [1, 2, 3, 4].map((id) => weighIn({ id }));
    expect(learnedBy(log, ANYBODY, 0.0254, glass).factor).toBeGreaterThan(1);
    expect(
      learnedBy(
        log.map((e) => ({ ...e, counts: false })),
        ANYBODY,
        0.0254,
        glass,
      ).factor,
    ).toBe(1);
  });
  it('teaches the glass, the iron and the person they were made with, and no other', () => {
    const log = [1, 2, 3, 4].map((id) => weighIn({ id }));
    const facts = shopFacts(ORDINARY_SHOP, log, ANYBODY, SHIPPED_RACK);
    const lead = findGlass('lead-crystal-91');
    if (!lead) throw new Error('the rack has lost its lead');
    expect(facts.layerFactor(0.0254, glass)).toBeGreaterThan(1);
    expect(facts.layerFactor(0.0254, lead)).toBe(1);
    expect(facts.layerFactor(0.0318, glass)).toBe(1);
    expect(shopFacts(ORDINARY_SHOP, log, 'second', SHIPPED_RACK).layerFactor(0.0254, glass)).toBe(
      1,
    );
  });
  it('an annealer by its name, a studio box’s figures for what is not typed', () => {
    const facts = shopFacts(
      { ...ORDINARY_SHOP, annealers: [{ name: 'big', power: 9000 }], potDepth: 0.2 },
      [],
      ANYBODY,
      SHIPPED_RACK,
    );
    expect(facts.annealer('big')).toEqual({ ...STUDIO_BOX, power: 9000 });
    expect(facts.annealer('gone')).toBeUndefined();
    expect(facts.blocks).toEqual(ORDINARY_SHOP.blocks);
    expect(facts.potDepth).toBe(0.2);
  });
  it('no shop: nothing learned, no annealer', () => {
    const facts = shopFacts(undefined, [weighIn()], ANYBODY, SHIPPED_RACK);
    expect(facts.layerFactor(0.0254, glass)).toBe(1);
    expect(facts.annealer('big')).toBeUndefined();
  });
});
