// Workers as the page talks to them: every question answered once, work that can be stopped, and the night's own answers.
import { checkedSchedule, findGlass, STUDIO_BOX, type ScheduleInput } from '@zanfirico/core';
import { asker } from './asking';
import type { NightAnswer, NightQuestion } from './night';
import { once } from './once';

/** A worker that does nothing by itself. */
class Still {
  onmessage: ((e: { data: unknown }) => void) | null = null;
  onerror: (() => void) | null = null;
  readonly asked: { id: number; request: unknown }[] = [];
  ended = false;
  postMessage(message: unknown): void {
    this.asked.push(message as { id: number; request: unknown });
  }
  terminate(): void {
    this.ended = true;
  }
  says(data: unknown): void {
    this.onmessage?.({ data });
  }
}
const asWorker = (w: Still): Worker => w as unknown as Worker;

describe('asking a worker', () => {
  it('starts it when first asked, and answers each question with its own answer, in any order', async () => {
    const started: Still[] = [];
    const ask = asker<string, string>(() => {
      started.push(new Still());
      return asWorker(started[started.length - 1] as Still);
    }, 'stopped');
    expect(started).toHaveLength(0);
    const [first, second] = [ask('a'), ask('b')];
    const [worker] = started;
    expect(started).toHaveLength(1);
    expect(worker?.asked.map((q) => q.request)).toEqual(['a', 'b']);
    worker?.says({ id: worker.asked[1]?.id, answer: 'B' });
    worker?.says({ id: worker.asked[0]?.id, answer: 'A' });
    await expect(Promise.all([first, second])).resolves.toEqual(['A', 'B']);
  });
  it('a worker that stops answers everything still open, and the next question starts another', async () => {
    const started: Still[] = [];
    const ask = asker<string, string>(() => {
      started.push(new Still());
      return asWorker(started[started.length - 1] as Still);
    }, 'stopped');
    const open = [ask('a'), ask('b')];
    started[0]?.onerror?.();
    await expect(Promise.all(open)).resolves.toEqual(['stopped', 'stopped']);
    const again = ask('c');
    expect(started).toHaveLength(2);
    started[1]?.says({ id: started[1].asked[0]?.id, answer: 'C' });
    await expect(again).resolves.toBe('C');
  });
});

describe('one long piece of work', () => {
  const begin = () => {
    const worker = new Still();
    const told: number[] = [];
    const work = once<string, string, number>(
      () => asWorker(worker),
      'do it',
      (p) => told.push(p),
    );
    return { worker, told, work };
  };
  it('tells how far it is, then its result, and ends its worker', async () => {
    const { worker, told, work } = begin();
    expect(worker.asked).toEqual(['do it']);
    worker.says({ progress: 1 });
    worker.says({ progress: 2 });
    worker.says({ result: 'done' });
    await expect(work.done).resolves.toBe('done');
    expect(told).toEqual([1, 2]);
    expect(worker.ended).toBe(true);
  });
  it('stopped it has no result, whatever comes afterwards', async () => {
    const { worker, work } = begin();
    work.stop();
    expect(worker.ended).toBe(true);
    worker.says({ result: 'too late' });
    await expect(work.done).resolves.toBeUndefined();
  });
  it.each([
    {
      how: 'fails',
      does: (w: Still) => {
        w.says({ failed: 'No way found.' });
      },
      says: 'No way found.',
    },
    { how: 'breaks', does: (w: Still) => w.onerror?.(), says: /stopped unexpectedly/ },
  ])('$how with a sentence', async ({ does, says }) => {
    const { worker, work } = begin();
    does(worker);
    await expect(work.done).rejects.toThrow(says);
    expect(worker.ended).toBe(true);
  });
});

