// What one attempt at the piece on the board takes: its glass and colour, its clock, its night's heat, how many stand in the box with it.
import type { Attempt, ShopPrices } from '@zanfirico/core/cost';
import { annealingSchedule, type Schedule, type ScheduleInput } from '@zanfirico/core/night';
import { follow, howMany } from '@zanfirico/core/night/asked';
import { givenBack, takesOf, type Derived } from '@zanfirico/core/piece';
import { MELT_HEAT, MELTING } from '@zanfirico/core/glass';
import { useMemo } from 'react';
import { useAnnealers } from '../../night/useTonightBox';
import { useShop } from '../../stores/theShop';
import { useBraid } from '../piece/braid/useBraid';
import { usePiece } from '../piece/usePiece';

/** Whoever helps is paid while the piece is at the bench; without a crew one helps, if anybody does. */
const helpersOf = (crew: number | undefined, helpers: boolean): number =>
  crew === undefined || crew === 0 ? (helpers ? 1 : 0) : crew - 1;

/** What an attempt takes, as far as it is known. */
export interface AttemptNow {
  readonly attempt: Attempt | undefined;
  /** How many stand in its annealer; undefined where that is not the shop's. */
  readonly holds: number | undefined;
  readonly annealer: string | undefined;
  /** Its order is being placed, or its night is being checked: what stands is a first guess. */
  readonly about: boolean;
}

/** `inLoad` as it was typed; half of what stands in the box when undefined. */
export function useAttempt(prices: ShopPrices, inLoad: number | undefined): AttemptNow {
  const { document, last, night } = usePiece();
  const order = useBraid();
  const annealers = useAnnealers();
  const pots = useShop((s) => s.shop?.document.pots);
  const { way, firing, sequence } = document;
  const seconds = order.state === 'there' ? order.braid.heat.total : undefined;
  const chosen = annealers.find((a) => a.name === firing.annealer) ?? annealers[0];
  const holds = useMemo(
    () =>
      last && chosen
        ? howMany(
            {
              id: 'it',
              name: document.name,
              glass: last.night.glass,
              wall: last.night.wall,
              width: 2 * last.whole.widest,
              depth: 2 * last.whole.widest,
              height: last.whole.height,
            },
            chosen,
          )
        : undefined,
    [last, chosen, document.name],
  );
  // In the kiln it is every firing, from cold.
  const { programmed } = usePiece().firings;
  return useMemo(() => {
    const about = order.state !== 'there' || order.braid.placing || night?.state !== 'checked';
    if (!last || seconds === undefined)
      return { attempt: undefined, holds, annealer: chosen?.name, about };
    const takes = takesOf(last);
    // From sheet or stock: nothing of it is molten in a pot.
    const bought = way !== 'furnace';
    const energy =
      programmed.length > 0
        ? programmed.reduce((sum, p) => sum + p.energy, 0)
        : heatOf(last.schedule, last.night);
    const pot = pots?.find((p) => p.glass === document.glass) ?? pots?.[0];
    const attempt: Attempt = {
      glass: takes.taken,
      returned: bought ? 0 : givenBack(takes, prices.returned),
      colour: takes.colour,
      melting: bought ? 0 : MELT_HEAT * (document.making.potTemperature - 20) + MELTING.pellets,
      seconds,
      helpers: helpersOf(sequence?.crew?.length, sequence?.helpers !== false && !bought),
      burns: way === 'kiln' ? 0 : prices.burns,
      night: energy,
      inLoad: inLoad ?? Math.max(1, Math.ceil((holds ?? 1) / 2)),
      furnace: bought
        ? undefined
        : {
            loses: pot?.loses ?? ORDINARY_LOSES,
            by: prices.furnaceBy,
            kilograms: prices.kilogramsAMonth,
            hours: prices.hoursAMonth,
          },
    };
    return { attempt, holds, annealer: chosen?.name, about };
  }, [
    last,
    night,
    order,
    seconds,
    holds,
    chosen,
    way,
    pots,
    prices,
    inLoad,
    document,
    sequence,
    programmed,
  ]);
}

/** What a studio's furnace loses held hot, W; from memory, until the pot says. */
const ORDINARY_LOSES = 9000;

type Good = Extract<Derived, { ok: true }>;

/** What a night takes, J. */
const heatOf = ({ curve }: Pick<Schedule, 'curve'>, { box }: Pick<ScheduleInput, 'box'>): number =>
  follow({ time: curve.map((p) => p.time), temperature: curve.map((p) => p.temperature) }, box)
    .energy;

/** What a changed form takes: its glass; its night by how the first guesses of the two compare. */
export function formTakes(
  changed: Good,
  was: Good,
  attempt: Attempt,
  returned: number,
): Partial<Attempt> {
  const takes = takesOf(changed);
  const guess = (d: Good): number => heatOf(annealingSchedule(d.night), d.night);
  return {
    glass: takes.taken,
    returned: attempt.furnace ? givenBack(takes, returned) : 0,
    colour: takes.colour,
    night: (attempt.night * guess(changed)) / guess(was),
  };
}
