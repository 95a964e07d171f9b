// The clock of the trade (TRADE §14): what demonstrations took, each within a third. Common practice, no source.
import type { WorkStep } from '../work/facts';
import { factsOf } from '../work/facts';
import { between, outline, pieceOf, shown, type Shown } from './shop.fixture';
import { startingParts, startingProfile } from '../form/forms';

const MINUTE = 60;
const kind =
  (...kinds: readonly string[]) =>
  (s: WorkStep): boolean =>
    kinds.includes(s.kind);
const gathered = (s: WorkStep): boolean => ['gather', 'begin'].includes(factsOf(s).does);
const boxed = kind('box');
const whole = (of: Shown): number => between(of, gathered, boxed) / MINUTE;
const secondsOf = (of: Shown, ...kinds: readonly string[]): number =>
  of.steps.filter(kind(...kinds)).reduce((sum, s) => sum + s.seconds, 0);
/** Within a third, either way. */
const within = (value: number, low: number, high = low): void => {
  expect(value).toBeGreaterThanOrEqual((low * 2) / 3);
  expect(value).toBeLessThanOrEqual((high * 4) / 3);
};

describe('a class cube, 57 mm, on a 19 mm solid iron, a pair working', () => {
  // A cube as a body of revolution: as wide as it needs to be for a cube's 467 g.
  const cube = shown(
    pieceOf(
      'solid',
      'soft-batch-96',
      [
        {
          name: 'cube',
          work: 'solid',
          profile: outline([0, 0, 5], [0, 32, 5, true], [57, 32, 5, true], [57, 0, 5]),
        },
      ],
      {
        making: {
          potTemperature: 1150,
          ironDiameter: 0.019,
          dipDepth: 0.07,
          allowance: 0.15,
          tube: { outerDiameter: 0.038, wall: 0.004 },
        },
      },
    ),
    true,
  );
  it('takes two gathers', () => {
    expect(cube.steps.filter(gathered)).toHaveLength(2);
  });
  it('is in the box 6 min 40 after the first', () => {
    within(whole(cube), 6 + 40 / 60);
  });
  it('the second dip follows 35 to 75 s after the first', () => {
    const [first, second] = cube.steps.flatMap((s, i) =>
      gathered(s) ? [cube.starts[i] ?? 0] : [],
    );
    within((second ?? 0) - (first ?? 0), 35, 75);
  });
  it('shaped 45 s at a go, neck 45 s', () => {
    for (const s of cube.steps.filter(kind('shapeSolid'))) within(s.seconds, 45);
    within(secondsOf(cube, 'neck'), 45);
  });
  it('waits until the yellow fades, 40 to 60 s, between its neck and the last flash', () => {
    const neck = Math.max(
      ...cube.steps.flatMap((s, i) =>
        s.kind === 'neck' ? [(cube.starts[i] ?? 0) + s.seconds] : [],
      ),
    );
    const flash = cube.starts[cube.steps.findIndex(kind('lastFlash'))] ?? 0;
    within(flash - neck, 40, 60);
  });
  it('is flashed for 2 to 5 s before it is let go', () => {
    const at = cube.steps.findIndex(kind('knockOff'));
    expect(cube.steps[at - 1]?.kind).toBe('lastFlash');
    expect(cube.steps[at - 1]?.seconds).toBeGreaterThanOrEqual(2);
    expect(cube.steps[at - 1]?.seconds).toBeLessThanOrEqual(5);
  });
});

describe('a stemmed cup, alone', () => {
  it('11 to 12 minutes from the first gather to the box', () => {
    within(
      whole(shown(pieceOf('stemmed', 'soft-batch-96', startingParts('stemmed')), false)),
      11,
      12,
    );
  });
});

const footedBowl = pieceOf('bowl', 'soft-batch-96', [
  {
    name: 'foot',
    work: 'solid',
    profile: outline([0, 0, 3], [0, 26, 3, true], [3, 27, 3], [6, 15, 3], [9, 12, 3], [9, 0, 3]),
  },
  {
    name: 'bowl',
    profile: outline([9, 0, 5], [9, 12, 5, true], [16, 34, 4.5], [32, 52, 3.6], [60, 62, 3]),
  },
]);
describe('a footed bowl, spun open, one helper', () => {
  const bowl = shown(footedBowl, true);
  it('5 to 6 minutes from the first gather to the box', () => {
    within(whole(bowl), 5, 6);
  });
  it('has about 20 s of work to a heat on its thin lip', () => {
    const long = bowl.steps.findIndex(kind('longReheat'));
    let worked = 0;
    for (const s of bowl.steps.slice(long + 1)) {
      if (factsOf(s).does === 'heat' || factsOf(s).heat === 'glory hole') break;
      worked += s.seconds;
    }
    within(worked, 15, 20);
  });
});

