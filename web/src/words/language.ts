// Which language is spoken here: chosen by this person, or their browser's where it is one there is.
import { speak } from '@zanfirico/core/words';
import { languageOf, nearest, type Language } from '@zanfirico/words';
import type { Catalogue } from '@zanfirico/words/tongue';
import italian from '@zanfirico/words/it.json?url';
import { setDefaultOptions, type Locale } from 'date-fns';

/** Where the words of a language are, and how it writes days. English is in the program. */
const THERE: Readonly<
  Record<Language, { words: string; days: () => Promise<Locale> } | undefined>
> = {
  en: undefined,
  it: { words: italian, days: () => import('date-fns/locale/it').then((m) => m.it) },
};
const KEPT = 'zanfirico.language';
/** A year, s: the server is told with every request. */
const KEPT_FOR = 31_536_000;

/** What this person has chosen, or their browser is set to. */
export function languageHere(): Language {
  try {
    const kept = languageOf(localStorage.getItem(KEPT));
    if (kept) return kept;
  } catch {
    // A browser that keeps nothing goes by what it is set to.
  }
  return nearest(navigator.languages);
}

/** From now on another language; the page begins anew in it. What is not saved is a draft and stays. */
export function chooseLanguage(code: Language): void {
  localStorage.setItem(KEPT, code);
  document.cookie = `language=${code}; path=/; SameSite=Strict; max-age=${String(KEPT_FOR)}`;
  location.reload();
}

/** The decimal sign of a language. */
export const decimalOf = (code?: string): '.' | ',' =>
  new Intl.NumberFormat(code)
    .formatToParts(0.5)
    .some((p) => p.type === 'decimal' && p.value === ',')
    ? ','
    : '.';

let spoken: Language = 'en';

/** The language days are written in: as this browser is set to where that is a kind of what is spoken (en-GB). */
export const daysIn = (): string | undefined =>
  navigator.language.startsWith(spoken) ? undefined : spoken;
/** The language that is spoken on this page. */
export const spokenHere = (): Language => spoken;

/**
 * Has a language spoken. To be waited for before anything else is loaded: words that never change are said when their file is
 * read. A catalogue that does not come leaves English.
 */
export async function beginToSpeak(language: Language): Promise<void> {
  const there = THERE[language];
  if (!there) return;
  try {
    const [answer, locale, { tongueOf }] = await Promise.all([
      fetch(there.words),
      there.days(),
      import('@zanfirico/words/tongue'),
    ]);
    speak(tongueOf(language, (await answer.json()) as Catalogue));
    setDefaultOptions({ locale });
    spoken = language;
  } catch {
    // Cut off before its words were ever here.
  }
}

/** Has this person's language spoken, and says so of the page. */
export async function beginPage(): Promise<void> {
  await beginToSpeak(languageHere());
  document.documentElement.lang = spoken;
}
