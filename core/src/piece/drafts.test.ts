// Every order as it is shown to somebody who touched nothing: each form in each glass, alone and with helpers, and every demo piece.
import * as fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { checkOrder } from '../order/rules';
import { FORMS, startingParts } from '../form/forms';
import { placeHeats } from '../iron/placeHeats';
import { heatOfWork } from '../iron/ofWork';
import { firesFor } from '../iron/surroundings';
import { factsOf, type WorkStep } from '../work/facts';
import { glassOf, outline, pieceOf, shown, type At, type Shown } from './shop.fixture';
import { ruleParts } from './workPlan';
import type { PieceInput } from './derive';

const GLASSES = [
  'soft-batch-96',
  'soft-rod-104',
  'lead-crystal-91',
  'kiln-sheet-90',
  'float-90',
  'borosilicate-33',
] as const;
const HANDS = [
  ['with helpers', true],
  ['alone', false],
] as const;

/** What will not do, and what is to be watched, by step and cause. */
function troubles(of: Shown, way: PieceInput['way']): { no: string[]; watch: string[] } {
  const at = (id: string | undefined): string => {
    const i = of.steps.findIndex((s) => s.id === id);
    return `${String(i + 1)} ${of.steps[i]?.kind ?? 'all'}`;
  };
  const found = checkOrder({
    way,
    steps: of.steps,
    parts: ruleParts(of.derived.parts, 0.0254),
    main: of.main,
    skills: undefined,
  });
  const all = [
    ...of.heat.steps.flatMap((s) => (s.verdict ? [{ id: s.id, v: s.verdict }] : [])),
    ...found.map((f) => ({ id: f.step, v: f.verdict })),
  ].flatMap(({ id, v }) =>
    v.verdict === 'good' ? [] : [{ grade: v.verdict, says: `${at(id)}: ${v.because}` }],
  );
  return {
    no: all.filter((t) => t.grade === 'no').map((t) => t.says),
    watch: all.filter((t) => t.grade === 'watch').map((t) => t.says),
  };
}

/** An order that works has nothing that will not do; one that cannot says so, and what was tried and holds. */
function expectsWell(of: Shown, way: PieceInput['way']): void {
  const { stopped } = of.drafted;
  if (stopped) {
    expect(of.steps.some((s) => s.id === stopped.step)).toBe(true);
    expect(stopped.because.length).toBeGreaterThan(10);
    expect(stopped.mends.length).toBeGreaterThan(0);
    return;
  }
  const { no, watch } = troubles(of, way);
  expect(no).toEqual([]);
  expect(watch.length > 1 ? watch : []).toEqual([]);
}

describe.each(GLASSES)('every form in %s', (glass) => {
  it.each(FORMS.flatMap((form) => HANDS.map(([how, helpers]) => ({ form, how, helpers }))))(
    'a $form, $how: an order of good work',
    ({ form, helpers }) => {
      const piece = pieceOf(form, glass, startingParts(form));
      const of = shown(piece, helpers);
      // None of the forms that ship is beyond anyone's hands.
      expect(of.drafted.stopped).toBeUndefined();
      expectsWell(of, piece.way);
    },
  );
});

describe('every demo piece', () => {
  const folder = join(__dirname, '../../../server/src/demo/pieces');
  const files = readdirSync(folder).filter((f) => f.endsWith('.json'));
  const demo = (file: string): Parameters<typeof shown>[0] =>
    JSON.parse(readFileSync(join(folder, file), 'utf8')) as Parameters<typeof shown>[0];

  it.each(files)('%s, with helpers, drafted anew', (file) => {
    const piece = demo(file);
    const of = shown(piece, true);
    expect(of.drafted.stopped).toBeUndefined();
    expectsWell(of, piece.way);
  });
  it.each(files.filter((f) => !f.includes('candlestick')))('%s, alone', (file) => {
    const piece = demo(file);
    expectsWell(shown(piece, false), piece.way);
  });
});

