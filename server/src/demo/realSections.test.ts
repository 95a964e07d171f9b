// The demo pieces' real sections against an independent finite-element reference (PHYSICS §9): what they keep of the programmes that
// the joined walls asked for, standing free in an even box.
import {
  derive,
  meshOfSection,
  ORDINARY_STANDING,
  ownNight,
  NO_SHOP,
  rackOf,
  realSectionOf,
  sectionNight,
  seesOf,
  type SectionStanding,
} from '@zanfirico/core';
import { demoPieces } from './demoPieces';
import { NIGHTS_THEN } from './nightsThen.fixture';
import { DEMO_ENTRIES } from './rackEntries';

const rack = rackOf(DEMO_ENTRIES, []);

function keeps(name: string, standing: SectionStanding): number {
  const document = demoPieces()
    .find((all) => all.at(-1)?.name === name)
    ?.at(-1);
  const glass = document && rack.glass(document.glass);
  const derived = document && glass && derive(document, glass, { ...NO_SHOP, rack });
  const then = NIGHTS_THEN[name];
  if (!glass || derived?.ok !== true || !then) throw new Error(`${name} can be made`);
  const section = realSectionOf(derived.parts, derived.bits);
  if (!section) throw new Error(`${name} is round`);
  const night = sectionNight({
    mesh: meshOfSection(section, standing),
    glass,
    sees: seesOf(section, standing),
    curve: {
      time: then.points.map(([t]) => t as number),
      temperature: then.points.map(([, v]) => v as number),
    },
    startUneven: 100,
    countFrom: then.soak,
  });
  if (!night) throw new Error('nobody stopped it');
  expect(night.energy).toBeCloseTo(1, 3);
  return night.keeps.stress / 1e6;
}

it.each([
  ['Quay goblet', 0.16],
  ['Harbour candlestick', 0.285],
  ['Tide-pool bowl', 0.242],
  ['Salt cellar', 0.113],
])('%s keeps %p MPa, within a tenth', (name, reference) => {
  const found = keeps(name, { stands: 'free', rounded: 1e-3 });
  expect([name, Math.abs(found / reference - 1) < 0.1, found]).toEqual([name, true, found]);
});

it('the cruet, whose hollow breathes by its neck, lies where the reference has it, 0.51 to 0.81 by how its corners are rounded, or a little under', () => {
  const found = keeps('Oil cruet', { stands: 'free', rounded: 1e-3 });
  // The reference does not say how its hollow exchanges heat: open it keeps 0.24 here, shut 0.84, its sides seeing one another 0.49.
  expect(found).toBeGreaterThan(0.45);
  expect(found).toBeLessThan(0.81);
});

it('flat on the shelf, hollow and underside shut off, the cruet keeps more than the practice allows', () => {
  expect(keeps('Oil cruet', { stands: 'shelf', rounded: 1e-3 })).toBeGreaterThan(1);
});

it('the stemmed glass asks for a night of 8 to 14 hours (TRADE §10, common practice), some 12 by the reference', () => {
  const document = demoPieces()
    .find((all) => all.at(-1)?.name === 'Quay goblet')
    ?.at(-1);
  const glass = document && rack.glass(document.glass);
  const derived = document && glass && derive(document, glass, { ...NO_SHOP, rack });
  const section = derived?.ok === true && realSectionOf(derived.parts, derived.bits);
  if (derived?.ok !== true || !section) throw new Error('the goblet can be made');
  const told: number[] = [];
  const own = ownNight(derived.night, section, ORDINARY_STANDING, (night) => {
    told.push(night);
    return true;
  });
  expect(own?.holds).toBe(true);
  const hours = (own?.schedule.total.value ?? 0) / 3600;
  expect(hours).toBeGreaterThan(11);
  expect(hours).toBeLessThan(13.5);
  expect(own?.night.keeps.stress).toBeLessThanOrEqual(1e6);
  // °C an hour: 96 in the reference for the whole of the allowance, of which 0.95 is aimed at.
  expect((own?.schedule.slowRate.value ?? 0) * 3600).toBeGreaterThan(75);
  expect((own?.schedule.slowRate.value ?? 0) * 3600).toBeLessThan(105);
  expect(Math.max(...told)).toBe(own?.rounds);
  // Stopped at once there is none.
  expect(ownNight(derived.night, section, ORDINARY_STANDING, () => false)).toBeUndefined();
});
