// How every chart on the board looks: its axes on the clock, its lettering, its margins. Props for recharts.
import type { DisplayUnits } from '@zanfirico/core/units';
import { printText } from '@zanfirico/core/units';
import { clockTicks, tickWords } from '../clock/clockTicks';

/** Lettering. */
export const LABEL = { fill: 'var(--chalk-dim)', fontSize: 12, fontFamily: 'var(--font-mono)' };

/** The grid behind. */
export const GRID = { stroke: 'var(--chalk-dim)', strokeOpacity: 0.16 };

/** A line as it is drawn everywhere: at once, without dots. */
export const PLAIN_LINE = { type: 'linear', dot: false, isAnimationActive: false } as const;

/** The axis along the night, `from` and `to` in seconds from the last piece in. */
export const clockAxis = (from: number, to: number, lastIn: string) =>
  ({
    dataKey: 'time',
    type: 'number',
    domain: [from, to],
    ticks: clockTicks(from, to, lastIn),
    tickFormatter: (t: number) => tickWords(t, from, to, lastIn),
    tick: LABEL,
    stroke: 'var(--chalk-dim)',
  }) as const;

/** An upright axis at these values. */
export const uprightAxis = (ticks: number[], says: (v: number) => string) =>
  ({
    type: 'number',
    domain: [ticks[0] ?? 0, ticks[ticks.length - 1] ?? 1],
    ticks,
    tickFormatter: says,
    tick: LABEL,
    width: 48,
    stroke: 'var(--chalk-dim)',
  }) as const;

/** Degrees without their letter, which the axis has no room for. */
export const degreeTicks =
  (units: DisplayUnits) =>
  (v: number): string =>
    printText(v, 'temperature', units).replace(/ °.$/, '°');
