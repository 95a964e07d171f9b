// What of a piece is its section: round parts and the turns of its wraps; stoppers apart; bits off the axis and parts not round beside it.
import { checkedSchedule } from '../night/checked';
import { meshProblem } from '../night/section/putSection';
import { SHIPPED_RACK } from '../rack/rack';
import { startingProfile } from '../form/forms';
import { derive, NO_SHOP, type PieceInput } from './derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from './ordinary';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('shipped');
const cup: PieceInput = {
  form: 'tumbler',
  way: 'furnace',
  parts: [{ profile: startingProfile('tumbler') }],
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
};
const outAt = (height: number): number => {
  const d = derive(cup, glass, NO_SHOP);
  if (!d.ok) throw new Error('a tumbler can be made');
  const { r, z } = d.parts[0]?.shape.outer ?? { r: [], z: [] };
  return r[z.findIndex((v) => v >= height)] ?? 0;
};
const wrap = (copies: number, turns = 2) => ({
  name: 'thread',
  shape: { kind: 'wrap' as const, diameter: 0.004, turns, pitch: 0.008 },
  place: {
    height: 0.04,
    out: outAt(0.045) + 0.0015,
    around: 0,
    tilt: 0,
    copies,
  },
});
const made = (piece: PieceInput) => {
  const d = derive(piece, glass, NO_SHOP);
  if (!d.ok) throw new Error(JSON.stringify(d.problems));
  return d;
};

it('a plain cup is one body, and nothing is beside it', () => {
  const { night } = made(cup);
  expect(night.drawn?.section.bodies.map((b) => [b.name, b.hollow])).toEqual([['part 1', true]]);
  expect(night.beside).toBeUndefined();
  expect(night.apart).toEqual([]);
  expect(night.drawn && meshProblem(night.drawn)).toBeUndefined();
});

long(
  'a wrap about it is rings of the section, one a turn; what they weigh on the night is small',
  () => {
    const { night } = made({ ...cup, bits: [wrap(1)] });
    const rings = night.drawn?.section.bodies.filter((b) => b.ring === true) ?? [];
    expect(rings).toHaveLength(2);
    expect(rings[1]?.low).toBeGreaterThan(rings[0]?.low ?? 1);
    expect(night.drawn?.section.leavesOut).toEqual([]);
    expect(night.beside).toBeUndefined();
    const [plain, wound] = [checkedSchedule(made(cup).night), checkedSchedule(night)];
    expect(wound.outcome.section).toBeDefined();
    expect(wound.schedule.total.value / plain.schedule.total.value).toBeLessThan(1.25);
  },
);

it('several of a bit are off the axis: lumps of their own beside it', () => {
  const { night } = made({ ...cup, bits: [wrap(3)] });
  expect(night.drawn?.section.bodies.some((b) => b.ring === true)).toBe(false);
  expect(night.drawn?.section.leavesOut).toEqual(['thread']);
  expect(night.beside?.thickest).toBeCloseTo(0.004, 6);
});
