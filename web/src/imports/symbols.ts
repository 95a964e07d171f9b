// Chemical symbols as people list them.
import { tr } from '@zanfirico/core/words';

/** "cu, Ag;S" → ["Cu", "Ag", "S"]; or what is no symbol. */
export function readSymbols(
  text: string,
):
  | { readonly ok: true; readonly value: string[] }
  | { readonly ok: false; readonly problem: string } {
  const found = text
    .split(/[\s,;/]+/)
    .filter((s) => s !== '')
    .map((s) => `${s.charAt(0).toUpperCase()}${s.slice(1).toLowerCase()}`);
  const wrong = found.find((s) => !/^[A-Z][a-z]?$/.test(s));
  return wrong === undefined
    ? { ok: true, value: [...new Set(found)] }
    : { ok: false, problem: tr`“${wrong}” is no chemical symbol; write for example Cu, Ag, S.` };
}
