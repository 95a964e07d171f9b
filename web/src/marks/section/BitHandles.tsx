// The bit in hand: a cross to move it, and for a bent one the points of its path.
import { LIMITS } from '@zanfirico/contract';
import type { PieceBit } from '@zanfirico/contract/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { arrowStep, nudge, useDrag } from '../useDrag';

interface Props {
  readonly bit: PieceBit;
  readonly sheet: FittedSheet;
  readonly onChange: (change: Partial<PieceBit>) => void;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
}

/** Turned further out of the section's plane than this, a bit can only be moved up and down on the drawing. */
const IN_PLANE = 0.25;
/** The least a pulled tip goes out and up, m. */
const LEAST = LIMITS.measure.minimum;
const TENTH = 1e4;
const tenth = (v: number): number => Math.round(v * TENTH) / TENTH;
const most = (v: number): number => Math.min(2, Math.max(-2, v));

/** Handles of the bit in hand. */
export function BitHandles({ bit, sheet, onChange, onBegin, onEnd }: Props) {
  const units = useDisplay((s) => s.units);
  const { place, shape } = bit;
  const cos = Math.cos(place.around);
  const flat = Math.abs(cos) > IN_PLANE;
  const text = (v: number): string => printText(v, 'length', units);

  const moveTo = (x: number, z: number): void => {
    onChange({
      place: {
        ...place,
        height: tenth(most(z)),
        ...(flat && { out: tenth(Math.min(2, Math.max(0, x / cos))) }),
      },
    });
  };
  // The tip of a spout pulled from the lip is the one point it has.
  const path =
    shape.kind === 'bent'
      ? shape.path
      : shape.kind === 'pulled'
        ? [{ out: shape.reach, up: shape.rise }]
        : [];
  const s = Math.sin(place.tilt);
  const c = Math.cos(place.tilt);
  /** Path point to the section: tilt, then out along the bit's own direction. */
  const seen = (p: { out: number; up: number }): readonly [number, number] => [
    (p.out * c + p.up * s + place.out) * cos,
    -p.out * s + p.up * c + place.height,
  ];
  const setPath = (index: number, x: number, z: number): void => {
    if (!flat) return;
    const a = x / cos - place.out;
    const b = z - place.height;
    const at = { out: tenth(most(a * c - b * s)), up: tenth(most(a * s + b * c)) };
    if (shape.kind === 'pulled') {
      // As the file has it: the lip's own wall is not part of it.
      const { kind, width, drop } = shape;
      onChange({
        shape: { kind, width, drop, reach: Math.max(LEAST, at.out), rise: Math.max(LEAST, at.up) },
      });
    }
    if (shape.kind !== 'bent') return;
    onChange({ shape: { ...shape, path: shape.path.map((p, i) => (i === index ? at : p)) } });
  };
  const grip = useDrag<number>({
    onBegin,
    onMove: (index, x, y) => {
      const px = (x - sheet.axis) / sheet.scale;
      const pz = (sheet.table - y) / sheet.scale;
      if (index < 0) moveTo(px, pz);
      else setPath(index, px, pz);
    },
    onEnd,
  });
  const x0 = toX(sheet, 1, place.out * cos);
  const y0 = toY(sheet, place.height);
  return (
    <g>
      {flat &&
        path.map((p, i) => {
          const [px, pz] = seen(p);
          const x = toX(sheet, 1, px);
          const y = toY(sheet, pz);
          return (
            <g
              key={i}
              role="button"
              tabIndex={0}
              aria-label={tr`${bit.name}, path point ${i + 1}: out ${text(p.out)}, up ${text(p.up)}`}
              className="cursor-grab outline-none focus-visible:[&>circle:last-child]:stroke-[4]"
              {...grip(i, x, y)}
              onKeyDown={(e) => {
                const arrow = arrowStep(e.key);
                if (!arrow) return;
                e.preventDefault();
                const by = nudge(e);
                setPath(i, px + arrow[0] * by, pz + arrow[1] * by);
              }}
            >
              <circle cx={x} cy={y} r={13} fill="transparent" />
              <circle
                cx={x}
                cy={y}
                r={7}
                fill="var(--color-primary)"
                stroke="var(--board)"
                strokeWidth={1.5}
              />
            </g>
          );
        })}
      {shape.kind !== 'pulled' && (
        <g
          role="button"
          tabIndex={0}
          aria-label={tr`${bit.name}: height ${text(place.height)}, ${text(place.out)} from the axis`}
          className="cursor-move outline-none focus-visible:[&>circle:nth-child(2)]:stroke-[4]"
          {...grip(-1, x0, y0)}
          onKeyDown={(e) => {
            const arrow = arrowStep(e.key);
            if (!arrow) return;
            e.preventDefault();
            const by = nudge(e);
            moveTo(place.out * cos + arrow[0] * by, place.height + arrow[1] * by);
          }}
        >
          <circle cx={x0} cy={y0} r={15} fill="transparent" />
          <circle
            cx={x0}
            cy={y0}
            r={10}
            fill="var(--board)"
            stroke="var(--color-primary)"
            strokeWidth={2}
          />
          <path
            d={`M${String(x0 - 6)} ${String(y0)}h12M${String(x0)} ${String(y0 - 6)}v12`}
            stroke="var(--color-primary)"
            strokeWidth={2}
          />
        </g>
      )}
    </g>
  );
}
