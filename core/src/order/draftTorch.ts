// The order of work at the torch: parts begun, welded as the flame finds them, evened and put away. Common practice, no source.
import { tr } from '../words/tr';
import { mm } from '../units/inWords';
import { LARGER } from './draftBits';
import { MOST_ALIKE, type Add, type DraftInput, type DraftPart } from './draftInput';
import { assemblyOrder } from './joinOrder';

/** Drafts the work of a piece at the torch. */
export function torch({ parts, joins, bits, main, form }: DraftInput, add: Add): void {
  const body = parts[main];
  if (!body) return;
  add('torchOn', main);
  const order = assemblyOrder(parts.length, joins, main);
  parts.forEach((p, i) => {
    if (i === main || order.some((o) => o.part === i && !p.stopper && !p.hollow)) return;
    begun(p, i, add);
    add(p.stopper ? 'flameAnneal' : 'kilnGarage', i);
    if (p.stopper) add('box', i);
  });
  begun(body, main, add);
  for (const { part, to } of order) {
    const p = parts[part];
    if (!p || p.stopper) continue;
    add(p.hollow ? 'kilnFetch' : rodOf(p), part);
    add('weld', part, { to, seal: 'hot' });
    add('notchTorch', part);
    add('shapeTorch', part);
  }
  for (const b of bits)
    for (let k = 0; k < Math.min(b.copies, MOST_ALIKE); k += 1) {
      add(b.kind === 'handle' ? 'hook' : 'weld', main, {
        name: b.name,
        ...(b.copies === 2 && k === 1 && { note: LARGER() }),
      });
      add('notchTorch', main, { name: b.name });
      add('shapeTorch', main, { name: b.name, of: 0.015 });
    }
  for (const height of body.holes ?? []) add('blowHole', main, { name: tr`${mm(height)} up` });
  if (body.hollow) add(body.closed || form === 'ball' ? 'sealTorch' : 'openTorch', main);
  add('flameAnneal', main);
  add('torchOff', main);
  add('box', main);
}

/** Soft rod is warmed before the flame, hard rod stands going in cold. */
const rodOf = (p: DraftPart): 'warmRod' | 'beginRod' => (p.soft === true ? 'warmRod' : 'beginRod');

function begun(p: DraftPart, i: number, add: Add): void {
  if (p.hollow) {
    add('cutTube', i);
    // Soft glass flies when it goes cold into the flame, tube as well as rod.
    if (p.soft === true) add('warmRod', i);
    add('points', i);
    if (!p.closed) add('blowBottom', i);
    add('shapeTorch', i);
  } else {
    add(rodOf(p), i);
    // A zone at a time, from one end to the other.
    add('shapeTorch', i);
    add('shapeTorch', i);
  }
}
