// Counting the gathers: how many a piece takes and what each should bring.
import { tr, trWord } from '../words/tr';
import type { Glass } from '../glass/glass';
import { consistency } from '../glass/consistency';
import { fitVft, logViscosity } from '../glass/viscosity';
import type { Figure, Verdict } from '../units/why';
import {
  glassOnIron,
  layerThickness,
  thicknessFor,
  viscosityAt,
  WORKING_SPEED,
  type Dip,
} from './layers';

/** Colour on the iron, m³, and the gather it lies on. */
export interface OnIron {
  readonly after: number;
  readonly volume: number;
}

/** How much colour lies under the n-th gather, m³. */
export const colourUnder = (colour: readonly OnIron[] | undefined, n: number): number =>
  (colour ?? []).reduce((sum, c) => sum + (c.after < n ? c.volume : 0), 0);

/** What the counting needs. Lengths m, mass kg, °C. */
export interface GatherInput {
  readonly glass: Glass;
  /** Mass of the finished piece, kg. */
  readonly mass: number;
  /** Share added for moil, trim and drips, e.g. 0.15. */
  readonly allowance: number;
  readonly potTemperature: number;
  readonly dip: Dip;
  /** Colour that comes onto the iron, m³ each, and the gather it lies on: it is glass too, and need not be gathered. */
  readonly colour?: readonly OnIron[] | undefined;
  /** How deep it would have been dipped if the pot were deep enough, m; left out where it is. */
  readonly asked?: number | undefined;
  /** How much thicker than the model this hand's layers come out (see `learnLayer`); 1 until learned. */
  readonly layerFactor?: number | undefined;
}

/** One gather: what it brings, what hangs on the iron after it, and the diameter to check against the calipers. */
export interface Gather {
  readonly brings: number;
  readonly total: number;
  readonly diameter: number;
  /** The block to take, inside diameter, m; none where none is used. */
  readonly block?: number | undefined;
}

/** An iron is kept so far off the bottom of the pot, m, where the glass is cool and seedy; and dips this much at least. Common practice, no source. */
const OFF_BOTTOM = 0.02;
const LEAST_DIP = 0.01;

/** How deep an iron dips: as deep as it is asked to where the pot has it. m. */
export const dipIn = (asked: number, pot: number | undefined): number =>
  pot === undefined ? asked : Math.min(asked, Math.max(LEAST_DIP, pot - OFF_BOTTOM));

/** The plan, or why there is none. */
export interface GatherPlan {
  readonly gathers: readonly Gather[];
  readonly count: Figure;
  readonly toGather: Figure;
  readonly layer: Figure;
  readonly verdict: Verdict;
}

/** More than this is a team's lift, not a plan to follow without thought. Common practice, no source. */
const MANY_GATHERS = 5;
const MOST_GATHERS = 12;
/** One person's comfortable lift at the end of an iron, kg. Common practice, no source. */
const HEAVY = 7;
/** The least share of a piece that is gathered clear: a collar. Common practice, no source. */
const COLLAR = 0.03;
/** A last gather that would bring less than this share of a layer nobody can take: it comes with the one before, deeper. */
const SLIVER = 0.25;

