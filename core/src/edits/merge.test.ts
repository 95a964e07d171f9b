// Two who changed one document: what does not touch is in it from both, what does is told, and nothing is lost.
import * as fc from 'fast-check';
import { clashKey, merged, sameJson, type Json } from './merge';

const base = {
  name: 'goblet',
  parts: [
    { id: 'p1', name: 'bowl', profile: [{ r: 1 }, { r: 2 }, { r: 3 }] },
    { id: 'p2', name: 'foot', profile: [{ r: 4 }, { r: 5 }] },
  ],
  steps: [
    { id: 's1', kind: 'gather', seconds: 12 },
    { id: 's2', kind: 'flash', seconds: 6 },
    { id: 's3', kind: 'box', seconds: 9 },
  ],
  colours: [{ id: 'c1', thickness: 1 }],
};
type Doc = typeof base;
const edit = (change: (d: Doc) => void): Doc => {
  const copy = structuredClone(base);
  change(copy);
  return copy;
};
const foot = 1;
const at = <T>(list: readonly T[], i: number): T => list[i] as T;

describe('what does not touch', () => {
  it.each<[string, (d: Doc) => void, (d: Doc) => void, (d: Doc) => void]>([
    [
      'different parts',
      (d) => void (at(at(d.parts, 0).profile, 1).r = 9),
      (d) => void (at(d.parts, foot).name = 'base'),
      (d) => {
        at(at(d.parts, 0).profile, 1).r = 9;
        at(d.parts, foot).name = 'base';
      },
    ],
    [
      'different points of one part',
      (d) => void (at(at(d.parts, 0).profile, 0).r = 8),
      (d) => void (at(at(d.parts, 0).profile, 2).r = 7),
      (d) => {
        at(at(d.parts, 0).profile, 0).r = 8;
        at(at(d.parts, 0).profile, 2).r = 7;
      },
    ],
    [
      'different steps',
      (d) => void (at(d.steps, 0).seconds = 20),
      (d) => void (at(d.steps, 2).seconds = 5),
      (d) => {
        at(d.steps, 0).seconds = 20;
        at(d.steps, 2).seconds = 5;
      },
    ],
    [
      'a step put in by each, each after what it stood after',
      (d) => void d.steps.splice(1, 0, { id: 'm', kind: 'marver', seconds: 4 }),
      (d) => void d.steps.splice(2, 0, { id: 't', kind: 'jack', seconds: 3 }),
      (d) => {
        d.steps.splice(1, 0, { id: 'm', kind: 'marver', seconds: 4 });
        d.steps.splice(3, 0, { id: 't', kind: 'jack', seconds: 3 });
      },
    ],
    [
      'a step taken out by one, another changed by the other',
      (d) => void d.steps.splice(1, 1),
      (d) => void (at(d.steps, 2).seconds = 5),
      (d) => {
        d.steps.splice(1, 1);
        at(d.steps, 1).seconds = 5;
      },
    ],
    [
      'moved by one, changed by the other',
      (d) => void d.steps.reverse(),
      (d) => void (at(d.steps, 0).seconds = 1),
      (d) => {
        at(d.steps, 0).seconds = 1;
        d.steps.reverse();
      },
    ],
    [
      'the same by both',
      (d) => void (d.name = 'cup'),
      (d) => void (d.name = 'cup'),
      (d) => void (d.name = 'cup'),
    ],
    [
      'a last colour taken off, a part renamed',
      (d) => void d.colours.splice(0, 1),
      (d) => void (at(d.parts, 0).name = 'cup'),
      (d) => {
        d.colours.splice(0, 1);
        at(d.parts, 0).name = 'cup';
      },
    ],
  ])('%s', (_says, mine, theirs, both) => {
    const m = merged(base, edit(mine), edit(theirs));
    expect(m.clashes).toEqual([]);
    expect(m.document).toEqual(edit(both));
  });
});

