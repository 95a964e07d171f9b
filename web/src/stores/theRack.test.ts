// The rack in the page: seen at once, kept in order, put right by the server.
import type { KeptEntry, SaveEntry } from '@zanfirico/contract/rack';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { useRack } from './theRack';

const line = SHIPPED_RACK.line('kelp');
if (!line) throw new Error('no kelp');
const kelp = line.entry;

/** A server that keeps entries, one revision after the other, and refuses a stale one. */
function server() {
  const kept = new Map<string, KeptEntry>();
  const asked: string[] = [];
  const answer = (status: number, body?: unknown): Response =>
    new Response(body === undefined ? null : JSON.stringify(body), { status });
  globalThis.fetch = (url, init) => {
    const path = `${init?.method ?? 'GET'} ${url as string}`;
    asked.push(path);
    if (path === 'GET /api/rack')
      return Promise.resolve(answer(200, { entries: [...kept.values()], tests: [] }));
    if (path === 'PUT /api/rack/entries') {
      const { baseRevision, entry } = JSON.parse(init?.body as string) as SaveEntry;
      if ((kept.get(entry.id)?.revision ?? 0) !== baseRevision)
        return Promise.resolve(answer(409, { error: 'Somebody changed Kelp.' }));
      const next = { revision: baseRevision + 1, savedAt: 'now', entry };
      kept.set(entry.id, next);
      return Promise.resolve(answer(200, next));
    }
    kept.delete(path.split('/').pop() ?? '');
    return Promise.resolve(answer(204));
  };
  return { kept, asked };
}

const named = (): string | undefined => useRack.getState().rack.colour('kelp')?.name;

describe('the rack in the page', () => {
  beforeEach(async () => {
    server();
    await useRack.getState().load();
  });

  it('shows a change at once and keeps two quick ones one after the other', async () => {
    const { kept } = server();
    const { keep } = useRack.getState();
    const first = keep({ ...kelp, name: 'Kelp 1' });
    expect(named()).toBe('Kelp 1');
    const second = keep({ ...kelp, name: 'Kelp 2' });
    expect(named()).toBe('Kelp 2');
    await Promise.all([first, second]);
    expect(named()).toBe('Kelp 2');
    expect(kept.get('kelp')).toMatchObject({ revision: 2, entry: { name: 'Kelp 2' } });
  });

  it('takes the server’s when somebody was first, and says so', async () => {
    const { kept } = server();
    kept.set('kelp', { revision: 5, savedAt: 'then', entry: { ...kelp, name: 'Theirs' } });
    await expect(useRack.getState().keep({ ...kelp, name: 'Mine' })).rejects.toThrow(
      'Somebody changed Kelp.',
    );
    expect(named()).toBe('Theirs');
  });

  it('uncovers the shipped entry when its own is dropped, after what was still being kept', async () => {
    const { asked } = server();
    const keeping = useRack.getState().keep({ ...kelp, name: 'Ours' });
    await useRack.getState().drop('kelp');
    await keeping;
    expect(asked.map((a) => a.split(' ')[0])).toEqual(['PUT', 'DELETE']);
    expect(named()).toBe('Kelp');
  });
});