describe.each(['borosilicate-33', 'soft-rod-104'])(
  'a small solid figure of twelve bits at the torch, in %s',
  (glass) => {
    const kinds = [
      { kind: 'ball', diameter: 0.006 },
      { kind: 'rod', diameter: 0.006, length: 0.02 },
      { kind: 'dot', diameter: 0.006, rise: 0.003 },
    ] as const;
    const bits = Array.from({ length: 12 }, (_, i) => ({
      name: `bit ${String(i + 1)}`,
      shape: kinds[i % 3] ?? kinds[0],
      place: { height: 0.01 + 0.004 * i, out: 0.012, around: i / 2, tilt: 0, copies: 1 },
    }));
    const body = outline([0, 0, 3], [0, 8, 3], [20, 14, 3], [40, 12, 3], [60, 0, 3]);
    const parts = [{ name: 'body', work: 'solid' as const, profile: body }];
    const of = shown(pieceOf('solid', glass, parts, { bits, way: 'torch' }), false);

    it('is drafted with nothing wrong', () => {
      expect(of.drafted.stopped).toBeUndefined();
      expect(troubles(of, 'torch')).toEqual({ no: [], watch: [] });
    });
    it('placing its heats again makes nothing worse, and nothing longer', () => {
      const again = placeHeats(of.parts, of.steps, { main: of.main, helpers: false }, of.fires);
      expect(again.ok).toBe(true);
      expect(again.steps.length).toBeLessThanOrEqual(of.steps.length);
    });
  },
);

describe('what a gaffer would look for in a draft', () => {
  const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), true);
  const at = (of: Shown, kind: string): number => of.steps.findIndex((s) => s.kind === kind);

  it('blown out in several goes, its bubble grown between the gathers', () => {
    expect(tumbler.steps.filter((s) => s.kind === 'blow').length).toBeGreaterThan(1);
    expect(at(tumbler, 'growBubble')).toBeLessThan(
      tumbler.steps.findLastIndex((s) => s.kind === 'gather'),
    );
  });
  it('the long heat straight after the transfer, and no heat longer', () => {
    const i = at(tumbler, 'transfer');
    expect(tumbler.steps[i + 1]?.kind).toBe('longReheat');
    const long = tumbler.steps[i + 1]?.seconds ?? 0;
    for (const s of tumbler.steps)
      if (factsOf(s).does === 'heat') expect(s.seconds).toBeLessThanOrEqual(long);
  });
  it('let set, flashed, off, polished, boxed; the scrap swept once it is safe', () => {
    const kinds = tumbler.steps.slice(-6).map((s) => s.kind);
    expect(kinds).toEqual(['letSet', 'lastFlash', 'crackOff', 'polishScar', 'box', 'scrap']);
  });
  it('nothing is asked for that the piece does not ask for', () => {
    for (const kind of ['clearButton', 'lipWrap', 'dipMould', 'setIn', 'rollFrit'])
      expect(at(tumbler, kind)).toBe(-1);
  });
  it('a solid waits for its inside, a goblet for a moment', () => {
    const wait = (of: Shown): number =>
      of.steps.reduce((sum, s) => sum + (s.kind === 'letSet' ? s.seconds : 0), 0);
    const ball = pieceOf('solid', 'soft-batch-96', [
      {
        name: 'ball',
        work: 'solid',
        profile: outline([0, 0, 5], [12, 32, 5], [40, 40, 5], [68, 32, 5], [80, 0, 5]),
      },
    ]);
    const goblet = pieceOf('stemmed', 'soft-batch-96', startingParts('stemmed'));
    expect(wait(shown(ball, true))).toBeGreaterThan(2 * wait(shown(goblet, true)));
  });
  it('the clear button where colour is outside at the punty’s place, and not where it is elsewhere', () => {
    const parts = startingParts('stemmed');
    const coloured = (name: string): Shown =>
      shown(
        pieceOf(
          'stemmed',
          'soft-batch-96',
          parts.map((p) =>
            p.name === name
              ? {
                  ...p,
                  colours: [
                    {
                      colour: 'cobalt-blue',
                      after: 9,
                      amount: { kind: 'passes' as const, count: 2 },
                    },
                  ],
                }
              : p,
          ),
        ),
        true,
      );
    expect(at(coloured('bowl'), 'clearButton')).toBe(-1);
  });
  it('ribs print in the mould before the glass is blown out, and turn after it', () => {
    const of = shown(
      {
        ...pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')),
        cane: { twist: 0.4, rib: {} },
      },
      true,
    );
    expect(at(of, 'dipMould')).toBeGreaterThan(0);
    expect(at(of, 'dipMould')).toBeLessThan(at(of, 'twist'));
    expect(at(of, 'twist')).toBeLessThan(at(of, 'blow'));
  });
  it('a bar warms an hour for 28 mm, before the clock', () => {
    const parts = startingParts('tumbler').map((p) => ({
      ...p,
      colours: [
        {
          colour: 'cobalt-blue',
          after: 1,
          amount: { kind: 'bar' as const, diameter: 0.028, length: 0.03 },
        },
      ],
    }));
    const of = shown(pieceOf('tumbler', 'soft-batch-96', parts), true);
    const i = at(of, 'warmColour');
    expect(of.steps[i]?.seconds).toBe(3600);
    expect(of.starts[i]).toBeLessThan(-3000);
    expect(at(of, 'collar')).toBeLessThan(at(of, 'pickColour'));
  });
  it('spouts come before handles, each handle brought, and its notch melted in before anything else', () => {
    const of = shown(pitcher(), true);
    const spout = at(of, 'spout');
    const handle = at(of, 'handle');
    expect(spout).toBeGreaterThan(at(of, 'open'));
    expect(handle).toBeGreaterThan(spout);
    expect(of.steps.slice(0, handle).some((s) => s.kind === 'bringBit')).toBe(true);
    const next = of.steps.slice(handle + 1).find((s) => factsOf(s).does !== 'heat');
    expect(next?.kind).toBe('meltNotch');
  });
});

