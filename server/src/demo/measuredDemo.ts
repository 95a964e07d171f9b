// What the invented studio measured and read: it makes walls a little thicker than it draws them, and its bench cools a little faster than
// an ordinary one.
import type { MakingEvent } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { byNumber } from '@zanfirico/core/edits';
import { drawnOf, skinAt } from '@zanfirico/core/log';
import { asDone, makingState } from '@zanfirico/core/making';
import type { WorkStep } from '@zanfirico/core/work';
import type { DemoMaking } from './demoMaking';
import { worked } from './worked';

/** Of what is ordinary. */
const EXCHANGE = { bench: 1.12, hole: 0.94 };
const WALL = 1.07;
const WEIGHT = 1.05;
const HEIGHT = 0.99;
/** On the iron, of what is finished. */
const ON_IRON = 1.22;
/** After a heat, s: right out of it, and at the bench. */
const FRESH = 1;
const LATER = 14;

/** After so many heats somebody reads it; then there is enough to do. */
const READ = 4;

interface Read {
  /** In the time of the making, ms. */
  readonly bench: readonly object[];
  /** Once it was cold. */
  readonly cold: readonly object[];
}

const NOTHING: Read = { bench: [], cold: [] };
const round = (v: number, to: number): number => Math.round(v / to) * to;

/** What was read of a making by these events; `wobble`, about 1, is how this one differs from the others. */
export function measuredDemo(
  { begin }: DemoMaking,
  document: PieceDocument,
  events: readonly MakingEvent[],
  wobble: number,
): Read {
  const work = worked(document);
  if (!work) return NOTHING;
  const { derived, parts, fires } = work;
  const ids = document.parts.map((p) => p.id);
  const state = makingState<WorkStep>(byNumber(begin.steps, ids), 0, events, {
    lanes: begin.lanes,
    starts: begin.starts,
  });
  const order = asDone(state, state.last, 0);
  const heats = order.steps.flatMap((s, i) =>
    s.kind === 'reheat' || s.kind === 'longReheat' ? [(order.starts[i] ?? 0) + s.seconds] : [],
  );
  const moments = heats.slice(0, READ).flatMap((end) => [end + FRESH, end + LATER]);
  const main = derived.main.index;
  const bench = skinAt(
    { parts, main, state, fires },
    moments.map((m) => 1000 * m),
    EXCHANGE,
  ).flatMap((skin, i) =>
    Number.isNaN(skin)
      ? []
      : [
          {
            kind: 'reading',
            of: 'temperature',
            value: round(skin, 5),
            at: Math.round(1000 * (moments[i] as number)),
          },
        ],
  );
  const { whole } = derived;
  const mass = whole.mass * WEIGHT * wobble;
  const up = round(0.6 * whole.height, 0.001);
  const wall = drawnOf(derived, 'wall', up);
  return {
    bench: [
      ...bench,
      { kind: 'reading', of: 'mass', value: round(mass * ON_IRON, 0.001), at: 1000 },
    ],
    cold: [
      { kind: 'measured', of: 'height', value: round(whole.height * HEIGHT * wobble, 0.0005) },
      { kind: 'measured', of: 'weight', value: round(mass, 0.001) },
      ...(wall === undefined
        ? []
        : [{ kind: 'measured', of: 'wall', up, value: round(wall * WALL * wobble, 0.0001) }]),
    ],
  };
}
