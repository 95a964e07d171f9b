// The shapes of a piece of sheet side by side at true size, to print and lay under the glass. mm.
import type { Laid } from '@zanfirico/contract/kiln';
import { outlineBounds, outlineOf } from '@zanfirico/core/kiln';

const GAP = 8;
const WIDE = 400;
/** Room for the line that says how long 50 mm are. */
const FOOT = 14;

/** SVG text; equal shapes once, with how many of them. Lines of shapes wrap at 400 mm or at the widest. */
export function sheetTemplate(laid: readonly Laid[], name: string): string {
  const kinds = new Map<string, { readonly laid: Laid; readonly places: number[] }>();
  laid.forEach((l, i) => {
    if (l.as !== 'sheet' && l.as !== 'strip') return;
    const key = JSON.stringify([l.shape, l.mirrored === true && l.shape.kind === 'outline']);
    const known = kinds.get(key);
    if (known) known.places.push(i + 1);
    else kinds.set(key, { laid: l, places: [i + 1] });
  });
  let [x, y, row, widest] = [0, 0, 0, 100];
  const marks: string[] = [];
  for (const { laid: l, places } of kinds.values()) {
    const outline = outlineOf({ ...l, x: 0, y: 0, turn: 0 });
    const b = outlineBounds([outline]);
    const [w, h] = [(b.right - b.left) * 1e3, (b.far - b.near) * 1e3];
    if (x > 0 && x + w > WIDE) {
      x = 0;
      y += row + GAP + 6;
      row = 0;
    }
    const path = outline
      .map(
        (p, i) =>
          `${i === 0 ? 'M' : 'L'}${(x + (p.x - b.left) * 1e3).toFixed(2)} ${(y + (b.far - p.y) * 1e3).toFixed(2)}`,
      )
      .join('');
    marks.push(
      `  <path d="${path}Z"/>\n  <text x="${x.toFixed(2)}" y="${(y + h + 4).toFixed(2)}">${places.length > 6 ? `${places.slice(0, 6).join(', ')} … (${String(places.length)})` : places.join(', ')}</text>`,
    );
    x += w + GAP;
    row = Math.max(row, h);
    widest = Math.max(widest, x);
  }
  const high = y + row + GAP + FOOT;
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${(widest + 10).toFixed(2)}mm" height="${(high + 10).toFixed(2)}mm" viewBox="-5 -5 ${(widest + 10).toFixed(2)} ${(high + 10).toFixed(2)}">
  <style>path{fill:none;stroke:#000;stroke-width:.25}text{font:4px sans-serif}</style>
${marks.join('\n')}
  <path d="M0 ${(high - 8).toFixed(2)}h50m-50 -1.5v3m50 -3v3"/>
  <text x="0" y="${(high - 2).toFixed(2)}">50 mm · 1:1 · ${name.replace(/[&<>]/g, '')}</text>
</svg>
`;
}
