// The languages there are, by what each calls itself. The words of each are in a catalogue beside this.

/** By what each calls itself. Another one: its catalogue beside en.json, and a line here. */
export const LANGUAGES = [
  { code: 'en', name: 'English' },
  { code: 'it', name: 'Italiano' },
] as const;
export type Language = (typeof LANGUAGES)[number]['code'];

/** The language of that code, where there is one. */
export const languageOf = (code: unknown): Language | undefined =>
  LANGUAGES.find((l) => l.code === code)?.code;

/** The language of those asked for ("it-IT", "de", in the order they are liked) that there is; English where there is none. */
export const nearest = (asked: readonly string[]): Language => {
  for (const tag of asked) {
    const short = tag.toLowerCase().split('-')[0];
    const there = languageOf(short);
    if (there) return there;
  }
  return 'en';
};
