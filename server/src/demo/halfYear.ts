// Half a year of the invented studio, told from the few makings it has in full: the same pieces made again and again by its people, most
// kept, some seconds, fourteen lost in believable ways.
import type { MakingEvent } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { DemoMaking } from './demoMaking';
import { measuredDemo } from './measuredDemo';

/** Makings beside those in full. */
const MADE = 116;
const DAYS = 180;
const PEOPLE = ['gaffer', 'evening gaffer', 'second hand'] as const;
/** Every so manieth is a second. */
const SECOND = 11;
const DAY = 86_400_000;

/** Which of them are lost, when that is seen, and why it is thought they were. */
const LOST: Readonly<
  Record<number, { readonly days: number; readonly broke: object; readonly cause?: string }>
> = {
  7: {
    days: 1,
    broke: { when: 'next morning', where: 'thick to thin', face: 'in two' },
    cause: 'fast night',
  },
  15: {
    days: 1,
    broke: { when: 'in the box', where: 'the lip', face: 'a check running down' },
    cause: 'cold lip',
  },
  22: {
    days: 1,
    broke: { when: 'next morning', where: 'under the scar', face: 'a round pluck' },
    cause: 'fused punty',
  },
  30: { days: 4, broke: { when: 'days later', where: 'along the colour' }, cause: 'misfit' },
  38: { days: 1, broke: { when: 'as it was boxed', where: 'the lip' }, cause: 'cold lip' },
  46: { days: 1, broke: { when: 'next morning', face: 'in two' }, cause: 'fast night' },
  53: {
    days: 1,
    broke: { when: 'in the hand', face: 'many clean shards' },
    cause: 'thermal shock',
  },
  61: {
    days: 1,
    broke: { when: 'in the box', face: 'sagged or flat on a side' },
    cause: 'boxed soft',
  },
  68: { days: 1, broke: { when: 'next morning', where: 'the lip' }, cause: 'cold lip' },
  77: {
    days: 21,
    broke: { when: 'weeks later', face: 'smooth and curved, nothing at the edge' },
    cause: 'left stress',
  },
  85: { days: 1, broke: { when: 'in the box', where: 'the lip' } },
  93: { days: 1, broke: { when: 'next morning', where: 'under the scar' }, cause: 'fused punty' },
  101: { days: 3, broke: { when: 'days later', where: 'along the colour' }, cause: 'misfit' },
  110: { days: 1, broke: { when: 'next morning', face: 'in two' } },
};

const uuid = (k: number, n: number): string =>
  `de300000-0000-4000-9${String(k).padStart(3, '0')}-${String(n).padStart(12, '0')}`;

/** Every so manieth that was kept is measured. */
const MEASURED = 7;

/** The bowl that was looked at between polarisers, and its pictures: drawn by this program itself. */
const PICTURED = 107;
/** Pictures of the demo's makings. */
export const PHOTOS = [
  { id: 'de300000-0000-4000-a000-000000000001', file: 'bowl.jpg', says: 'cold' },
  { id: 'de300000-0000-4000-a000-000000000002', file: 'between.jpg', says: 'between polarisers' },
] as const;

/** The makings, the oldest first; `full` are those that came into the box, of the pieces `documents` has by name. */
export function halfYear(
  full: readonly DemoMaking[],
  documents: ReadonlyMap<string, PieceDocument>,
): DemoMaking[] {
  return Array.from({ length: MADE }, (_, k): DemoMaking => {
    const like = full[k % full.length] as DemoMaking;
    const pace = 1 + 0.15 * Math.sin(7.31 * k);
    const person = PEOPLE[k % 5 === 0 ? 2 : k % 3 === 0 ? 1 : 0] as string;
    const at = (e: MakingEvent): number => Math.round(e.at * pace);
    const events = like.events.map((e, n): MakingEvent => ({
      ...e,
      id: uuid(k, n + 1),
      at: at(e),
    }));
    const end = Math.max(...events.map((e) => e.at));
    const lost = LOST[k];
    const told = (n: number, after: number, event: object): MakingEvent =>
      ({ ...event, id: uuid(k, 900 + n), at: Math.round(end + after) }) as MakingEvent;
    const came = lost ? 'lost' : k % SECOND === 4 ? 'second' : 'kept';
    const morning = lost
      ? [
          ...(lost.days > 1
            ? [told(0, 0.7 * DAY, { kind: 'opened', what: 'kept', door: 46 })]
            : []),
          told(1, lost.days * 0.7 * DAY + 1000, {
            kind: 'opened',
            what: came,
            door: lost.cause === 'thermal shock' ? 140 : 46,
          }),
          told(2, lost.days * 0.7 * DAY + 2000, { kind: 'broke', ...lost.broke }),
          ...(lost.cause === undefined
            ? []
            : [told(3, lost.days * 0.7 * DAY + 3000, { kind: 'cause', what: lost.cause })]),
        ]
      : [told(0, 0.7 * DAY, { kind: 'opened', what: came, door: 46 })];
    const { steps, crew = [] } = like.begin;
    const document = documents.get(like.piece);
    const read =
      document && came === 'kept' && k % MEASURED === 2
        ? measuredDemo(like, document, events, 1 + 0.02 * Math.sin(3.7 * k))
        : undefined;
    const readings = (read?.bench ?? []).map(
      (e, n) => ({ ...e, id: uuid(k, 700 + n) }) as MakingEvent,
    );
    const measured = (read?.cold ?? []).map((e, n) => told(10 + n, 0.7 * DAY + 60_000 + n, e));
    const pictured =
      k === PICTURED
        ? [
            ...PHOTOS.map(({ id: photo, says }, n) =>
              told(20 + n, 0.7 * DAY + 120_000 + n, { kind: 'photo', photo, says }),
            ),
            told(30, 0.7 * DAY + 130_000, { kind: 'polarised', nm: 8, through: 0.009, up: 0.04 }),
          ]
        : [];
    return {
      ...like,
      // The older the further back; not on Sundays' mornings all: hours go round the day.
      daysAgo: DAYS - Math.floor((k * (DAYS - 4)) / MADE),
      at: [9 + ((k * 5) % 9), (k * 17) % 60],
      begin: {
        ...like.begin,
        id: uuid(k, 0),
        number: 1 + (k % 6),
        steps,
        crew: crew.map((p, i) => (i === 0 ? { ...p, name: person } : p)),
      },
      events: [...events, ...readings, ...morning, ...measured, ...pictured],
    };
  });
}
