// A step's name as the shop says it, and the kinds one can choose from.
import type { Way } from '@zanfirico/contract/piece';
import { tr } from '@zanfirico/core/words';
import { begins, factsOf, STEPS, type StepId, type WorkStep } from '@zanfirico/core/work';

/** The kind whose facts hold for it. */
export const kindOf = (s: Pick<WorkStep, 'kind' | 'like'>): StepId =>
  s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind;

/** "Heat", "Handle: left wing", or an own kind's own name. */
export function stepName(s: WorkStep): string {
  if (s.kind === 'own') return s.name ?? tr`A step of our own`;
  const name = STEPS[s.kind].name();
  return s.name === undefined ? name : `${name}: ${s.name}`;
}

const GROUPS: readonly (readonly [string, (id: StepId) => boolean])[] = [
  [tr`Heats`, (id) => factsOf({ kind: id }).does === 'heat'],
  [tr`Gathering`, (id) => begins({ kind: id }) || id === 'warmIron'],
  [tr`Colour and pattern`, (id) => /olour|Cane|twist|Mould|leaf|^fume$/.test(id)],
  [
    tr`Joining and bits`,
    (id) =>
      ['join', 'park', 'fetch'].includes(factsOf({ kind: id }).does) ||
      /Bit|bit|handle|spout|prunts|wrap|Notch|straight|shield|coolStem/.test(id),
  ],
];

const joinsAtTorch = (id: StepId): boolean => /weld|notch|hook|kiln/.test(id);
const TORCH_GROUPS: readonly (readonly [string, (id: StepId) => boolean])[] = [
  [tr`In the flame`, (id) => !joinsAtTorch(id)],
  [tr`Joining at the torch, and the kiln`, joinsAtTorch],
];

const atTorch = (id: StepId): boolean => ['torch', 'kiln'].includes(STEPS[id].place);

/** A kind as it is offered: furnace and torch have some of the same name. */
export const offeredAs = (id: StepId): string =>
  STEPS[id].place === 'torch' ? tr`${STEPS[id].name()}, torch` : STEPS[id].name();

/** Every kind of the catalogue by group, each once: those of the way of work at hand first, the other way's last. */
export function catalogue(way: Way): (readonly [string, readonly StepId[]])[] {
  const all = Object.keys(STEPS) as StepId[];
  const left = new Set(all.filter((id) => !atTorch(id)));
  const groups = GROUPS.map(([name, has]) => {
    const mine = [...left].filter(has);
    for (const id of mine) left.delete(id);
    return [name, mine] as const;
  });
  const furnace = [[tr`Shaping and the transfer`, [...left]] as const, ...groups];
  const torch = TORCH_GROUPS.map(
    ([name, has]) => [name, all.filter((id) => atTorch(id) && has(id))] as const,
  );
  return way === 'torch' ? [...torch, ...furnace] : [...furnace, ...torch];
}

/** The same by way of work, put together once. */
export const KINDS_BY_WAY = {
  furnace: catalogue('furnace'),
  torch: catalogue('torch'),
  kiln: catalogue('kiln'),
} as const;
