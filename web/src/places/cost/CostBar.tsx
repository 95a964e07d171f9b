// A cost as one bar: each part as long as its money, the largest named in it.
import type { CostLine, CostPart } from '@zanfirico/core/cost';

interface Props {
  readonly lines: readonly CostLine[];
  readonly names: Readonly<Record<CostPart, string>>;
}

/** Narrower than this share a part is not named in the bar; the table names it. */
const NAMED = 0.11;
/** Shades from the house's palette, in turn; neighbours are parted by a line as well. */
const SHADES = [0.95, 0.55, 0.8, 0.4, 0.7, 0.3, 0.6, 0.2];

export function CostBar({ lines, names }: Props) {
  const all = lines.reduce((sum, l) => sum + l.money, 0);
  if (!(all > 0)) return null;
  return (
    <div className="mt-3 flex h-12 w-full max-w-4xl overflow-hidden" aria-hidden="true">
      {lines.map((l, i) => {
        const share = l.money / all;
        return (
          <div
            key={l.part}
            className="border-base-100 flex items-center overflow-hidden border-r-2 pl-2 text-sm whitespace-nowrap"
            style={{
              width: `${(100 * share).toFixed(2)}%`,
              background: `color-mix(in oklab, var(--color-primary) ${String(100 * (SHADES[i] ?? 0.5))}%, var(--board))`,
              color:
                (SHADES[i] ?? 0) > 0.5
                  ? 'var(--color-primary-content)'
                  : 'var(--color-base-content)',
            }}
          >
            {share > NAMED && names[l.part]}
          </div>
        );
      })}
    </div>
  );
}