describe('the night worker', () => {
  const glass = findGlass('soft-batch-96');
  if (!glass) throw new Error('the rack has lost its soft batch');
  const wall = { thickest: 0.006, stepThick: 0.006, stepThin: 0.003, body: 'slab' as const };
  const input: ScheduleInput = {
    glass,
    wall,
    practice: 'studio',
    holdTemperature: glass.annealing,
    doorTemperature: 60,
    box: STUDIO_BOX,
    holding: 3600,
  };
  const piece = { id: 'p', name: 'cup', glass, wall, width: 0.1, depth: 0.1, height: 0.2 };
  const posted: { id: number; answer: NightAnswer }[] = [];
  const worker = {
    onmessage: undefined as
      ((e: { data: { id: number; request: NightQuestion } }) => void) | undefined,
    postMessage: (m: { id: number; answer: NightAnswer }) => posted.push(m),
  };
  beforeAll(async () => {
    (globalThis as unknown as { self: unknown }).self = worker;
    await import('./night.worker');
  });
  const ask = (request: NightQuestion): NightAnswer => {
    const id = posted.length + 1;
    worker.onmessage?.({ data: { id, request } });
    const last = posted[posted.length - 1];
    expect(last?.id).toBe(id);
    return last?.answer as NightAnswer;
  };
  const planned = checkedSchedule(input);
  const recipe = {
    name: 'ours',
    start: 505,
    lines: [
      { to: 505, hold: 3600 },
      { to: 60, rate: 200 / 3600 },
    ],
  };

  it('checks a schedule as the core does', () => {
    const a = ask({ kind: 'check', input });
    if (!('checked' in a)) throw new Error('no schedule came');
    expect(a.checked.schedule.total.value).toBe(planned.schedule.total.value);
    expect(a.checked.outcome.night.walls[0]?.picture).toBeUndefined();
    const b = ask({ kind: 'check', input, picture: true });
    expect('checked' in b && b.checked.outcome.night.walls[0]?.picture).toBeDefined();
  });
  it('puts a recipe through', () => {
    const a = ask({ kind: 'recipe', input, recipe });
    if (!('recipe' in a)) throw new Error('no recipe came');
    expect(a.recipe.curve.temperature[0]).toBe(505);
    expect(a.recipe.outcome.kept).toBeGreaterThan(planned.outcome.kept);
  });
  it('judges, warms, tells margins', () => {
    const judged = ask({
      kind: 'judge',
      input,
      curve: planned.curve,
      from: 0,
      start: {},
      load: [piece],
    });
    expect('judged' in judged && judged.judged.pieces.map((p) => p.id)).toEqual(['p']);
    const warm = ask({ kind: 'warm', input, from: 20 });
    expect('warming' in warm && warm.warming.rate).toBeGreaterThan(0);
    const margins = ask({ kind: 'margins', input });
    expect('margins' in margins && margins.margins.margins.length).toBe(9);
  });
  it('loads a box, and plans a week with each annealer’s own night', () => {
    const load = ask({ kind: 'load', pieces: [piece], input });
    expect('load' in load && load.load.ok && load.load.night.rules).toBe('p');
    const inside = { width: 0.5, depth: 0.5, height: 0.5 };
    const week = ask({
      kind: 'week',
      pieces: [{ ...piece, ready: 0, due: 2 * 86400 }],
      annealers: [
        { id: 'slow', inside, free: 0, box: { ...STUDIO_BOX, coolingTime: 8 * 3600 } },
        { id: 'quick', inside, free: 0, box: STUDIO_BOX },
      ],
      input: { practice: 'studio', doorTemperature: 60, holding: 0 },
    });
    expect('week' in week && week.week.loads.map((l) => l.annealer)).toEqual(['quick']);
  });
  it('says in a sentence what cannot be computed, and lives on', () => {
    const thin = { ...input, wall: { ...wall, thickest: 0, stepThick: 0, stepThin: 0 } };
    const a = ask({ kind: 'recipe', input: thin, recipe });
    expect('failed' in a && a.failed).toMatch(/0 mm cannot be annealed/);
    expect('checked' in ask({ kind: 'check', input })).toBe(true);
  });
});
