// One sheet cut up: drawn with its scores by number, and the scores as a list in the order they break.
import { trNodes } from '../../../words/trNodes';
import type { CutSheet } from '@zanfirico/core/kiln/cutting';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { HeadRow } from '../../../marks/HeadRow';
import { useDisplay } from '../../../stores/display';

export function OneSheet({ cut, name }: { readonly cut: CutSheet; readonly name: string }) {
  const units = useDisplay((s) => s.units);
  const { sheet, scores, pieces, left, waste } = cut;
  const mm = (v: number): string => printText(v, 'length', units);
  const k = 420 / Math.max(sheet.width, sheet.deep);
  const [w, h] = [sheet.width * k, sheet.deep * k];
  const y = (at: number, deep: number): number => h - (at + deep) * k;
  return (
    <section className="mt-4 flex flex-wrap gap-5 break-inside-avoid">
      <svg
        width={w + 4}
        height={h + 4}
        viewBox={`-2 -2 ${String(w + 4)} ${String(h + 4)}`}
        role="img"
        aria-label={tr`A sheet of ${name} with ${pieces.length} pieces on it`}
        className="bg-(--board)"
      >
        <rect width={w} height={h} fill="none" stroke="var(--chalk)" strokeWidth={1.5} />
        {left.map((r) => (
          <rect
            key={`${String(r.x)} ${String(r.y)}`}
            x={r.x * k}
            y={y(r.y, r.deep)}
            width={r.width * k}
            height={r.deep * k}
            fill="var(--chalk)"
            fillOpacity={0.07}
          />
        ))}
        {pieces.map((p) => (
          <g key={p.label}>
            <rect
              x={p.x * k}
              y={y(p.y, p.deep)}
              width={p.width * k}
              height={p.deep * k}
              fill="var(--glass)"
              fillOpacity={0.35}
              stroke="var(--glass)"
            />
            <text
              x={(p.x + p.width / 2) * k}
              y={y(p.y, p.deep) + (p.deep * k) / 2 + 6}
              textAnchor="middle"
              fill="var(--chalk)"
              className="num text-[18px]"
            >
              {p.label}
            </text>
          </g>
        ))}
        {scores.map((s, i) => {
          const back = s.runs === 'back';
          const [x1, y1, x2, y2] = back
            ? [s.hand.x + s.at, s.hand.y, s.hand.x + s.at, s.hand.y + s.hand.deep]
            : [s.hand.x, s.hand.y + s.at, s.hand.x + s.hand.width, s.hand.y + s.at];
          return (
            <g key={i}>
              <line
                x1={x1 * k}
                x2={x2 * k}
                y1={h - y1 * k}
                y2={h - y2 * k}
                stroke={s.narrow ? 'var(--color-warning)' : 'var(--color-primary)'}
                strokeWidth={2}
              />
              <text
                x={((x1 + x2) / 2) * k + 5}
                y={h - ((y1 + y2) / 2) * k - 4}
                fill="var(--color-primary)"
                className="num text-[15px]"
              >
                {i + 1}
              </text>
            </g>
          );
        })}
      </svg>
      <div className="min-w-60 flex-1">
        <h3 className="text-xl">
          {name}, <span className="num">{mm(sheet.width)}</span> ×{' '}
          <span className="num">{mm(sheet.deep)}</span>,{' '}
          {trNodes`${(<span className="num">{mm(sheet.thickness)}</span>)} thick`}
        </h3>
        <table className="w-full">
          <HeadRow columns={[tr`score`, tr`runs`, tr`at`, tr`piece in hand`]} left={[tr`runs`]} />
          <tbody>
            {scores.map((s, i) => (
              <tr key={i} className="border-base-300 border-b">
                <th scope="row" className="num text-primary text-right">
                  {i + 1}
                </th>
                <td className="pl-3">
                  {s.runs === 'back' ? tr`front to back` : tr`left to right`}
                  {s.narrow && (
                    <span className="text-warning">{tr` · narrow: pliers, slowly`}</span>
                  )}
                </td>
                <td className="num text-right">{mm(s.at)}</td>
                <td className="num text-right">
                  {mm(s.hand.width)} × {mm(s.hand.deep)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="quiet mt-1">
          {left.length > 0 &&
            tr`Back to stock: ${left.map((r) => `${mm(r.width)} × ${mm(r.deep)}`).join(', ')}. `}
          {trNodes`Lost: ${(<span className="num">{Math.round(100 * Math.max(0, waste))}</span>)} of 100.`}
        </p>
      </div>
    </section>
  );
}
