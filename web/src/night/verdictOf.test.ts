// What the night's screens work with: recipes out of tables, calendars over a change of clocks, verdicts in words.
import type { Recipe } from '@zanfirico/contract/shop';
import { putThrough, type CoolingWall } from '@zanfirico/core/night';
import { findGlass } from '@zanfirico/core/rack';
import { momentOf } from '../clock/moments';
import * as fc from 'fast-check';
import { nightEntry } from '../exports/nightEntry';
import { weekIcs } from '../exports/nightIcs';
import { recipeCsv } from '../exports/recipeCsv';
import { recipeFromCsv } from '../imports/recipeFromCsv';
import { verdictOf } from './verdictOf';

const soft = findGlass('soft-batch-96');
if (!soft) throw new Error('the rack has lost its soft batch');

describe('a recipe out of a table', () => {
  it.each([
    { text: 'to,rate,hold\n505,,60\n370,55,\n60,100,', to: 505, rate: 55, hold: 3600 },
    { text: 'Target °C;Ramp;Soak\n505;;1:00\n370;55;\n60;100;', to: 505, rate: 55, hold: 3600 },
    {
      text: 'temp F,rate F/h,dwell min\n941,,60\n698,99,\n140,180,',
      to: 505,
      rate: 55,
      hold: 3600,
    },
  ])('$text', ({ text, to, rate, hold }) => {
    const read = recipeFromCsv(text, 'ours', 505);
    if (!read.ok) throw new Error(read.says);
    const [first, second] = read.recipe.lines;
    expect(first?.to).toBeCloseTo(to, 6);
    expect(first?.hold).toBe(hold);
    expect(first?.rate).toBeUndefined();
    expect((second?.rate ?? 0) * 3600).toBeCloseTo(rate, 6);
    expect(read.recipe.lines).toHaveLength(3);
  });
  it.each([
    { text: '', says: /no rows/ },
    { text: 'to,rate', says: /no rows/ },
    { text: 'what,how\n1,2', says: /No column says where to: the headings are what, how/ },
    { text: 'to,rate\nhot,5', says: /Row 2: “hot” is no temperature/ },
  ])('is refused in a sentence: $says', ({ text, says }) => {
    const read = recipeFromCsv(text, 'ours', 505);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.says).toMatch(says);
  });
});

describe('the calendar', () => {
  it('has the last piece and the door, as long apart as the night is', () => {
    const day = new Date(2026, 10, 26);
    const text = weekIcs([
      nightEntry(
        { id: 'cellar', name: 'Salt cellar', annealer: 'the front box' },
        '16:30',
        14 * 3600,
        day,
      ),
    ]);
    const starts = [...text.matchAll(/DTSTART:(\d{8})T(\d{6})Z/g)].map((m) =>
      Date.parse(
        `${(m[1] ?? '').replace(/(\d{4})(\d\d)(\d\d)/, '$1-$2-$3')}T${(m[2] ?? '').replace(/(\d\d)(\d\d)(\d\d)/, '$1:$2:$3')}Z`,
      ),
    );
    expect(starts).toHaveLength(2);
    expect(((starts[1] ?? 0) - (starts[0] ?? 0)) / 3.6e6).toBe(14);
    expect(text).toContain('Door may open: Salt cellar');
    expect(text).toContain('PRODID:-//Zanfirico//Nights//EN');
    expect(text.match(/LOCATION:the front box/g)).toHaveLength(2);
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(2);
  });
  it('read in again it takes the place of what was read in before: the same ids, a later sequence', () => {
    const day = new Date(2026, 10, 26);
    const told = (seconds: number, now: Date): { uid: string[]; sequence: number[] } => {
      const of = { id: 'cellar', name: 'Salt cellar', annealer: undefined };
      const text = weekIcs([nightEntry(of, '16:30', seconds, day)], now);
      return {
        uid: [...text.matchAll(/UID:(\S+)/g)].map((m) => m[1] ?? ''),
        sequence: [...text.matchAll(/SEQUENCE:(\d+)/g)].map((m) => Number(m[1])),
      };
    };
    const first = told(14 * 3600, new Date(2026, 10, 26, 9, 0));
    const again = told(15 * 3600, new Date(2026, 10, 26, 9, 5));
    expect(again.uid).toEqual(first.uid);
    expect(new Set(first.uid).size).toBe(2);
    expect(again.sequence[0]).toBeGreaterThan(first.sequence[0] ?? Infinity);
  });
  it('no line of it has more than 75 octets in any alphabet, and put together again it says the same', () => {
    const name = 'Θάλασσα και φως, 玻璃花瓶的夜晚 – ein Übersee-Überfang-Gefäß, ganz lang '.slice(
      0,
      80,
    );
    const text = weekIcs([
      nightEntry(
        { id: 'long', name, annealer: undefined },
        '16:30',
        14 * 3600,
        new Date(2026, 10, 26),
      ),
    ]);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    const whole = text.replace(/\r\n[ \t]/g, '');
    expect(whole).toContain(`SUMMARY:Last piece in: ${name.replaceAll(',', '\\,')}`);
    expect(text).not.toContain('\ufffd');
  });

  it('counts real hours: a moment of the clock is the day’s own, and what follows is elapsed time', () => {
    const last = momentOf('23:30', new Date(2026, 9, 24));
    expect([last.getHours(), last.getMinutes(), last.getDate()]).toEqual([23, 30, 24]);
    const door = new Date(last.getTime() + 9 * 3.6e6);
    // In that night clocks are put back at three: nine hours after 23:30 they show 07:30, and Greenwich has 06:30.
    expect([door.getHours(), door.getMinutes(), door.getDate()]).toEqual([7, 30, 25]);
    const text = weekIcs([{ id: 'a', annealer: undefined, name: 'a', lastIn: last, door }]);
    expect([...text.matchAll(/DTSTART:(\S+)/g)].map((m) => m[1])).toEqual([
      '20261024T213000Z',
      '20261025T063000Z',
    ]);
  });
});

