// The web's own arithmetic: moves on a profile, fitting a drawing, clocks, files out.
import { fileName } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { insertAfter, inwardAt, movePoint, removePoint, setWall } from '@zanfirico/core/edits';
import { FORMS, measureShape, startingProfile } from '@zanfirico/core/form';
import { checkedSchedule } from '@zanfirico/core/night';
import { derive } from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import * as fc from 'fast-check';
import Papa from 'papaparse';
import { pieceJson } from './exports/pieceJson';
import { scheduleCsv } from './exports/scheduleCsv';
import { clockTicks } from './clock/clockTicks';
import { fitSheet, spread } from './marks/section/fit';
import { readClock } from './clock/readClock';
import { freshDocument } from './places/pieces/freshDocument';

const tumbler = startingProfile('tumbler').map((p) => ({ ...p, corner: false }));
const fresh = (): PieceDocument =>
  freshDocument({ name: ' ', form: 'tumbler', glass: 'soft-batch-96' });

describe('moves', () => {
  it('snap to a tenth of a millimetre and stay off the axis', () => {
    const moved = movePoint(tumbler, 3, { height: 0.031234, radius: -0.5 });
    expect(moved[3]).toMatchObject({ height: 0.0312, radius: 0.0005, wall: 0.0035 });
    expect(moved[2]).toBe(tumbler[2]);
  });

  it('keep a point on the axis there', () => {
    expect(movePoint(tumbler, 0, { height: 0.002, radius: 0.01 })[0]).toMatchObject({
      height: 0.002,
      radius: 0,
    });
  });

  it('keep a wall real and ignore a point that is not there', () => {
    expect(setWall(tumbler, 2, -1)[2]?.wall).toBe(0.0003);
    expect(movePoint(tumbler, 99, { height: 0, radius: 0 })).toEqual(tumbler);
  });

  it('insert on the drawn curve: the glass hardly changes', () => {
    const before = measureShape(tumbler, 0.22);
    const more = insertAfter(tumbler, 3);
    const after = measureShape(more, 0.22);
    expect(more).toHaveLength(tumbler.length + 1);
    if (!before.ok || !after.ok) throw new Error('the tumbler should be good');
    expect(Math.abs(after.shape.glassVolume / before.shape.glassVolume - 1)).toBeLessThan(0.01);
    expect(insertAfter(tumbler, tumbler.length - 1)).toEqual(tumbler);
  });

  it('never leave fewer than three points', () => {
    expect(removePoint(tumbler, 2)).toHaveLength(tumbler.length - 1);
    expect(removePoint(tumbler.slice(0, 3), 1)).toHaveLength(3);
  });

  it('know which way is into the glass: up at the base, inwards at the side', () => {
    const reading = measureShape(tumbler, 0.22);
    if (!reading.ok) throw new Error('the tumbler should be good');
    expect(inwardAt(reading.shape.outer, 0)).toEqual({ r: -0, z: 1 });
    expect(inwardAt(reading.shape.outer, 4).r).toBeLessThan(-0.9);
  });
});

describe('fitting the drawing', () => {
  it('keeps the form inside its margins at any board and size', () => {
    const size = fc.integer({ min: 320, max: 2000 });
    const extent = fc.record({
      height: fc.double({ min: 0.01, max: 2, noNaN: true }),
      lowest: fc.double({ min: -0.1, max: 0, noNaN: true }),
      widest: fc.double({ min: 0.005, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(size, size, extent, (width, height, e) => {
        const s = fitSheet({ width, height }, e);
        const bottom = s.table - e.lowest * s.scale;
        return (
          s.axis - e.widest * s.scale >= 0 &&
          bottom <= height + 1e-6 &&
          bottom - e.height * s.scale >= 0
        );
      }),
    );
  });

  it('spreads labels without overlap, in order, when there is room', () => {
    const placed = spread([10, 12, 11, 300], 18, 0, 400);
    const sorted = [...placed].sort((a, b) => a - b);
    sorted.slice(1).forEach((y, i) => {
      expect(y - (sorted[i] ?? 0)).toBeGreaterThanOrEqual(18);
    });
    expect(placed[0]).toBeLessThan(placed[2] ?? 0);
    expect(placed[2]).toBeLessThan(placed[1] ?? 0);
  });
});

describe('clocks', () => {
  it.each([
    ['17:30', '17:30'],
    ['1730', '17:30'],
    ['17.30', '17:30'],
    ['5.30 pm', '17:30'],
    ['5pm', '17:00'],
    ['12 am', '00:00'],
    ['7', '07:00'],
  ])('%s is %s', (text, clock) => {
    expect(readClock(text)).toBe(clock);
  });

  it.each(['', 'noon', '25:00', '13 pm', '7:61', '7:3'])('%p is no time', (text) => {
    expect(readClock(text)).toBeUndefined();
  });

  it('ticks on whole hours of the clock, few enough to read', () => {
    const ticks = clockTicks(-7 * 3600, 12 * 3600, '16:30');
    expect(ticks.length).toBeLessThanOrEqual(13);
    for (const t of ticks) expect((t / 3600 + 16.5) % 1).toBe(0);
  });
});

describe('files out', () => {
  it('a fresh document of every form can be derived and has a name', () => {
    for (const form of FORMS) {
      const document = freshDocument(
        { name: '', form, glass: 'borosilicate-33' },
        findGlass('borosilicate-33'),
      );
      const glass = findGlass(document.glass);
      expect(document.name).toBe(`New ${form}`);
      expect(document.way).toBe('torch');
      expect(glass && derive(document, glass).ok).toBe(true);
    }
  });

  it('the schedule as CSV reads back with a standard parser, row by row', () => {
    const document = fresh();
    const glass = findGlass(document.glass);
    const derived = glass && derive(document, glass);
    if (derived?.ok !== true) throw new Error('the tumbler should be good');
    const { schedule } = checkedSchedule({ ...derived.night, drawn: undefined });
    const text = scheduleCsv(schedule, '17:00', new Date(2026, 10, 26));
    const { data, errors } = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true });
    expect(errors).toEqual([]);
    expect(data).toHaveLength(schedule.rows.length);
    expect(data[2]).toMatchObject({
      kind: 'soak',
      from_c: '505',
      to_c: '505',
      starts_clock: '17:00',
      starts_day: '0',
    });
    const slow = schedule.rows.find((r) => r.name === 'Slow fall');
    expect(Number(data[3]?.['rate_c_per_h'])).toBeCloseTo((slow?.rate ?? 0) * 3600, 2);
  });

  it('the piece as JSON is the document', () => {
    expect(JSON.parse(pieceJson(fresh()))).toEqual(fresh());
  });

  it.each([
    ['Tide-pool bowl', 'tide-pool-bowl'],
    ['../../etc/passwd', 'etc-passwd'],
    ['Vaso Nº 3', 'vaso-no-3'],
    ['***', 'piece'],
  ])('%s is saved as %s', (name, file) => {
    expect(fileName(name)).toBe(file);
  });
});
