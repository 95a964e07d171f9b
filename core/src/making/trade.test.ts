// The trade's own clock at the bench (TRADE §5, §14; common practice, no source), replayed as events: what the heat that is really there
// says at each of its moments.
import type { Happened } from './makingState';
import * as fc from 'fast-check';
import { pieceOf, shown, outline, type Shown } from '../piece/shop.fixture';
import { consistency } from '../glass/consistency';
import { fitVft, logViscosity, strainPoint } from '../glass/viscosity';
import { heatOfWork } from '../iron/ofWork';
import { startingParts } from '../form/forms';
import { factsOf } from '../work/facts';
import { benchPlan } from './benchPlan';
import { asHappened } from './happened';
import { heatNow } from './makingHeat';
import { lookedBack } from './lookedBack';
import { makingState } from './makingState';

const T0 = 1_800_000_000_000;
const ALONE = [{ id: 'g', name: 'gaffer', skills: ['gaff'] as const }];

/** A piece's order at the bench as planned, up to the end of a step; that one so long, s, where it is told. */
function made(of: Shown, last: string, seconds?: number, left = false) {
  const plan = benchPlan(of.steps, of.starts, of.main, ALONE);
  const end = plan.steps.findIndex((s) => s.id === last);
  const events = plan.steps.slice(0, end + 1).map((s, i): Happened => {
    const took = i === end ? (seconds ?? s.seconds) : s.seconds;
    const at = Math.round(T0 + 1000 * ((plan.starts[i] as number) + took));
    return { kind: 'step', what: 'done', step: s.id, id: `e${String(i).padStart(4, '0')}`, at };
  });
  const away: Happened = {
    kind: 'away',
    what: 'gone',
    id: 'left',
    at: (events.at(-1)?.at ?? T0) + 1,
  };
  return { plan, state: makingState(plan.steps, T0, left ? [...events, away] : events, plan) };
}
const now = (of: Shown, state: ReturnType<typeof made>['state'], s: number) =>
  heatNow(of.parts, state, T0 + 1000 * s, of.fires)[0];

const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), false);
const first = (of: Shown, kind: string) => {
  const i = of.steps.findIndex((s) => s.kind === kind);
  const step = of.steps[i];
  if (!step) throw new Error(`no ${kind} in it`);
  return { step, start: of.starts[i] as number, end: (of.starts[i] as number) + step.seconds };
};

describe('the transfer and opening', () => {
  const punty = first(tumbler, 'punty');
  const heat = first(tumbler, 'longReheat');
  const out = heat.start + 80;
  // Then out of the fire, and nobody's tool on it.
  const heated = made(tumbler, heat.step.id, 80, true);

  it('when the punty is stuck on the piece stands at about 590 to 650 °C', () => {
    const there = now(tumbler, made(tumbler, punty.step.id).state, punty.end);
    expect(there?.mean).toBeGreaterThan(590);
    expect(there?.mean).toBeLessThan(650);
  });

  /** The lip so long after the heat, nobody doing anything, °C. */
  const lipAfter = (s: number) => {
    const at = T0 + 1000 * (out + s);
    const { steps, starts } = asHappened(heated.state, at, 2);
    const lip = heatOfWork(tumbler.parts, steps, starts, tumbler.fires).tracks.at(-1);
    const sample = Math.round(out + s);
    return { mean: lip?.mean[sample] ?? NaN, skin: lip?.skin[sample] ?? NaN };
  };
  const glass = tumbler.parts[0]?.glass;
  if (!glass) throw new Error('no glass');

  it('after a long heat of about 80 s the lip has come back to about 980 °C', () => {
    // "About": what eyes differ by, a sixteenth either way.
    expect(Math.abs(lipAfter(0).mean - 980)).toBeLessThan(60);
  });

  it('left out 60 to 80 s after that the thin lip is near its strain point', () => {
    const strain = strainPoint(glass);
    expect(lipAfter(20).skin).toBeGreaterThan(strain + 100);
    expect(lipAfter(60).skin).toBeLessThan(strain + 100);
    expect(lipAfter(80).skin).toBeGreaterThan(strain - 100);
  });

  it('and it is workable for about twenty seconds a heat (the footed bowl), not for a minute', () => {
    const vft = fitVft(glass);
    const word = (s: number): string => consistency(logViscosity(vft, lipAfter(s).mean));
    expect(word(15)).toMatch(/soft|workable/);
    expect(word(60)).toMatch(/stiff|set/);
  });
});

describe('the class cube, 57 mm, solid', () => {
  const half = 57 / 2;
  const cube = shown(
    pieceOf('solid', 'soft-batch-96', [
      {
        name: 'cube',
        work: 'solid' as const,
        profile: outline([0, 0, 3], [0, half, 3, true], [57, half, 3, true], [57, 0, 3]),
      },
    ]),
    false,
  );

  it('after the dip it is runny; waited for until the yellow fades, about a minute, it is set outside and soft within', () => {
    const step = cube.steps.findLast((s) => factsOf(s).does === 'gather');
    if (!step) throw new Error('no gather');
    const last = (cube.starts[cube.steps.indexOf(step)] as number) + step.seconds;
    const { state } = made(cube, step.id);
    const fresh = now(cube, state, last + 1);
    const later = now(cube, state, last + 60);
    expect(fresh?.band).toMatch(/runny|soft/);
    // So much glass keeps its heat: its skin falls by hundreds of degrees, its mean by less than two hundred.
    expect((fresh?.mean ?? 0) - (later?.mean ?? 0)).toBeLessThan(200);
    expect((later?.mean ?? 0) - (later?.skin ?? 0)).toBeGreaterThan(60);
  });
});

it('live and looked back at agree to half a degree, on any times of any steps', () => {
  const { plan } = made(tumbler, '');
  const times = fc.array(fc.double({ min: 0.6, max: 1.6, noNaN: true }), {
    minLength: plan.steps.length,
    maxLength: plan.steps.length,
  });
  fc.assert(
    fc.property(times, fc.integer({ min: 3, max: plan.steps.length - 1 }), (paces, upTo) => {
      let at = 0;
      const events = plan.steps.slice(0, upTo).map((s, i): Happened => {
        at += s.seconds * (paces[i] as number);
        return {
          kind: 'step',
          what: 'done',
          step: s.id,
          id: `e${String(i).padStart(4, '0')}`,
          at: Math.round(T0 + 1000 * at),
        };
      });
      const state = makingState(plan.steps, T0, events, plan);
      const live = now(tumbler, state, at);
      const back = lookedBack(tumbler.parts, state, tumbler.fires);
      if (!live || !back) return;
      // The last moment both know, by the coldest zone.
      const sample = Math.floor((state.last - T0) / 1000 / back.heat.every);
      const means = back.heat.tracks
        .map((t) => t.mean[sample] as number)
        .filter((t) => !Number.isNaN(t));
      const then = heatNow(
        tumbler.parts,
        state,
        T0 + 1000 * sample * back.heat.every,
        tumbler.fires,
      )[0];
      expect(Math.abs((then?.mean ?? NaN) - Math.min(...means))).toBeLessThan(0.5);
    }),
    { numRuns: rounds(25) },
  );
});
