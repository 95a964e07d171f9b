// A recipe as CSV, as it is taken in again: where to, how fast, how long held. °C, °C/h and minutes.

import type { Recipe } from '@zanfirico/contract/shop';
import { csvOf } from './csv';

/** CSV text (RFC 4180, CRLF). See docs/formats.md. */
export const recipeCsv = (recipe: Recipe): string =>
  csvOf(
    recipe.lines.map((l) => ({
      to_c: Number(l.to.toFixed(2)),
      rate_c_per_h: l.rate === undefined ? '' : Number((l.rate * 3600).toFixed(3)),
      hold_min: l.hold === undefined ? '' : Number((l.hold / 60).toFixed(2)),
    })),
  );
