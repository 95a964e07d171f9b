// Words for people. Written in English where they are said; another language is put in from outside.

/** A sentence of a table, said when it is asked for: whose language it is, nobody knows when the file is read. */
export type Said = () => string;

/** What is said in another language of a message, `{0}` its first value; the message itself where that language lacks it. */
export type Tongue = (message: string, values: readonly (string | number)[]) => string;

let tongue: Tongue | undefined;

/** From now on this is spoken; English without one. */
export const speak = (next: Tongue | undefined): void => {
  tongue = next;
};

/** Whether what is said is English as it was written. */
export const isPlain = (): boolean => tongue === undefined;

const messages = new WeakMap<TemplateStringsArray, string>();

/** The message a template is known by: "{0} gathers of {1}". */
export function messageOf(strings: TemplateStringsArray): string {
  const known = messages.get(strings);
  if (known !== undefined) return known;
  const message = strings.reduce((said, s, i) => `${said}{${String(i - 1)}}${s}`);
  messages.set(strings, message);
  return message;
}

function asWritten(strings: TemplateStringsArray, values: readonly (string | number)[]): string {
  let said = strings[0] ?? '';
  for (let i = 0; i < values.length; i += 1) said += String(values[i]) + (strings[i + 1] ?? '');
  return said;
}

/**
 * Words for people, in the language that is spoken: tr`The wall is ${wall} thick.`
 * Values are put in as they are; say them in that language before.
 */
export const tr = (
  strings: TemplateStringsArray,
  ...values: readonly (string | number)[]
): string =>
  tongue === undefined ? asWritten(strings, values) : tongue(messageOf(strings), values);

/** A word that is kept in English in a document, said in the language that is spoken. */
export const trWord = <T extends string | undefined>(word: T): T | string =>
  tongue === undefined || word === undefined ? word : tongue(word, []);

/** A word that means two things: `trSense('sheet', 'supplier')` is known as "sheet (supplier)", and read as "sheet". */
export function trSense(word: string, sense: string): string {
  if (tongue === undefined) return word;
  const message = `${word} (${sense})`;
  const said = tongue(message, []);
  return said === message ? word : said;
}

/** A word kept in English in a document or looked up by: marked, so that catalogues have it; `trWord` says it. */
export const mark = <T extends string>(word: T): T => word;
