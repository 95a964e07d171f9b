// A pot's entries as its level asks for them: what was struck never was, a dipstick's depth is glass, and makings took what they weigh.
import type { PotForm } from '@zanfirico/contract/shop';
import { holding } from '../making/holding';
import { potMass } from './form';
import type { PotEvent } from './level';

/** An entry as it is kept. */
export type PotEntry = { readonly id: string; readonly pot: string; readonly at: number } & (
  | { readonly kind: 'charged' | 'taken' | 'given back'; readonly mass: number }
  | { readonly kind: 'dipped'; readonly depth: number }
  | { readonly kind: 'struck'; readonly event: string }
);

/** Entries of a pot that hold, in time. */
export const entriesOf = <E extends PotEntry>(entries: readonly E[], pot: string): E[] =>
  holding(entries, 'struck').filter((e) => e.pot === pot);

/** Glass that went into a piece: when, and how much with its moil, kg. */
export interface TakenByMaking {
  readonly at: number;
  readonly mass: number;
}

/** All that changed a pot, or told it; makings count from its first entry on. `density` kg/m³. */
export function ledger(
  form: PotForm,
  density: number,
  entries: readonly PotEntry[],
  made: readonly TakenByMaking[],
): PotEvent[] {
  const first = Math.min(...entries.map((e) => e.at));
  const told = entries.flatMap((e): PotEvent[] =>
    e.kind === 'dipped'
      ? [{ kind: 'dipped', at: e.at, mass: potMass(form, e.depth, density) }]
      : e.kind === 'struck'
        ? []
        : [{ kind: e.kind, at: e.at, mass: e.mass }],
  );
  const taken = made
    .filter((m) => m.at >= first)
    .map(({ at, mass }): PotEvent => ({ kind: 'taken', at, mass }));
  return [...told, ...taken];
}
