// Bits in the order of work: brought hot and melted in, made apart and fetched, spouts before handles. Common practice, no source.
import { tr } from '../words/tr';
import type { StepId } from '../work/step';
import { MOST_ALIKE, type Add, type DraftBit } from './draftInput';

/** A lump so heavy, kg, or one that carries so many, is made apart and waits in the garage. Common practice, no source. */
const HEAVY_BIT = 0.025;
const CARRIES = 3;
/** Whether a bit is made apart and fetched. */
export const isApart = (b: DraftBit): boolean =>
  b.kind === 'other' && ((b.mass ?? 0) >= HEAVY_BIT || (b.carries?.length ?? 0) >= CARRIES);

/** Wings and flowers: small assemblies made before the piece is begun, one after another. */
export function madeApart(bits: readonly DraftBit[], on: number, add: Add): void {
  for (const b of bits) {
    if (!isApart(b)) continue;
    const with_ = b.carries ?? [];
    const part = b.part ?? on;
    for (let k = 0; k < Math.min(b.copies, MOST_ALIKE); k += 1)
      add('makeApart', part, {
        name: b.name,
        of: Math.max(0.1, 6 * (b.mass ?? 0.03)),
        ...(with_.length > 0 && { note: tr`Put together with ${with_.join(', ')}.` }),
      });
  }
}

/** Said at the second of a pair. */
export const LARGER = () => tr`A little larger than the first: taking away is easier.`;

/** A bit brought hot by a helper, put on, its notch melted in before anything else. */
export function hotBit(b: DraftBit, kind: StepId, on: number, add: Add, note?: string): void {
  const part = b.part ?? on;
  const of = b.mass ?? 0.03;
  const waited = isApart(b);
  if (waited) add('fetchBit', part, { name: b.name });
  else add('bringBit', part, { name: b.name, of: Math.max(0.1, 4 * of) });
  add(kind, part, {
    name: b.name,
    ...(waited && { seal: 'glue' as const }),
    of: Math.max(0.1, 6 * of),
    // A drop, a stamp and the next.
    ...(kind === 'prunts' && { seconds: Math.min(60, 6 + 4 * b.copies) }),
    ...(b.zone && { zone: b.zone }),
    ...(note !== undefined && { note }),
  });
  add('meltNotch', part, { name: b.name, of: 0.2, ...(b.zone && { zone: b.zone }) });
}

/** Spouts first, then handles and whatever else is put on after opening; of a pair the second a little larger. */
export function others(bits: readonly DraftBit[], vessel: number, add: Add): void {
  for (const b of bits)
    if (b.kind === 'spout') add('spout', b.part ?? vessel, { name: b.name, zone: 'top' });
  // A tube stuck on is a spout too: before the handles.
  const [tubes, rest] = [
    bits.filter((b) => b.kind === 'tube'),
    bits.filter((b) => b.kind !== 'tube'),
  ];
  for (const b of [...tubes, ...rest]) {
    if (b.kind !== 'handle' && b.kind !== 'other' && b.kind !== 'tube') continue;
    const pair = b.copies === 2;
    for (let k = 0; k < Math.min(b.copies, MOST_ALIKE); k += 1)
      hotBit(
        b,
        b.kind === 'handle' ? 'handle' : 'addBit',
        vessel,
        add,
        pair && k === 1 ? LARGER() : undefined,
      );
  }
}
