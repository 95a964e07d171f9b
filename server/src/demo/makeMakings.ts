// npm run demo:makings: the demo studio's makings, made from its pieces' own plans as the core has them today; kept in demo/makings/.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { ordinaryCrew } from '@zanfirico/core/crew';
import { byId, byNumber, inHand } from '@zanfirico/core/edits';
import { benchPlan, type BenchPlan } from '@zanfirico/core/making';
import { draftPlaced } from '@zanfirico/core/order';
import { clockOf, factsOf, type StepId } from '@zanfirico/core/work';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoPieces } from './demoPieces';
import type { DemoMaking } from './demoMaking';
import { MAKINGS_FOLDER } from './demoMakings';
import { worked } from './worked';

/** What happened, beside that every step was done in its turn. */
interface Story {
  readonly piece: string;
  readonly file: string;
  readonly daysAgo: number;
  /** Hour and minute of the first gather; so many seconds since what happened last where it is still being made. */
  readonly at: readonly [number, number] | number;
  /** How it ended; still being made where left out. */
  readonly ends?: 'boxed' | 'lost';
  readonly hand: Hand;
}

/** How quick somebody is, and what went wrong at which kind of step. */
interface Hand {
  readonly pace: number;
  /** By so much of it up and down from step to step. */
  readonly uneven: number;
  /** Stands still so long before a step of this kind, s. */
  readonly waits?: { readonly before: StepId; readonly seconds: number };
  readonly mishap?: {
    readonly after: StepId;
    readonly what: 'ragged break' | 'fell';
    readonly remedy: readonly StepId[];
  };
  readonly note?: { readonly after: StepId; readonly says: string };
  /** Only so many steps are done yet. */
  readonly upTo?: number;
}

const STORIES: readonly Story[] = [
  {
    piece: 'Salt cellar',
    file: '1-salt-cellar',
    daysAgo: 2,
    at: [14, 10],
    ends: 'boxed',
    hand: {
      pace: 1.1,
      uneven: 0.18,
      note: { after: 'open', says: 'Lip a hair wider than the drawing: more jacks next time.' },
    },
  },
  {
    piece: 'Quay goblet',
    file: '2-quay-goblet',
    daysAgo: 1,
    at: [10, 25],
    ends: 'lost',
    hand: {
      pace: 1.15,
      uneven: 0.18,
      waits: { before: 'punty', seconds: 150 },
      mishap: { after: 'punty', what: 'fell', remedy: [] },
      note: { after: 'punty', says: 'The punty was late: the foot had gone cold on the pipe.' },
    },
  },
  {
    piece: 'Tide-pool bowl',
    file: '3-tide-pool-bowl',
    daysAgo: 1,
    at: [15, 40],
    ends: 'boxed',
    hand: {
      pace: 1,
      uneven: 0.12,
      mishap: {
        after: 'transfer',
        what: 'ragged break',
        remedy: ['longReheat', 'trim', 'firePolish'],
      },
    },
  },
  {
    piece: 'Harbour candlestick',
    file: '4-harbour-candlestick',
    daysAgo: 0,
    at: 20,
    hand: { pace: 0.97, uneven: 0.04, upTo: 22 },
  },
];

const uuid = (story: number, n: number): string =>
  `de300000-0000-4000-8${String(story).padStart(3, '0')}-${String(n).padStart(12, '0')}`;

/** The plan of a demo piece for the bench. */
function planOf(document: PieceDocument): {
  begin: Omit<MakingBegin, 'id' | 'piece' | 'revision' | 'at' | 'number' | 'document'>;
  plan: BenchPlan;
} {
  const work = worked(document);
  if (!work) throw new Error(`“${document.name}” cannot be made.`);
  const { derived, draft, parts, fires, hole } = work;
  const { sequence, way } = document;
  const people = sequence?.crew ?? ordinaryCrew(way, sequence?.helpers ?? true);
  const main = derived.parts.find((p) => p.id === sequence?.lead)?.index ?? derived.main.index;
  const working = { main, helpers: people.length > 1 };
  const ids = document.parts.map((p) => p.id);
  const variant = sequence?.variants[inHand(sequence)];
  const steps = variant
    ? byNumber(variant.steps, ids)
    : draftPlaced(draft, parts, working, fires).steps;
  const clock = variant?.plan?.starts ?? clockOf(steps, working);
  const plan = benchPlan(steps, clock, main, people, variant?.plan?.hands);
  return {
    plan,
    begin: {
      steps: structuredClone(byId(plan.steps, ids)),
      starts: [...plan.starts],
      lanes: [...plan.lanes],
      hands: plan.hands.map((h) => [...h]),
      crew: people.map((p) => ({ ...p, skills: [...p.skills] })),
      ...(hole && { hole: hole.name }),
      holeTemperature: fires.gloryHole,
      potTemperature: fires.pot,
      annealer: document.firing.annealer ?? 'the front box',
      ordinary: plan.steps.map((s) => s.seconds),
    },
  };
}

