// Whose hands do what, before the clock is known: by what each can do, who brings what, and who has been free longest.
import type { Person, Skill } from '@zanfirico/contract/order';
import { factsOf, type WorkStep } from '../work/facts';

/** One hand of a step, and who gives it. */
export interface HandOf {
  readonly skill: Skill;
  /** Undefined: nobody can. */
  readonly person: string | undefined;
}

/** One leader for everything, or what is brought to be joined led by whoever else can and has least to do. */
export type Sharing = 'one leads' | 'each leads a part';

/** Shares out the hands: who was named, else whoever can and has least to do; the leader of a part stays the leader. */
export function share(
  steps: readonly WorkStep[],
  people: readonly Person[],
  how: Sharing,
): { hands: HandOf[][]; uncovered: { step: string; skill: Skill }[] } {
  const load = new Map(people.map((p) => [p.id, 0]));
  const leaders = new Map<number, Person>();
  const last = new Map<string, number>();
  const uncovered: { step: string; skill: Skill }[] = [];
  const helped = new Set<number>();
  for (const s of steps) if (factsOf(s).does === 'join') helped.add(s.part);
  const joined = new Set<number>();
  // Who has a part on the iron and brings it to its join: the same all the way, and nobody for anything else meanwhile.
  const bringing = new Map<number, string>();
  const hands = steps.map((s, i) => {
    const facts = factsOf(s);
    if (facts.does === 'join') joined.add(s.part);
    const taken = new Set<string>();
    const busy = (id: string, i: number): boolean => i - (last.get(id) ?? -Infinity) < 6;
    const away = (id: string): boolean =>
      [...bringing].some(([part, who]) => part !== s.part && who === id);
    // What is brought for a join is heated by whoever brings it.
    const brought = facts.does === 'heat' && helped.has(s.part) && !joined.has(s.part);
    const wanted: readonly Skill[] =
      brought && people.some((p) => p.skills.includes('bit')) ? ['bit'] : facts.hands;
    const given = wanted.map((skill, k): HandOf => {
      const named = k === 0 ? people.find((p) => p.id === s.who) : undefined;
      const able = people.filter((p) => p.skills.includes(skill) && !taken.has(p.id));
      const leads = skill === 'gaff' || skill === 'torch';
      const alongside =
        leads && how === 'each leads a part' && helped.has(s.part) && !joined.has(s.part);
      const other = alongside
        ? (leaders.get(s.part) ??
          [...able.slice(1)].sort((a, b) => (load.get(a.id) ?? 0) - (load.get(b.id) ?? 0))[0])
        : undefined;
      if (other) leaders.set(s.part, other);
      const bringer =
        skill === 'bit' && bringing.has(s.part)
          ? able.find((p) => p.id === bringing.get(s.part))
          : undefined;
      const chosen =
        named ??
        other ??
        bringer ??
        (leads
          ? able[0]
          : [...able].sort(
              (a, b) =>
                Number(away(a.id)) - Number(away(b.id)) ||
                Number(busy(a.id, i)) - Number(busy(b.id, i)) ||
                // Who can lead is kept free for leading where another can do it.
                Number(a.skills.includes('gaff')) - Number(b.skills.includes('gaff')) ||
                // Whoever has been free longest.
                (last.get(a.id) ?? -1) - (last.get(b.id) ?? -1) ||
                (load.get(a.id) ?? 0) - (load.get(b.id) ?? 0),
            )[0]);
      if (!chosen) {
        uncovered.push({ step: s.id, skill });
        return { skill, person: undefined };
      }
      taken.add(chosen.id);
      last.set(chosen.id, i);
      if (skill === 'bit' && helped.has(s.part) && !joined.has(s.part))
        bringing.set(s.part, chosen.id);
      load.set(chosen.id, (load.get(chosen.id) ?? 0) + s.seconds);
      return { skill, person: chosen.id };
    });
    if (facts.does === 'join' || facts.does === 'park') bringing.delete(s.part);
    return given;
  });
  return { hands, uncovered };
}