describe('what touches', () => {
  it.each<[string, (d: Doc) => void, (d: Doc) => void, string]>([
    [
      'the same step',
      (d) => void (at(d.steps, 1).seconds = 8),
      (d) => void (at(d.steps, 1).seconds = 10),
      'steps/#s2/seconds',
    ],
    [
      'a step changed and taken out',
      (d) => void (at(d.steps, 1).seconds = 8),
      (d) => void d.steps.splice(1, 1),
      'steps/#s2',
    ],
    [
      'a step that became two others',
      (d) => void Object.assign(at(d.steps, 1), { kind: 'marver', seconds: 1 }),
      (d) => void Object.assign(at(d.steps, 1), { kind: 'jack', seconds: 2 }),
      'steps/#s2',
    ],
    [
      'a point put in by one, another moved by the other',
      (d) => void at(d.parts, 0).profile.splice(1, 0, { r: 6 }),
      (d) => void (at(at(d.parts, 0).profile, 2).r = 7),
      'parts/#p1/profile',
    ],
    [
      'two orders',
      (d) => void d.steps.reverse(),
      (d) => void d.steps.push(d.steps.shift() as Doc['steps'][number]),
      'steps/order',
    ],
    ['one name', (d) => void (d.name = 'a'), (d) => void (d.name = 'b'), 'name'],
  ])('%s is told, and either may be chosen', (_says, mine, theirs, key) => {
    const [a, b] = [edit(mine), edit(theirs)];
    const m = merged(base, a, b);
    expect(m.clashes.map(clashKey)).toEqual([key]);
    expect(m.document).toEqual(a);
    expect(merged(base, a, b, { [key]: 'theirs' }).document).toEqual(b);
  });

  it('keeps what else both did beside it', () => {
    const mine = edit((d) => {
      at(d.steps, 1).seconds = 8;
      d.name = 'mine';
    });
    const theirs = edit((d) => {
      at(d.steps, 1).seconds = 10;
      at(d.parts, foot).name = 'theirs';
    });
    expect(merged(base, mine, theirs, { 'steps/#s2/seconds': 'theirs' }).document).toEqual(
      edit((d) => {
        at(d.steps, 1).seconds = 10;
        d.name = 'mine';
        at(d.parts, foot).name = 'theirs';
      }),
    );
  });
});

/** Documents of fields, lists by place and lists by id. */
const doc = fc.record({
  name: fc.constantFrom('a', 'b', 'c'),
  parts: fc.uniqueArray(
    fc.record({
      id: fc.constantFrom('p1', 'p2', 'p3', 'p4'),
      wall: fc.integer({ min: 0, max: 3 }),
    }),
    { selector: (p) => p.id, maxLength: 4 },
  ),
  points: fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 3 }),
  note: fc.option(fc.constantFrom('x', 'y'), { nil: undefined }),
});

describe('whatever two change', () => {
  it('one who changed nothing takes the other’s, either way round', () => {
    fc.assert(
      fc.property(doc, doc, (b, m) => {
        for (const got of [merged<unknown>(b, m, b), merged<unknown>(b, b, m)]) {
          expect(got.clashes).toEqual([]);
          expect(sameJson(got.document as Json, m as Json)).toBe(true);
        }
      }),
    );
  });

  it('without a clash it is the same whoever saved first, but for the order of what both put in', () => {
    const sorted = (d: unknown): unknown => {
      const { parts, ...rest } = d as { parts: readonly { id: string }[] };
      return { ...rest, parts: [...parts].sort((x, y) => x.id.localeCompare(y.id)) };
    };
    fc.assert(
      fc.property(doc, doc, doc, (b, m, t) => {
        const [one, two] = [merged<unknown>(b, m, t), merged<unknown>(b, t, m)];
        expect(one.clashes.map(clashKey).sort()).toEqual(two.clashes.map(clashKey).sort());
        if (one.clashes.length === 0)
          expect(sameJson(sorted(one.document) as Json, sorted(two.document) as Json)).toBe(true);
      }),
    );
  });

  it('nothing of mine is lost that theirs did not touch: every clash chosen mine, mine’s changes are all in it', () => {
    fc.assert(
      fc.property(doc, doc, doc, (b, m, t) => {
        const got = merged<typeof m>(b, m, t).document;
        if (!sameJson(b.name, m.name)) expect(got.name).toBe(m.name);
        for (const p of m.parts) {
          const was = b.parts.find((x) => x.id === p.id);
          if (was?.wall !== p.wall) expect(got.parts.find((x) => x.id === p.id)).toEqual(p);
        }
      }),
    );
  });
});