describe('a footed vase: its foot spooled on', () => {
  const vase = shown(
    pieceOf('bottle', 'soft-batch-96', [
      {
        name: 'foot',
        work: 'solid',
        profile: outline(
          [0, 0, 3],
          [0, 30, 3, true],
          [3, 31, 3],
          [7, 18, 3],
          [11, 14, 3],
          [11, 0, 3],
        ),
      },
      {
        name: 'vase',
        profile: outline(
          [11, 0, 5],
          [11, 14, 5, true],
          [22, 34, 4.5],
          [60, 45, 3.6],
          [110, 40, 3.4],
          [150, 22, 3.4],
          [165, 26, 3],
        ),
      },
    ]),
    true,
  );
  it('6 minutes from the foot’s gather to the box', () => {
    within(between(vase, (s) => s.part === 0 && gathered(s), boxed) / MINUTE, 6);
  });
  it('its long heat is about 75 s, and the longest of its order', () => {
    within(secondsOf(vase, 'longReheat'), 75);
    const others = vase.steps.filter((s) => factsOf(s).does === 'heat' && s.kind !== 'longReheat');
    expect(Math.max(...others.map((s) => s.seconds))).toBeLessThanOrEqual(
      secondsOf(vase, 'longReheat'),
    );
  });
  it('the punty is made while the foot sets', () => {
    const at = (k: string): number => vase.starts[vase.steps.findIndex(kind(k))] ?? NaN;
    expect(at('makePunty')).toBeLessThan(at('punty'));
    const made = vase.steps.find(kind('makePunty'))?.seconds ?? 0;
    expect(at('makePunty') + made).toBeLessThanOrEqual(at('punty') + 1e-6);
  });
});

describe('transfer and opening, two hands and a blower', () => {
  const bottle = shown(
    pieceOf('bottle', 'soft-batch-96', [{ name: 'body', profile: startingProfile('bottle') }]),
    true,
  );
  it('5 min 30 from the punty to the box', () => {
    within(between(bottle, kind('punty'), boxed) / MINUTE, 5.5);
  });
  it('cracked off 30 s after sticking', () => {
    within(between(bottle, kind('punty'), kind('transfer')), 30);
  });
  it('long heat about 80 s', () => {
    within(secondsOf(bottle, 'longReheat'), 80);
  });
});

describe('a tall footed pitcher, two hands', () => {
  const bent = (diameter: number, path: readonly (readonly [number, number])[], wall?: number) => ({
    kind: 'bent' as const,
    diameter: diameter / 1e3,
    path: path.map(([out, up]) => ({ out: out / 1e3, up: up / 1e3 })),
    ...(wall !== undefined && { wall: wall / 1e3 }),
  });
  const pitcher = shown(
    pieceOf(
      'bottle',
      'soft-batch-96',
      [
        {
          name: 'foot',
          work: 'solid',
          profile: outline(
            [0, 0, 3],
            [0, 32, 3, true],
            [3, 33, 3],
            [7, 18, 3],
            [11, 13, 3],
            [11, 0, 3],
          ),
        },
        {
          name: 'pitcher',
          profile: outline(
            [11, 0, 5],
            [11, 13, 5, true],
            [22, 34, 3.6],
            [70, 46, 3],
            [130, 38, 2.6],
            [190, 26, 2.6],
            [215, 31, 2.6],
          ),
        },
      ],
      {
        bits: [
          {
            name: 'handle',
            shape: bent(11, [
              [0, 0],
              [30, 30],
              [30, 70],
              [-12, 100],
            ]),
            place: { height: 0.1, out: 0.043, around: 0, tilt: 0, copies: 1 },
          },
          {
            name: 'spout',
            shape: bent(
              20,
              [
                [0, 0],
                [8, 4],
                [15, 8],
              ],
              3,
            ),
            place: { height: 0.21, out: 0.03, around: Math.PI, tilt: 0, copies: 1 },
          },
        ],
      },
    ),
    true,
  );
  it('3 minutes from the tap that has it off the pipe to the box, its long heat about 60 s', () => {
    const off = pitcher.steps.find(kind('transfer'))?.seconds ?? 0;
    within((between(pitcher, kind('transfer'), boxed) - off) / MINUTE, 3);
    within(secondsOf(pitcher, 'longReheat'), 60);
  });
  it('spout before handle, though drawn after it', () => {
    const at = (k: string): number => pitcher.steps.findIndex(kind(k));
    expect(at('spout')).toBeGreaterThan(0);
    expect(at('spout')).toBeLessThan(at('handle'));
  });
});

