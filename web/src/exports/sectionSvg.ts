// The section as SVG at 1:1 in millimetres: the axis at x = 0, the table at y = 0. Outside lines are the drawing's own
// curves with their walls beside them, so the file can be read back.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { bezierSpans, ON_AXIS, silhouettes } from '@zanfirico/core/form';
import { lyingBits, type Derived } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';

type Good = Extract<Derived, { ok: true }>;

const MARGIN = 12;
const mm = (v: number): string => String(Number((v * 1e3).toFixed(4)));
const escape = (text: string): string =>
  text.replace(
    /[&<>"]/g,
    (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c,
  );

/** SVG text of a piece that can be made. */
export function sectionSvg(document: PieceDocument, derived: Good): string {
  const { whole } = derived;
  const half = whole.widest * 1e3 + MARGIN;
  const low = whole.lowest * 1e3;
  const tall = whole.height * 1e3;
  const wide = 2 * half;
  const high = tall + 2 * MARGIN + 8;
  const at = (v: number): string => String(Number(v.toFixed(2)));
  const parts = document.parts.map((part, i) => {
    const shape = derived.parts[i]?.shape;
    if (!shape) return '';
    const spans = bezierSpans(part.profile);
    const outside = spans
      .map((s, k) => {
        const [a, b, c, d] = s.map(([r, z]) => `${mm(r)} ${mm(-z)}`);
        return `${k === 0 ? `M${String(a)}` : ''}C${String(b)} ${String(c)} ${String(d)}`;
      })
      .join('');
    const line = (r: readonly number[], z: readonly number[], side: 1 | -1): string =>
      r.map((v, k) => `${k === 0 ? 'M' : 'L'}${mm(side * v)} ${mm(-(z[k] as number))}`).join('');
    const outer = shape.outer;
    const cut = `${line(outer.r, outer.z, -1)}L${line([...shape.inner.r].reverse(), [...shape.inner.z].reverse(), -1).slice(1)}Z`;
    const corners = part.profile.flatMap((p, k) => (p.corner === true ? [k] : []));
    const solid = part.work === 'solid';
    return [
      `  <g id="part-${String(i + 1)}">`,
      `    <title>${escape(`${String(i + 1)} ${part.name}`)}</title>`,
      `    <path class="outside" data-walls="${part.profile.map((p) => mm(p.wall)).join(' ')}" data-corners="${corners.join(' ')}" d="${outside}"/>`,
      solid ? '' : `    <path class="inside" d="${line(shape.inner.r, shape.inner.z, 1)}"/>`,
      `    <path class="cut" d="${cut}"/>`,
      '  </g>',
    ]
      .filter((l) => l !== '')
      .join('\n');
  });
  const bits = lyingBits(derived, document.bits ?? []).map((bit) => {
    const drawn = silhouettes(bit).map((s) => {
      const d = s.x
        .map((x, k) => `${k === 0 ? 'M' : 'L'}${mm(x)} ${mm(-(s.z[k] as number))}`)
        .join('');
      return s.width === undefined
        ? `    <path class="bit" d="${d}Z"/>`
        : `    <path class="thread" stroke-width="${mm(s.width)}" d="${d}"/>`;
    });
    return `  <g><title>${escape(bit.name)}</title>\n${drawn.join('\n')}\n  </g>`;
  });
  const foot = whole.footRadius > ON_AXIS ? tr`foot ⌀ ${at(2e3 * whole.footRadius)}` : '';
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${at(wide)}mm" height="${at(high)}mm" viewBox="${at(-half)} ${at(-(low + tall) - MARGIN)} ${at(wide)} ${at(high)}">
  <title>${escape(document.name)}</title>
  <desc>Section at 1:1, millimetres. Axis at x 0, table at y 0.</desc>
  <style>path{fill:none;stroke:#000;stroke-width:.25}.inside{stroke-dasharray:1 1}.cut{fill:#bbb}.bit{fill:#ddd}.thread{stroke:#bbb}.axis{stroke-dasharray:6 1.5 1 1.5;stroke-width:.18}text{font:3px sans-serif}</style>
  <path class="axis" d="M0 ${at(-(low + tall) - 5)}V${at(-low + 5)}"/>
  <path class="axis" d="M${at(-half + 2)} ${at(-low)}H${at(half - 2)}"/>
${[...parts, ...bits].join('\n')}
  <text x="${at(-half + 2)}" y="${at(-low + 8)}">${tr`${escape(document.name)} · ${at(tall)} high · ⌀ ${at(2e3 * whole.widest)} ${foot} · 1:1 in mm`}</text>
</svg>
`;
}
