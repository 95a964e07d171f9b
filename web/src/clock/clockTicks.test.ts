// The clock under every night's curve: whole hours, few enough, also where clocks change.
import { METRIC } from '@zanfirico/core/units';
import * as fc from 'fast-check';
import { clockWords } from './clockWords';
import { clockAxis, degreeTicks, uprightAxis } from '../marks/chartLook';
import { clockTicks, tickWords } from './clockTicks';

const HOUR = 3600;
const plain = new Date(2026, 10, 26);
const shown = (ticks: readonly number[], lastIn: string, day: Date): string[] =>
  ticks.map((t) => clockWords(lastIn, t, day).time);

describe('ticks of the clock', () => {
  it('stand on whole hours, in order, inside the axis, twelve and one at most', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -24, max: 0 }),
        fc.integer({ min: 1, max: 90 * 24 }),
        fc.integer({ min: 0, max: 1439 }),
        (before, hours, minute) => {
          const lastIn = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
          const [from, to] = [before * HOUR, hours * HOUR];
          const ticks = clockTicks(from, to, lastIn, plain);
          expect(ticks.length).toBeLessThanOrEqual(13);
          expect([...ticks].sort((a, b) => a - b)).toEqual(ticks);
          for (const t of ticks) {
            expect(t).toBeGreaterThanOrEqual(from);
            expect(t).toBeLessThanOrEqual(to);
          }
          for (const text of shown(ticks, lastIn, plain)) expect(text).toMatch(/:00$/);
        },
      ),
      { numRuns: 60 },
    );
  });
  it.each([
    {
      what: 'an ordinary night',
      day: plain,
      hours: ['18:00', '20:00', '22:00', '00:00', '02:00', '04:00', '06:00', '08:00'],
    },
    {
      what: 'clocks put back',
      day: new Date(2026, 9, 24),
      hours: ['18:00', '20:00', '22:00', '00:00', '02:00', '04:00', '06:00'],
    },
    {
      what: 'clocks put forward',
      day: new Date(2026, 2, 28),
      hours: ['18:00', '20:00', '22:00', '00:00', '03:00', '04:00', '06:00', '08:00'],
    },
  ])('of $what are the clock’s own', ({ day, hours }) => {
    expect(shown(clockTicks(0, 15 * HOUR, '17:00', day), '17:00', day)).toEqual(hours);
  });
});

describe('axes', () => {
  it('run over what they are given and print their values', () => {
    const axis = clockAxis(-HOUR, 5 * HOUR, '17:00');
    expect(axis.domain).toEqual([-HOUR, 5 * HOUR]);
    expect(axis.tickFormatter(HOUR)).toBe('18:00');
    const up = uprightAxis([0, 200, 600], degreeTicks(METRIC));
    expect(up.domain).toEqual([0, 600]);
    expect(up.tickFormatter(200)).toBe('200°');
    expect(degreeTicks({ ...METRIC, temperature: 'F' })(100)).toBe('212°');
  });
});

describe('what a tick says', () => {
  const day = new Date(2026, 10, 27);
  it.each([
    ['a night: every midnight is one', 7.5 * 3600, 0, 20 * 3600, '00:00'],
    ['two days: the day that begins', 7.5 * 3600, 0, 60 * 3600, 'Sat'],
    ['weeks: with its date', 7.5 * 3600, 0, 400 * 3600, 'Sat 28'],
    ['other hours stay the clock’s', 13.5 * 3600, 0, 60 * 3600, '06:00'],
  ])('%s', (_, at, from, to, says) => {
    expect(tickWords(at, from, to, '16:30', day)).toBe(says);
  });
});
