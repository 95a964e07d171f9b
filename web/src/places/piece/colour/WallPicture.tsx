// The wall cut open where it is worst: layers to scale, each pushed together or pulled apart, in MPa and nm/cm.
import { hexOf, over, WHITE } from '@zanfirico/core/fit';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import { thinText } from './looks';
import type { Colouring } from './useColouring';
import { shownNumber } from '../../../fields/shown';

const WIDTH = 430;
const HEIGHT = 230;
const TOP = 34;
const BAND = 96;
const LEFT = 20;
const RIGHT = 20;
/** A layer is drawn at least this wide, px: a hundredth of a millimetre would not be seen. */
const LEAST = 7;
/** Stress that is not worth an arrow, Pa. */
const LITTLE = 0.05e6;

export function WallPicture({ colouring }: { readonly colouring: Colouring }) {
  const { bearing: shares, fit, wall, part } = colouring;
  const units = useDisplay((s) => s.units);
  const worst = fit.places[fit.worst];
  const room = WIDTH - LEFT - RIGHT;
  const wanted = shares.map((s) => Math.max(LEAST, s.share * room));
  const scale = room / wanted.reduce((a, b) => a + b, 0);
  const widths = wanted.map((w) => w * scale);
  const starts = widths.map((_, i) => LEFT + widths.slice(0, i).reduce((a, b) => a + b, 0));
  const labels = spreadOut(starts.map((x, i) => x + (widths[i] as number) / 2));
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="w-full max-w-[27rem] bg-(--board)"
      role="img"
      aria-label={shares
        .map((s, i) => {
          const f = worst?.fit.layers[i];
          return `${s.colour?.name ?? part.glass.name}, ${thinText(s.share * wall, units)}, ${f ? says(f.tension, f.compression) : ''}`;
        })
        .join('; ')}
    >
      <text x={LEFT} y={22} fontSize={13} fill="var(--chalk-dim)">{tr`inside`}</text>
      <text x={WIDTH - RIGHT} y={22} fontSize={13} fill="var(--chalk-dim)" textAnchor="end">
        {tr`outside`}
      </text>
      {shares.map((s, i) => {
        const f = worst?.fit.layers[i];
        const x = starts[i] as number;
        const w = widths[i] as number;
        const middle = x + w / 2;
        const at = labels[i] as number;
        const pulled = f !== undefined && f.tension > -f.compression;
        const stress = f === undefined ? 0 : pulled ? f.tension : f.compression;
        return (
          <g key={i}>
            <rect
              x={x}
              y={TOP}
              width={w}
              height={BAND}
              fill={s.colour ? hexOf(over(s.colour.seen, s.share * wall, WHITE)) : 'var(--glass)'}
              fillOpacity={s.colour ? 1 : 0.25}
              stroke="var(--chalk)"
              strokeOpacity={0.7}
            />
            {Math.abs(stress) > LITTLE && <Arrows x={middle} pulled={pulled} />}
            <path
              d={`M${String(middle)} ${String(TOP + BAND)}L${String(at)} ${String(TOP + BAND + 20)}`}
              stroke="var(--chalk-dim)"
              strokeOpacity={0.5}
              fill="none"
            />
            <g textAnchor="middle" fill="var(--chalk)" className="num" fontSize={12}>
              <text x={at} y={TOP + BAND + 34} fontWeight={700}>
                {shownNumber(stress / 1e6, 1)} MPa
              </text>
              <text x={at} y={TOP + BAND + 50} fill="var(--chalk-dim)">
                {Math.abs(stress) <= LITTLE ? tr`at rest` : pulled ? tr`pulled` : tr`pressed`}
              </text>
              <text x={at} y={TOP + BAND + 66} fill="var(--chalk-dim)">
                {f ? `${String(Math.round(f.nmPerCm))} nm/cm` : ''}
              </text>
              <text x={at} y={TOP + BAND + 82} fill="var(--chalk-dim)">
                {thinText(s.share * wall, units)}
              </text>
            </g>
          </g>
        );
      })}
    </svg>
  );
}

/** Arrows along the layer: away from each other when it is pulled, towards each other when it is pressed. */
function Arrows({ x, pulled }: { readonly x: number; readonly pulled: boolean }) {
  const middle = TOP + BAND / 2;
  const tip = (y: number, up: boolean): string =>
    `M${String(x - 5)} ${String(y + (up ? 8 : -8))}L${String(x)} ${String(y)}L${String(x + 5)} ${String(y + (up ? 8 : -8))}`;
  const d = pulled
    ? `M${String(x)} ${String(middle - 8)}V${String(TOP + 10)}M${String(x)} ${String(middle + 8)}V${String(TOP + BAND - 10)}${tip(TOP + 8, true)}${tip(TOP + BAND - 8, false)}`
    : `M${String(x)} ${String(TOP + 8)}V${String(middle - 8)}M${String(x)} ${String(TOP + BAND - 8)}V${String(middle + 8)}${tip(middle - 6, false)}${tip(middle + 6, true)}`;
  return (
    <>
      <path d={d} stroke="var(--board)" strokeWidth={5} fill="none" strokeLinecap="round" />
      <path d={d} stroke="var(--chalk)" strokeWidth={2} fill="none" strokeLinecap="round" />
    </>
  );
}

const says = (tension: number, compression: number): string =>
  tension > -compression
    ? tr`pulled with ${shownNumber(tension / 1e6, 1)} MPa`
    : tr`pressed with ${shownNumber(-compression / 1e6, 1)} MPa`;

/** Label middles pushed apart, within the picture. */
function spreadOut(wanted: readonly number[]): number[] {
  const gap = Math.min(74, (WIDTH - 20) / Math.max(1, wanted.length));
  const placed = [...wanted];
  for (let i = 0; i < placed.length; i += 1) {
    const before = i === 0 ? gap / 2 - gap + 6 : (placed[i - 1] as number);
    placed[i] = Math.max(placed[i] as number, before + gap);
  }
  let ceiling = WIDTH - gap / 2 - 6;
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    placed[i] = Math.min(placed[i] as number, ceiling);
    ceiling = (placed[i] as number) - gap;
  }
  return placed;
}
