// How a language is spoken, from its catalogue: message in English → that language.
import { createInstance } from 'i18next';
import type { Language } from '.';

/** Messages as they are written in English, "{0}" the first value; what each is in one language. */
export type Catalogue = Readonly<Record<string, string>>;

/** The first number of a message is what its plural goes by. */
const countOf = (values: readonly unknown[]): number | undefined =>
  values.find((v): v is number => typeof v === 'number');

/**
 * How a language is spoken: its words for a message, the values put in. A language with more plurals than English keeps
 * them as "{0} gathers_few", "{0} gathers_many". What its catalogue lacks is said in English.
 */
export function tongueOf(
  language: Language,
  catalogue: Catalogue,
): (message: string, values: readonly unknown[]) => string {
  const i18n = createInstance();
  void i18n.init({
    lng: language,
    initAsync: false,
    fallbackLng: false,
    keySeparator: false,
    nsSeparator: false,
    returnEmptyString: false,
    ignoreJSONStructure: true,
    interpolation: { prefix: '{', suffix: '}', escapeValue: false },
    resources: { [language]: { translation: catalogue } },
  });
  const bare = new Map<string, string>();
  return (message, values) => {
    if (values.length > 0)
      return i18n.t(message, { ...Object.fromEntries(values.entries()), count: countOf(values) });
    const known = bare.get(message);
    if (known !== undefined) return known;
    // Its places, if it has any, are filled by who asks.
    const said = i18n.t(message, {
      interpolation: { skipOnVariables: true },
      skipInterpolation: true,
    });
    bare.set(message, said);
    return said;
  };
}
