// Workers as the page talks to them: over a real message channel, with what falls, fails or is stopped told in sentences.
import { expose, proxy } from 'comlink';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { askOnce, standing, withinLimit } from './remote';

const work = {
  twice: (v: number): number => 2 * v,
  later: (v: number, ms: number): Promise<number> =>
    new Promise((yes) => {
      setTimeout(() => {
        yes(v);
      }, ms);
    }),
  refuse: (): number => {
    throw new RangeError('A wall of 0 mm cannot be annealed.');
  },
  count: (to: number, onEach: (n: number) => void): number => {
    for (let i = 1; i <= to; i += 1) onEach(i);
    return to;
  },
};
type Api = typeof work;

const started: Fake[] = [];
/** A worker that runs on this side of a channel; it can be made to fall. */
class Fake {
  private readonly mine: MessagePort;
  private readonly theirs: MessagePort;
  private fall: (() => void) | undefined;
  ended = false;
  constructor() {
    const { port1, port2 } = new MessageChannel();
    this.mine = port1;
    this.theirs = port2;
    expose(work, port2 as never);
    port2.start();
    started.push(this);
  }
  postMessage(message: unknown, transfer?: never[]): void {
    this.mine.postMessage(message, transfer);
  }
  addEventListener(kind: string, listener: never): void {
    if (kind === 'error') this.fall = listener;
    else {
      this.mine.addEventListener(kind, listener);
      this.mine.start();
    }
  }
  removeEventListener(kind: string, listener: never): void {
    this.mine.removeEventListener(kind, listener);
  }
  terminate(): void {
    this.ended = true;
    this.mine.close();
    this.theirs.close();
  }
  falls(): void {
    this.fall?.();
  }
}
const start = (): Worker => new Fake() as unknown as Worker;

// A function handed over goes through a channel of comlink's own; open, it would keep the tests from ending until it is swept up.
const opened: MessageChannel[] = [];
globalThis.MessageChannel = class extends MessageChannel {
  constructor() {
    super();
    opened.push(this);
  }
} as never;

afterEach(() => {
  for (const f of started.splice(0)) f.terminate();
  for (const { port1, port2 } of opened.splice(0))
    [port1, port2].forEach((p) => {
      p.close();
    });
});

describe('a worker that stays', () => {
  it('starts when first asked, and answers each question with its own answer, in any order', async () => {
    const ask = standing<Api>(start);
    expect(started).toHaveLength(0);
    const both = Promise.all([ask((w) => w.later(1, 20)), ask((w) => w.twice(4))]);
    expect(started).toHaveLength(1);
    await expect(both).resolves.toEqual([1, 8]);
  });

  it('refuses in the words of what refused, and lives on', async () => {
    const ask = standing<Api>(start);
    await expect(ask((w) => w.refuse())).rejects.toThrow('A wall of 0 mm cannot be annealed.');
    await expect(ask((w) => w.twice(2))).resolves.toBe(4);
    expect(started).toHaveLength(1);
  });

  it('fallen, it fails what was open in a sentence, and the next question starts another', async () => {
    const ask = standing<Api>(start);
    const open = [ask((w) => w.later(1, 300)), ask((w) => w.later(2, 300))];
    started[0]?.falls();
    for (const o of open) await expect(o).rejects.toThrow(/stopped unexpectedly/);
    expect(started[0]?.ended).toBe(true);
    await expect(ask((w) => w.twice(5))).resolves.toBe(10);
    expect(started).toHaveLength(2);
  });

  it('hanging, it is ended: what was asked fails with a sentence, and the next question starts another', async () => {
    const ask = standing<Api>(start, 30);
    await expect(ask((w) => w.later(1, 2000))).rejects.toThrow(
      'The computation was not done after 0 s and was stopped.',
    );
    expect(started.map((f) => f.ended)).toEqual([true]);
    expect(await ask((w) => w.twice(4))).toBe(8);
    expect(started).toHaveLength(2);
  });
});

describe('one long piece of work', () => {
  it('tells how far it is, then its result, and ends its worker', async () => {
    const told: number[] = [];
    const { done } = askOnce<Api, number>(start, (w) =>
      w.count(
        3,
        proxy((n: number) => told.push(n)),
      ),
    );
    await expect(done).resolves.toBe(3);
    await new Promise((yes) => setTimeout(yes, 20));
    expect(told).toEqual([1, 2, 3]);
    expect(started[0]?.ended).toBe(true);
  });

  it('stopped it has no result, and its worker is gone', async () => {
    const { done, stop } = askOnce<Api, number>(start, (w) => w.later(1, 300));
    stop();
    await expect(done).resolves.toBeUndefined();
    expect(started[0]?.ended).toBe(true);
  });

  it.each([
    { how: 'refused', run: false, says: 'A wall of 0 mm cannot be annealed.' },
    { how: 'fallen', run: true, says: /stopped unexpectedly/ },
  ])('$how, it fails with a sentence and ends its worker', async ({ run, says }) => {
    const { done } = askOnce<Api, number>(start, (w) => (run ? w.later(1, 300) : w.refuse()));
    if (run) started[0]?.falls();
    await expect(done).rejects.toThrow(says);
    expect(started[0]?.ended).toBe(true);
  });

  it('with an end it is stopped there, and in time it is let be', async () => {
    const late = withinLimit(
      askOnce<Api, number>(start, (w) => w.later(1, 2000)),
      30,
    );
    await expect(late.done).rejects.toThrow(/was stopped/);
    expect(started[0]?.ended).toBe(true);
    expect(
      await withinLimit(
        askOnce<Api, number>(start, (w) => w.twice(3)),
        5000,
      ).done,
    ).toBe(6);
  });
});
