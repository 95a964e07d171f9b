// A piece made an exercise: what may be off of it, the tools its order needs, and benches to put the class in pairs at.
import type { ClassDocument } from '@zanfirico/contract/class';
import { BY_SHARE, drawnOf, LET_PASS } from '@zanfirico/core/log';
import type { Derived } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { toolName, toolsOf, type WorkStep } from '@zanfirico/core/work';

/** Twice what a set maker lets pass: who learns has room. Common practice, no source. */
const ROOM = 2;
/** Puts who is in the class at benches, two and two. */
export const inPairs = (students: ClassDocument['students']): ClassDocument['benches'] =>
  Array.from({ length: Math.ceil(students.length / 2) }, (_, i) => ({
    name: tr`Bench ${i + 1}`,
    pair: students.slice(2 * i, 2 * i + 2).map((s) => s.id),
  }));

/** The class of a piece, with nobody in it yet. */
export function newClass(
  piece: { readonly id: string; readonly name: string },
  derived: Extract<Derived, { ok: true }>,
  steps: readonly WorkStep[],
): ClassDocument {
  return {
    format: 'zanfirico.class',
    version: 1,
    id: crypto.randomUUID(),
    name: tr`Class: ${piece.name}`.slice(0, 80),
    piece: piece.id,
    tolerances: (['height', 'lip', 'weight'] as const).flatMap((of) =>
      drawnOf(derived, of, undefined) === undefined
        ? []
        : [{ of, under: ROOM * LET_PASS[of], over: ROOM * LET_PASS[of] }],
    ),
    tools: toolsOf(steps).map((name) => ({ name: toolName(name).slice(0, 80), lives: '' })),
    words: [],
    checks: [tr`Each side with the calipers`, tr`Length`, tr`A clean neck`],
    students: [],
    benches: [],
    atOnce: 1,
  };
}

/** What an off of a measure is of: a length, or a share of the drawing's. */
export const isShare = (of: ClassDocument['tolerances'][number]['of']): boolean => BY_SHARE.has(of);
