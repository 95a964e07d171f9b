// What the rack worker does: colours judged on a base, rack tables read, however long they are.
import type { RackEntry } from '@zanfirico/contract/rack';
import {
  judgeOverlays,
  type BuildUp,
  type Colour,
  type FitGlass,
  type OverlayFit,
} from '@zanfirico/core/fit';
import { rackFromCsv, type RackTable } from '../imports/rackFromCsv';

/** Colours to be judged on a base. */
export interface OverlaysAsked {
  readonly colours: readonly Colour[];
  readonly base: FitGlass;
  readonly build: BuildUp;
  readonly tolerance: number;
  /** Tested differences to the base, by id. */
  readonly tested: ReadonlyMap<string, number>;
}

/** The worker's calls. */
export const rackWork = {
  overlays: ({ colours, base, build, tolerance, tested }: OverlaysAsked): readonly OverlayFit[] =>
    judgeOverlays(colours, base, build, {
      tolerance,
      tested: (first, second) => (second === base.id ? tested.get(first) : undefined),
    }),
  /** Read against what is in the rack. Throws a sentence for what is no table. */
  table: (text: string, known: readonly RackEntry[]): RackTable => rackFromCsv(text, known),
};
