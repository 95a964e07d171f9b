// A line of a section as few characters: the points it needs, in microns, each as the step from the one before.
import type { Line } from './profile';
import { thinned } from './thinned';

/** A packed line lies within this of itself, m. */
const SAME = 2e-5;
const MICRON = 1e-6;

const known = new WeakMap<Line, string>();

/** Packs a line: "r z dr dz dr dz …" in microns. Kept with the line, for a drag moves one of many. */
export function packed(line: Line): string {
  const made = known.get(line) ?? pack(line);
  known.set(line, made);
  return made;
}

function pack(line: Line): string {
  let [r, z] = [0, 0];
  let text = '';
  for (const i of thinned(line.r, line.z, SAME)) {
    const nr = Math.round((line.r[i] as number) / MICRON);
    const nz = Math.round((line.z[i] as number) / MICRON);
    text += `${text === '' ? '' : ' '}${String(nr - r)} ${String(nz - z)}`;
    [r, z] = [nr, nz];
  }
  return text;
}

/** A packed line again, m. */
export function unpacked(text: string): Line {
  const steps = text.split(' ').map(Number);
  const r: number[] = [];
  const z: number[] = [];
  let [atR, atZ] = [0, 0];
  for (let i = 0; i + 1 < steps.length; i += 2) {
    atR += steps[i] as number;
    atZ += steps[i + 1] as number;
    r.push(atR * MICRON);
    z.push(atZ * MICRON);
  }
  return { r, z };
}
