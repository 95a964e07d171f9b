// A pot as it stands: its level by charges, the log and the dipstick, what is used a day, and how long that lasts.
import type { Charged } from '@zanfirico/contract/pot';
import type { LogLine } from '@zanfirico/contract/making';
import type { PotEventDocument } from '@zanfirico/contract/pot';
import type { PotDocument } from '@zanfirico/contract/shop';
import { fitVft, type Glass } from '@zanfirico/core/glass';
import {
  cook,
  daysLeft,
  potDepth,
  entriesOf,
  ledger,
  levelAt,
  potMass,
  usedADay,
  type Cooked,
} from '@zanfirico/core/pot';

/** How a pot stands now. */
export interface PotNow {
  readonly mine: readonly PotEventDocument[];
  /** When that is: what was entered a moment ago is in it. */
  readonly at: number;
  readonly level: ReturnType<typeof levelAt>;
  readonly holds: number;
  /** m */
  readonly depth: number;
  /** kg a day; days until it is too shallow, undefined where nothing is used. */
  readonly aDay: number;
  readonly left: number | undefined;
}

/** Reckons it. `allowance` is what makings take beside what is drawn. */
export function potNow(
  pot: PotDocument,
  glass: Pick<Glass, 'density'>,
  events: readonly PotEventDocument[],
  made: readonly LogLine[],
  allowance: number,
  now: number,
): PotNow {
  const { form } = pot;
  const { density } = glass;
  const mine = entriesOf(events, pot.id);
  const told = ledger(
    form,
    density,
    mine,
    made.flatMap((l) =>
      l.glass === pot.glass && l.mass !== undefined
        ? [{ at: l.begunAt, mass: l.mass * (1 + allowance) }]
        : [],
    ),
  );
  const holds = potMass(form, form.height, density);
  // Nothing in the log lies ahead.
  const at = Math.max(now, ...told.map((e) => e.at));
  const level = levelAt(told, at, holds);
  const aDay = usedADay(told, at);
  return {
    mine,
    at,
    level,
    holds,
    depth: potDepth(form, level.mass / density),
    aDay,
    left: daysLeft(level.mass, pot.least, aDay),
  };
}

/** How a charge of a pot goes that stands so deep, cooked at `at` °C. kg. */
export const cookIn = (
  pot: PotDocument,
  glass: Glass,
  {
    mass,
    there,
    kind,
    at,
  }: { readonly mass: number; readonly there: number; readonly kind: Charged; readonly at: number },
): Cooked =>
  cook({
    mass,
    kind,
    there,
    at,
    working: pot.working,
    depth: potDepth(pot.form, (there + mass) / glass.density),
    glass: { vft: fitVft(glass), density: glass.density },
    furnace: { power: pot.power, loses: pot.loses },
  });
