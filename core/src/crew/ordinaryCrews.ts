// Crews to start from.
import type { Way } from '@zanfirico/contract/piece';
import type { Person } from '@zanfirico/contract/order';
import { mark, tr } from '../words/tr';
import { SKILLS } from '../work/facts';

/** Crews as studios have them, by names `trWord` says. Common practice, no source. */
export const ordinaryCrews = (): readonly (readonly [string, readonly Person[]])[] => [
  [mark('One'), [{ id: 'p1', name: tr`gaffer`, skills: SKILLS }]],
  [
    mark('Two'),
    [
      { id: 'p1', name: tr`gaffer`, skills: ['gaff', 'gather', 'blow'] },
      {
        id: 'p2',
        name: tr`second hand`,
        skills: ['gather', 'bit', 'blow', 'shield', 'door'],
      },
    ],
  ],
  [
    mark('Three'),
    [
      { id: 'p1', name: tr`gaffer`, skills: ['gaff', 'gather', 'blow'] },
      { id: 'p2', name: tr`second hand`, skills: ['gather', 'bit', 'blow'] },
      { id: 'p3', name: tr`third hand`, skills: ['bit', 'blow', 'shield', 'door'] },
    ],
  ],
  [
    mark('Four'),
    [
      { id: 'p1', name: tr`gaffer`, skills: ['gaff', 'gather', 'blow'] },
      { id: 'p2', name: tr`second hand`, skills: ['gaff', 'gather', 'bit', 'blow'] },
      { id: 'p3', name: tr`third hand`, skills: ['gather', 'bit', 'blow', 'shield'] },
      { id: 'p4', name: tr`door and shield`, skills: ['blow', 'shield', 'door'] },
    ],
  ],
  [mark('Torch'), [{ id: 'p1', name: tr`lampworker`, skills: ['torch', 'door'] }]],
];

/** Who is there where nobody was asked: a helper where the order counts on one, else the maker alone. */
export const ordinaryCrew = (way: Way, helpers: boolean): readonly Person[] => {
  // What is cut and laid is one person's.
  const name = way === 'torch' ? 'Torch' : helpers && way !== 'kiln' ? 'Two' : 'One';
  return ordinaryCrews().find(([n]) => n === name)?.[1] ?? [];
};