describe('a torch animal of hard rod, 60 to 80 mm', () => {
  it('20 minutes from the first heat to the kiln', () => {
    const bit = (name: string, height: number, out: number, long: number) => ({
      name,
      shape: { kind: 'rod' as const, diameter: 0.007, length: long },
      place: { height, out, around: 0, tilt: 1.5, copies: 1 },
    });
    const animal = shown(
      pieceOf(
        'solid',
        'borosilicate-33',
        [
          {
            name: 'body',
            work: 'solid',
            profile: outline([0, 0, 5], [10, 9, 5], [35, 12, 5], [60, 8, 5], [70, 0, 5]),
          },
        ],
        {
          bits: [
            bit('left leg', 0.012, 0.009, 0.025),
            bit('right leg', 0.014, 0.009, 0.025),
            bit('tail', 0.02, 0.01, 0.03),
            bit('ear', 0.06, 0.008, 0.012),
          ],
        },
      ),
      false,
    );
    within(whole(animal), 20);
  });
});

describe('a torch jar with marbles, a vine, a stopper and a foot', () => {
  it('an hour or two from the first heat to the kiln', () => {
    const marble = (around: number) => ({
      name: `marble ${String(around)}`,
      shape: { kind: 'ball' as const, diameter: 0.012 },
      place: { height: 0.04, out: 0.036, around, tilt: 0, copies: 1 },
    });
    const jar = shown(
      pieceOf(
        'bottle',
        'borosilicate-33',
        [
          {
            name: 'foot',
            work: 'solid',
            profile: outline([0, 0, 3], [0, 25, 3, true], [4, 25, 3], [8, 12, 3], [8, 0, 3]),
          },
          {
            name: 'jar',
            profile: outline(
              [8, 0, 4],
              [8, 12, 4, true],
              [20, 30, 3.5],
              [60, 32, 3],
              [85, 22, 3],
              [92, 24, 3],
            ),
          },
          {
            name: 'stopper',
            work: 'solid',
            role: 'stopper',
            profile: outline([80, 0, 5], [80, 18, 5, true], [95, 20, 5], [105, 15, 5], [115, 0, 5]),
          },
        ],
        {
          bits: [
            ...[0, 1, 2, 3, 4].map(marble),
            {
              name: 'vine',
              shape: { kind: 'wrap' as const, diameter: 0.004, turns: 2, pitch: 0.012 },
              place: { height: 0.03, out: 0.033, around: 0, tilt: 0, copies: 1 },
            },
          ],
        },
      ),
      false,
    );
    within(whole(jar), 60, 120);
  });
});

describe('a goblet of four blown parts, three hands', () => {
  it('40 to 60 minutes from the first gather to the box', () => {
    const cane = { kind: 'canes' as const, count: 20, diameter: 0.006, length: 0.06 };
    const laid = [{ colour: 'white-opaque', after: 1, amount: cane }];
    const goblet = shown(
      pieceOf('stemmed', 'soft-batch-96', [
        {
          name: 'foot',
          colours: laid,
          profile: outline([0, 42, 2], [4, 30, 2.2], [10, 10, 3], [14, 7, 3]),
        },
        {
          name: 'stem',
          work: 'solid',
          profile: outline(
            [14, 0, 4],
            [14, 7, 4],
            [40, 14, 4],
            [70, 7, 4],
            [95, 12, 4],
            [110, 6, 4],
            [110, 0, 4],
          ),
        },
        {
          name: 'knop',
          colours: laid,
          profile: outline([110, 0, 3], [114, 14, 3], [126, 20, 2.6], [138, 14, 3], [142, 0, 3]),
        },
        {
          name: 'bowl',
          colours: laid,
          profile: outline([142, 0, 3], [143, 8, 3], [155, 34, 2.4], [190, 44, 2], [230, 42, 1.9]),
        },
      ]),
      true,
    );
    within(whole(goblet), 40, 60);
  });
});

describe('a solid ridged tool', () => {
  it('8 minutes from the first gather to the box', () => {
    const points = outline(
      [0, 0, 5],
      [0, 18, 5, true],
      [60, 20, 5],
      [120, 18, 5],
      [180, 12, 5],
      [180, 0, 5],
    );
    const tool = pieceOf('solid', 'soft-batch-96', [
      { name: 'tool', work: 'solid', profile: points },
    ]);
    within(whole(shown(tool, true)), 8);
  });
});
