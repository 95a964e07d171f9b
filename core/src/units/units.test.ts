// Units: what people type, what is printed, and the factors behind both.
import * as fc from 'fast-check';
import { readQuantity } from './parse';
import { printDuration, printForField, printQuantity, printText } from './print';
import {
  displayUnit,
  fromSI,
  METRIC,
  toSI,
  UNITS,
  type DisplayUnits,
  type TypedKind,
} from './quantity';

const INCH: DisplayUnits = { temperature: 'F', length: 'in', mass: 'lb' };

describe('reading what people type', () => {
  // Factors: NIST SP 811, appendix B (inch, pound, US fluid ounce exact).
  it.each<[string, TypedKind, DisplayUnits, number]>([
    ['2 1/4 in', 'length', METRIC, 0.05715],
    ['2 ¼ in', 'length', METRIC, 0.05715],
    ['1/8"', 'length', METRIC, 0.003175],
    ['57', 'length', METRIC, 0.057],
    ['57', 'length', INCH, 57 * 0.0254],
    ['5,7 cm', 'length', METRIC, 0.057],
    ['.5 in', 'length', METRIC, 0.0127],
    ['0.45m', 'length', METRIC, 0.45],
    ['-3', 'length', METRIC, -0.003],
    ['950F', 'temperature', METRIC, 510],
    ['950 °F', 'temperature', METRIC, 510],
    ['510', 'temperature', METRIC, 510],
    ['212', 'temperature', INCH, 100],
    ['100 F/h', 'rate', METRIC, 100 / 1.8 / 3600],
    ['467 g', 'mass', METRIC, 0.467],
    ['1 lb 4 oz', 'mass', METRIC, 1.25 * 0.45359237],
    ['20 lb', 'mass', METRIC, 9.0718474],
    ['1:30', 'time', METRIC, 5400],
    ['1 h 30 min', 'time', METRIC, 5400],
    ['90 min', 'time', METRIC, 5400],
    ['8 fl oz', 'volume', METRIC, 8 * 29.5735295625e-6],
    ['4.5', 'power', METRIC, 4500],
    ['3600 W', 'power', METRIC, 3600],
    ['45', 'heatCapacity', METRIC, 45e3],
    ['900 J/K', 'heatCapacity', METRIC, 900],
    ['18 F', 'temperatureDifference', METRIC, 10],
    ['15', 'ratio', METRIC, 0.15],
    ['15 %', 'ratio', METRIC, 0.15],
  ])('%s as %s', (text, kind, display, value) => {
    const reading = readQuantity(text, kind, display);
    expect(reading).toEqual({ ok: true, value: expect.closeTo(value, 12) });
  });

  it.each<[string, TypedKind]>([
    ['', 'length'],
    ['thick', 'length'],
    ['12 stone', 'mass'],
    ['950 F', 'length'],
    ['1/0', 'length'],
    ['3 4', 'length'],
    ['1e999', 'length'],
    ['5 F 5 F', 'temperature'],
    ['9'.repeat(61), 'length'],
  ])('refuses %p as %s with an example of what it takes', (text, kind) => {
    const reading = readQuantity(text, kind, METRIC);
    expect(reading.ok).toBe(false);
    expect(reading.ok ? '' : reading.message).toContain('Type for example');
  });

  it('comes back from what a field prints, in either system, to half the last digit', () => {
    const kinds: [TypedKind, number, number, number][] = [
      ['length', 0.0003, 0.5, 0.5e-3 * 0.0254],
      ['mass', 0.001, 50, 0.5e-3 * 0.4536],
      ['temperature', 20, 1400, 0.051],
    ];
    for (const [kind, low, high, half] of kinds)
      for (const display of [METRIC, INCH])
        fc.assert(
          fc.property(fc.double({ min: low, max: high, noNaN: true }), (value) => {
            const back = readQuantity(printForField(value, kind, display), kind, display);
            const slack = kind === 'mass' && display.mass === 'g' ? 0.5e-4 : half;
            return back.ok && Math.abs(back.value - value) <= slack * 1.0001;
          }),
        );
  });
});

