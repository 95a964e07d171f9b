// The crew worker: the shortest plan for who is there, for one fewer and for one alone; best so far is told on the way.
import { planCrew, SKILLS, type CrewPlan, type Person, type Stations } from '@zanfirico/core';
import type { CrewRequest } from './crew';

/** Each plan is looked at for so long, ms. */
const LOOK_MS = 1600;
const TELL_MS = 150;

self.onmessage = ({ data }: MessageEvent<CrewRequest>) => {
  const { steps, parts, people, working, stations } = data;
  const look = (crew: readonly Person[], tell: boolean, there: Stations = stations): CrewPlan => {
    const since = performance.now();
    let told = 0;
    return planCrew(steps, parts, crew, working, there, {
      enough: () => performance.now() - since > LOOK_MS,
      onBest: (_, makespan) => {
        const now = performance.now();
        if (!tell || now - told < TELL_MS) return;
        told = now;
        self.postMessage({ progress: makespan });
      },
    });
  };
  try {
    const plan = look(people, true);
    // Without whoever has least to do; and the leader alone, doing whatever one pair of hands can.
    const load = (p: Person): number =>
      plan.hands.reduce((n, hands) => n + (hands.some((h) => h.person === p.id) ? 1 : 0), 0);
    const least = [...people]
      .filter(
        (p) =>
          !p.skills.includes('gaff') || people.filter((q) => q.skills.includes('gaff')).length > 1,
      )
      .sort((a, b) => load(a) - load(b))[0];
    const fewer =
      people.length > 2 && least
        ? look(
            people.filter((p) => p !== least),
            false,
          )
        : undefined;
    const leader =
      people.find((p) => p.skills.includes('gaff') || p.skills.includes('torch')) ?? people[0];
    const alone =
      people.length > 1 && leader ? look([{ ...leader, skills: [...SKILLS] }], false) : undefined;
    const count = (stations['glory hole'] ?? 1) + 1;
    const more =
      plan.late.length > 0 ? look(people, false, { ...stations, 'glory hole': count }) : undefined;
    const holes = more && more.late.length < plan.late.length ? { plan: more, count } : undefined;
    self.postMessage({ result: { plan, fewer, without: least?.name, alone, holes } });
  } catch (error) {
    self.postMessage({
      failed: error instanceof Error ? error.message : 'The crew could not be planned.',
    });
  }
};
