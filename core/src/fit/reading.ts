// Reading an expansion as people type it: 96, 9.6e-6, 96e-7, "96 x 10-7".
import { tr } from '../words/tr';

/** A reading, or the question to ask. */
export type ExpansionReading =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: string };

/** Glasses that are blown or flameworked lie between these, 1/K: fused silica to the softest enamels, with room. */
const LEAST = 3e-7;
const MOST = 160e-7;

/**
 * Bare numbers are the trade's own (×10⁻⁷/K); numbers with a power are taken as they stand. 9.6 is read as 9.6×10⁻⁶, as
 * science writes it. What no glass has is questioned.
 */
export function readExpansion(text: string): ExpansionReading {
  const plain = text
    .trim()
    .replace(',', '.')
    .replace(/\s*[x×*]\s*10\s*\^?\s*[-−–]?\s*/i, 'e-')
    .replace(/[−–]/g, '-')
    .replace(/⁻⁷|⁻⁶/g, (m) => (m === '⁻⁷' ? '7' : '6'))
    .replace(/\s*\/\s*K$|\s*1\/K$|\s*K-1$/i, '');
  const n = Number(plain);
  if (plain === '' || !Number.isFinite(n))
    return { ok: false, message: tr`“${text}” is no expansion; type for example 96, or 9.6e-6.` };
  const value = Math.abs(n) < 1e-3 ? n : n < 20 ? n * 1e-6 : n * 1e-7;
  if (value < LEAST || value > MOST)
    return {
      ok: false,
      message: tr`Expansion: given ${text.trim()}; no glass has that. The trade’s number lies between ${LEAST * 1e7} and ${MOST * 1e7} (×10⁻⁷/K). Did you mean ${suggestion(n)}?`,
    };
  return { ok: true, value };
}

/** The nearest power of ten that a glass could have, as the trade writes it. */
function suggestion(n: number): string {
  let v = Math.abs(n);
  if (v === 0) return '96';
  while (v > 160) v /= 10;
  while (v < 16) v *= 10;
  return String(Number(v.toPrecision(3)));
}
