// The invented studio's evening class: four aprons at two benches learn the salt cellar, over four weeks and tonight.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { MakingEvent } from '@zanfirico/contract/making';
import { drawnOf } from '@zanfirico/core/log';
import type { ClassStore } from '../class/classStore';
import type { MakingStore } from '../making/makingStore';
import type { PieceStore } from '../piece/pieceStore';
import { demoMakings } from './demoMakings';
import { worked } from './worked';

const ID = 'de300000-0000-4000-e000-000000000001';
const PIECE = 'Salt cellar';
const DAY = 86_400_000;
const WEEKS = 4;
const MORNING = 0.7 * DAY;

const STUDENTS = ['Red apron', 'Blue apron', 'Grey apron', 'Green apron'].map((name, i) => ({
  id: `a${String(i + 1)}`,
  name,
}));

const CLASS: Omit<ClassDocument, 'piece'> = {
  format: 'zanfirico.class',
  version: 1,
  id: ID,
  name: 'Thursday class: the salt cellar',
  tolerances: [
    { of: 'height', under: 0.003, over: 0.003 },
    { of: 'lip', under: 0.003, over: 0.002 },
    { of: 'weight', under: 0.12, over: 0.12 },
  ],
  tools: [
    { name: 'Blowpipe', lives: 'pipe warmer, left of the furnace' },
    { name: 'Punty', lives: 'pipe warmer, right half' },
    { name: 'Jacks', lives: 'bench, right-hand side' },
    { name: 'Calipers, set to the sheet', lives: 'bench, on the board' },
    { name: 'Block and paper', lives: 'bucket under the bench' },
    { name: 'Tapping knife', lives: 'bench, on the hook' },
  ],
  words: [
    {
      kind: 'gather',
      says: 'Turn all the way in and all the way out. Half-size? More at the second dip.',
    },
    { kind: 'marver', says: 'Light and quick: the marver sucks it cold.' },
    { kind: 'neck', says: 'A clean thin neck is half of a good break.' },
    { kind: 'flash', says: 'Partner opens the door wide. In, two turns, out.' },
  ],
  checks: ['Each side with the calipers', 'Length', 'A clean neck'],
  students: STUDENTS,
  benches: [
    { name: 'Bench one', pair: ['a1', 'a2'] },
    { name: 'Bench two', pair: ['a3', 'a4'] },
  ],
  atOnce: 1,
};

const uuid = (k: number, n: number): string =>
  `de300000-0000-4000-e${String(k).padStart(3, '0')}-${String(n).padStart(12, '0')}`;

/** How far off a student is in a week, as a share of the first week's, and of which measure mostly. */
const FIRST = [
  { height: 0.006, lip: 0.002, weight: -0.22, gather: 0.6 },
  { height: -0.005, lip: 0.004, weight: 0.18, gather: 1.3 },
  { height: 0.002, lip: -0.004, weight: -0.1, gather: 0.8 },
  { height: 0.004, lip: 0.003, weight: 0.1, gather: 1.1 },
] as const;
const BETTER = [1, 0.8, 0.55, 0.35];

/** Puts it where there is none. */
export async function demoClass(
  store: PieceStore,
  classes: ClassStore,
  makings: MakingStore,
  now = Date.now(),
): Promise<void> {
  if ((await classes.all()).length > 0) return;
  const { lines } = await store.page({ find: PIECE, putAway: false });
  const line = lines.find((l) => l.name === PIECE);
  const piece = line && (await store.get(line.id));
  const like = demoMakings().find((d) => d.piece === PIECE);
  if (!piece || !like) return;
  await classes.keep({ ...CLASS, piece: piece.id });
  const derived = worked(piece.document)?.derived;
  if (!derived) return;
  const drawn = (of: 'height' | 'lip' | 'weight'): number => drawnOf(derived, of, undefined) ?? 0;
  const iron = derived.gathers?.gathers.at(-1)?.total ?? 0;
  let k = 0;
  const put = async (
    student: number,
    at: number,
    events: readonly (Omit<MakingEvent, 'id'> & { readonly at: number })[],
  ): Promise<void> => {
    k += 1;
    const bench = CLASS.benches[student < 2 ? 0 : 1];
    await makings.readIn({
      begin: {
        ...like.begin,
        id: uuid(k, 0),
        piece: piece.id,
        revision: piece.revision,
        at,
        document: piece.document,
        lesson: {
          class: ID,
          student: STUDENTS[student]?.id ?? '',
          ...(bench && { bench: bench.name }),
        },
      },
      events: events.map((e, n) => ({ ...e, id: uuid(k, n + 1), at: at + e.at }) as MakingEvent),
    });
  };
  for (let week = WEEKS; week > 0; week -= 1)
    for (const [student, first] of FIRST.entries()) {
      const share = BETTER[WEEKS - week] ?? 0;
      const pace = 1 + 0.5 * share + 0.05 * student;
      const day = new Date(now - 7 * week * DAY);
      const at = day.setHours(18, 20 + 25 * (student % 2), 0, 0);
      const slower = like.events.map((e) => ({ ...e, at: Math.round(e.at * pace) }));
      const end = Math.max(...slower.map((e) => e.at));
      await put(student, at, [
        ...slower,
        {
          kind: 'reading',
          of: 'mass',
          where: 'gather',
          value: iron * (1 + (first.gather - 1) * share),
          at: 60_000,
        } as never,
        ...(student === 0 && week > 2
          ? [{ kind: 'mishap', what: 'off centre', at: 200_000 } as never]
          : []),
        { kind: 'opened', what: 'kept', door: 45, at: end + MORNING } as never,
        ...(['height', 'lip', 'weight'] as const).map(
          (of, n) =>
            ({
              kind: 'measured',
              of,
              value:
                of === 'weight'
                  ? drawn(of) * (1 + first[of] * share)
                  : drawn(of) + first[of] * share,
              at: end + MORNING + 60_000 + n,
            }) as never,
        ),
      ]);
    }
  // Tonight: one pair after the flash, the other still at the marver.
  for (const [student, count, since] of [
    [0, 8, 25_000],
    [2, 3, 12_000],
  ] as const) {
    const some = like.events.slice(0, count);
    await put(student, now - since - Math.max(...some.map((e) => e.at)), [
      ...some,
      ...(student === 2
        ? [
            {
              kind: 'reading',
              of: 'mass',
              where: 'gather',
              value: iron * 0.62,
              at: 30_000,
            } as never,
          ]
        : []),
    ]);
  }
}
