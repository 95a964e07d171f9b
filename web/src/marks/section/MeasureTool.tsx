// Measuring between any two places: click one, click the other; the measure stays on the drawing until it is taken off.
import type { PieceDimension } from '@zanfirico/contract/piece';
import type { Line } from '@zanfirico/core/form';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState, type MouseEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { dimensionBetween, spotAt, type DimensionEnd } from './dimensions';

interface Props {
  readonly sheet: FittedSheet;
  readonly size: { readonly width: number; readonly height: number };
  readonly lines: readonly Line[];
  readonly onKeep: (dimension: PieceDimension) => void;
  readonly onLeave: () => void;
}

/** A measure between two places. */
export function MeasureTool({ sheet, size, lines, onKeep, onLeave }: Props) {
  const units = useDisplay((s) => s.units);
  const [from, setFrom] = useState<DimensionEnd>();
  const [to, setTo] = useState<DimensionEnd>();
  useHotkeys('escape', onLeave, { enableOnFormTags: true });
  const spot = (e: MouseEvent<SVGElement>): DimensionEnd => {
    const box = e.currentTarget.getBoundingClientRect();
    return spotAt(sheet, { x: e.clientX - box.left, y: e.clientY - box.top }, lines);
  };
  const at = (s: DimensionEnd) => ({ cx: toX(sheet, 1, s.out), cy: toY(sheet, s.height) });
  const now = from && to && dimensionBetween({ from, to });
  return (
    <g>
      {/* Over everything: while one measures nothing is moved by mistake. */}
      <rect
        role="presentation"
        width={size.width}
        height={size.height}
        fill="transparent"
        className="cursor-crosshair"
        onClick={(e) => {
          const here = spot(e);
          if (!from) {
            setFrom(here);
            return;
          }
          if (Math.hypot(here.out - from.out, here.height - from.height) > 1e-5)
            onKeep({ from, to: here });
          setFrom(undefined);
          setTo(undefined);
        }}
        onMouseMove={(e) => {
          setTo(spot(e));
        }}
      />
      <g className="pointer-events-none" stroke="var(--color-info)" fill="none">
        {to && <circle {...at(to)} r={5} strokeWidth={2} />}
        {from && <circle {...at(from)} r={5} strokeWidth={2} fill="var(--color-info)" />}
        {from && to && (
          <line
            x1={at(from).cx}
            y1={at(from).cy}
            x2={at(to).cx}
            y2={at(to).cy}
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
        )}
      </g>
      <text
        x={size.width / 2}
        y={size.height - 14}
        textAnchor="middle"
        fontSize={14}
        className="num pointer-events-none"
        fill="var(--color-info)"
        stroke="var(--board)"
        strokeWidth={5}
        paintOrder="stroke"
      >
        {now
          ? tr`${printText(now.straight, 'length', units)} · ${printText(now.across, 'length', units)} across · ${printText(now.up, 'length', units)} up`
          : from
            ? tr`The other end`
            : tr`Click one end; Esc leaves off`}
      </text>
    </g>
  );
}
