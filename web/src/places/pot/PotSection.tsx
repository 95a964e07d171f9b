// A pot in section: its inside, glass as deep as it stands, the depth under which it cannot be gathered from, and how much is where.
import type { PotForm } from '@zanfirico/contract/shop';
import { glow } from '@zanfirico/core/iron';
import { potMass, potRadius } from '@zanfirico/core/pot';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { heavyText } from '../../fields/heavy';

interface Props {
  readonly form: PotForm;
  readonly density: number;
  /** Glass standing in it, m. */
  readonly depth: number;
  /** Under it it cannot be gathered from well, m. */
  readonly least: number;
  /** As it will stand tonight by what is planned, m. */
  readonly tonight?: number | undefined;
  /** How hot the glass is, °C: it shines so. */
  readonly temperature: number;
  readonly label: string;
}

const SIZE = { width: 420, height: 360 };
const PAD = { x: 30, right: 74, top: 20, bottom: 20 };
const STEPS = 40;
/** The pot's own wall, as drawn. */
const THICK = 0.035;
/** Marks on its side, as shares of its height. */
const MARKS = [0.25, 0.5, 0.75, 1];

/** The pot's own outside: the same form, thicker by its wall. */
function outsideOf(form: PotForm): PotForm {
  const around = { diameter: form.diameter + 2 * THICK, height: form.height + THICK };
  switch (form.kind) {
    case 'cylinder':
      return { ...form, ...around };
    case 'cone':
      return { ...form, ...around, bottom: form.bottom + 2 * THICK };
    case 'bowl':
      return { ...form, ...around, ball: form.ball + THICK };
  }
}

/** A fall smaller than this is not drawn, m. */
const SEEN = 0.004;
/** The crown above shines on the surface; the bottom is the coldest. As drawn, K. */
const SKIN = 120;
const BOTTOM = 180;

/** The colour glass of a temperature glows in; under red heat it is dark glass. */
const shines = (celsius: number): string => {
  const [r, g, b] = glow(celsius);
  const byte = (v: number): number => Math.round(255 * Math.min(1, Math.max(0.12, v)));
  return `rgb(${String(byte(r))} ${String(byte(g))} ${String(byte(b))})`;
};

export function PotSection({ form, density, depth, least, tonight, temperature, label }: Props) {
  const units = useDisplay((s) => s.units);
  const scale = Math.min(
    (SIZE.width - PAD.x - PAD.right) / (form.diameter + 2 * THICK),
    (SIZE.height - PAD.top - PAD.bottom) / (form.height + THICK),
  );
  const middle = (SIZE.width + PAD.x - PAD.right) / 2;
  const x = (r: number): number => middle + r * scale;
  const y = (h: number): number => SIZE.height - PAD.bottom - THICK * scale - h * scale;
  /** The outline of an inside up to a height, its lowest place so far above the glass's. */
  const path = (of: PotForm, to: number, above: number): string => {
    const up = Array.from({ length: STEPS + 1 }, (_, i) => {
      // Close together where it is round.
      const h = to * (i / STEPS) ** 2;
      return [potRadius(of, h), h + above] as const;
    });
    const right = up.map(([rr, h]) => `${x(rr).toFixed(1)} ${y(h).toFixed(1)}`);
    const left = up.map(([rr, h]) => `${x(-rr).toFixed(1)} ${y(h).toFixed(1)}`);
    return `M${[...right.reverse(), ...left].join('L')}Z`;
  };
  const r = potRadius(form, depth);
  return (
    <svg
      viewBox={`0 0 ${String(SIZE.width)} ${String(SIZE.height)}`}
      className="w-full max-w-[30rem] bg-(--board)"
      role="img"
      aria-label={label}
    >
      <defs>
        <linearGradient id="pot-glow" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor={shines(temperature + SKIN)} />
          <stop offset="0.3" stopColor={shines(temperature)} />
          <stop offset="1" stopColor={shines(temperature - BOTTOM)} />
        </linearGradient>
      </defs>
      <path
        d={path(outsideOf(form), form.height + THICK, -THICK)}
        fill="var(--chalk-dim)"
        fillOpacity={0.35}
        stroke="var(--chalk-dim)"
      />
      <path d={path(form, form.height, 0)} fill="var(--board)" stroke="var(--chalk-dim)" />
      {depth > 0 && <path d={path(form, depth, 0)} fill="url(#pot-glow)" />}
      {depth > 0 && (
        <line x1={x(-r)} x2={x(r)} y1={y(depth)} y2={y(depth)} stroke="#fff2d8" strokeWidth={2.5} />
      )}
      {tonight !== undefined && depth - tonight > SEEN && (
        <g>
          <line
            x1={x(-potRadius(form, tonight))}
            x2={x(potRadius(form, tonight))}
            y1={y(tonight)}
            y2={y(tonight)}
            stroke="#2b1205"
            strokeWidth={1.5}
            strokeDasharray="2 3"
          />
          <text x={x(0)} y={y(tonight) + 15} textAnchor="middle" fontSize={13} fill="#2b1205">
            {tr`tonight`}
          </text>
        </g>
      )}
      {depth > 0 && (
        <g stroke="var(--chalk)" fill="var(--chalk)">
          <line x1={x(0)} x2={x(0)} y1={y(depth)} y2={y(0)} strokeOpacity={0.55} />
          <text
            x={x(0) + 6}
            y={(y(depth) + y(least)) / 2}
            fontSize={13}
            stroke="none"
            fontFamily="var(--font-mono)"
          >
            {tr`${printText(depth, 'length', units)} to dip in`}
          </text>
        </g>
      )}
      <line
        x1={x(-potRadius(form, least))}
        x2={x(potRadius(form, least))}
        y1={y(least)}
        y2={y(least)}
        stroke="var(--chalk)"
        strokeDasharray="4 4"
      />
      <text x={x(0)} y={y(least) - 5} textAnchor="middle" fontSize={13} fill="var(--chalk)">
        {tr`too shallow under this`}
      </text>
      {MARKS.map((m) => (
        <g key={m}>
          <line
            x1={x(form.diameter / 2 + THICK)}
            x2={x(form.diameter / 2 + THICK) + 8}
            y1={y(m * form.height)}
            y2={y(m * form.height)}
            stroke="var(--chalk-dim)"
          />
          <text
            x={x(form.diameter / 2 + THICK) + 12}
            y={y(m * form.height) + 4}
            fontSize={12}
            fontFamily="var(--font-mono)"
            fill="var(--chalk-dim)"
          >
            {heavyText(potMass(form, m * form.height, density), units)}
          </text>
        </g>
      ))}
    </svg>
  );
}
