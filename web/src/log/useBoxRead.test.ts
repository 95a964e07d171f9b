// Readings of a box as a night: from hot to cold, from the moment the piece came in.
import type { DeviceReading } from '@zanfirico/contract/boxes';
import { curveRead } from './useBoxRead';

const MINUTE = 60_000;
const reading = (at: number, temperature: number | undefined): DeviceReading => ({
  at,
  ...(temperature !== undefined && { temperature }),
});
const night = [...Array(60).keys()].map((i) => reading(i * 10 * MINUTE, 500 - 8 * i));

it('is a curve from the moment it was boxed to cold, in seconds', () => {
  const curve = curveRead(night, 5 * 10 * MINUTE);
  expect(curve?.time[0]).toBe(0);
  expect(curve?.temperature[0]).toBe(460);
  expect(Array.from(curve?.temperature ?? []).at(-1)).toBeLessThan(120);
  expect(curve?.time[1]).toBe(600);
});

it.each([
  ['it never came to cold', night.slice(0, 30), 0],
  ['too few readings', night.filter((_, i) => i % 12 === 0), 0],
  ['the box was cold when it came in', night.slice(40), 0],
  ['nobody read it', [], 0],
  ['the thermocouple was broken', night.map((r) => reading(r.at, undefined)), 0],
])('is none where %s', (_why, readings, boxed) => {
  expect(curveRead(readings, boxed)).toBeUndefined();
});