/** A tall pitcher with a pulled spout and a handle on its shoulder. */
function pitcher(): ReturnType<typeof pieceOf> {
  return pieceOf(
    'bottle',
    'soft-batch-96',
    [
      {
        name: 'body',
        profile: outline(
          [0, 0, 6],
          [0, 38, 6, true],
          [10, 48, 5],
          [90, 52, 3.4],
          [170, 38, 3],
          [230, 34, 2.8],
          [250, 40, 2.8],
        ),
      },
    ],
    {
      bits: [
        {
          name: 'spout',
          shape: {
            kind: 'bent',
            diameter: 0.02,
            wall: 0.003,
            path: [
              { out: 0, up: 0 },
              { out: 0.02, up: 0.006 },
            ],
          },
          place: { height: 0.245, out: 0.039, around: 0, tilt: 0, copies: 1 },
        },
        {
          name: 'handle',
          shape: {
            kind: 'bent',
            diameter: 0.012,
            path: [
              { out: 0, up: 0 },
              { out: 0.045, up: 0.03 },
              { out: 0.004, up: 0.09 },
            ],
          },
          place: { height: 0.15, out: 0.043, around: 3.1, tilt: 0, copies: 1 },
        },
      ],
    },
  );
}

describe('the tall pitcher whose handle goes on late (TRADE §14)', () => {
  const of = shown(pitcher(), true);
  const fires = firesFor(glassOf('soft-batch-96'));
  const handle = of.steps.findIndex((s) => s.kind === 'handle');
  const late = (...before: readonly WorkStep[]): Shown['heat']['steps'][number] | undefined => {
    const talk: WorkStep = { id: 'talk', kind: 'straight', part: 0, seconds: 75 };
    const steps = [
      ...of.steps
        .slice(0, handle)
        .filter((s) => !s.id.startsWith('h') || of.steps.indexOf(s) < handle - 3),
      talk,
      ...before,
      ...of.steps.slice(handle),
    ];
    return heatOfWork(of.parts, steps, undefined, fires).steps.find(
      (s) => s.id === of.steps[handle]?.id,
    );
  };
  it('onto a cold shoulder will not do: the bit cracks it', () => {
    const told = late();
    expect(told?.verdict?.verdict).toBe('no');
    expect(told?.trouble?.kind).toBe('faces');
    expect(told?.verdict).toMatchObject({
      because: expect.stringContaining('too cold for a bit') as string,
    });
  });
  it('with a flash before it, it is good', () => {
    expect(late({ id: 'flash', kind: 'reheat', part: 0, seconds: 30 })?.verdict).toBeUndefined();
  });
});

describe('the foot leads, the bowl is stuck on last', () => {
  const of = shown(pieceOf('stemmed', 'soft-batch-96', startingParts('stemmed')), true, {
    main: 0,
  });
  const at = (kind: string, part: string): number =>
    of.steps.findIndex((s) => s.kind === kind && of.parts[s.part]?.name === part);

  it('blown first, parked, and fetched to be joined', () => {
    expect(at('garage', 'bowl')).toBeGreaterThan(at('blow', 'bowl'));
    expect(at('fetch', 'bowl')).toBeGreaterThan(at('garage', 'bowl'));
    // Joined to what it stands on; everything is put onto the foot in the end.
    expect(at('attach', 'bowl')).toBeGreaterThan(at('fetch', 'bowl'));
    const last = of.steps.findLast((s) => s.kind === 'attach');
    expect(last?.to).not.toBe(3);
  });
  it('then it is opened, and let go from the foot', () => {
    expect(at('open', 'bowl')).toBeGreaterThan(at('attach', 'bowl'));
    expect(of.steps.some((s) => s.kind === 'transfer')).toBe(false);
    expect(at('box', 'bowl')).toBeGreaterThan(at('open', 'bowl'));
  });
  it('and it holds, or says what does not', () => {
    expectsWell(of, 'furnace');
  });
});

