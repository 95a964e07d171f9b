// What glass does under its own weight when nobody turns it any more: elastic bending with E → 3η (the elastic–viscous analogy).
//
// A beam between two edges is ISO 7884-4's bending viscometer; a disc on its edge is PHYSICS §10's plate. What stands is squashed
// by what stands on it. Through the thickness, layers share one rate, so the mean viscosity counts: a set skin holds hot glass,
// until the hot glass has warmed it again. That is why the piece is followed for a minute after it was let go.
import type { Gives } from '../night/sinking';
import { logViscosity, type Vft } from '../glass/viscosity';
import { STANDARD_GRAVITY } from '../units/constants';
import { areOne } from '../work/joined';
import { copyState, integrate, zonesNow, type HeatPart, type HeatState } from './hotShop';
import type { Fires } from './surroundings';
import { placeOf, zoneVolume, type HeatZone } from './zones';

/**
 * How fast a beam between two edges sinks in the middle, m/s: span l (m), load m (kg) in its middle, section A (m²) and second
 * moment I (m⁴), density ρ, viscosity η (Pa·s). ISO 7884-4:1987, formula of the bending viscometer: η = g l³(m + 5ρAl/8)/(144 I v).
 */
export const beamSinks = (
  span: number,
  load: number,
  section: { readonly area: number; readonly moment: number },
  density: number,
  eta: number,
): number =>
  (STANDARD_GRAVITY * span ** 3 * (load + (5 / 8) * density * section.area * span)) /
  (144 * section.moment * eta);

/**
 * How fast the middle of a round plate on its edge sinks, m/s: radius and thickness m (PHYSICS §10: 0.172 ρ g a⁴/(η h²)).
 *
 * @example
 * discSinks(0.05, 0.004, 2500, 1e6) // 0.001647
 */
export const discSinks = (
  radius: number,
  thickness: number,
  density: number,
  eta: number,
): number => (0.172 * density * STANDARD_GRAVITY * radius ** 4) / (eta * thickness ** 2);

/**
 * How fast a post so tall (m) gets shorter under a stress (Pa), m/s: E → 3η.
 *
 * @example
 * postSquashes(0.05, 1000, 1e6) // 0.00001667
 */
export const postSquashes = (tall: number, stress: number, eta: number): number =>
  (tall * stress) / (3 * eta);

/** Followed for so long in the gloves and then in the box, s. */
const GLOVES = 10;
const BOXED = 50;
const DT = 2;
/** A skin counts as no stiffer than this: thin and set, it wrinkles before it bears the rest. log₁₀ Pa·s. */
const STIFFEST = 8;

/** How far something moved, and where. */
export interface Sagged {
  readonly part: number;
  readonly zone: HeatZone;
  /** m */
  readonly by: number;
  /** Share of what is let be: over 1 it shows. */
  readonly share: number;
}

/** What may move before anyone sees it: some tenths of a millimetre, or a two-hundredth of its height or reach. Common practice, no source. */
const unseen = (z: HeatZone): number =>
  Math.max(0.0003, 0.005 * Math.max(z.stand.tall, z.stand.out));

interface Standing {
  readonly part: number;
  readonly k: number;
  readonly zone: HeatZone;
  readonly mass: number;
}

/**
 * How far what is one with a part sags once it is let go now: through the gloves and the first minute in the box. The worst of its
 * zones against what may be. The state is left as it is.
 */
export function sagsFrom(
  state: HeatState,
  parts: readonly HeatPart[],
  vfts: readonly Vft[],
  part: number,
  fires: Fires,
): Sagged | undefined {
  const then = copyState(state);
  const standing: Standing[] = parts.flatMap((p, i) =>
    areOne(then.groups, i, part) && then.phase[i] === 'formed'
      ? zonesNow(then, p, i).map((zone, k) => ({
          part: i,
          k,
          zone,
          mass: p.glass.density * zoneVolume(zone),
        }))
      : [],
  );
  if (standing.length === 0) return undefined;
  const only = new Set(standing.map((s) => s.part));
  const moved = standing.map(() => 0);
  // A solid round its axis stands on its foot, whatever is higher stands on it.
  const above = standing.map(({ zone }) =>
    standing.reduce(
      (sum, other) => sum + (middle(other.zone) > middle(zone) + 1e-6 ? other.mass : 0),
      0,
    ),
  );
  const go = (seconds: number): void => {
    for (let t = 0; t < seconds; t += DT) {
      standing.forEach((s, n) => {
        const cells = then.cells[s.part]?.[s.k];
        const vft = vfts[s.part];
        const density = parts[s.part]?.glass.density ?? 2500;
        if (!cells || !vft) return;
        moved[n] =
          (moved[n] as number) +
          DT * rate(s, above[n] as number, density, meanEta(s.zone, cells, vft));
      });
      integrate(then, parts, [], DT, DT, fires, undefined, undefined, only);
    }
  };
  go(GLOVES);
  for (const i of only) then.parked[i] = true;
  go(BOXED);
  let worst: Sagged | undefined;
  standing.forEach(({ part: i, zone }, n) => {
    const by = moved[n] as number;
    const share = by / unseen(zone);
    if (!worst || share > worst.share) worst = { part: i, zone, by, share };
  });
  return worst;
}

/** The place of a finished piece that gives most under its own weight, as a night asks for it; of no glass, none. */
export function givesMost(
  parts: readonly {
    readonly name: string;
    readonly density: number;
    readonly zones: readonly HeatZone[];
  }[],
): Gives | undefined {
  const all = parts.flatMap((p, i) =>
    p.zones.map((zone, k) => ({
      name: p.name,
      density: p.density,
      s: { part: i, k, zone, mass: p.density * zoneVolume(zone) } satisfies Standing,
    })),
  );
  let most: (Gives & { readonly share: number }) | undefined;
  for (const { name, density, s } of all) {
    const above = all.reduce(
      (sum, o) => sum + (middle(o.s.zone) > middle(s.zone) + 1e-6 ? o.s.mass : 0),
      0,
    );
    const pull = rate(s, above, density, 1);
    const shows = unseen(s.zone);
    const share = pull / shows;
    if (!most || share > most.share)
      most = { where: placeOf(s.zone.name, name), pull, shows, share };
  }
  return most && { where: most.where, pull: most.pull, shows: most.shows };
}

const middle = (z: HeatZone): number => z.stand.bottom + z.stand.tall / 2;

/** How fast a zone moves: what stands on it squashes it, what leans out bends. */
function rate({ zone, mass }: Standing, above: number, density: number, eta: number): number {
  const { tall, out, wall } = zone.stand;
  const section = tall > 1e-4 ? zoneVolume(zone) / tall : Infinity;
  const stress = (STANDARD_GRAVITY * (above + mass / 2)) / section;
  return postSquashes(tall, stress, eta) + (out > 0 ? discSinks(out, wall, density, eta) : 0);
}

/** Mean viscosity through the thickness, Pa·s. */
function meanEta(zone: HeatZone, cells: Float64Array, vft: Vft): number {
  let [sum, all] = [0, 0];
  for (let c = 0; c < zone.grid.cells; c += 1) {
    const v = zone.grid.volume[c] as number;
    sum += v * 10 ** Math.min(STIFFEST, logViscosity(vft, cells[c] as number));
    all += v;
  }
  return sum / all;
}
