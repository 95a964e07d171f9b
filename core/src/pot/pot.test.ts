// The pot against PHYSICS §8: how seed rises, what charging cools, what mixes, how deep it stands.
import type { PotForm } from '@zanfirico/contract/shop';
import * as fc from 'fast-check';
import { expansionFrom } from '../fit/additive';
import { vftFromComposition, type Composition } from '../glass/lakatos';
import { fitVft, logViscosity, temperatureAtLog } from '../glass/viscosity';
import { SHIPPED_RACK } from '../rack/rack';
import type { Glass } from '../glass/glass';
import { MELT_HEAT } from '../glass/melting';
import { chargeHeat, cook, coolsBy, type Cook } from './charge';
import { potDepth, potRadius, volumeTo } from './form';
import { daysLeft, levelAt, usedADay, type PotEvent } from './level';
import { afterCharges, chargesUntil, mixed, through } from './mixing';
import { ballRise, bubbleRise, clearsIn, smallestOut } from './seed';

const soft = SHIPPED_RACK.glass('soft-batch-96') as Glass;
const glass = { vft: fitVft(soft), density: soft.density };
const HOUR = 3600;

describe('seed (Hadamard–Rybczynski)', () => {
  it('at 1200 °C the soft batch stands at about 77 Pa·s', () => {
    expect(10 ** logViscosity(glass.vft, 1200)).toBeGreaterThan(72);
    expect(10 ** logViscosity(glass.vft, 1200)).toBeLessThan(82);
  });

  // PHYSICS §8's table: out of 0.3 m of glass. The trade's “twelve hours at 1200 °C” is the half millimetre (TRADE §17).
  it.each([
    [0.5, 1200, 12.6],
    [1, 1200, 3.2],
    [0.5, 1150, 22],
    [0.5, 1250, 7.6],
    [0.3, 1200, 35],
  ])('%d mm at %d °C leave 0.3 m in about %d h', (mm, at, hours) => {
    const took = clearsIn(mm / 1000, 0.3, glass, at) / HOUR;
    expect(Math.abs(took / hours - 1)).toBeLessThan(0.04);
  });

  it('a solid ball (Stokes) rises a third slower, whatever its size', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-5, max: 1e-2, noNaN: true }),
        fc.double({ min: 1, max: 1e4, noNaN: true }),
        (r, eta) => Math.abs(ballRise(r, eta, 2450) / bubbleRise(r, eta, 2450) - 2 / 3) < 1e-9,
      ),
    );
  });

  it('twice as wide is four times as fast; what is just out is what that time clears', () => {
    expect(clearsIn(0.001, 0.3, glass, 1200) * 4).toBeCloseTo(
      clearsIn(0.0005, 0.3, glass, 1200),
      6,
    );
    const took = clearsIn(0.0005, 0.3, glass, 1200);
    expect(smallestOut(took, 0.3, glass, 1200)).toBeCloseTo(0.0005, 9);
  });
});

