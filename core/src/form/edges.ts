// Crisp edges of an outside: where it turns sharply towards the glass.
import type { Line } from './profile';

/** Sine of the least turn that is an edge. */
const SHARP = 0.42;

/** Does the outside turn a crisp edge outwards at a sample? Never at its ends. */
export function sharp({ r, z }: Line, at: number): boolean {
  if (at <= 0 || at >= r.length - 1) return false;
  const [ar, az] = [
    (r[at] as number) - (r[at - 1] as number),
    (z[at] as number) - (z[at - 1] as number),
  ];
  const [br, bz] = [
    (r[at + 1] as number) - (r[at] as number),
    (z[at + 1] as number) - (z[at] as number),
  ];
  const both = Math.sqrt((ar * ar + az * az) * (br * br + bz * bz));
  return both > 0 && (ar * bz - az * br) / both > SHARP;
}
