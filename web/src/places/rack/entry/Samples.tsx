// The sample wall of one colour: bubbles blown from deep to thin, over white and over black, with what to expect of each.
import { BLACK, depthRemark, hexOf, over, WHITE, type Colour } from '@zanfirico/core/fit';
import { tr } from '@zanfirico/core/words';
import { thicknessText } from '../../../fields/ThicknessField';
import { useDisplay } from '../../../stores/display';

/** Depths a studio blows its samples to, m. Common practice, no source. */
const DEPTHS = [0.006, 0.003, 0.0015, 0.0008, 0.0004, 0.0001];
const GROUNDS = [
  [tr`over white`, WHITE],
  [tr`over black`, BLACK],
] as const;
const R = 21;
const STEP = 2 * R + 10;

/** A clear glass tells its tint only deep. */
const DEEP = [0.1, 0.05, 0.025, 0.012, 0.006, 0.003];

export function Samples({ colour, deep }: { readonly colour: Colour; readonly deep: boolean }) {
  const units = useDisplay((s) => s.units);
  const thick = (v: number): string => thicknessText(v, units);
  const depths = deep ? DEEP : DEPTHS;
  const remarks = depths.map((d) => depthRemark(colour.seen, d));
  const dark = depths.filter((_, i) => remarks[i] === 'near black');
  const gone = depths.filter((_, i) => remarks[i] === 'vanishes');
  const width = depths.length * STEP;
  return (
    <figure className="mt-2">
      <svg
        viewBox={`0 0 ${String(width)} ${String(2 * STEP + 20)}`}
        className="w-full"
        role="img"
        aria-label={tr`${colour.name} from ${thick(depths[0] ?? 0)} to ${thick(depths[depths.length - 1] ?? 0)}, over white and over black`}
      >
        {GROUNDS.map(([name, ground], row) => (
          <g key={name} transform={`translate(0 ${String(row * STEP)})`}>
            <rect width={width} height={STEP} fill={hexOf(ground)} />
            {depths.map((d, i) => {
              const x = i * STEP + STEP / 2;
              return (
                <g key={d}>
                  <circle cx={x} cy={STEP / 2} r={R} fill={hexOf(over(colour.seen, d, ground))} />
                  {/* The rim is looked at edge on: deeper. */}
                  <circle
                    cx={x}
                    cy={STEP / 2}
                    r={R - 1}
                    fill="none"
                    stroke={hexOf(over(colour.seen, 3 * d, ground))}
                    strokeWidth={2}
                  />
                  <path
                    d={`M${String(x - 13)} ${String(STEP / 2 - 6)}a14 14 0 0 1 8-9`}
                    fill="none"
                    stroke="#fff"
                    strokeOpacity={0.75}
                    strokeWidth={2}
                    strokeLinecap="round"
                  />
                </g>
              );
            })}
          </g>
        ))}
        {depths.map((d, i) => (
          <text
            key={d}
            x={i * STEP + STEP / 2}
            y={2 * STEP + 14}
            fontSize={11}
            textAnchor="middle"
            className="num"
            fill="var(--chalk-dim)"
          >
            {thick(d)}
          </text>
        ))}
      </svg>
      <figcaption className="quiet text-sm leading-snug">
        {dark.length > 0 && tr`Near black from ${thick(Math.min(...dark))}. `}
        {gone.length > 0 && tr`As good as gone at ${thick(Math.max(...gone))}. `}
        {colour.strikes && tr`Strikes: the colour comes up on reheating. `}
        {tr`Cold; everything glows orange hot.`}
      </figcaption>
    </figure>
  );
}
