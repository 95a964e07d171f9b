// Figures by name: whatever is shown can be asked why, at furnace and torch.
import { firstGuess } from '@zanfirico/core/night';
import { findGlass } from '@zanfirico/core/rack';
import { freshDocument } from '../pieces/freshDocument';
import { changeWords, clockWords } from '../../clock/clockWords';
import { namedFigures } from './figures';
import { deriveDocument } from '../../derived/deriveDocument';

const figuresOf = (glass: string): string[] => {
  const now = deriveDocument(
    freshDocument({ name: 'x', form: 'tumbler', glass }, findGlass(glass)),
  );
  if (now?.derived.ok !== true) throw new Error('the tumbler should be good');
  const schedule = firstGuess(now.derived.night);
  return namedFigures({ ...now.derived, schedule }).map((f) => f.id);
};

describe('named figures', () => {
  it('count gathers at the furnace and tubing at the torch, never both', () => {
    expect(figuresOf('soft-batch-96')).toEqual(
      expect.arrayContaining(['count', 'toGather', 'layer']),
    );
    expect(figuresOf('soft-batch-96')).not.toContain('length');
    expect(figuresOf('borosilicate-33')).toContain('length');
    expect(figuresOf('borosilicate-33')).not.toContain('count');
  });

  it('have names of their own', () => {
    const ids = figuresOf('soft-batch-96');
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('are nobody’s when the rack lacks the glass', () => {
    const document = freshDocument({ name: 'x', form: 'tumbler', glass: 'soft-batch-96' });
    expect(deriveDocument({ ...document, glass: 'gone' })).toBeUndefined();
  });
});

describe('clock words', () => {
  it.each([
    ['17:00', 3600, '18:00', 'today'],
    ['17:00', 12 * 3600, '05:00', 'tomorrow'],
    ['17:00', -20 * 3600, '21:00', 'the day before'],
    ['17:00', 80 * 3600, '01:00', 'in 4 days'],
    ['17:00', Infinity, '–', ''],
  ])('%s and %p s is %s %s', (from, seconds, time, day) => {
    expect(clockWords(from, seconds, new Date(2026, 10, 26))).toEqual({ time, day });
  });
  it('tell a change of clocks, and only then', () => {
    const autumn = new Date(2026, 9, 24);
    expect(clockWords('17:00', 12 * 3600, autumn)).toEqual({ time: '04:00', day: 'tomorrow' });
    expect(changeWords('17:00', 12 * 3600, autumn)).toContain('put back');
    expect(changeWords('17:00', 12 * 3600, new Date(2026, 2, 28))).toContain('put forward');
    expect(changeWords('17:00', 12 * 3600, new Date(2026, 5, 1))).toBeUndefined();
  });
});