describe('the inside of a pot', () => {
  const cylinder: PotForm = { kind: 'cylinder', diameter: 0.5, height: 0.5 };
  const cone: PotForm = { kind: 'cone', bottom: 0.3, diameter: 0.5, height: 0.4 };
  const bowl: PotForm = { kind: 'bowl', diameter: 0.5, height: 0.6, ball: 0.25 };

  it('closed forms: a cylinder, a cut cone, half a ball', () => {
    expect(volumeTo(cylinder, 0.2)).toBeCloseTo(Math.PI * 0.0625 * 0.2, 12);
    expect(volumeTo(cone, 0.4)).toBeCloseTo(
      (Math.PI * 0.4 * (0.15 ** 2 + 0.15 * 0.25 + 0.25 ** 2)) / 3,
      12,
    );
    expect(volumeTo(bowl, 0.25)).toBeCloseTo((2 / 3) * Math.PI * 0.25 ** 3, 12);
    expect(volumeTo(bowl, 0.6)).toBeCloseTo(
      (2 / 3) * Math.PI * 0.25 ** 3 + Math.PI * 0.0625 * 0.35,
      12,
    );
  });

  it('a shallower ball is a cap: π h²(3R − h)/3', () => {
    const flat: PotForm = { kind: 'bowl', diameter: 0.4, height: 0.5, ball: 0.25 };
    const h = 0.25 - Math.sqrt(0.25 ** 2 - 0.2 ** 2);
    expect(h).toBeCloseTo(0.1, 12);
    expect(volumeTo(flat, h)).toBeCloseTo((Math.PI * h * h * (0.75 - h)) / 3, 12);
    expect(potRadius(flat, h)).toBeCloseTo(0.2, 12);
  });

  const forms = fc.constantFrom(cylinder, cone, bowl);
  it('depth and volume are each other’s, and grow together', () => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0.001, max: 0.39, noNaN: true }), (form, depth) => {
        const volume = volumeTo(form, depth);
        return (
          Math.abs(potDepth(form, volume) - depth) < 1e-9 && volumeTo(form, depth + 0.001) > volume
        );
      }),
    );
  });

  it('no more than it holds, nothing under nothing', () => {
    expect(potDepth(bowl, 5)).toBe(0.6);
    expect(potDepth(bowl, -1)).toBe(0);
    expect(volumeTo(bowl, 9)).toBe(volumeTo(bowl, 0.6));
  });

  it('TRADE §17: a studio pot of 110 to 200 kg is of such a size', () => {
    const kilograms = volumeTo(bowl, 0.6) * soft.density;
    expect(kilograms).toBeGreaterThan(110);
    expect(kilograms).toBeLessThan(260);
  });
});

describe('a charge', () => {
  it('by hand: 10 kg of cullet to 1170 °C take 13.8 MJ; of batch 6 more', () => {
    expect(chargeHeat(10, 'cullet', 1170)).toBeCloseTo(13.8e6, 0);
    expect(chargeHeat(10, 'batch', 1170) - chargeHeat(10, 'cullet', 1170)).toBeCloseTo(6e6, 0);
  });

  it('heat balance: what the pot gives is what the charge gets', () => {
    const falls = coolsBy(90, 10, 'cullet', 1150);
    const end = 1150 - falls;
    // The charge comes to the mixture's heat, the pot falls to it.
    expect(90 * MELT_HEAT * falls).toBeCloseTo(10 * MELT_HEAT * (end - 20), 3);
    expect(falls).toBeCloseTo(113, 0);
    expect(coolsBy(90, 0, 'batch', 1150)).toBe(0);
  });

  const evening: Cook = {
    mass: 40,
    kind: 'pellets',
    there: 60,
    at: 1200,
    working: 1120,
    depth: 0.3,
    glass,
    furnace: { power: 20_000, loses: 8000 },
  };
  it('40 kg of pellets charged in the evening are fit about a day later; hotter sooner, weaker later', () => {
    const told = cook(evening);
    expect((told.heating ?? 0) / HOUR).toBeCloseTo(
      (40 * (MELT_HEAT * 1180 + 0.6e6) + 60 * MELT_HEAT * 80) / 12_000 / HOUR,
      6,
    );
    expect(told.clearing / HOUR).toBeGreaterThan(12);
    expect(told.clearing / HOUR).toBeLessThan(13.5);
    expect((told.fit ?? 0) / HOUR).toBeGreaterThan(14);
    expect((told.fit ?? 0) / HOUR).toBeLessThan(24);
    expect(cook({ ...evening, at: 1250 }).clearing).toBeLessThan(told.clearing);
    const weaker = cook({ ...evening, furnace: { power: 12_000, loses: 8000 } });
    expect(weaker.heating ?? 0).toBeGreaterThan(told.heating ?? Infinity);
  });

  it('a furnace that only just holds its heat never melts it, and says so', () => {
    const told = cook({ ...evening, furnace: { power: 8000, loses: 8000 } });
    expect([told.heating, told.fit, told.used]).toEqual([undefined, undefined, undefined]);
  });
});

