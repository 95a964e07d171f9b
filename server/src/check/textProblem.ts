// Text that is no text: control characters, and halves of characters that no file can hold.
import { tr } from '@zanfirico/core/words';
import type { FieldProblem } from '@zanfirico/contract';
import { shownValue } from './shown';

// Tab, line feed and carriage return are how notes are written.
// eslint-disable-next-line no-control-regex
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/** The first string anywhere in a value that is no text; undefined where all are. Goes as deep as the value does without a call a level. */
export function textProblem(value: unknown): FieldProblem | undefined {
  const open: { readonly at: string; readonly value: unknown }[] = [{ at: '', value }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { at } = next;
    if (typeof next.value === 'string') {
      const half = !next.value.isWellFormed();
      if (half || CONTROL.test(next.value))
        return {
          field: at === '' ? tr`the whole body` : at,
          given: shownValue(next.value.toWellFormed()),
          allowed: half ? tr`whole characters` : tr`text without control characters`,
        };
    } else if (typeof next.value === 'object' && next.value !== null)
      for (const [key, inner] of Object.entries(next.value))
        if (typeof inner === 'string' || typeof inner === 'object')
          open.push({
            at: Array.isArray(next.value) ? `${at}[${key}]` : at === '' ? key : `${at}.${key}`,
            value: inner,
          });
  }
  return undefined;
}
