// Nights that went wrong, judged.
import { judgeCurve } from './accident';
import { STUDIO_BOX } from '../box';
import { checkedSchedule, fromLastIn } from '../checked';
import { follow } from './kiln';
import { PRACTICES } from '../practice';
import { HOUR, even, stepped, tonight, piece } from '../nights.fixture';

describe('accidents', () => {
  const input = tonight(stepped(12, 5));
  const planned = fromLastIn(checkedSchedule(input).schedule);
  const soak = checkedSchedule(input).schedule.soak.value;
  it('nothing happened: carry on', () => {
    const judged = judgeCurve(input, planned, planned.time[1] ?? 0);
    expect(judged.verdict.verdict).toBe('good');
    expect(judged.again).toBeUndefined();
  });
  it('the power off while it falls through the range: soaked again from there it is sound', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, STUDIO_BOX, [off]);
    const judged = judgeCurve(input, curve, off.to);
    expect(judged.verdict.verdict).not.toBe('good');
    expect(judged.outcome.kept).toBeGreaterThan(1.02 * PRACTICES.studio.allows);
    expect(judged.again?.kept).toBeLessThan(1.02 * PRACTICES.studio.allows);
    expect(judged.again?.seconds).toBeGreaterThan(soak);
  });
  it('power off during the soak leaves nothing once it is soaked: carry on', () => {
    const { curve } = follow(planned, STUDIO_BOX, [{ kind: 'power off', from: 60, to: 200 }]);
    expect(judgeCurve(input, curve, 200).verdict.verdict).toBe('good');
  });
  it('a load is judged piece by piece, the worst first, and soaked again for all of them', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, STUDIO_BOX, [off]);
    const load = [piece('thin', stepped(4, 3)), piece('thick', input.wall)];
    const judged = judgeCurve(input, curve, off.to, {}, load);
    expect(judged.pieces.map((p) => [p.id, p.verdict.verdict])).toEqual([
      ['thick', judged.verdict.verdict],
      ['thin', 'good'],
    ]);
    expect(judged.pieces[0]?.outcome.kept).toBeCloseTo(judged.outcome.kept, 6);
    expect(judged.again?.kept).toBeLessThan(1.02 * PRACTICES.studio.allows);
  });
  it('a piece worse off than the one that sets the clock is named', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 0.6 * HOUR } as const;
    const { curve } = follow(planned, STUDIO_BOX, [off]);
    expect(judgeCurve(input, curve, off.to).verdict.verdict).not.toBe('no');
    const judged = judgeCurve(input, curve, off.to, {}, [piece('the block', even(90))]);
    expect(judged.verdict.verdict).toBe('no');
    expect(judged.verdict.because).toMatch(/^the block: /);
  });
  it('a programme that would catch up faster than the piece bears is to be stopped while there is time', () => {
    const off = { kind: 'power off', from: soak + 0.2 * HOUR, to: soak + 1.7 * HOUR } as const;
    const { curve } = follow(planned, STUDIO_BOX, [off]);
    const judged = judgeCurve(input, curve, off.to);
    expect(judged.outcome.worst.time).toBeGreaterThan(off.to);
    expect(judged.verdict.because).toMatch(/^Left to its programme/);
    expect(judged.again?.passing).toBeLessThan(judged.outcome.worst.stress / 2);
    // What froze in when it fell so fast is there, whatever the climb.
    expect(judged.again?.passing).toBeLessThan(7e6);
    if (judged.verdict.verdict === 'good') throw new Error('it is not good');
    expect(judged.verdict.remedy).toMatch(/Stop the programme now/);
  });
  it('a cold draught on a thick piece is past bearing', () => {
    const thick = tonight(even(60));
    const curve = { time: [0, HOUR, HOUR + 900, 3 * HOUR], temperature: [300, 300, 60, 40] };
    const judged = judgeCurve(thick, curve, HOUR);
    expect(judged.verdict.verdict).toBe('no');
  });
});
