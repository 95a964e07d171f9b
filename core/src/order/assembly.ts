// Orders of assembly compared: every way the joins can be made, each drafted, its heats placed and its heat worked through, and
// told apart by what it risks: waits in the garage, glass near its strain point, faces apart, what hangs far out on the iron,
// and thin glass that goes on before other joins.
import { afterJoins, areOne, eachApart, partsTogether, unite } from '../work/joined';
import { placeOnClock } from '../iron/placeOnClock';
import { STUDIO_FIRES, type Fires } from '../iron/surroundings';
import type { HeatPart } from '../iron/hotShop';
import type { DraftInput, Joined } from './draftInput';
import { draftWork } from './draftWork';
import { factsOf, type WorkStep } from '../work/facts';

/** One order of assembly, and what it risks. */
export interface Assembly {
  readonly order: readonly Joined[];
  readonly steps: readonly WorkStep[];
  /** At the bench with helpers, s. */
  readonly seconds: number;
  readonly heats: number;
  /** Longest wait of a part in the garage, s, and which. */
  readonly garage: { readonly seconds: number; readonly part: number } | undefined;
  /** Steps that will not do, and that are to be watched, by their heat. */
  readonly no: number;
  readonly watch: number;
  /** Most that is carried on one iron while a join is made, kg times m from the main part. */
  readonly reach: number;
  /** Joins made after the thinnest part (under 3 mm) is on. */
  readonly exposed: number;
  /** All of it as one number, the less the better; the weights are common practice, no source. */
  readonly risk: number;
}

/** What each cause weighs in the risk. Common practice, no source. */
export const RISK_WEIGHTS = {
  no: 10,
  watch: 2,
  /** Each heat: another chance to lose it. */
  heat: 0.5,
  /** Each ten minutes in the garage. */
  garage: 1,
  /** Each kilogram hanging a metre out. */
  reach: 20,
  /** Each join made with the thinnest part already on. */
  exposed: 1,
} as const;

const THIN = 0.003;
const TEN_MINUTES = 600;

/** One order drafted, heated and judged. */
export function assess(
  input: DraftInput,
  parts: readonly HeatPart[],
  order: readonly Joined[],
  fires: Fires = STUDIO_FIRES,
): Assembly {
  const { main } = input;
  const draft = draftWork({ ...input, order });
  const { placed, starts, heat } = placeOnClock(parts, draft, { main, helpers: true }, fires);
  const { steps } = placed;
  const no = heat.steps.filter((s) => s.verdict?.verdict === 'no').length;
  const watch = heat.steps.filter((s) => s.verdict?.verdict === 'watch').length;
  const heats = steps.filter((s) => factsOf(s).does === 'heat').length;
  const garage = longestWait(steps, starts);
  const reach = leverOf(input, order);
  const exposed = exposedJoins(parts, order);
  const w = RISK_WEIGHTS;
  return {
    order,
    steps,
    seconds: heat.total,
    heats,
    garage,
    no,
    watch,
    reach,
    exposed,
    risk:
      w.no * no +
      w.watch * watch +
      w.heat * heats +
      (w.garage * (garage?.seconds ?? 0)) / TEN_MINUTES +
      w.reach * reach +
      w.exposed * exposed,
  };
}

/** Waits of every part in the garage, s, by the clock of the order. */
export function garageWaits(
  steps: readonly WorkStep[],
  starts: readonly number[],
): { readonly part: number; readonly seconds: number; readonly step: string }[] {
  return steps.flatMap((s, i) => {
    if (factsOf(s).does !== 'park') return [];
    const since = (starts[i] ?? 0) + Math.max(0, s.seconds);
    // Whatever of the same glass is fetched next; glass joined to it may be what the punty takes.
    const groups = afterJoins(steps.slice(0, i));
    const next = steps.findIndex(
      (t, k) =>
        k > i &&
        factsOf(t).does === 'fetch' &&
        (t.part === s.part || areOne(groups, t.part, s.part)),
    );
    return next < 0 ? [] : [{ part: s.part, seconds: (starts[next] ?? 0) - since, step: s.id }];
  });
}

function longestWait(steps: readonly WorkStep[], starts: readonly number[]): Assembly['garage'] {
  let worst: Assembly['garage'];
  for (const { part, seconds } of garageWaits(steps, starts))
    if (!worst || seconds > worst.seconds) worst = { part, seconds };
  return worst;
}

/** The most that hangs out while a join is made: masses times their distance from what holds them. */
function leverOf({ parts }: DraftInput, order: readonly Joined[]): number {
  const groups = eachApart(parts.length);
  let most = 0;
  for (const { part, to } of order) {
    const from = parts[to]?.lowest ?? 0;
    const lever = partsTogether(groups, part).reduce(
      (sum, k) => sum + (parts[k]?.mass ?? 0) * Math.abs((parts[k]?.lowest ?? 0) - from),
      0,
    );
    most = Math.max(most, lever);
    unite(groups, part, to);
  }
  return most;
}

function exposedJoins(parts: readonly HeatPart[], order: readonly Joined[]): number {
  const thinness = (i: number): number =>
    Math.min(Infinity, ...(parts[i]?.zones ?? []).map((z) => z.thickness));
  let at = -1;
  let thinnest = THIN;
  order.forEach((j, i) => {
    const t = thinness(j.part);
    if (t < thinnest) [thinnest, at] = [t, i];
  });
  return at < 0 ? 0 : order.length - 1 - at;
}
