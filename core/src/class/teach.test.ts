// Learning a piece: calipers with tolerances, gathers that were half, what to change next time, and over weeks.
import { holdAgainst, limitsOf, type HeldAgainst } from './exercise';
import { gathersTaken } from './halves';
import { nextTime, type CameMeasured } from './nextTime';
import { comesNearer, howNear } from './overWeeks';

const MM = 0.001;

describe('an exercise', () => {
  // The class cube of TRADE §14: 57 mm, checked on each side with calipers.
  const tolerances = [
    { of: 'height', under: 2 * MM, over: 1 * MM },
    { of: 'weight', under: 0.1, over: 0.05 },
    { of: 'wall', up: 30 * MM, under: 0.5 * MM, over: 0.5 * MM },
    { of: 'capacity', under: 0.1, over: 0.1 },
  ] as const;
  const drawn = [57 * MM, 0.46, 4 * MM, undefined];

  it('has two settings of the calipers, lengths in their unit and weight as a share', () => {
    expect(limitsOf(tolerances[0], 57 * MM)).toEqual({ least: 55 * MM, most: 58 * MM });
    const { least, most } = limitsOf(tolerances[1], 0.46);
    expect([least, most].map((m) => Number(m.toFixed(4)))).toEqual([0.414, 0.483]);
  });

  it.each([
    [55, 'good'],
    [54.9, 'under'],
    [58, 'good'],
    [58.1, 'over'],
  ])('%s mm high is %s', (mm, verdict) => {
    const [height] = holdAgainst(tolerances, drawn, [{ of: 'height', value: mm * MM }]);
    expect(height).toMatchObject({ verdict, made: mm * MM });
  });

  it('goes by what was measured last, at the place on the wall it is of; what the piece has not is left out', () => {
    const held = holdAgainst(tolerances, drawn, [
      { of: 'height', value: 0.05 },
      { of: 'height', value: 0.0565 },
      { of: 'wall', value: 0.009, up: 0.06 },
      { of: 'wall', value: 0.0041, up: 0.031 },
    ]);
    expect(held.map((h) => [h.of, h.made, h.verdict])).toEqual([
      ['height', 0.0565, 'good'],
      ['weight', undefined, undefined],
      ['wall', 0.0041, 'good'],
    ]);
  });
});

describe('gathers as they were told of', () => {
  const weighed = (id: string, value: number) =>
    ({ id, at: Number(id), kind: 'reading', of: 'mass', value, where: 'gather' }) as const;
  it.each([
    [0.2, 'half'],
    [0.299, 'half'],
    [0.31, 'right'],
    [0.4, 'right'],
    [0.51, 'too much'],
  ])('%s kg of 0.4 is %s', (kg, verdict) => {
    expect(gathersTaken([weighed('1', kg)], 0.4)[0]?.verdict).toBe(verdict);
  });

  it('a tap says so too; what was taken back, weighed elsewhere or never planned does not', () => {
    expect(
      gathersTaken(
        [
          { id: '1', at: 1, kind: 'mishap', what: 'half a gather' },
          weighed('2', 0.2),
          { id: '3', at: 3, kind: 'taken back', event: '2' } as never,
          { id: '4', at: 4, kind: 'reading', of: 'mass', value: 0.1 },
          { id: '5', at: 5, kind: 'mishap', what: 'gathered too much' },
        ],
        0.4,
      ).map((g) => g.verdict),
    ).toEqual(['half', 'too much']);
    expect(gathersTaken([weighed('1', 0.2)], undefined)).toEqual([]);
  });
});

const held = (of: HeldAgainst['of'], verdict: HeldAgainst['verdict']): HeldAgainst => ({
  of,
  up: undefined,
  drawn: 1,
  least: 0.9,
  most: 1.1,
  made: verdict === 'under' ? 0.8 : verdict === 'over' ? 1.3 : 1,
  off: verdict === 'under' ? -0.2 : verdict === 'over' ? 0.3 : 0,
  verdict,
});
const came = (more: Partial<CameMeasured> = {}): CameMeasured => ({
  held: [],
  gathers: [],
  mishaps: [],
  took: 400,
  planned: 400,
  heats: { taken: 3, planned: 3 },
  broke: false,
  ...more,
});

describe('what to change next time', () => {
  it.each<[string, Partial<CameMeasured>, RegExp]>([
    // TRADE §2: "half-size means take more at the second dip, bigger than the calipers means too much".
    ['half', { gathers: [{ at: 0, share: 0.5, verdict: 'half' }] }, /more at the second dip/],
    ['light', { held: [held('weight', 'under')] }, /more at the second dip/],
    [
      'too much',
      { gathers: [{ at: 0, share: 1.4, verdict: 'too much' }] },
      /Bigger than the calipers/,
    ],
    // TRADE §19: the rules said every time.
    ['off centre', { mishaps: ['off centre'] }, /slow down, not faster/],
    ['ragged', { mishaps: ['ragged break'] }, /light fingertips.*do not hammer/],
    ['sucked cold', { mishaps: ['too cold at the marver'] }, /Flash it before the marver/],
    ['thin', { held: [held('wall', 'under')] }, /Stop blowing sooner/],
    ['cracked', { broke: true }, /cleaner neck/],
    ['many heats', { heats: { taken: 6, planned: 3 } }, /first seconds after the heat/],
    ['slow', { took: 700 }, /Rehearse the order/],
  ])('%s', (_what, more, says) => {
    expect(nextTime(came(more))[0]?.says).toMatch(says);
  });

  it('says nothing of a piece that came out right, and at most three things of one that did not', () => {
    expect(nextTime(came({ held: [held('height', 'good')] }))).toEqual([]);
    const all = nextTime(
      came({
        held: (['weight', 'wall', 'height', 'lip'] as const).map((of) => held(of, 'over')),
        mishaps: ['off centre', 'ragged break', 'cracked'],
        took: 4000,
      }),
    );
    expect(all).toHaveLength(3);
  });

  it('never says more and less glass at once', () => {
    const both = nextTime(
      came({
        held: [held('weight', 'under')],
        gathers: [{ at: 0, share: 1.5, verdict: 'too much' }],
      }),
    );
    expect(both.map((n) => n.says).join(' ')).not.toMatch(/second dip/);
  });
});

describe('over weeks', () => {
  it('a piece in one number: within, of those measured, and the worst in tolerances', () => {
    const near = howNear([
      held('height', 'good'),
      held('lip', 'over'),
      { ...held('wall', 'good'), made: undefined, off: undefined, verdict: undefined },
    ]);
    expect([near.within, near.measured]).toEqual([1, 2]);
    expect(near.worst).toBeCloseTo(3, 9);
    expect(howNear([]).worst).toBeUndefined();
  });

  it.each<[readonly number[], string]>([
    [[3, 2, 1], 'too few'],
    [[4, 3, 1.2, 0.9], 'nearer'],
    [[1, 1.1, 2, 2.4], 'further'],
    [[1, 1.1, 1, 1.05], 'the same'],
    // One bad day among them changes nothing.
    [[2, 2.1, 9, 1, 0.9, 1.1], 'nearer'],
  ])('%j: %s', (worst, says) => {
    expect(comesNearer(worst)).toBe(says);
  });
});
