// How a language is spoken, from its catalogue: message in English → that language.
import { createInstance } from 'i18next';
import type { Language } from '.';

/** Messages as they are written in English, "{0}" the first value; what each is in one language. */
export type Catalogue = Readonly<Record<string, string>>;

/** The first number of a message is what its plural goes by. */
const countOf = (values: readonly (string | number)[]): number | undefined =>
  values.find((v): v is number => typeof v === 'number');

/**
 * How a language is spoken: its words for a message, the values put in. A language with more plurals than English keeps
 * them as "{0} gathers_few", "{0} gathers_many". What its catalogue lacks is said in English.
 */
export function tongueOf(
  language: Language,
  catalogue: Catalogue,
): (message: string, values: readonly (string | number)[]) => string {
  const i18n = createInstance();
  void i18n.init({
    lng: language,
    initAsync: false,
    fallbackLng: false,
    keySeparator: false,
    nsSeparator: false,
    returnEmptyString: false,
    ignoreJSONStructure: true,
    resources: { [language]: { translation: catalogue } },
  });
  // What is said of a message hangs on its plural alone: looked up once each, then only filled.
  const plural = new Intl.PluralRules(language);
  const known = new Map<string, Map<string | undefined, string>>();
  const saidOf = (message: string, count: number | undefined): string => {
    const category = count === undefined ? undefined : plural.select(count);
    const forms = known.get(message) ?? new Map<string | undefined, string>();
    known.set(message, forms);
    const there = forms.get(category);
    if (there !== undefined) return there;
    const said = i18n.t(message, { count, skipInterpolation: true });
    forms.set(category, said);
    return said;
  };
  return (message, values) =>
    values.length === 0
      ? saidOf(message, undefined)
      : fill(saidOf(message, countOf(values)), values);
}

/** A message with its values in their places; a place nothing was given for stays open. */
export const fill = (message: string, values: readonly (string | number)[]): string =>
  message.replace(/\{(\d+)\}/g, (place, i: string) => {
    const value = values[Number(i)];
    return value === undefined ? place : String(value);
  });
