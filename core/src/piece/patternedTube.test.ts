// One patterned tube for several parts: gathered for all of them, cut before any is picked up, and only where the canes lie alike.
import { factsOf } from '../work/facts';
import { RULES } from '../order/rules';
import { glassOf, outline, pieceOf, shown } from './shop.fixture';
import { ruleParts, workOf } from './workPlan';
import { linksOf } from '../crew/links';
import { derive } from './derive';

const cane = (colour: string, after = 1) => [
  { colour, after, amount: { kind: 'canes' as const, count: 20, diameter: 0.006, length: 0.06 } },
];
const drawn = {
  foot: outline([0, 42, 2], [4, 30, 2.2], [10, 10, 3], [14, 7, 3]),
  stem: outline(
    [14, 0, 4],
    [14, 7, 4],
    [40, 14, 4],
    [70, 7, 4],
    [95, 12, 4],
    [110, 6, 4],
    [110, 0, 4],
  ),
  knop: outline([110, 0, 3], [114, 14, 3], [126, 20, 2.6], [138, 14, 3], [142, 0, 3]),
  bowl: outline([142, 0, 3], [143, 8, 3], [155, 34, 2.4], [190, 44, 2], [230, 42, 1.9]),
};
const goblet = (foot: Laid, knop: Laid, bowl: Laid) =>
  pieceOf('stemmed', 'soft-batch-96', [
    { name: 'foot', profile: drawn.foot, colours: foot },
    { name: 'stem', work: 'solid', profile: drawn.stem },
    { name: 'knop', profile: drawn.knop, colours: knop },
    { name: 'bowl', profile: drawn.bowl, colours: bowl },
  ]);
type Laid = ReturnType<typeof cane>;
const [white, other] = [cane('white-opaque'), cane('cobalt-clear')];
const one = shown(goblet(white, white, white), true);
const two = shown(goblet(white, white, other), true);
const KNOP = 2;
const of = (s: typeof one, kind: string) =>
  s.steps.flatMap((t, i) => (t.kind === kind ? [{ ...t, at: s.starts[i] ?? NaN, i }] : []));

describe('parts whose canes lie alike', () => {
  it('are cut from one tube: one pick-up of canes, the others from lengths', () => {
    expect(of(one, 'pickCane').every((s) => s.part === KNOP)).toBe(true);
    expect(of(one, 'cutLengths')).toHaveLength(1);
    expect(of(one, 'pickLength').map((s) => s.part)).toEqual([0, 3]);
    expect(one.steps.some((s) => s.part === 3 && s.kind === 'gather')).toBe(false);
  });
  it('the tube is gathered for both, and its lengths are what each would have gathered', () => {
    const note = of(one, 'cutLengths')[0]?.note ?? '';
    const own = (i: number): number => one.derived.parts[i]?.gathers?.toGather.value ?? 0;
    const told = (i: number): string => `${String(Math.round(1e3 * own(i)))} g`;
    expect(note).toContain(`knop ${told(2)}, foot ${told(0)}, bowl ${told(3)}`);
    const last =
      of(one, 'gather')
        .filter((s) => s.part === KNOP)
        .at(-1)?.note ?? '';
    const all = own(0) + own(2) + own(3);
    expect(last).toContain(`${String(Math.round(1e3 * all))} g on the iron`);
  });
  it('a length is picked up after it was cut, at the garage’s heat, and nothing of it will not do', () => {
    const [cut, pick] = [of(one, 'cutLengths')[0], of(one, 'pickLength')[0]];
    expect(pick?.at ?? 0).toBeGreaterThanOrEqual((cut?.at ?? 0) + (cut?.seconds ?? 0));
    expect(one.drafted.stopped).toBeUndefined();
    expect(one.heat.steps.filter((s) => s.verdict?.verdict === 'no')).toEqual([]);
    // The garage stands 5 K over annealing; what is picked up there has that heat (10 K).
    expect(Math.abs((one.heat.steps[pick?.i ?? -1]?.from ?? 0) - 510)).toBeLessThan(10);
  });
  it('saves the time of the other pick-ups', () => {
    const span = (s: typeof one): number =>
      Math.max(
        ...s.steps.map((t, i) => (factsOf(t).off === 'after' ? 0 : (s.starts[i] ?? 0) + t.seconds)),
      );
    expect(span(one)).toBeLessThan(span(two));
  });
  it('a crew keeps to it: every length is tied to the cut', () => {
    const cut = of(one, 'cutLengths')[0]?.i;
    const links = linksOf(one.steps, one.parts, one.starts);
    for (const pick of of(one, 'pickLength'))
      expect(links).toContainEqual({ from: cut, to: pick.i, least: 0 });
  });
});

describe('parts whose canes differ', () => {
  it('are gathered each for itself', () => {
    expect(two.steps.some((s) => s.kind === 'cutLengths' || s.kind === 'pickLength')).toBe(false);
  });
  it('so are those on other gathers', () => {
    const piece = goblet(white, white, cane('white-opaque', 2));
    const derived = derive(piece, glassOf('soft-batch-96'));
    if (!derived.ok) throw new Error(derived.problems[0]?.message);
    expect(workOf(piece, derived, derived.main.index).draft.tube).toBeUndefined();
  });
});

describe('a length nobody cut', () => {
  it('is said', () => {
    const steps = one.steps.filter((s) => s.kind !== 'cutLengths');
    const found = RULES.flatMap((r) =>
      r
        .check({
          way: 'furnace',
          steps,
          parts: ruleParts(one.derived.parts, 0.019),
          main: one.main,
          skills: undefined,
        })
        .map((f) => `${r.id}: ${f.verdict.because}`),
    );
    expect(found).toContain('length-cut: No tube has been cut yet.');
  });
});
