// The figure flattened on the blank at true scale, to print and lay round it: one repeat a strip, mm.
import { flattened, type Carried, type StretchMap } from '@zanfirico/core/form/pattern';
import { tr } from '@zanfirico/core/words';

interface Template {
  readonly text: string;
  readonly width: number;
  readonly height: number;
}

const PAD = 10;

/**
 * SVG text of one repeat, with how many there are and the girth they go round; undefined when nothing could be carried.
 * `on` is the form it is to be laid on.
 */
export function templateSvg(
  map: StretchMap,
  carried: Carried,
  on: 'blank' | 'final',
  name: string,
  count: number,
): Template | undefined {
  const first = carried[on].slice(0, Math.max(1, Math.round(carried[on].length / count)));
  if (first.length === 0) return undefined;
  const lines = first.map((outline) => flattened(map, on, outline, 0));
  const all = lines.flat();
  const [x0, x1] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [y0, y1] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const mm = (v: number): string => String(Number((v * 1e3).toFixed(3)));
  const width = (x1 - x0) * 1e3 + 2 * PAD;
  const height = (y1 - y0) * 1e3 + 2 * PAD + 14;
  const wide = Math.max(width, 90);
  const paths = lines
    .map(
      (l) =>
        `  <path d="${l.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${mm(x - x0)} ${mm(y1 - y)}`).join('')}Z"/>`,
    )
    .join('\n');
  const text = `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${wide.toFixed(2)}mm" height="${height.toFixed(2)}mm" viewBox="${String(-PAD)} ${String(-PAD)} ${wide.toFixed(2)} ${height.toFixed(2)}">
  <style>path{fill:none;stroke:#000;stroke-width:.25}text{font:3px sans-serif}</style>
${paths}
  <path d="M0 ${mm(y1 - y0 + 0.006)}h50m-50 -1.5v3m50 -3v3"/>
  <text x="0" y="${mm(y1 - y0 + 0.0105)}">50 mm · 1:1 · ${name.replace(/[&<>]/g, '')} · ${tr`${count} round, on the ${on === 'blank' ? tr`blank` : tr`final form`}, lower edge ${mm(y0)} mm along the skin from the middle of the base`}</text>
</svg>
`;
  return { text, width: wide, height };
}
