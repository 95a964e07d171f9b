import { isPlain, mark, messageOf, speak, tr, trSense, trWord } from './tr';

const keyOf = (strings: TemplateStringsArray, ...values: readonly unknown[]): string =>
  values.length < 9 ? messageOf(strings) : '';

describe('words for people', () => {
  afterEach(() => {
    speak(undefined);
  });

  it('are English as they are written where no other language is spoken', () => {
    expect(isPlain()).toBe(true);
    expect(tr`The wall is ${'3 mm'} thick.`).toBe('The wall is 3 mm thick.');
    expect(tr`${2} of ${3}`).toBe('2 of 3');
    expect(tr`a “{brace}” and a \\`).toBe('a “{brace}” and a \\');
    expect(trWord('watch')).toBe('watch');
    expect(trWord(undefined)).toBeUndefined();
  });

  it('are known by their message, each value by its place', () => {
    expect(keyOf`One word`).toBe('One word');
    expect(keyOf`${1} gathers of ${2} mm`).toBe('{0} gathers of {1} mm');
    expect(keyOf`${1}${2}`).toBe('{0}{1}');
  });

  it('are handed to whatever is spoken, with their values', () => {
    const asked: unknown[] = [];
    speak((message, values) => {
      asked.push([message, ...values]);
      return `«${message}»`;
    });
    expect(isPlain()).toBe(false);
    expect(tr`The ${'lip'} of ${2}`).toBe('«The {0} of {1}»');
    expect(trWord('good')).toBe('«good»');
    expect(trWord(undefined)).toBeUndefined();
    expect(asked).toEqual([['The {0} of {1}', 'lip', 2], ['good']]);
  });

  it('that are kept in English in a document stay so until they are said', () => {
    speak(() => 'labbro');
    expect(mark('lip')).toBe('lip');
    expect(trWord(mark('lip'))).toBe('labbro');
  });

  it('that mean two things are told apart where another language has two', () => {
    expect(trSense('lead', 'metal')).toBe('lead');
    speak((message) =>
      message === 'lead (metal)' ? 'piombo' : message === 'lead' ? 'capo' : message,
    );
    expect([trSense('lead', 'metal'), trWord('lead')]).toEqual(['piombo', 'capo']);
    expect(trSense('sheet', 'supplier’s')).toBe('sheet');
  });
});