describe('printing', () => {
  it.each([
    [0.057, 'length', METRIC, '57.0 mm'],
    [0.05715, 'length', INCH, '2.25 in'],
    [0.003175, 'length', INCH, '0.125 in'],
    [510, 'temperature', INCH, '950 °F'],
    [100 / 1.8 / 3600, 'rate', INCH, '100 °F/h'],
    [0.467, 'mass', METRIC, '467 g'],
    [12.5, 'mass', METRIC, '12.50 kg'],
    [0.2, 'mass', INCH, '7.1 oz'],
    [0.4e6, 'stress', METRIC, '0.40 MPa'],
    [70e9, 'stress', METRIC, '70 GPa'],
    [Math.PI / 4, 'angle', METRIC, '45°'],
    [96e-7, 'expansion', METRIC, '96.0 ×10⁻⁷/K'],
    [4500, 'power', METRIC, '4.5 kW'],
    [45e3, 'heatCapacity', METRIC, '45.0 kJ/K'],
    [3.6e6 * 12.3, 'energy', METRIC, '12.3 kWh'],
    [0.00035, 'volume', METRIC, '350 ml'],
    [0.0152, 'volume', METRIC, '15.20 l'],
    [NaN, 'length', METRIC, '–'],
  ] as const)('%p as %s', (value, kind, display, text) => {
    expect(printText(value, kind, display)).toBe(text);
  });

  it.each([
    [45, '45 s'],
    [1500, '25 min'],
    [7200, '2 h'],
    [43_920, '12 h 12'],
    [6 * 86_400, '6.0 days'],
  ])('%p seconds are %s', (seconds, text) => {
    expect(printDuration(seconds)).toBe(text);
    expect(printQuantity(seconds, 'time', METRIC).number).toBe(text);
  });
});

describe('any quantity', () => {
  const KINDS = Object.keys(UNITS) as TypedKind[];
  it.each(KINDS)(
    '%s: every way to write its unit is read, and printed ones are read back',
    (kind) => {
      for (const display of [METRIC, INCH]) {
        const own = displayUnit(kind, display);
        for (const n of [0.5, 1, 12, 250]) {
          const bare = readQuantity(String(n), kind, display);
          const named = readQuantity(`${String(n)} ${own.symbol}`, kind, display);
          if (kind !== 'time') expect(named).toEqual(bare);
          if (bare.ok && kind !== 'time') expect(fromSI(bare.value, own)).toBeCloseTo(n, 9);
        }
      }
    },
  );
  it('to SI and back is where it was, for every unit there is', () => {
    for (const kind of KINDS)
      for (const unit of UNITS[kind])
        fc.assert(
          fc.property(fc.double({ min: -1e4, max: 1e4, noNaN: true }), (v) => {
            expect(fromSI(toSI(v, unit), unit)).toBeCloseTo(v, 6);
          }),
          { numRuns: 20 },
        );
  });
  it('printed is never a naked minus nought, and never has more digits than the trade uses', () => {
    const kinds = ['length', 'temperature', 'rate', 'volume', 'stress', 'angle'] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (kind, v) => {
          const { number } = printQuantity(v * 1e-3, kind, METRIC);
          expect(number).not.toMatch(/^-0(\.0*)?$/);
          expect(number.replace(/[^\d]/g, '').length).toBeLessThanOrEqual(7);
        },
      ),
    );
  });
});

describe('durations', () => {
  it('grow with time: of two a minute apart the longer never reads as the shorter', () => {
    const minutes = (text: string): number => {
      const days = /^([\d.]+) days$/.exec(text);
      if (days) return Number(days[1]) * 1440;
      const [, h = '0', m = '0'] = /^(?:(\d+) h)? ?(\d+)?(?: min)?$/.exec(text) ?? [];
      return 60 * Number(h) + Number(m);
    };
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 4 * 86_400 }), (s) => {
        expect(Math.abs(minutes(printDuration(s)) - s / 60)).toBeLessThanOrEqual(0.5);
      }),
    );
  });
  it.each([
    [119, '119 s'],
    [120, '2 min'],
    [3569, '59 min'],
    [3571, '1 h'],
    [3 * 86_400 + 23 * 3600 + 1800, '95 h 30'],
  ])('%p s at the turns is %s', (s, text) => {
    expect(printDuration(s)).toBe(text);
  });
});

describe('what no kiln does', () => {
  it('is told as a bound, not as a figure, in either unit', () => {
    expect(printText(7459 / 3600, 'rate', METRIC)).toBe('> 1000 °C/h');
    expect(printText(31762 / 3600, 'rate', METRIC)).toBe('> 1000 °C/h');
    expect(printText(999 / 3600, 'rate', METRIC)).toBe('999 °C/h');
    expect(printText(-1e-9, 'rate', METRIC)).toBe('0.0 °C/h');
    expect(printText(-0.00001, 'length', METRIC)).toBe('0.0 mm');
  });
});
