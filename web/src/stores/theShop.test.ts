// The shop in the page: kept at once, put right by the server, and what it adds to a piece's plan.
import type { KeptWeighIn, SavedShop, ShopDocument } from '@zanfirico/contract';
import { findGlass, ORDINARY_SHOP, SHIPPED_RACK, STUDIO_BOX } from '@zanfirico/core';
import { ANYBODY, learnedBy, ofHand, shopFacts, useShop } from './theShop';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');
const document: ShopDocument = { format: 'zanfirico.shop', version: 1, ...ORDINARY_SHOP };
const shop: SavedShop = { revision: 3, savedAt: 'then', document } as SavedShop;
const weighIn = (more: Partial<KeptWeighIn> = {}): KeptWeighIn => ({
  id: 1,
  at: '2026-11-26',
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

/** A server with one shop, which refuses what was made on another revision than its own. */
function server() {
  const asked: string[] = [];
  let held: SavedShop = shop;
  globalThis.fetch = (url, init) => {
    const method = init?.method ?? 'GET';
    asked.push(`${method} ${url as string}`);
    const answer = (status: number, body: unknown): Promise<Response> =>
      Promise.resolve(new Response(JSON.stringify(body), { status }));
    if (method === 'GET') return answer(200, (url as string).includes('weigh') ? [] : held);
    const sent = JSON.parse(init?.body as string) as {
      baseRevision: number;
      document: ShopDocument;
    };
    if (sent.baseRevision !== held.revision)
      return answer(409, { error: 'Somebody changed the shop.' });
    held = { ...held, revision: held.revision + 1, document: sent.document };
    return answer(200, held);
  };
  return {
    asked,
    held: () => held,
    /** Somebody else saves first. */
    meanwhile: () => {
      held = { ...held, revision: held.revision + 1 };
    },
  };
}

describe('the shop in the page', () => {
  const named = (): string | undefined => useShop.getState().shop?.document.annealers[0]?.name;
  const renamed: ShopDocument = {
    ...document,
    annealers: [{ name: 'the new box', width: 0.5, depth: 0.5, height: 0.5, unevenness: 4 }],
  };
  beforeEach(async () => {
    server();
    await useShop.getState().load();
  });
  it('shows a change at once and takes the server’s revision', async () => {
    const keeping = useShop.getState().save(renamed);
    expect(named()).toBe('the new box');
    await keeping;
    expect(useShop.getState().shop?.revision).toBe(4);
  });
  it('two quick changes are kept one after the other: nobody is refused by himself', async () => {
    const { held } = server();
    const again: ShopDocument = { ...renamed, blocks: [0.1] };
    const both = [useShop.getState().save(renamed), useShop.getState().save(again)];
    expect(useShop.getState().shop?.document).toEqual(again);
    await Promise.all(both);
    expect(held()).toMatchObject({ revision: 5, document: again });
    expect(useShop.getState().shop).toMatchObject({ revision: 5, document: again });
  });
  it('what was still to be kept when one was refused goes with it, and nothing of others is written over', async () => {
    const { held, meanwhile } = server();
    meanwhile();
    const both = [
      useShop.getState().save(renamed),
      useShop.getState().save({ ...renamed, blocks: [0.1] }),
    ];
    const ended = await Promise.allSettled(both);
    expect(ended.map((e) => e.status)).toEqual(['rejected', 'rejected']);
    expect(held()).toMatchObject({ revision: 4, document });
    expect(useShop.getState().shop?.document).toEqual(document);
    // What is changed from there is kept again.
    await useShop.getState().save(renamed);
    expect(held().document).toEqual(renamed);
  });
  it('asked for twice at once it is fetched once', async () => {
    const { asked } = server();
    await Promise.all([useShop.getState().load(), useShop.getState().load()]);
    expect(asked).toHaveLength(2);
  });
  it('refused, it shows what the server holds, and says why', async () => {
    server().meanwhile();
    await expect(useShop.getState().save(renamed)).rejects.toThrow('Somebody changed the shop.');
    expect(named()).toBe(document.annealers[0]?.name);
  });
  it('asks nothing while there is no shop', async () => {
    const { asked } = server();
    useShop.setState({ shop: undefined });
    await useShop.getState().save(renamed);
    expect(asked).toEqual([]);
  });
});

describe('what it adds to a plan', () => {
  it('one hand on one iron has its own log', () => {
    const log = [
      weighIn(),
      weighIn({ id: 2, person: 'second' }),
      weighIn({ id: 3, ironDiameter: 0.0318 }),
      weighIn({ id: 4, ironDiameter: 0.0256 }),
    ];
    expect(ofHand(log, ANYBODY, 0.0254).map((e) => e.id)).toEqual([1, 4]);
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
  it('an annealer by its name, a studio box’s figures for what is not typed', () => {
    const facts = shopFacts(
      {
        ...shop,
        document: {
          ...document,
          annealers: [{ name: 'big', width: 1, depth: 1, height: 1, power: 9000 }],
        },
      },
      [],
      ANYBODY,
      glass,
      SHIPPED_RACK,
    );
    expect(facts.annealer('big')).toEqual({ ...STUDIO_BOX, power: 9000 });
    expect(facts.annealer('gone')).toBeUndefined();
    expect(facts.blocks).toEqual(ORDINARY_SHOP.blocks);
  });
  it('no shop: nothing learned, no annealer', () => {
    const facts = shopFacts(undefined, [weighIn()], ANYBODY, glass, SHIPPED_RACK);
    expect(facts.layerFactor(0.0254)).toBe(1);
    expect(facts.annealer('big')).toBeUndefined();
  });
});
