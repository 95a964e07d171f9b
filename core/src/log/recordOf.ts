// What a making's own record says about a break: read off the heat of the order as it happened.
import { fitVft, logViscosity, strainOf } from '../glass/viscosity';
import type { HeatPart } from '../iron/hotShop';
import type { HeatTrack } from '../iron/ofWork';
import { factsOf, type WorkStep } from '../work/facts';
import type { LookedBack } from '../making/lookedBack';
import type { MakingState, PlannedStep } from '../making/makingState';
import type { Evidence } from './evidence';

/** The part of the evidence that comes of the bench. */
type OfBench = Pick<Evidence, 'lip' | 'join' | 'plain' | 'punty' | 'boxed'>;

/** `main` is the part that is opened. */
export function recordOf(
  parts: readonly HeatPart[],
  main: number,
  { order, heat }: LookedBack,
): OfBench {
  const { every, samples } = heat;
  const glassOf = (part: number) => parts[part]?.glass;
  const sampleAt = (t: number): number => Math.max(0, Math.min(samples - 1, Math.round(t / every)));
  const tracksOf = (part: number): readonly HeatTrack[] =>
    heat.tracks.filter((t) => t.part === part);
  const steps = order.steps.map((s, i) => ({
    step: s,
    start: order.starts[i] ?? 0,
    end: (order.starts[i] ?? 0) + s.seconds,
  }));
  const last = (values: Float32Array): number => values.findLast((t) => !Number.isNaN(t)) ?? NaN;
  const out: { -readonly [K in keyof OfBench]: OfBench[K] } = {};

  const opened = steps.findLast(({ step }) => step.kind === 'longReheat');
  const top = tracksOf(main).at(-1);
  const glass = glassOf(main);
  if (opened && top && glass) {
    const strain = strainOf(glass);
    let [least, under] = [Infinity, 0];
    for (let k = sampleAt(opened.end); k < samples; k += 1) {
      const t = top.skin[k] as number;
      if (Number.isNaN(t)) continue;
      least = Math.min(least, t);
      if (t < strain) under += every;
    }
    if (least < Infinity) out.lip = { above: least - strain, under };
  }

  const bits = steps.filter(({ step }) => factsOf(step).does === 'bit');
  if (bits.length === 0 && !steps.some(({ step }) => factsOf(step).does === 'join'))
    out.plain = true;
  for (const { step, start } of bits) {
    const part = parts[step.part];
    if (!part) continue;
    const at = part.bits?.find((b) => b.name === step.name)?.at ?? 0;
    const track = tracksOf(step.part)[at];
    const wall = track?.mean[sampleAt(start)] ?? NaN;
    if (Number.isNaN(wall) || (out.join && out.join.wall <= wall)) continue;
    out.join = { bit: step.name ?? 'bit', wall, strain: strainOf(part.glass) };
  }

  const punty = steps.findLast(({ step }) => factsOf(step).does === 'punty');
  const base = punty && tracksOf(punty.step.part)[0]?.mean[sampleAt(punty.end)];
  const under = punty && glassOf(punty.step.part);
  if (base !== undefined && under && !Number.isNaN(base))
    out.punty = { base, strain: strainOf(under) };

  const softest = Math.max(...tracksOf(main).map((t) => last(t.mean)));
  if (glass && Number.isFinite(softest)) out.boxed = logViscosity(fitVft(glass), softest);
  return out;
}

/** A length read off while somebody was at the neck: how wide it was left, against the pipe it hangs on, mm; undefined where nobody measured it. */
export function neckRead(
  { steps }: MakingState<PlannedStep & WorkStep>,
  readings: readonly { readonly at: number; readonly value: number }[],
  pipe: number,
): Evidence['neck'] {
  const runs = steps.flatMap((l) =>
    l.step.kind === 'neck' || l.step.kind === 'score' ? l.runs : [],
  );
  const read = readings.findLast(({ at }) =>
    runs.some((r) => at >= r.from && at <= (r.to ?? Infinity)),
  );
  return read && { neck: 1e3 * read.value, pipe: 1e3 * pipe };
}