describe('what is asked too much', () => {
  it('a glory hole cooler than the glass: which step, and that a hotter hole mends it', () => {
    const of = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), true, {
      gloryHole: 700,
    });
    expect(of.drafted.stopped?.mends.join()).toContain('1260 °C');
  });
  long('sixty dots: each step named, none left out, drafted in time for a hand to wait', () => {
    const bits = Array.from({ length: 60 }, (_, i) => ({
      name: `dot ${String(i + 1)}`,
      shape: { kind: 'dot' as const, diameter: 0.008, rise: 0.003 },
      place: { height: 0.03 + (i % 6) * 0.01, out: 0.038, around: i, tilt: 0, copies: 1 },
    }));
    const of = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler'), { bits }), true);
    expect(of.steps.filter((s) => s.kind === 'prunts')).toHaveLength(60);
    expect(new Set(of.steps.map((s) => s.id)).size).toBe(of.steps.length);
    expectsWell(of, 'furnace');
  });
});

describe('any piece at all', () => {
  const mm = (low: number, high: number): fc.Arbitrary<number> =>
    fc.double({ min: low, max: high, noNaN: true });
  const body = fc.record({ wide: mm(15, 60), tall: mm(30, 200), wall: mm(1.6, 6) });
  const solid = fc.record({ wide: mm(6, 25), tall: mm(4, 40) });
  const bit = fc.record({
    up: mm(0.1, 0.8),
    kind: fc.constantFrom('ball' as const, 'dot' as const, 'rod' as const),
  });
  const piece = fc
    .record({
      body,
      under: fc.array(solid, { maxLength: 7 }),
      bits: fc.array(bit, { maxLength: 6 }),
      alone: fc.boolean(),
    })
    .map(({ body: b, under, bits, alone }) => {
      let foot = 0;
      const stack = under.map((s, i) => {
        const points: At[] = [
          [foot, 0, 3],
          [foot, s.wide, 3, true],
          [foot + s.tall, s.wide * 0.8, 3, true],
          [foot + s.tall, 0, 3],
        ];
        foot += s.tall;
        return { name: `part ${String(i)}`, work: 'solid' as const, profile: outline(...points) };
      });
      const wide = Math.max(b.wide, 12 + b.wall * 2);
      const vessel = outline(
        [foot, 0, b.wall],
        [foot, wide * 0.6, b.wall, true],
        [foot + b.tall * 0.3, wide, b.wall],
        [foot + b.tall, wide * 0.9, b.wall],
      );
      const drawn = bits.map((k, i) => ({
        name: `bit ${String(i)}`,
        shape:
          k.kind === 'ball'
            ? { kind: 'ball' as const, diameter: 0.012 }
            : k.kind === 'dot'
              ? { kind: 'dot' as const, diameter: 0.01, rise: 0.004 }
              : { kind: 'rod' as const, diameter: 0.006, length: 0.03 },
        place: {
          height: (foot + k.up * b.tall) / 1e3,
          out: wide / 1e3,
          around: i,
          tilt: 0,
          copies: 1,
        },
      }));
      return {
        alone,
        piece: pieceOf('tumbler', 'soft-batch-96', [...stack, { name: 'body', profile: vessel }], {
          bits: drawn,
        }),
      };
    });

  it('is drafted, or says what cannot be done: never an order that will not do without a word', () => {
    fc.assert(
      fc.property(piece, ({ piece: p, alone }) => {
        // As the worker does: other ways are tried for a while only.
        const since = performance.now();
        const of = shown(p, !alone, { enough: () => performance.now() - since > 800 });
        const no = of.heat.steps.filter((s) => s.verdict?.verdict === 'no');
        if (of.drafted.stopped) expect(of.drafted.stopped.because).not.toBe('');
        else expect(no.map((s) => s.verdict)).toEqual([]);
        expect(new Set(of.steps.map((s) => s.id)).size).toBe(of.steps.length);
      }),
      { numRuns: rounds(12) },
    );
  });
});
