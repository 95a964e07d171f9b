// Days of the wall's clock: also where it is put forward and back.
import { dayOf, daysOn, daySpan } from './days';

it.each([
  ['2026-11-27', 24],
  // Put forward, put back (Europe/Berlin).
  ['2026-03-29', 23],
  ['2026-10-25', 25],
])('%s lasts %d hours', (day, hours) => {
  const span = daySpan(day);
  expect(((span?.until ?? 0) - (span?.since ?? 0)) / 3_600_000).toBe(hours);
  expect(dayOf(span?.since ?? 0)).toBe(day);
  expect(dayOf((span?.until ?? 0) - 1)).toBe(day);
});

it('days go on over months, years and the clock’s changes', () => {
  expect(daysOn('2026-12-31', 1)).toBe('2027-01-01');
  expect(daysOn('2026-03-29', 1)).toBe('2026-03-30');
  expect(daysOn('2026-10-25', -1)).toBe('2026-10-24');
});

it.each(['', 'today', '2026-13-01', '2026-02-30', '26-1-1', '2026-1-1'])(
  '“%s” is no day',
  (day) => {
    expect(daySpan(day)).toBeUndefined();
  },
);
