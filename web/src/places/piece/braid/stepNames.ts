// A step's name as the shop says it, and the kinds one can choose from.
import { begins, factsOf, STEPS, type StepId, type WorkStep } from '@zanfirico/core';

/** The kind whose facts hold for it. */
export const kindOf = (s: Pick<WorkStep, 'kind' | 'like'>): StepId =>
  s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind;

/** "Heat", "Handle: left wing", or an own kind's own name. */
export function stepName(s: WorkStep): string {
  if (s.kind === 'own') return s.name ?? 'A step of our own';
  const { name } = STEPS[s.kind];
  return s.name === undefined ? name : `${name}: ${s.name}`;
}

const GROUPS: readonly (readonly [string, (id: StepId) => boolean])[] = [
  ['Heats', (id) => factsOf({ kind: id }).does === 'heat'],
  ['Gathering', (id) => begins({ kind: id }) || id === 'warmIron'],
  ['Colour and pattern', (id) => /olour|Cane|twist|Mould|leaf|^fume$/.test(id)],
  [
    'Joining and bits',
    (id) =>
      ['join', 'park', 'fetch'].includes(factsOf({ kind: id }).does) ||
      /Bit|bit|handle|spout|prunts|wrap|Notch|straight|shield|coolStem/.test(id),
  ],
  ['Torch', (id) => STEPS[id].place === 'torch' || STEPS[id].place === 'kiln'],
];

/** Every kind of the catalogue by group, each once. */
export function catalogue(): (readonly [string, readonly StepId[]])[] {
  const left = new Set(Object.keys(STEPS) as StepId[]);
  const groups = GROUPS.map(([name, has]) => {
    const mine = [...left].filter(has);
    for (const id of mine) left.delete(id);
    return [name, mine] as const;
  });
  return [['Shaping and the transfer', [...left]], ...groups];
}
