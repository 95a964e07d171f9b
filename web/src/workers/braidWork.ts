// What the braid worker does: heats placed, crews planned, orders of assembly compared.
import type { Person } from '@zanfirico/contract/order';
import {
  planPlaced,
  type CrewPlan,
  type CrewPlanned,
  type Stations,
  type ToPlan,
} from '@zanfirico/core/crew';
import {
  placeOnClock,
  type Fires,
  type HeatPart,
  type PlacedHeats,
  type Working,
} from '@zanfirico/core/iron';
import { fitExchange, type ReadMaking } from '@zanfirico/core/log';
import {
  heatNow,
  heatWanted,
  madeState,
  type HeatWanted,
  type MadePlan,
  type GlassNow,
} from '@zanfirico/core/making';
import {
  assemblyOrders,
  assess,
  draftPlaced,
  type Assembly,
  type Drafted,
  type DraftInput,
} from '@zanfirico/core/order';
import { SKILLS, type WorkStep } from '@zanfirico/core/work';

/** A crew to be planned. */
export interface CrewRequest extends ToPlan {
  readonly people: readonly Person[];
  readonly stations: Stations;
}

/** A crew as it was planned. */
export interface CrewResult extends CrewPlanned {
  /** With the one who has least to do left out. */
  readonly fewer: CrewPlanned | undefined;
  readonly without: string | undefined;
  readonly alone: CrewPlanned | undefined;
  /** With one more glory hole, where less is wrong then. */
  readonly holes: (CrewPlanned & { readonly count: number }) | undefined;
}

/** How far: all found so far, least risk first, of how many. */
export interface AssemblyProgress {
  readonly found: readonly Assembly[];
  readonly of: number;
}

/** Each plan is looked at for so long, ms. */
const LOOK_MS = 1600;
const TELL_MS = 150;
/** A draft whose first order will not do is tried other ways for so long, ms. */
const TRY_MS = 1500;

/** Who has least to do, of those one could do without: never the only one who leads. */
function leastBusy(people: readonly Person[], plan: CrewPlan): Person | undefined {
  const load = (p: Person): number =>
    plan.hands.reduce((n, hands) => n + (hands.some((h) => h.person === p.id) ? 1 : 0), 0);
  const leaders = people.filter((q) => q.skills.includes('gaff')).length;
  return [...people]
    .filter((p) => !p.skills.includes('gaff') || leaders > 1)
    .sort((a, b) => load(a) - load(b))[0];
}

/** The shortest plan for who is there, for one fewer and for one alone, each with heats placed for it. */
function crew(request: CrewRequest, onBest: (seconds: number) => void): CrewResult {
  const { people, stations } = request;
  const planFor = (
    hands: readonly Person[],
    there: Stations,
    tell?: (seconds: number) => void,
  ): CrewPlanned => {
    const since = performance.now();
    let told = 0;
    return planPlaced(request, hands, there, {
      enough: () => performance.now() - since > LOOK_MS,
      onBest: (_, makespan) => {
        const now = performance.now();
        if (!tell || now - told < TELL_MS) return;
        told = now;
        tell(makespan);
      },
    });
  };
  const made = planFor(people, stations, onBest);
  const least = people.length > 2 ? leastBusy(people, made.plan) : undefined;
  const fewer =
    least &&
    planFor(
      people.filter((p) => p !== least),
      stations,
    );
  const leader =
    people.find((p) => p.skills.includes('gaff') || p.skills.includes('torch')) ?? people[0];
  const alone =
    people.length > 1 && leader
      ? planFor([{ ...leader, skills: [...SKILLS] }], stations)
      : undefined;
  const count = (stations['glory hole'] ?? 1) + 1;
  const more =
    made.wrong.length > 0 ? planFor(people, { ...stations, 'glory hole': count }) : undefined;
  const holes = more && more.wrong.length < made.wrong.length ? { ...more, count } : undefined;
  return { ...made, fewer, without: least?.name, alone, holes };
}

/** Every order of assembly drafted, heated and judged; what is found is told as it comes. */
function assemble(
  input: DraftInput,
  parts: readonly HeatPart[],
  fires: Fires,
  onProgress: (progress: AssemblyProgress) => void,
): AssemblyProgress {
  const orders = assemblyOrders(input.parts.length, input.joins, input.main);
  const found: Assembly[] = [];
  for (const order of orders) {
    found.push(assess(input, parts, order, fires));
    found.sort((a, b) => a.risk - b.risk);
    onProgress({ found: [...found], of: orders.length });
  }
  return { found, of: orders.length };
}

/** The worker's calls. */
export const braidWork = {
  /** The heat that is there now, and what comes of it. */
  heatNow: (parts: readonly HeatPart[], made: MadePlan, now: number, fires: Fires): GlassNow[] =>
    heatNow(parts, madeState(made), now, fires, made),
  /** What temperatures read in makings say of the bench and the hole; how far it is is told as it goes. */
  fitExchange: (
    makings: readonly (Omit<ReadMaking, 'state'> & { readonly made: MadePlan })[],
    onProgress: (share: number) => void,
  ): ReturnType<typeof fitExchange> =>
    fitExchange(
      makings.map(({ made, ...rest }) => ({ ...rest, state: madeState(made) })),
      onProgress,
    ),
  /** How long the heat that is in the fire should last. */
  heatWanted: (parts: readonly HeatPart[], made: MadePlan, fires: Fires): HeatWanted | undefined =>
    heatWanted(parts, madeState(made), fires),
  /** Drafted, its heats placed and proven; other ways are tried for so long where the first will not do. */
  draft: (
    input: DraftInput,
    parts: readonly HeatPart[],
    working: Working,
    fires: Fires,
  ): Drafted => {
    const since = performance.now();
    return draftPlaced(input, parts, working, fires, () => performance.now() - since > TRY_MS);
  },
  place: (
    parts: readonly HeatPart[],
    steps: readonly WorkStep[],
    working: Working,
    fires: Fires,
  ): PlacedHeats => placeOnClock(parts, steps, working, fires).placed,
  crew,
  assemble,
};
