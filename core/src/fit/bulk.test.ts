// A coloured wall in bulk, its layers as lines in the drawing, and a whole rack judged at once.
import type { Amount } from '@zanfirico/contract/piece';
import { measureShape } from '../form/measure';
import { lineWithin } from '../form/inner';
import { startingProfile } from '../form/forms';
import { SHIPPED_RACK } from '../rack/rack';
import { bulkOf, lookThrough } from './bulk';
import { BLACK, over, throughAt, WHITE } from './colourDepth';
import { asFitGlass, layWall } from './lay';
import { judgeOverlays } from './overlays';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');
const clear = asFitGlass(glass);
const laid = (id: string, amount: Amount, after = 1) => {
  const colour = SHIPPED_RACK.colour(id);
  if (!colour) throw new Error(`no ${id}`);
  return { colour, amount, after };
};
const wall = (...colours: ReturnType<typeof laid>[]) =>
  layWall({
    glass,
    gathered: [1e-4, 2e-4],
    dip: { ironDiameter: 0.0254, depth: 0.07 },
    laid: colours,
  });

describe('a wall in bulk', () => {
  it('dims light as its transparent layers do one after the other (Beer–Lambert)', () => {
    const layers = wall(
      laid('deep-water', { kind: 'weight', mass: 0.02 }),
      laid('kelp', { kind: 'weight', mass: 0.01 }, 2),
    );
    const t = 0.005;
    const { absorb, body } = bulkOf(layers, t);
    for (const c of [0, 1, 2] as const) {
      const one = layers.reduce(
        (left, l) => left * (l.colour ? throughAt(l.colour.seen, l.share * t)[c] : 1),
        1,
      );
      expect(Math.exp(-absorb[c] * t)).toBeCloseTo(one, 9);
      // Nothing scatters: over black there is only what black sends back.
      expect(body[c]).toBeLessThan(0.011);
    }
  });

  it('sends a white back, and nothing of a clear wall', () => {
    expect(bulkOf(wall(), 0.005)).toEqual({ absorb: [0, 0, 0], body: [0, 0, 0] });
    const white = bulkOf(wall(laid('chalk', { kind: 'passes', count: 6 })), 0.005);
    expect(white.body[0]).toBeGreaterThan(0.3);
  });

  it('shows the outermost layer first', () => {
    const layers = wall(
      laid('tar', { kind: 'weight', mass: 0.05 }),
      laid('chalk', { kind: 'weight', mass: 0.05 }, 2),
    );
    const chalk = SHIPPED_RACK.colour('chalk');
    const share = layers.find((l) => l.colour === chalk)?.share ?? 0;
    const alone = chalk ? over(chalk.seen, share * 0.004, BLACK) : BLACK;
    expect(lookThrough(layers, 0.004, WHITE)[0]).toBeCloseTo(alone[0], 1);
  });
});

describe('what is laid', () => {
  it('in coats lies as thick as it is said', () => {
    const coat = 0.0004;
    const layers = wall(laid('harbour-milk', { kind: 'coats', count: 2, thickness: coat }));
    const milk = layers.find((l) => l.colour);
    expect((milk?.atGather ?? 0) / (2 * coat)).toBeCloseTo(1, 1);
  });
  it('in pieces makes no layer', () => {
    expect(wall(laid('platinum', { kind: 'pieces', count: 3, diameter: 0.002 }))).toHaveLength(1);
  });
});

it('a line within the wall lies as deep as its share says', () => {
  const reading = measureShape(startingProfile('tumbler'), 0.22);
  if (!reading.ok) throw new Error('the tumbler should be good');
  const { outer } = reading.shape;
  expect(lineWithin(outer, 0)).toBe(outer);
  const half = lineWithin(outer, 0.5);
  const i = Math.round(outer.r.length / 2);
  const [r, z] = [outer.r[i] as number, outer.z[i] as number];
  const near = Math.min(...half.r.map((x, k) => Math.hypot(x - r, (half.z[k] as number) - z)));
  expect(near / (outer.wall[i] as number)).toBeCloseTo(0.5, 1);
});

describe('a rack judged at once', () => {
  const build = { wall: 0.004, overlay: 0.0005, form: { kind: 'cylinder', inside: 0.03 } } as const;
  const judged = (id: string, tested?: number) => {
    const colour = SHIPPED_RACK.colour(id);
    if (!colour) throw new Error(`no ${id}`);
    return judgeOverlays([colour], clear, build, {
      tolerance: 2e-7,
      tested: (first) => (first === id ? tested : undefined),
    })[0];
  };
  it('calls a higher number pulled, a lower one pressed, the same at rest (PHYSICS 4)', () => {
    expect(judged('chalk')).toMatchObject({ colour: 'pulled', byNumber: 'good' });
    expect(judged('rosehip')?.colour).toBe('pressed');
    expect(judged('sea-mist')).toMatchObject({ colour: 'at rest', verdict: 'good' });
  });
  it('tells both schools: 97 on 96 is good by number, float 90 at half a millimetre by stress only', () => {
    const by = (expansion: number) => {
      const colour = SHIPPED_RACK.colour('chalk');
      return (
        colour && judgeOverlays([{ ...colour, expansion }], clear, build, { tolerance: 2e-7 })[0]
      );
    };
    expect(by(97e-7)).toMatchObject({ as: 'layer', byNumber: 'good' });
    expect(by(90e-7)).toMatchObject({ verdict: 'good', byNumber: 'no' });
  });
  it('goes by a test where there is one', () => {
    expect(judged('oxide')?.verdict).not.toBe('good');
    expect(judged('oxide', 0.3e-7)).toMatchObject({ verdict: 'good', tested: true });
  });
  it('refuses hard on soft, and lets leaf carry nothing', () => {
    expect(judged('hard-deep')?.verdict).toBe('no');
    // What was not judged has no verdict: leaf carries no stress, which is not the same as good.
    for (const metal of ['silver', 'gold', 'copper'])
      expect(judged(metal)).toMatchObject({ as: 'leaf', verdict: undefined, byNumber: undefined });
    // Wire half a millimetre thick: stress past the limit, too small to crack.
    expect(judged('platinum')).toMatchObject({ as: 'grain', verdict: 'good', byNumber: undefined });
  });
});
