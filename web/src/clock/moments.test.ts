// Nights on the calendar, in zones whose clocks change in different ways.
import { TZDate } from '@date-fns/tz';
import { clockAfter, clockChange, momentOf } from './moments';
import { clockTicks } from './clockTicks';
import { changeWords, clockWords } from './clockWords';

const HOUR = 3600;
const day = (zone: string, y: number, m: number, d: number): Date => new TZDate(y, m - 1, d, zone);

describe('the clock after some seconds', () => {
  it.each([
    ['17:00', 0, '17:00', 0],
    ['17:00', 8 * HOUR, '01:00', 1],
    ['17:00', -18 * HOUR, '23:00', -1],
    ['00:10', 72 * HOUR, '00:10', 3],
  ])('%s and %p s later shows %s, %p midnights on', (from, seconds, text, days) => {
    expect(clockAfter(from, seconds, new Date(2026, 10, 26))).toEqual({ text, days });
  });

  // Europe: Directive 2000/84/EC, forward on the last Sunday in March, back on the last in October, at 01:00 UTC. United States:
  // Energy Policy Act of 2005 § 110, second Sunday in March, first in November, at two. Lord Howe Island changes by half an hour
  // and India not at all (IANA time zone database).
  it.each([
    { zone: 'Europe/Berlin', y: 2026, m: 3, d: 28, text: '06:00', change: HOUR },
    { zone: 'Europe/Berlin', y: 2026, m: 10, d: 24, text: '04:00', change: -HOUR },
    { zone: 'Europe/Berlin', y: 2026, m: 7, d: 4, text: '05:00', change: 0 },
    { zone: 'America/New_York', y: 2026, m: 3, d: 7, text: '06:00', change: HOUR },
    { zone: 'America/New_York', y: 2026, m: 10, d: 31, text: '04:00', change: -HOUR },
    { zone: 'Australia/Lord_Howe', y: 2026, m: 10, d: 3, text: '05:30', change: HOUR / 2 },
    { zone: 'Asia/Kolkata', y: 2026, m: 3, d: 28, text: '05:00', change: 0 },
  ])('$zone, $y-$m-$d: twelve hours after 17:00 it shows $text', (t) => {
    const when = day(t.zone, t.y, t.m, t.d);
    expect(clockAfter('17:00', 12 * HOUR, when)).toEqual({ text: t.text, days: 1 });
    expect(clockChange('17:00', 12 * HOUR, when)).toBe(t.change);
    expect(clockWords('17:00', 12 * HOUR, when)).toEqual({ time: t.text, day: 'tomorrow' });
    const said = changeWords('17:00', 12 * HOUR, when);
    if (t.change === 0) expect(said).toBeUndefined();
    else expect(said).toContain(t.change > 0 ? 'forward' : 'back');
  });

  it('counts midnights, not days of 24 hours', () => {
    const back = day('Europe/Berlin', 2026, 10, 24);
    expect(clockAfter('23:30', 24 * HOUR, back)).toEqual({ text: '22:30', days: 1 });
    const forward = day('Europe/Berlin', 2026, 3, 25);
    expect(clockAfter('00:30', 7 * 24 * HOUR, forward)).toEqual({ text: '01:30', days: 7 });
  });
});

describe('moments', () => {
  it('are those of the zone the day is in', () => {
    expect(momentOf('17:30', day('Asia/Kolkata', 2026, 11, 26)).getTime()).toBe(
      Date.UTC(2026, 10, 26, 12, 0),
    );
    expect(momentOf('17:30', day('America/New_York', 2026, 11, 26)).getTime()).toBe(
      Date.UTC(2026, 10, 26, 22, 30),
    );
  });
  it('that a clock leaps over are those after the leap', () => {
    expect(momentOf('02:30', day('Europe/Berlin', 2026, 3, 29)).getTime()).toBe(
      Date.UTC(2026, 2, 29, 1, 30),
    );
  });
  it('forget the seconds of the day they were asked on', () => {
    const asked = new Date(2026, 10, 26, 9, 41, 37, 250);
    expect(momentOf('17:00', asked)).toEqual(new Date(2026, 10, 26, 17));
  });
});

describe('ticks', () => {
  it('stand on the zone’s own whole hours, also where half an hour is gained', () => {
    const when = day('Australia/Lord_Howe', 2026, 10, 3);
    const shown = clockTicks(0, 12 * HOUR, '17:00', when).map(
      (t) => clockWords('17:00', t, when).time,
    );
    expect(shown.slice(0, 9)).toEqual([
      '17:00',
      '18:00',
      '19:00',
      '20:00',
      '21:00',
      '22:00',
      '23:00',
      '00:00',
      '01:00',
    ]);
    // Two o'clock is leapt over: half past two is where it would be.
    expect(shown.slice(9)).toEqual(['02:30', '03:00', '04:00', '05:00']);
  });
});
