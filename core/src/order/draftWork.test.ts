// Orders drafted for any piece: complete, in an order glass can be worked in, and the same each time.
import * as fc from 'fast-check';
import { FORMS } from '../form/forms';
import { factsOf, type WorkStep } from '../work/facts';
import { afterJoins, areOne } from '../work/joined';
import { STEPS } from '../work/steps';
import type { DraftInput, DraftPart } from './draftInput';
import { draftWork } from './draftWork';

const part: fc.Arbitrary<DraftPart> = fc.record({
  name: fc.constantFrom('body', 'foot', 'stem', 'knop', 'merese'),
  hollow: fc.boolean(),
  closed: fc.boolean(),
  stopper: fc.constant(false),
  gathers: fc.integer({ min: 1, max: 5 }),
  colours: fc.array(
    fc.record({
      after: fc.integer({ min: 1, max: 5 }),
      as: fc.constantFrom('bar', 'powder', 'cane', 'film'),
      outside: fc.boolean(),
    }),
    { maxLength: 2 },
  ),
  mass: fc.double({ min: 0.01, max: 1, noNaN: true }),
  lowest: fc.double({ min: 0, max: 0.3, noNaN: true }),
});
/** Any stack of parts, each joined to the one before, the last the main one; with bits on it. */
const piece: fc.Arbitrary<DraftInput> = fc
  .record({
    form: fc.constantFrom(...FORMS),
    way: fc.constantFrom('furnace' as const, 'torch' as const),
    parts: fc.array(part, { minLength: 1, maxLength: 5 }),
    bits: fc.array(
      fc.record({
        name: fc.constantFrom('handle', 'spout', 'dots'),
        kind: fc.constantFrom(
          'handle' as const,
          'spout' as const,
          'prunts' as const,
          'other' as const,
        ),
        copies: fc.integer({ min: 1, max: 4 }),
      }),
      { maxLength: 3 },
    ),
  })
  .map((p) => ({
    ...p,
    joins: p.parts.slice(1).map((_, i) => [i, i + 1] as const),
    main: p.parts.length - 1,
  }));
const holds = (check: (input: DraftInput, steps: readonly WorkStep[]) => void): void => {
  fc.assert(
    fc.property(piece, (input) => {
      check(input, draftWork(input));
    }),
    { numRuns: rounds(150) },
  );
};
const first = (steps: readonly WorkStep[], of: (s: WorkStep) => boolean): number => {
  const i = steps.findIndex(of);
  return i < 0 ? Infinity : i;
};

describe('any order drafted', () => {
  it('is of known steps that take time, each named once, on parts that are there', () => {
    holds((input, steps) => {
      expect(steps.length).toBeGreaterThan(0);
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      for (const s of steps) {
        expect(s.kind === 'own' || s.kind in STEPS).toBe(true);
        expect(s.seconds).toBeGreaterThan(0);
        expect(input.parts[s.part]).toBeDefined();
      }
    });
  });
  it('begins every part before it is worked, and gathers as often as planned', () => {
    holds((input, steps) => {
      input.parts.forEach((p, i) => {
        const begun = first(
          steps,
          (s) => s.part === i && ['gather', 'begin'].includes(factsOf(s).does),
        );
        const worked = first(
          steps,
          (s) => s.part === i && !['nothing', 'gather', 'begin'].includes(factsOf(s).does),
        );
        expect(begun).toBeLessThan(worked);
        const gathers = steps.filter((s) => s.part === i && factsOf(s).does === 'gather').length;
        if (input.way === 'furnace' && p.hollow) expect(gathers).toBe(p.gathers);
      });
    });
  });
  it('leaves one piece, joined through and through, and boxes it last', () => {
    holds((input, steps) => {
      const groups = afterJoins(steps);
      input.parts.forEach((_, i) => {
        if (input.parts.length > 1) expect(areOne(groups, i, input.main)).toBe(true);
      });
      const boxed = first(steps, (s) => factsOf(s).does === 'box');
      expect(boxed).toBeLessThan(Infinity);
      // What comes after concerns no glass that is in the box: scrap, the torch closed down.
      for (const s of steps.slice(boxed + 1)) expect(['nothing', 'box']).toContain(factsOf(s).does);
    });
  });
  it('brings out of the garage all that it parked, before it is joined', () => {
    holds((_, steps) => {
      const parked = new Set<number>();
      for (const s of steps) {
        const { does } = factsOf(s);
        if (does === 'park') parked.add(s.part);
        if (does === 'fetch') parked.delete(s.part);
        if (does === 'join') expect(parked.has(s.part)).toBe(false);
      }
      expect(parked.size).toBe(0);
    });
  });
  it('goes on the punty before it leaves the pipe, and is opened after', () => {
    holds((input, steps) => {
      for (let i = 0; i < input.parts.length; i += 1) {
        const at = (kind: WorkStep['kind']): number =>
          first(steps, (s) => s.part === i && s.kind === kind);
        if (at('transfer') === Infinity) continue;
        // On the part itself, or on what was joined to it under it.
        expect(first(steps, (s) => s.kind === 'punty')).toBeLessThan(at('transfer'));
        if (at('open') < Infinity) expect(at('open')).toBeGreaterThan(at('transfer'));
      }
    });
  });
  it('is the same each time it is asked for', () => {
    holds((input, steps) => {
      expect(draftWork(structuredClone(input))).toEqual(steps);
    });
  });
  it('lights the torch where there is one, and nowhere else', () => {
    holds((input, steps) => {
      const lit = steps.some((s) => s.kind === 'torchOn');
      expect(lit).toBe(input.way === 'torch');
    });
  });
});
