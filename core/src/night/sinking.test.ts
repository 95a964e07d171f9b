// A hold slumps a piece only where this form would sink so far that one sees it; and each glass is offered the holds that suit it.
import type { Form } from '@zanfirico/contract/piece';
import { derive } from '../piece/derive';
import { startingParts, FORMS } from '../form/forms';
import { glassOf, outline, pieceOf } from '../piece/shop.fixture';
import { fitVft, logViscosity } from '../glass/viscosity';
import { REPRESENTATIVE_GLASSES } from '../rack/glasses';
import { customaryHolds } from './asked/customaryHolds';
import { annealingSchedule } from './schedule';
import { flowed, flowsAt, sinks } from './sinking';

const soft = glassOf('soft-batch-96');
const fromF = (f: number): number => ((f - 32) * 5) / 9;
const HOUR = 3600;
const nightOf = (form: Form, parts = startingParts(form)) => {
  const d = derive(pieceOf(form, 'soft-batch-96', parts), soft);
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d.night;
};
const heart = nightOf('solid', [
  {
    name: 'heart',
    work: 'solid',
    profile: outline([0, 0, 3], [8, 20, 3], [25, 28, 3], [45, 20, 3], [52, 0, 3]),
  },
]);

describe('how much glass flows', () => {
  it('along a hold is its time by its viscosity, and a ramp’s is the sum of its holds', () => {
    const eta = 10 ** logViscosity(fitVft(soft), 538);
    expect(flowsAt(soft, 538, 6 * HOUR)).toBeCloseTo((6 * HOUR) / eta, 15);
    expect(flowed(soft, { time: [0, 6 * HOUR], temperature: [538, 538] })).toBeCloseTo(
      (6 * HOUR) / eta,
      15,
    );
    // A ramp from 560 to 500 in 600 one-minute holds, by hand.
    let hand = 0;
    for (let i = 0; i < 600; i += 1)
      hand += 60 * 10 ** -logViscosity(fitVft(soft), 560 - (60 * (i + 0.5)) / 600);
    const ramp = flowed(soft, { time: [0, 36000], temperature: [560, 500] });
    expect(ramp / hand).toBeCloseTo(1, 2);
  });
});

describe('a hold of 1000 °F (538 °C), customary for hours', () => {
  // Common practice, no source: solid hearts are held six hours at 1000 °F.
  it('moves a solid heart by some thousandths of a millimetre in six hours', () => {
    const sunk = sinks(heart.gives, soft, 538, flowsAt(soft, fromF(1000), 6 * HOUR));
    expect(sunk.by).toBeLessThan(1e-5);
    expect(sunk.shows).toBe(false);
  });
  it.each(FORMS.filter((f) => f !== 'plate'))('lets a %s stand through a night', (form) => {
    const night = { ...nightOf(form), holdTemperature: fromF(1000) };
    expect(annealingSchedule(night).verdict.verdict).not.toBe('no');
  });
  it('at 640 °C a bowl’s wall is a millimetre down within the hour, which is said by name', () => {
    const bowl = nightOf('bowl');
    const sunk = sinks(bowl.gives, soft, 640, flowsAt(soft, 640, HOUR));
    expect(sunk.by).toBeGreaterThan(1e-3);
    const { verdict } = annealingSchedule({ ...bowl, holdTemperature: 640 });
    expect(verdict.verdict).toBe('no');
    expect(verdict.because).toMatch(/the .* of the .* would sink by (more than 10|[\d.]+) mm/);
  });
  it('longer or hotter never sinks less', () => {
    const { gives } = nightOf('bowl');
    let before = 0;
    for (const at of [480, 510, 540, 570, 600]) {
      const now = sinks(gives, soft, at, flowsAt(soft, at, HOUR)).by;
      expect(now).toBeGreaterThan(before);
      expect(sinks(gives, soft, at, flowsAt(soft, at, 2 * HOUR)).by).toBeCloseTo(2 * now, 12);
      before = now;
    }
  });
});

describe('customary holds', () => {
  const of = (id: string): readonly number[] =>
    customaryHolds(glassOf(id)).map((h) => h.fahrenheit);
  it.each([
    ['soft-batch-96', [900, 925, 950, 1000]],
    ['borosilicate-33', [1050]],
    ['soft-rod-104', [900, 925, 950]],
    // Lead is soft at every one of them: its annealing point is offered, and nothing else.
    ['lead-crystal-91', []],
  ])('of %s', (id, holds) => {
    expect(of(id)).toEqual(holds);
  });
  it('of every glass that ships lie where it relaxes within a night and stands', () => {
    for (const glass of REPRESENTATIVE_GLASSES)
      for (const { at } of customaryHolds(glass)) {
        expect(Math.abs(at - glass.annealing)).toBeLessThan(60);
      }
  });
});
