// The catalogue of steps: every kind has its words and its facts, and the two say the same.
import { FACTS, factsOf, SKILLS } from './facts';
import type { StepId } from './step';
import { STEPS } from './steps';

const kinds = Object.keys(STEPS) as StepId[];

describe('every kind of step', () => {
  it('has words and facts, neither without the other', () => {
    expect(Object.keys(FACTS).sort()).toEqual([...kinds].sort());
    expect(kinds.length).toBeGreaterThan(60);
  });

  it.each(kinds)('%s: a name, a saying, a tool, a duration, hands that exist', (kind) => {
    const [step, facts] = [STEPS[kind], FACTS[kind]];
    expect(step.id).toBe(kind);
    expect(step.name()).not.toBe('');
    expect(step.says()).toMatch(/[.!]$/);
    expect(step.tool).not.toBe('');
    expect(facts.seconds).toBeGreaterThan(0);
    for (const hand of facts.hands) expect(SKILLS).toContain(hand);
    expect(new Set(facts.hands).size).toBe(facts.hands.length);
  });

  it('whatever goes into the glory hole is a fire, and whatever counts as a heat is done there', () => {
    for (const kind of kinds) {
      const { heat, does } = FACTS[kind];
      if (heat === 'glory hole') expect([kind, STEPS[kind].fire]).toEqual([kind, true]);
      if (does === 'heat' && FACTS[kind].station !== 'torch')
        expect([kind, heat]).toEqual([kind, 'glory hole']);
    }
  });

  it('the shop’s own times stand where they were timed (TRADE §14, common practice, no source)', () => {
    // Flash: a few seconds, nothing moves; the long heat about 60 to 80 s; a wait for the bubble to set.
    expect(FACTS.flash.seconds).toBeLessThanOrEqual(8);
    expect(FACTS.longReheat.seconds).toBeGreaterThanOrEqual(60);
    expect(FACTS.longReheat.seconds).toBeLessThanOrEqual(80);
    expect(FACTS.setBubble.seconds).toBeGreaterThanOrEqual(10);
  });

  it('a step of one’s own has the facts of the kind it is like; of none, those of shaping a bit', () => {
    expect(factsOf({ kind: 'own', like: 'flash' })).toBe(FACTS.flash);
    expect(factsOf({ kind: 'own' })).toBe(FACTS.shapeBit);
    expect(factsOf({ kind: 'open', like: 'flash' })).toBe(FACTS.open);
  });
});
