// What the braid worker does: heats placed, crews planned, orders of assembly compared.
import {
  assemblyOrders,
  assess,
  placeHeats,
  planCrew,
  SKILLS,
  type Assembly,
  type CrewPlan,
  type DraftInput,
  type HeatPart,
  type Person,
  type Placed,
  type Stations,
  type Working,
  type WorkStep,
} from '@zanfirico/core';

export interface CrewRequest {
  readonly steps: readonly WorkStep[];
  readonly parts: readonly HeatPart[];
  readonly people: readonly Person[];
  readonly working: Working;
  readonly stations: Stations;
}

export interface CrewResult {
  readonly plan: CrewPlan;
  /** With the one who has least to do left out. */
  readonly fewer: CrewPlan | undefined;
  readonly without: string | undefined;
  readonly alone: CrewPlan | undefined;
  /** With one more glory hole, where that keeps waits that are not kept otherwise. */
  readonly holes: { readonly plan: CrewPlan; readonly count: number } | undefined;
}

/** How far: all found so far, least risk first, of how many. */
export interface AssemblyProgress {
  readonly found: readonly Assembly[];
  readonly of: number;
}

/** Each plan is looked at for so long, ms. */
const LOOK_MS = 1600;
const TELL_MS = 150;

/** Who has least to do, of those one could do without: never the only one who leads. */
function leastBusy(people: readonly Person[], plan: CrewPlan): Person | undefined {
  const load = (p: Person): number =>
    plan.hands.reduce((n, hands) => n + (hands.some((h) => h.person === p.id) ? 1 : 0), 0);
  const leaders = people.filter((q) => q.skills.includes('gaff')).length;
  return [...people]
    .filter((p) => !p.skills.includes('gaff') || leaders > 1)
    .sort((a, b) => load(a) - load(b))[0];
}

/** The shortest plan for who is there, for one fewer and for one alone. */
function crew(request: CrewRequest, onBest: (seconds: number) => void): CrewResult {
  const { steps, parts, people, working, stations } = request;
  const look = (hands: readonly Person[], tell: boolean, there: Stations = stations): CrewPlan => {
    const since = performance.now();
    let told = 0;
    return planCrew(steps, parts, hands, working, there, {
      enough: () => performance.now() - since > LOOK_MS,
      onBest: (_, makespan) => {
        const now = performance.now();
        if (!tell || now - told < TELL_MS) return;
        told = now;
        onBest(makespan);
      },
    });
  };
  const plan = look(people, true);
  const least = people.length > 2 ? leastBusy(people, plan) : undefined;
  const fewer =
    least &&
    look(
      people.filter((p) => p !== least),
      false,
    );
  const leader =
    people.find((p) => p.skills.includes('gaff') || p.skills.includes('torch')) ?? people[0];
  const alone =
    people.length > 1 && leader ? look([{ ...leader, skills: [...SKILLS] }], false) : undefined;
  const count = (stations['glory hole'] ?? 1) + 1;
  const more =
    plan.late.length > 0 ? look(people, false, { ...stations, 'glory hole': count }) : undefined;
  const holes = more && more.late.length < plan.late.length ? { plan: more, count } : undefined;
  return { plan, fewer, without: least?.name, alone, holes };
}

/** Every order of assembly drafted, heated and judged; what is found is told as it comes. */
function assemble(
  input: DraftInput,
  parts: readonly HeatPart[],
  onProgress: (progress: AssemblyProgress) => void,
): AssemblyProgress {
  const orders = assemblyOrders(input.parts.length, input.joins, input.main);
  const found: Assembly[] = [];
  for (const order of orders) {
    found.push(assess(input, parts, order));
    found.sort((a, b) => a.risk - b.risk);
    onProgress({ found: [...found], of: orders.length });
  }
  return { found, of: orders.length };
}

/** The worker's calls. */
export const braidWork = {
  place: (parts: readonly HeatPart[], steps: readonly WorkStep[], working: Working): Placed =>
    placeHeats(parts, steps, working),
  crew,
  assemble,
};
