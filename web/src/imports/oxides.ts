// A composition as people write it: oxides with their weight per cent, however parted.
import { tr } from '@zanfirico/core/words';

/** What was read, or what is no oxide. */
export type OxideReading =
  | { readonly ok: true; readonly value: Readonly<Record<string, number>> | undefined }
  | { readonly ok: false; readonly problem: string };

/** "SiO2 71.7; Na2O 15" (or commas, lines, blanks between) → oxides. Nothing written is no composition. */
export function readOxides(text: string): OxideReading {
  const found: Record<string, number> = {};
  const parts = text
    .split(/[;\n]|,(?!\d)|(?<=\d)\s+(?=[A-Z])/)
    .map((p) => p.trim())
    .filter((p) => p !== '');
  for (const part of parts) {
    const read = /^([A-Z][A-Za-z0-9]{1,9})\s*[:=]?\s*(\d+(?:[.,]\d+)?)\s*%?$/.exec(part);
    if (!read)
      return {
        ok: false,
        problem: tr`“${part}” is no oxide with its share; write for example SiO2 71.7; Na2O 15; CaO 9.`,
      };
    found[read[1] as string] = Number((read[2] as string).replace(',', '.'));
  }
  return { ok: true, value: parts.length === 0 ? undefined : found };
}

/** As it is typed back. */
export const oxideText = (composition: Readonly<Record<string, number>> | undefined): string =>
  Object.entries(composition ?? {})
    .map(([oxide, percent]) => `${oxide} ${String(percent)}`)
    .join('; ');
