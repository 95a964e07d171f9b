// A making's morning after, from its events alone: what came out of the box, how it measured, what broke and why it is thought it did.
import type { CameOut, Flaw, MakingEvent, Measure } from '@zanfirico/contract/making';
import { holding } from '../making/holding';
import { AFTER_THE_BOX } from '../making/makingState';
import type { CauseId, Face, When, BreakWhere } from './breaks';

/** What came out. */
export const OUTCOMES = ['kept', 'second', 'lost'] as const;

/** What can be measured against the drawing: m, kg or m³. */
export const MEASURES = ['height', 'lip', 'wall', 'weight', 'capacity', 'ovality'] as const;

/** What can be marked on the section; `origin` is where a break began. */
export const FLAWS = [
  'origin',
  'check',
  'seed',
  'stone',
  'cord',
  'chill mark',
  'scar',
  'thin',
  'thick',
  'sagged',
  'colour ran',
] as const;

/** A measure as it was taken; m, kg or m³. */
export interface MeasuredValue {
  readonly id: string;
  readonly of: Measure;
  readonly value: number;
  /** At which height on the wall, m. */
  readonly up: number | undefined;
}

/** Seen between polarisers: retardation, nm, through so much glass, m. */
export interface Polarised {
  readonly id: string;
  readonly nm: number;
  readonly through: number;
  readonly up: number | undefined;
}

/** Marked on the section: from the axis and above the table as drawn, m. */
export interface FlawAt {
  readonly id: string;
  readonly what: Flaw;
  readonly out: number;
  readonly height: number;
  readonly says: string | undefined;
}

/** The morning as it stands; what was told last of each holds. */
export interface Morning {
  readonly outcome: CameOut | undefined;
  readonly opened: number | undefined;
  /** How hot the box was then, °C. */
  readonly door: number | undefined;
  /** Kept or a second at first, and lost so long after that, ms. */
  readonly later: number | undefined;
  readonly measured: readonly MeasuredValue[];
  readonly polarised: readonly Polarised[];
  readonly flaws: readonly FlawAt[];
  readonly broke:
    { readonly when?: When; readonly where?: BreakWhere; readonly face?: Face } | undefined;
  readonly cause: CauseId | undefined;
  /** What the next undo takes back. */
  readonly undoable: string | undefined;
}

/** Works it out; events in any order, those met twice count once. */
export function morningOf(events: readonly MakingEvent[]): Morning {
  let morning: Morning = {
    outcome: undefined,
    opened: undefined,
    door: undefined,
    later: undefined,
    measured: [],
    polarised: [],
    flaws: [],
    broke: undefined,
    cause: undefined,
    undoable: undefined,
  };
  for (const e of holding(events)) {
    if (!AFTER_THE_BOX.has(e.kind)) continue;
    morning = { ...morning, undoable: e.id };
    if (e.kind === 'opened' && 'what' in e)
      morning = {
        ...morning,
        outcome: e.what,
        opened: morning.opened ?? e.at,
        door: ('door' in e ? e.door : undefined) ?? morning.door,
        later:
          e.what === 'lost' && morning.opened !== undefined
            ? (morning.later ?? (morning.outcome === 'lost' ? undefined : e.at - morning.opened))
            : undefined,
      };
    else if (e.kind === 'measured' && 'value' in e) {
      const { id, of, value } = e;
      const up = e.up;
      // Measured again at the same place, the last holds.
      const others = morning.measured.filter((m) => m.of !== of || m.up !== up);
      morning = { ...morning, measured: [...others, { id, of, value, up }] };
    } else if (e.kind === 'polarised' && 'nm' in e) {
      const { id, nm, through, up } = e;
      const others = morning.polarised.filter((p) => p.up !== up);
      morning = { ...morning, polarised: [...others, { id, nm, through, up }] };
    } else if (e.kind === 'flaw' && 'out' in e) {
      const { id, what, out, height, says } = e;
      // A break begins at one place: the last that was said.
      const others = morning.flaws.filter((f) => what !== 'origin' || f.what !== 'origin');
      morning = { ...morning, flaws: [...others, { id, what, out, height, says }] };
    } else if (e.kind === 'broke') {
      // The file has them as text: what was written by a later version is carried along.
      const { when, where, face } = e as NonNullable<Morning['broke']>;
      morning = {
        ...morning,
        broke: {
          ...(when !== undefined && { when }),
          ...(where !== undefined && { where }),
          ...(face !== undefined && { face }),
        },
      };
    } else if (e.kind === 'cause' && 'what' in e)
      morning = { ...morning, cause: e.what as CauseId };
  }
  return morning;
}
