// Each request is answered in the language of whoever asks: what their page is set to (its cookie), else their browser's.
import { AsyncLocalStorage } from 'node:async_hooks';
import { speak } from '@zanfirico/core/words';
import { languageOf, LANGUAGES, nearest, type Language } from '@zanfirico/words';
import italian from '@zanfirico/words/it.json';
import { fill, tongueOf, type Catalogue } from '@zanfirico/words/tongue';
import type { RequestHandler } from 'express';

const CATALOGUES: Readonly<Record<Language, Catalogue | undefined>> = {
  en: undefined,
  it: italian,
};
const asking = new AsyncLocalStorage<Language>();
const tongues = new Map<Language, ReturnType<typeof tongueOf>>();

/** Read when somebody first asks in it. */
function tongue(language: Language, catalogue: Catalogue): ReturnType<typeof tongueOf> {
  const known = tongues.get(language) ?? tongueOf(language, catalogue);
  tongues.set(language, known);
  return known;
}

/** What is said while a request is worked on is said in its language; what the server says by itself, in English. */
export function speakAsAsked(): void {
  speak((message, values) => {
    const language = asking.getStore() ?? 'en';
    const catalogue = CATALOGUES[language];
    return catalogue ? tongue(language, catalogue)(message, values) : fill(message, values);
  });
}

/** What something is said in each of the languages, each once: words a thing is found by, whoever asks. */
export const inEveryLanguage = (says: () => string): string[] => [
  ...new Set(LANGUAGES.map((l) => asking.run(l.code, says))),
];

/** Works on a request in its language. */
export const inTheirLanguage: RequestHandler = (req, _res, next) => {
  const kept = (req.cookies as Readonly<Record<string, unknown>> | undefined)?.['language'];
  asking.run(languageOf(kept) ?? nearest(req.acceptsLanguages()), next);
};
