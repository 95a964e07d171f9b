// A skin near its strain point beside glass that is hot: where it cracks, and sooner at a sharp notch.
import { tr } from '../words/tr';
import { meanOf } from '../conduction/cells';
import { areOne } from '../work/joined';
import { bitMean, skinTemperature, type LiveBit } from './heatBits';
import { zonesNow, type HeatPart, type HeatState } from './hotShop';
import { capital, wholeDegrees, type GlassStiffness, type Trouble } from './trouble';
import { placeOf } from './zones';
import type { HeatZone } from './zones';

/** A skin nearer than this to its strain point is to be watched; at it, with hot glass beside it, it cracks. K */
export const NEAR_STRAIN = 40;
/** Glass is under strain only beside glass this much hotter than the strain point, K. */
const HOTTER = 60;
/** A sharp notch cracks so much earlier than plain glass, K. From memory. */
const NOTCHED = 45;
/** A skin is tugged only by glass so much hotter than itself, K: all of a piece cooling alike pulls at nothing. */
const TUGGED = 60;

/** What could go cold: a zone or a bit, its skin and its mean, and whether a sharp notch is round it. */
interface Skin {
  readonly zone: HeatZone;
  readonly bit: LiveBit | undefined;
  readonly skin: number;
  readonly mean: number;
  readonly notch: boolean;
}

/** Every skin of a part, its bits' among them. */
function skins(state: HeatState, part: HeatPart, i: number): Skin[] {
  const zones = zonesNow(state, part, i);
  const bits = state.bits[i] ?? [];
  return [
    ...zones.map((zone, j): Skin => {
      const t = state.cells[i]?.[j] as Float64Array;
      const notch = bits.some((b) => b.on === j && b.notch);
      return { zone, bit: undefined, skin: skinTemperature(t), mean: meanOf(zone.grid, t), notch };
    }),
    ...bits.map((bit): Skin => {
      const zone = zones[bit.on] ?? bit.zone;
      return { zone, bit, skin: skinTemperature(bit.cells), mean: bitMean(bit), notch: bit.notch };
    }),
  ];
}

const nameOf = ({ zone, bit }: Skin, part: string): string =>
  bit === undefined
    ? placeOf(zone.name, part)
    : bit.name === ''
      ? tr`a bit on the ${part}`
      : tr`the ${bit.name}`;

/** A zone or a bit that has gone too cold beside hot glass, if any, among everything that is not in the box. */
export function coldTrouble(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  margin = 0,
): Trouble | undefined {
  let worst: { over: number; part: number; of: Skin } | undefined;
  const all = parts.map((part, i) => skins(state, part, i));
  parts.forEach((part, i) => {
    if (state.phase[i] !== 'formed' && state.phase[i] !== 'lump') return;
    // Hard glass shrinks a third as much: it stands cold beside hot.
    if (part.glass.family === 'hard') return;
    const strain = stiff.strainPoint[i] as number;
    const hottest = Math.max(
      ...parts.flatMap((_, k) =>
        areOne(state.groups, k, i) ? (all[k] ?? []).map((m) => m.mean) : [],
      ),
    );
    if (hottest < strain + HOTTER) return;
    for (const s of all[i] ?? []) {
      const over = s.skin - strain - (s.notch ? NOTCHED : 0);
      if (hottest - s.skin < TUGGED) continue;
      if (over < NEAR_STRAIN + margin && (!worst || over < worst.over))
        worst = { over, part: i, of: s };
    }
  });
  if (!worst) return undefined;
  const { over, of } = worst;
  const name = capital(nameOf(of, parts[worst.part]?.name ?? ''));
  return {
    kind: 'cold',
    part: worst.part,
    end: of.zone.end,
    verdict: {
      verdict: over < 0 ? 'no' : 'watch',
      because: of.notch
        ? tr`${name} is down to ${wholeDegrees(of.skin)} with a sharp notch beside hot glass: it cracks from the bit’s edge.`
        : tr`${name} is down to ${wholeDegrees(of.skin)}${over < 0 ? tr`, under` : tr`, near`} its strain point, beside glass that is hot: it cracks there.`,
      remedy: of.notch
        ? tr`Flash it before, and melt the notch in straight after the bit.`
        : tr`Flash it before, or shield it; keep the hand torch on it while the rest is worked.`,
    },
  };
}
