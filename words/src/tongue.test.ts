import { LANGUAGES, nearest } from '.';
import { tongueOf } from './tongue';

const say = tongueOf('it', {
  'The {0} of the {1}': '{1}: {0}',
  'Wall {0}': 'Parete {0}',
  good: 'bene',
  'not yet': '',
  '{0} gathers': '{0} levate',
  '{0} gathers_one': '{0} levata',
  ' of glass': ' di vetro',
});

describe('a language', () => {
  it('says what its catalogue has, each value in its place', () => {
    expect(say('good', [])).toBe('bene');
    expect(say('Wall {0}', ['3 mm'])).toBe('Parete 3 mm');
    expect(say('The {0} of the {1}', ['lip', 'bowl'])).toBe('bowl: lip');
    expect(say(' of glass', [])).toBe(' di vetro');
  });

  it('says in English what its catalogue lacks or has left empty', () => {
    expect(say('Nobody said {0} yet', ['this'])).toBe('Nobody said this yet');
    expect(say('not yet', [])).toBe('not yet');
  });

  it('has its own plurals where its catalogue has them', () => {
    expect(say('{0} gathers', [1])).toBe('1 levata');
    expect(say('{0} gathers', [3])).toBe('3 levate');
  });

  it('puts values in as they are: marks of a page, braces, places of other messages', () => {
    expect(say('Wall {0}', ['<b>&{1}'])).toBe('Parete <b>&{1}');
    expect(say('Wall {0}', ['$t(good)'])).toBe('Parete $t(good)');
  });

  it('leaves the places of a message open where no values come: who asks fills them', () => {
    expect(say('The {0} of the {1}', [])).toBe('{1}: {0}');
  });
});

describe('the language of a browser', () => {
  it.each([
    [['it-IT', 'en'], 'it'],
    [['IT'], 'it'],
    [['de-DE', 'it'], 'it'],
    [['de', 'en-GB', 'it'], 'en'],
    [['fr'], 'en'],
    [[], 'en'],
    [['item'], 'en'],
  ])('%j is answered in %s', (asked, language) => {
    expect(nearest(asked)).toBe(language);
  });

  it('each language calls itself by its own name', () => {
    expect(LANGUAGES.map((l) => [l.code, l.name])).toEqual([
      ['en', 'English'],
      ['it', 'Italiano'],
    ]);
  });
});