describe('the verdict', () => {
  const wall: CoolingWall = { thickest: 0.02, stepThick: 0.02, stepThin: 0.02, body: 'slab' };
  const fall = (from: number, perHour: number) =>
    putThrough(
      { glass: soft, wall },
      { time: [0, ((from - 60) / perHour) * 3600], temperature: [from, 60] },
    );
  it.each([
    { from: 520, perHour: 10, verdict: 'good', says: /It keeps 0\.\d\d MPa/ },
    { from: 520, perHour: 80, verdict: 'watch', says: /the practice allows 1\.00 MPa/ },
    { from: 520, perHour: 140, verdict: 'no', says: /It keeps/ },
    { from: 640, perHour: 10, verdict: 'no', says: /640 °C it would sink under its own weight/ },
  ])('from $from °C at $perHour °C/h: $verdict', ({ from, perHour, verdict, says }) => {
    const told = verdictOf(fall(from, perHour), { practice: 'studio', glass: soft });
    expect(told.verdict).toBe(verdict);
    expect(told.because).toMatch(says);
  });
  it('of a shock is that it cracks', () => {
    const shock = putThrough(
      { glass: soft, wall },
      { time: [0, 3600, 3600, 7200], temperature: [400, 400, 40, 40] },
      { startFictive: 470 },
    );
    expect(verdictOf(shock, { practice: 'studio', glass: soft }).because).toMatch(/it cracks/);
  });
  it('of what still carries the bench’s tension is that it is not annealed, and never that it cracks', () => {
    const o = { ...fall(520, 10), soaked: 4e6, kept: 3e6 };
    const told = verdictOf(
      { ...o, worst: { ...o.worst, stress: 9e6 } },
      { practice: 'studio', glass: soft },
    );
    expect(told.verdict).toBe('no');
    expect(told.because).toMatch(/not annealed: 4\.00 MPa from the bench .* keeps 3\.00 MPa/);
    expect(told.because).not.toMatch(/cracks/);
  });
  it('says how much of what may be off it is good for, and is not good at the edge', () => {
    const o = fall(520, 10);
    const held = (hold: number, of: number) =>
      verdictOf(
        o,
        { practice: 'studio', glass: soft },
        { hold, margins: Array.from({ length: of }, () => ({}) as never) },
      );
    expect(held(8, 9)).toMatchObject({
      verdict: 'good',
      because: expect.stringMatching(
        /% in hand\).*; 8 in 9 of what may be off still hold\.$/,
      ) as string,
    });
    expect(held(2, 7)).toMatchObject({
      verdict: 'watch',
      because: expect.stringMatching(/at the edge: only 2 in 7/) as string,
    });
  });
});

describe('a recipe as a table', () => {
  const recipe: Recipe = {
    name: 'ours',
    start: 505,
    lines: [{ to: 505, hold: 5400 }, { to: 427.25, rate: 12.5 / 3600 }, { to: 50 }],
  };
  it('is °C, °C an hour and minutes, an empty cell where the box decides', () => {
    expect(recipeCsv(recipe)).toBe(
      'to_c,rate_c_per_h,hold_min\r\n505,,90\r\n427.25,12.5,\r\n50,,\r\n',
    );
  });
  it('comes back as it went out', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record(
            {
              to: fc.integer({ min: 0, max: 120_000 }).map((v) => v / 100),
              rate: fc.integer({ min: 1, max: 500_000 }).map((v) => v / 1000 / 3600),
              hold: fc.integer({ min: 1, max: 10_000 }).map((v) => v * 60),
            },
            { requiredKeys: ['to'] },
          ),
          { minLength: 1, maxLength: 20 },
        ),
        (lines) => {
          const read = recipeFromCsv(recipeCsv({ name: 'x', start: 505, lines }), 'x', 505);
          if (!read.ok) throw new Error(read.says);
          read.recipe.lines.forEach((l, i) => {
            const was = lines[i];
            expect(l.to).toBeCloseTo(was?.to ?? NaN, 6);
            expect(l.hold).toBe(was?.hold);
            expect((l.rate ?? 0) * 3600).toBeCloseTo((was?.rate ?? 0) * 3600, 6);
          });
        },
      ),
    );
  });
});
