// What steps do to the glass at once: gathering, forming, joining, parking, opening, boxing. What time does is in hotShop.
import { factsOf, type WorkStep } from '../work/facts';
import { joinOf, partsTogether, unite } from '../work/joined';
import { meanOf } from '../conduction/cells';
import { zonesNow, type HeatPart, type HeatState } from './hotShop';
import type { Fires } from './surroundings';
import { ANY_BIT, brought } from './heatBits';
import { halfFormed, lumpOf, zoneVolume, type HeatZone } from './zones';

const ROOM = 20;

const uniform = (zone: HeatZone, at: number): Float64Array =>
  new Float64Array(zone.grid.cells).fill(at);

const meanNow = (zones: readonly HeatZone[], cells: readonly Float64Array[]): number => {
  let heat = 0;
  let all = 0;
  zones.forEach((z, k) => {
    const t = cells[k];
    if (!t) return;
    const volume = zoneVolume(z);
    heat += volume * meanOf(z.grid, t);
    all += volume;
  });
  return all > 0 ? heat / all : ROOM;
};

/** What a step changes at its start; joins, parking and boxing count at its end (`finish`). */
export function beginPart(
  state: HeatState,
  parts: readonly HeatPart[],
  step: WorkStep,
  fires: Fires,
): void {
  const i = step.part;
  const part = parts[i];
  if (!part) return;
  const { does } = factsOf(step);
  if (does === 'fetch') unpark(state, i);
  if (does === 'pick') pickUp(state, part, i, fires);
  if (does === 'gather') gather(state, part, i, fires);
  if (does === 'bit' && state.phase[i] === 'formed') bringBit(state, part, i, step, fires);
  if (does === 'begin' && state.phase[i] === 'absent') {
    state.phase[i] = 'formed';
    state.cells[i] = part.zones.map((z) => uniform(z, ROOM));
  }
}

function gather(state: HeatState, part: HeatPart, i: number, fires: Fires): void {
  if (state.phase[i] === 'formed' || state.phase[i] === 'boxed') return;
  const before = state.gathers[i] ?? 0;
  const at = (k: number): number => part.gathered[Math.min(k, part.gathered.length - 1)] ?? 1e-6;
  const old = before === 0 ? 0 : at(before - 1);
  const now = Math.max(at(before), old * 1.001);
  const lump = state.lumps[i];
  const t = state.cells[i]?.[0];
  const mean = lump && t ? meanOf(lump.grid, t) : fires.pot;
  const next = lumpOf(now, part.glass);
  // The new layer is as hot as the pot, what was there keeps its heat: outside in, by volume.
  const cells = new Float64Array(next.grid.cells);
  const inner = (old / now) ** (1 / 3);
  for (let k = 0; k < cells.length; k += 1)
    cells[k] = (k + 0.5) / cells.length < inner ? mean : fires.pot;
  const fix = (old * mean + (now - old) * fires.pot) / now - meanOf(next.grid, cells);
  for (let k = 0; k < cells.length; k += 1) cells[k] = (cells[k] as number) + fix;
  state.phase[i] = 'lump';
  state.gathers[i] = before + 1;
  state.lumps[i] = next;
  state.cells[i] = [cells];
}

/** A length of the tube out of the garage: as much glass as the gathers it was cut from would have given this part. */
function pickUp(state: HeatState, part: HeatPart, i: number, fires: Fires): void {
  if (state.phase[i] === 'formed' || state.phase[i] === 'boxed') return;
  const gathers = Math.max(1, part.gathered.length - (state.over[i] ?? 0));
  const lump = lumpOf(part.gathered[gathers - 1] ?? 1e-6, part.glass);
  state.phase[i] = 'lump';
  state.gathers[i] = gathers;
  state.lumps[i] = lump;
  state.cells[i] = [new Float64Array(lump.grid.cells).fill(fires.garage)];
}

function bringBit(state: HeatState, part: HeatPart, i: number, step: WorkStep, fires: Fires): void {
  const known = part.bits?.find((b) => b.name === step.name);
  const bit = known ?? { ...ANY_BIT, name: step.name ?? '', at: onto(part, step) };
  const { zone, cells } = brought(bit, part.glass, fires, step.seal === 'glue' ? 'garage' : 'pot');
  state.bits[i]?.push({
    name: bit.name,
    zone,
    cells,
    on: bit.at,
    copies: copiesNow(step, bit),
    contact: bit.contact,
    notch: true,
  });
}

/** A handle is put on one at a time, dots and threads all in one step. */
const copiesNow = (step: WorkStep, bit: { readonly copies: number }): number =>
  step.kind === 'prunts' ? bit.copies : 1;

/** The zone a step's bit comes onto where nobody drew it: the end it works. */
const onto = (part: HeatPart, step: WorkStep): number => {
  const end = step.zone ?? factsOf(step).zone;
  return Math.max(
    0,
    part.zones.findIndex((z) => z.end === end),
  );
};

function unpark(state: HeatState, i: number): void {
  for (const k of partsTogether(state.groups, i)) state.parked[k] = false;
}

/** A go at its form: the last one makes it, those before take it some of the way. */
function form(state: HeatState, part: HeatPart, i: number, step: WorkStep): void {
  const { done, whole } = state.forming;
  const mean = meanNow(zonesNow(state, part, i), state.cells[i] ?? []);
  done[i] = (done[i] ?? 0) + Math.max(0, step.seconds);
  const all = whole[i] ?? 0;
  if ((done[i] ?? 0) >= all - 1e-6) {
    state.phase[i] = 'formed';
    state.cells[i] = part.zones.map((z) => uniform(z, mean));
    return;
  }
  const gathers = Math.max(1, state.gathers[i] ?? 1);
  const volume = part.gathered[Math.min(gathers, part.gathered.length) - 1] ?? 1e-6;
  const half = halfFormed(volume, part.onPipe ?? part.zones, (done[i] ?? 0) / all, part.glass);
  state.lumps[i] = half;
  state.cells[i] = [uniform(half, mean)];
}

/** What a step leaves behind. */
export function finish(state: HeatState, parts: readonly HeatPart[], step: WorkStep): void {
  const { does } = factsOf(step);
  const i = step.part;
  const part = parts[i];
  if (!part) return;
  // While it is blown or shaped it is still the lump it was; its own form is there at the end.
  if (does === 'form' && state.phase[i] === 'lump') form(state, part, i, step);
  if (does === 'melt') for (const b of state.bits[i] ?? []) b.notch = false;
  if (does === 'transfer' || does === 'release')
    for (const k of partsTogether(state.groups, i)) state.opened[k] = true;
  if (does === 'park') for (const k of partsTogether(state.groups, i)) state.parked[k] = true;
  const join = joinOf(step);
  if (join && join.to < parts.length) {
    unite(state.groups, join.part, join.to);
    for (const k of partsTogether(state.groups, i)) state.parked[k] = false;
  }
  if (does === 'box')
    for (const k of partsTogether(state.groups, i))
      if (state.phase[k] === 'formed') state.phase[k] = 'boxed';
}
