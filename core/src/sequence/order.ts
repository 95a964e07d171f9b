// A first order of work for a form: the steps anyone would expect, each with its tool and its caution.
import type { Form } from '../shape/forms';
import type { Step, StepId } from './step';
import { STEPS } from './steps';

/** How the piece is worked. */
export type Way = 'furnace' | 'torch';

/** What decides the order. */
export interface OrderInput {
  readonly form: Form;
  readonly way: Way;
  /** Number of gathers; ignored at the torch. */
  readonly gathers: number;
}

/** A step in its place in the order. */
export interface OrderedStep extends Step {
  readonly number: number;
  /** "second gather" and the like, where the same step comes again. */
  readonly which: string | undefined;
}

const OPENED: Readonly<Record<Form, readonly StepId[]>> = {
  tumbler: ['trim', 'open'],
  bowl: ['trim', 'open', 'spin'],
  plate: ['trim', 'open', 'spin'],
  bottle: ['trim', 'lipWrap'],
  ball: [],
  stemmed: ['trim', 'open'],
  solid: [],
};

const NTH = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth'];

/** The default order. Derived from form and gathers each time it is asked for, never stored. */
export function draftOrder({ form, way, gathers }: OrderInput): OrderedStep[] {
  const ids: (readonly [StepId, string?])[] = [];
  const add = (...more: StepId[]): void => {
    for (const id of more) ids.push([id]);
  };
  if (way === 'torch') {
    add('torchOn', 'points', 'blowBottom', 'shapeTorch');
    if (form === 'ball') add('sealTorch');
    else add('openTorch');
    add('flameAnneal', 'torchOff', 'box');
  } else {
    add('warmIron');
    for (let i = 0; i < gathers; i += 1) {
      if (i > 0) add('setBubble');
      ids.push(['gather', NTH[i] ?? `No. ${String(i + 1)}`]);
      add(i === 0 ? 'marver' : 'block');
      if (i === 0 && form !== 'solid') add('bubble');
    }
    if (gathers > 0 && form === 'solid') add('reheat', 'shapeSolid', 'neck');
    else if (gathers > 0) add('reheat', 'chillTip', 'blow', 'neck');
    if (form === 'stemmed') add('setBase', 'stem', 'reheat', 'footBit');
    else if (gathers > 0 && form !== 'solid') add('foot');
    if (form === 'solid') add('firePolish', 'crackOff');
    else if (form === 'ball') add('knockOff', 'sealMark');
    else
      add('setBase', 'punty', 'transfer', 'longReheat', ...OPENED[form], 'firePolish', 'crackOff');
    add('box');
  }
  return ids.map(([id, which], i) => ({ ...STEPS[id], number: i + 1, which }));
}