describe('the level', () => {
  const DAY = 86_400_000;
  const events: readonly PotEvent[] = [
    { kind: 'charged', mass: 100, at: 0 },
    { kind: 'taken', mass: 6, at: DAY },
    { kind: 'given back', mass: 1, at: DAY + 1 },
    { kind: 'taken', mass: 6, at: 2 * DAY },
    { kind: 'dipped', mass: 85, at: 2 * DAY + 5 },
    { kind: 'taken', mass: 5, at: 3 * DAY },
  ];

  it('charged, taken, given back; the dipstick outranks the reckoning and says how far off it was', () => {
    expect(levelAt(events, 2 * DAY).mass).toBe(89);
    expect(levelAt([...events].reverse(), 4 * DAY)).toEqual({
      mass: 80,
      dipped: 2 * DAY + 5,
      off: -4,
      short: 0,
    });
  });

  it('more taken than was there: nothing is left, and by how much the reckoning is short is told', () => {
    const over: readonly PotEvent[] = [
      { kind: 'charged', mass: 5, at: 0 },
      { kind: 'taken', mass: 8, at: 1 },
    ];
    expect(levelAt(over, 2)).toMatchObject({ mass: 0, short: 3 });
    // Read off since, the reckoning is right again.
    expect(levelAt([...over, { kind: 'dipped', mass: 20, at: 3 }], 4).short).toBe(0);
  });

  it('no more than the pot holds', () => {
    expect(levelAt([{ kind: 'charged', mass: 300, at: 0 }], 1, 150).mass).toBe(150);
  });

  it('what is used a day, and for how many it lasts', () => {
    expect(usedADay(events, 3 * DAY)).toBeCloseTo(16 / 2, 9);
    expect(daysLeft(80, 20, 8)).toBeCloseTo(7.5, 9);
    expect(daysLeft(10, 20, 8)).toBe(0);
    expect(daysLeft(80, 20, 0)).toBeUndefined();
    expect(usedADay([], DAY)).toBe(0);
  });
});

describe('mixing', () => {
  const one: Composition = { SiO2: 72, Al2O3: 1.5, CaO: 9, MgO: 3, Na2O: 13.5, K2O: 1 };
  const other: Composition = { SiO2: 68, Al2O3: 2.5, CaO: 6, MgO: 1, Na2O: 16.5, K2O: 6 };
  const of = (share: number): Composition =>
    mixed([
      { mass: 100 * (1 - share), holds: one },
      { mass: 100 * share, holds: other },
    ]).holds;

  it('its ends are the glasses themselves, to the last oxide; between them oxides lie on a line', () => {
    expect(of(0)).toEqual(one);
    expect(of(1)).toEqual(other);
    for (const oxide of Object.keys(one) as (keyof Composition)[])
      expect(of(0.25)[oxide]).toBeCloseTo(0.75 * one[oxide] + 0.25 * other[oxide], 12);
  });

  it('additive factors are linear in the oxides; Lakatos’ points lie between the two', () => {
    const expansion = (c: Composition): number => expansionFrom(c).value;
    expect(expansion(of(0.4))).toBeCloseTo(0.6 * expansion(one) + 0.4 * expansion(other), 12);
    const working = (c: Composition): number => temperatureAtLog(vftFromComposition(c), 3);
    const [a, b] = [working(one), working(other)].sort((x, y) => x - y) as [number, number];
    for (const share of [0.2, 0.5, 0.8]) {
      expect(working(of(share))).toBeGreaterThan(a);
      expect(working(of(share))).toBeLessThan(b);
    }
  });

  it('charges thin it out by (1 − f) each, and until a part of it is left is worked out backwards', () => {
    expect(afterCharges(0.3, 3)).toBeCloseTo(0.343, 12);
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.9, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (left, share) => {
          const n = chargesUntil(left, share) ?? NaN;
          return (
            afterCharges(share, n) <= left * (1 + 1e-9) &&
            (n === 0 || afterCharges(share, n - 1) > left * (1 - 1e-9))
          );
        },
      ),
    );
    expect(chargesUntil(0.1, 0)).toBeUndefined();
    expect(chargesUntil(1, 0.2)).toBe(0);
    expect(chargesUntil(0.1, 1)).toBe(1);
  });

  it('Beer–Lambert: linear in what colours it and in the way', () => {
    const per = [10, 200, 900] as const;
    const thin = through(per, 0.001, 0.005);
    const thick = through(per, 0.001, 0.05);
    thin.forEach((v, i) => {
      expect(Math.log(thick[i] ?? 0)).toBeCloseTo(10 * Math.log(v), 9);
    });
    expect(through(per, 0.002, 0.005)).toEqual(through(per, 0.001, 0.01));
    expect(through(per, 0, 1)).toEqual([1, 1, 1]);
  });
});
