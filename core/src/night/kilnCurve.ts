// A kiln curve read between its points.
import type { KilnCurve } from './relaxing/walkCurve';

/** Temperature at a time inside the stretch that begins at point `span`; held flat outside it. */
export function curveBetween({ time, temperature }: KilnCurve, span: number, t: number): number {
  const next = Math.min(span + 1, time.length - 1);
  const [t0, t1] = [time[span] as number, time[next] as number];
  const [a, b] = [temperature[span] as number, temperature[next] as number];
  return t1 > t0 ? a + (b - a) * Math.min(1, Math.max(0, (t - t0) / (t1 - t0))) : b;
}

/** Temperature at any time. */
export function temperatureAt(curve: KilnCurve, t: number): number {
  let span = 0;
  while (span < curve.time.length - 1 && (curve.time[span + 1] as number) < t) span += 1;
  return curveBetween(curve, span, t);
}

/** A curve up to a time. */
export function upTo(curve: KilnCurve, end: number): KilnCurve {
  const time: number[] = [];
  const temperature: number[] = [];
  for (let i = 0; i < curve.time.length && (curve.time[i] as number) < end; i += 1) {
    time.push(curve.time[i] as number);
    temperature.push(curve.temperature[i] as number);
  }
  time.push(end);
  temperature.push(temperatureAt(curve, end));
  return { time, temperature };
}