/** Full layers on the iron until the piece and its allowance are there; the last gather takes what is still missing. */
export function planGathers(input: GatherInput): GatherPlan {
  const { glass, dip } = input;
  const eta = viscosityAt(glass, input.potTemperature);
  const factor = input.layerFactor ?? 1;
  const thickness = factor * layerThickness(eta, WORKING_SPEED, glass.moltenDensity);
  const colour = colourUnder(input.colour, Infinity);
  const whole = (input.mass / glass.density) * (1 + input.allowance);
  // However much colour there is, it is picked up on some clear.
  const needed = Math.max(whole - colour, COLLAR * whole) * glass.density;
  const gathers: Gather[] = [];
  let total = 0;
  while (total < needed && gathers.length < MOST_GATHERS) {
    const on = total / glass.density + colourUnder(input.colour, gathers.length + 1);
    const over = on === 0 ? 0 : thicknessFor(dip, on);
    const full = total + (glassOnIron(dip, over + thickness) - on) * glass.density;
    const brings = full - total;
    const short = needed - full;
    const next = short > 0 && short < SLIVER * brings ? needed : Math.min(full, needed);
    gathers.push({
      brings: next - total,
      total: next,
      diameter: dip.ironDiameter + 2 * thicknessFor(dip, on + (next - total) / glass.density),
    });
    total = next;
  }
  const toGather: Figure = {
    value: needed,
    kind: 'mass',
    why: {
      says: tr`Glass to bring out of the pot: the piece and what stays behind as moil, trim and drips.`,
      formula: colour > 0 ? tr`m × (1 + allowance) − colour` : tr`m × (1 + allowance)`,
      inputs: [
        { name: tr`piece, as clear`, value: input.mass, kind: 'mass' },
        { name: tr`allowance`, value: input.allowance, kind: 'ratio' },
        ...(colour > 0
          ? [
              {
                name: tr`colour in place of clear`,
                value: colour * glass.density,
                kind: 'mass' as const,
              },
            ]
          : []),
      ],
      source: tr`Common practice, no source; weigh your scrap to find your own allowance.`,
      changes: tr`A longer moil or a trimmed lip asks for more; a clean neck for less.`,
    },
  };
  const layer: Figure = {
    value: thickness,
    kind: 'length',
    why: {
      says: tr`How thick one gather lies over what is already on the iron.`,
      formula: 'h = f·√(ηU / ρg)',
      inputs: [
        { name: tr`pot`, value: input.potTemperature, kind: 'temperature' },
        { name: tr`viscosity η`, value: eta, kind: 'viscosity' },
        { name: tr`drawing speed U`, value: WORKING_SPEED, kind: 'speed' },
        { name: tr`molten density ρ`, value: glass.moltenDensity, kind: 'density' },
        { name: tr`this hand, learned f`, value: factor, kind: 'ratio' },
      ],
      source: tr`Thick-film drag-out (Derjaguin); U from memory, 9.5 mm at 1150 °C on soft glass.`,
      changes: tr`A cooler pot is stiffer and its gathers are thicker; a hotter pot, thinner.`,
    },
  };
  const count: Figure = {
    value: gathers.length,
    kind: 'count',
    why: {
      says: tr`Layers laid over the iron until the glass to gather is there; the last takes only what is missing.`,
      formula: tr`n layers of h over the iron: V = ⅔π(R³−a³) + π(R²−a²)(depth−a),  R = a + n·h`,
      inputs: [
        { name: tr`glass to gather`, value: needed, kind: 'mass' },
        { name: tr`one layer h`, value: thickness, kind: 'length' },
        { name: tr`iron 2a`, value: dip.ironDiameter, kind: 'length' },
        { name: tr`depth in the glass`, value: dip.depth, kind: 'length' },
      ],
      source: tr`Volume of a capsule. Check, common practice: two gathers on a 19 mm iron make a 57 mm cube, 467 g.`,
      changes: tr`A thicker iron, a deeper dip or a cooler pot brings more in one gather.`,
    },
  };
  return { gathers, count, toGather, layer, verdict: judge(input, gathers, needed, total) };
}

function judge(
  input: GatherInput,
  gathers: readonly Gather[],
  needed: number,
  total: number,
): Verdict {
  const { dip } = input;
  const mm = (m: number): string => `${(1e3 * m).toFixed(0)} mm`;
  const logEta = logViscosity(fitVft(input.glass), input.potTemperature);
  const band = consistency(logEta);
  if (band !== 'runny' && band !== 'soft')
    return {
      verdict: 'no',
      because: tr`At this pot temperature the glass is ${trWord(band)}; an iron cannot gather it.`,
      remedy: tr`Raise the pot, choose a softer glass, or work it at the torch.`,
    };
  if (total < needed)
    return {
      verdict: 'no',
      because: tr`It takes more than ${MOST_GATHERS} gathers.`,
      remedy: tr`Take a thicker iron and a deeper dip, make it in parts, or make it thinner.`,
    };
  if (needed > HEAVY || gathers.length > MANY_GATHERS)
    return {
      verdict: 'watch',
      because: tr`That is a heavy iron for one pair of hands.`,
      remedy: tr`Plan a second person at the yoke, or make it in parts.`,
    };
  if (input.asked !== undefined)
    return {
      verdict: 'watch',
      because: tr`The pot is low: an iron dips ${mm(dip.depth)} and not ${mm(input.asked)}, so that each gather brings less, cooler and with more seed.`,
      remedy: tr`Charge the pot before a big piece, or tilt the iron along the surface.`,
    };
  if (band === 'soft')
    return {
      verdict: 'watch',
      because: tr`The pot is cool for gathering: the layers come thick and carry the iron’s marks.`,
      remedy: tr`Give the pot time to come up before gathering.`,
    };
  return { verdict: 'good', because: tr`The pot is runny and the weight is one person’s.` };
}
