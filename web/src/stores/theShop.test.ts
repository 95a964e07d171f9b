// The shop in the page: kept at once, and put right by the server.
import type { SavedShop } from '@zanfirico/contract';
import type { ShopDocument } from '@zanfirico/contract/shop';
import { ORDINARY_SHOP } from '@zanfirico/core/piece';
import { useShop } from './theShop';

const document: ShopDocument = { format: 'zanfirico.shop', version: 1, ...ORDINARY_SHOP };
const shop: SavedShop = { revision: 3, savedAt: 'then', document } as SavedShop;

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
  it('a change made while the shop is being fetched again stays: what was read before it is older', async () => {
    const { held } = server();
    const fetched = useShop.getState().load();
    const keeping = useShop.getState().save(renamed);
    await Promise.all([fetched, keeping]);
    expect(named()).toBe('the new box');
    expect(useShop.getState().shop?.revision).toBe(held().revision);
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
