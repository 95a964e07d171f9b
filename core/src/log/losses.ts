// What is lost, and to what: shares with the interval they lie in, by whatever one looks at; and whether one stands out by more than chance.
import { grouped } from '../stats/grouped';
import { median } from '../stats/robust';
import { difference, wilson, type Share } from './wilson';

/** A making as it counts here. */
export interface CameOfMaking {
  readonly lost: boolean;
  readonly second: boolean;
}

/** Of fewer than these nothing is said to stand out. */
const FEW = 5;

/** A group of makings: how many, how many lost, the share and its interval; whether more or fewer are lost than of all others. */
export interface Losses {
  readonly of: string;
  readonly all: number;
  readonly lost: number;
  readonly seconds: number;
  readonly share: Share;
  /** By more than chance, 95 times of 100 (Newcombe's interval of the difference does not hold nought). */
  readonly stands: 'more' | 'fewer' | undefined;
}

/**
 * Grouped by a word each making has, or by each of several; the most often lost first, then the largest. Makings without a word are left
 * out.
 */
export function lossesBy<T extends CameOfMaking>(
  makings: readonly T[],
  word: (making: T) => string | readonly string[] | undefined,
): Losses[] {
  const groups = grouped(makings, word);
  const total = [...new Set([...groups.values()].flat())];
  const lostOf = (of: readonly T[]): number => of.filter((m) => m.lost).length;
  const allLost = lostOf(total);
  return [...groups]
    .map(([of, mine]): Losses => {
      const [all, lost] = [mine.length, lostOf(mine)];
      const rest = { count: allLost - lost, all: total.length - all };
      const apart =
        all >= FEW && rest.all >= FEW ? difference({ count: lost, all }, rest) : undefined;
      return {
        of,
        all,
        lost,
        seconds: mine.filter((m) => m.second).length,
        share: wilson(lost, all),
        stands: !apart ? undefined : apart.low > 0 ? 'more' : apart.high < 0 ? 'fewer' : undefined,
      };
    })
    .sort((a, b) => b.share.of - a.share.of || b.all - a.all || (a.of < b.of ? -1 : 1));
}

/** Somebody's makings of something: how long they were planned to take and took, at the median, s. */
export interface Times {
  readonly of: string;
  readonly all: number;
  readonly planned: number;
  readonly taken: number;
}

/** Time planned against time taken, by a word each making has; the most made first. What was given up has no time of its own. */
export function timesBy<T extends { readonly planned: number; readonly taken: number | undefined }>(
  makings: readonly T[],
  word: (making: T) => string | readonly string[] | undefined,
): Times[] {
  const timed = makings.flatMap((m) => (m.taken === undefined ? [] : [{ m, taken: m.taken }]));
  return [...grouped(timed, ({ m }) => word(m))]
    .map(([of, mine]) => ({
      of,
      all: mine.length,
      planned: median(mine.map(({ m }) => m.planned)),
      taken: median(mine.map((t) => t.taken)),
    }))
    .sort((a, b) => b.all - a.all || (a.of < b.of ? -1 : 1));
}
