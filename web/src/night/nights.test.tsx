// Nights kept by what they are made of: each put through the simulation once, the same for everybody who asks.
import { render, screen } from '@testing-library/react';
import { checkedSchedule, firstGuess, STUDIO_BOX, type ScheduleInput } from '@zanfirico/core/night';
import { findGlass } from '@zanfirico/core/rack';
import { nightWork } from '../workers/nightWork';
import { BoxHours } from './BoxHours';
import { forgetHours, knownSeconds } from './knownHours';
import { asNight, checkedNight, contentOf } from './nights';
import { seen } from '../../testing/seen';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');
/** A night of its own: no two tests share a wall. */
const nightOf = (thickest: number): ScheduleInput => ({
  glass,
  wall: { thickest, stepThick: thickest, stepThin: thickest, body: 'slab' },
  practice: 'studio',
  holdTemperature: glass.annealing,
  doorTemperature: 60,
  box: STUDIO_BOX,
  holding: 3600,
});

let check: jest.SpyInstance;
beforeEach(() => {
  check = jest.spyOn(nightWork, 'check');
});
afterEach(() => {
  check.mockRestore();
});

describe('nights', () => {
  it('alike in content are one: asked for by several at once, worked out once', async () => {
    const [a, b] = [nightOf(0.0061), nightOf(0.0061)];
    expect(a).not.toBe(b);
    expect(contentOf(a)).toBe(contentOf(b));
    const [first, second] = await Promise.all([checkedNight(a), checkedNight(b)]);
    expect(second).toBe(first);
    expect(await checkedNight(nightOf(0.0061))).toBe(first);
    expect(check).toHaveBeenCalledTimes(1);
    expect(first.schedule.total.value).toBe(checkedSchedule(a).schedule.total.value);
  });

  it.each<[string, Partial<ScheduleInput>]>([
    ['practice', { practice: 'fine' }],
    ['hold', { holdTemperature: 500 }],
    ['door', { doorTemperature: 80 }],
    ['box', { box: { ...STUDIO_BOX, coolingTime: 3 * 3600 } }],
    ['restraint', { assumes: { restraint: 1 } }],
  ])('another %s is another night', (_, change) => {
    const input = nightOf(0.0062);
    expect(contentOf({ ...input, ...change })).not.toBe(contentOf(input));
  });

  it('a guess is told as one, a checked night as that, one that failed with its sentence', async () => {
    const input = nightOf(0.0063);
    expect(asNight(input, undefined)).toMatchObject({ state: 'guess' });
    expect(asNight(input, undefined).schedule.total.value).toBe(firstGuess(input).total.value);
    const checked = await checkedNight(input);
    expect(asNight(input, { answer: checked })).toMatchObject({
      state: 'checked',
      schedule: checked.schedule,
    });
    expect(asNight(input, { says: 'Its worker stopped.' })).toMatchObject({
      state: 'failed',
      says: 'Its worker stopped.',
    });
  });

  it('that could not be worked out is asked again when it is asked for again', async () => {
    const input = nightOf(0.0064);
    check.mockImplementationOnce(() => {
      throw new Error('The computation stopped unexpectedly.');
    });
    await expect(checkedNight(input)).rejects.toThrow('stopped unexpectedly');
    await expect(checkedNight(input)).resolves.toMatchObject({ holds: true });
    expect(check).toHaveBeenCalledTimes(2);
  });
});

describe('hours in the box', () => {
  it('say that they are being checked, then the checked ones', async () => {
    render(<BoxHours input={nightOf(0.0065)} />);
    expect(screen.getByText(/being checked/)).toBeVisible();
    await seen(() => screen.getByText(/\d+ h( \d\d)? in the box/));
    expect(screen.queryByText(/not checked/)).toBeNull();
  });

  it('that were worked out before are said at once, another day, and asked for no more', async () => {
    await checkedNight(nightOf(0.0067));
    forgetHours();
    check.mockClear();
    render(<BoxHours input={nightOf(0.0067)} />);
    expect(screen.getByText(/\d+ h( \d\d)? in the box/)).toBeVisible();
    expect(check).not.toHaveBeenCalled();
    // By another solver they are other hours.
    const kept = JSON.parse(localStorage.getItem('zanfirico.hours') ?? '{}') as object;
    localStorage.setItem('zanfirico.hours', JSON.stringify({ ...kept, solver: 1 }));
    forgetHours();
    expect(knownSeconds(contentOf(nightOf(0.0067)))).toBeUndefined();
    localStorage.setItem('zanfirico.hours', '{no');
    forgetHours();
    expect(knownSeconds(contentOf(nightOf(0.0067)))).toBeUndefined();
  });

  it('of a night that failed are told as not checked', async () => {
    check.mockImplementation(() => {
      throw new Error('no');
    });
    render(<BoxHours input={nightOf(0.0066)} />);
    await seen(() => screen.getByText(/\(not checked\)/));
  });
});