/** Whoever does it is a little quicker or slower at each step: the same at every run. */
const uneven = (i: number, by: number): number => 1 + by * Math.sin(12.9898 * (i + 1));

function happened(
  story: Story,
  index: number,
  plan: BenchPlan,
  parts: readonly string[],
): MakingEvent[] {
  const events: MakingEvent[] = [];
  const { hand } = story;
  let t = 0;
  let n = 0;
  const tell = (event: object): void => {
    n += 1;
    events.push({ ...event, id: uuid(index, n), at: Math.round(1000 * t) } as MakingEvent);
  };
  let gone = false;
  let done = 0;
  plan.steps.forEach((s, i) => {
    if (gone || plan.lanes[i] !== 0 || (hand.upTo !== undefined && done >= hand.upTo)) return;
    done += 1;
    const heats = factsOf(s).does === 'heat';
    if (hand.waits?.before === s.kind) t += hand.waits.seconds;
    // Nothing is joined before it was brought.
    t = Math.max(t, plan.starts[i] ?? 0);
    t += Math.max(1, s.seconds * (heats ? 1 : hand.pace * uneven(i, hand.uneven)));
    tell({ kind: 'step', what: 'done', step: s.id });
    const after = (kind: StepId | undefined): boolean => kind !== undefined && s.kind === kind;
    if (after(hand.note?.after)) tell({ kind: 'note', says: hand.note?.says });
    if (!after(hand.mishap?.after) || !hand.mishap) return;
    t += 2;
    tell({ kind: 'mishap', what: hand.mishap.what });
    if (story.ends === 'lost') {
      tell({ kind: 'given up', where: 'transfer' });
      gone = true;
      return;
    }
    hand.mishap.remedy.forEach((kind, k) => {
      const { seconds } = factsOf({ kind });
      tell({
        kind: 'put in',
        after: k === 0 ? s.id : `x${String(k)}`,
        step: { id: `x${String(k + 1)}`, kind, part: parts[s.part], seconds },
      });
      t += 0.001;
    });
    hand.mishap.remedy.forEach((kind, k) => {
      t += factsOf({ kind }).seconds;
      tell({ kind: 'step', what: 'done', step: `x${String(k + 1)}` });
    });
  });
  if (story.ends === 'boxed') {
    t += 8;
    tell({ kind: 'boxed', annealer: 'the front box' });
  }
  if (story.ends === 'lost') {
    tell({ kind: 'broke', when: 'on the punty', where: 'the base' });
    t += 0.001;
    tell({ kind: 'cause', what: 'cold punty' });
  }
  return events;
}

mkdirSync(MAKINGS_FOLDER, { recursive: true });
const pieces = demoPieces();
STORIES.forEach((story, k) => {
  const revisions = pieces.find((p) => p.at(-1)?.name === story.piece);
  const document = revisions?.at(-1);
  if (!revisions || !document) throw new Error(`There is no demo piece “${story.piece}”.`);
  const { begin, plan } = planOf(document);
  const making: DemoMaking = {
    piece: story.piece,
    daysAgo: story.daysAgo,
    at: story.at,
    begin: { ...begin, id: uuid(k + 1, 0), number: 1 },
    events: happened(
      story,
      k + 1,
      plan,
      document.parts.map((p) => p.id),
    ),
  };
  writeFileSync(join(MAKINGS_FOLDER, `${story.file}.json`), `${JSON.stringify(making)}\n`);
  process.stdout.write(`${story.file}: ${String(making.events.length)} events\n`);
});
