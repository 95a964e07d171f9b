// Hot glass brought onto other glass: faces of a join too far apart or too cold, a bit on a wall that cannot take it.
import { tr } from '../words/tr';
import { meanOf } from '../conduction/cells';
import { logViscosity } from '../glass/viscosity';
import { factsOf, type WorkStep } from '../work/facts';
import { bitMean, contactTemperature, skinTemperature } from './heatBits';
import { zonesNow, type HeatPart, type HeatState } from './hotShop';
import { capital, wholeDegrees, type GlassStiffness, type Trouble } from './trouble';
import { placeOf } from './zones';
import { NEAR_STRAIN } from './troubleCold';

/** Faces further apart than this pull at their join, K. Common practice, no source. */
const FACES_APART = 380;
/**
 * A hot bit wants a wall of about 600 °C (soft glass; common practice, no source), 620 to seal hot: the same by viscosity, so that
 * it holds for every glass.
 */
const TAKES_BIT = 8.7;
const SEALS_HOT = 8.1;

/** Faces of a join, judged. */
export function faces(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  step: WorkStep,
): Trouble | undefined {
  if (factsOf(step).does !== 'join' || step.to === undefined) return undefined;
  const [a, b] = [parts[step.part], parts[step.to]];
  if (!a || !b) return undefined;
  const nearest = (i: number, other: number): number => {
    const zones = zonesNow(state, parts[i] as HeatPart, i);
    const k = other > i ? zones.length - 1 : 0;
    const t = state.cells[i]?.[k];
    return t && zones[k] ? meanOf(zones[k].grid, t) : NaN;
  };
  const [ta, tb] = [nearest(step.part, step.to), nearest(step.to, step.part)];
  if (Number.isNaN(ta) || Number.isNaN(tb)) return undefined;
  const cold = Math.min(ta, tb);
  const colder = ta < tb ? step.part : step.to;
  // Hard glass goes cold into the flame; at the torch both faces are made white-hot as they are welded.
  if (step.seal === 'cold' || parts[colder]?.glass.family === 'hard') return undefined;
  const strain = stiff.strainPoint[colder] as number;
  const told = (verdict: 'watch' | 'no', because: string, remedy: string): Trouble => ({
    kind: 'faces',
    part: colder,
    end: 'all',
    verdict: { verdict, because, remedy },
  });
  if (cold < strain + NEAR_STRAIN)
    return told(
      'no',
      tr`The face of the ${parts[colder]?.name ?? ''} is at ${wholeDegrees(cold)}: hot glass on it cracks it.`,
      tr`Flash it straight before the join.`,
    );
  if (step.seal !== 'glue' && Math.abs(ta - tb) > FACES_APART)
    return told(
      'watch',
      tr`The faces differ by ${Math.round(Math.abs(ta - tb))} K.`,
      tr`Heat the cooler face with the hand torch, or let the hotter one stand.`,
    );
  return undefined;
}

/** A hot bit on its wall, before it is put on: what the wall has to be for it. */
export function bitTrouble(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  step: WorkStep,
): Trouble | undefined {
  if (factsOf(step).does !== 'bit') return undefined;
  const part = parts[step.part];
  const vft = stiff.vft[step.part];
  if (!part || !vft || state.phase[step.part] !== 'formed') return undefined;
  const bit = state.bits[step.part]?.at(-1);
  const zones = zonesNow(state, part, step.part);
  const zone = bit && zones[bit.on];
  const t = bit && state.cells[step.part]?.[bit.on];
  if (!zone || !t) return undefined;
  const wall = meanOf(zone.grid, t);
  const log = logViscosity(vft, wall);
  if (log <= SEALS_HOT) return undefined;
  const on = tr`${capital(placeOf(zone.name, part.name))} is at ${wholeDegrees(wall)}`;
  return {
    kind: 'faces',
    part: step.part,
    end: zone.end,
    verdict:
      log > TAKES_BIT
        ? {
            verdict: 'no',
            because: tr`${on}, too cold for a bit at ${wholeDegrees(bitMean(bit))} (they meet at ${wholeDegrees(contactTemperature(skinTemperature(bit.cells), skinTemperature(t)))}): it cracks, at once or in the box.`,
            remedy: tr`Flash it straight before, or warm the spot with the hand torch.`,
          }
        : {
            verdict: 'watch',
            because: tr`${on}: the bit only seals cold there, and breaks away.`,
            remedy: tr`Flash it straight before.`,
          },
  };
}
