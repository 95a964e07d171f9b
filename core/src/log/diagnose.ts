// Why it broke: what was seen, what the record says and what this shop has lost before, put together by Bayes' rule; told as odds of causes,
// never as a verdict.
import { tr, trWord } from '../words/tr';
import {
  CAUSES,
  FACE,
  seenWith,
  WHEN,
  WHERE,
  type Cause,
  type CauseId,
  type BreakSeen,
} from './breaks';
import { speaks, type Evidence, type Speaks } from './evidence';

/** What was found in this shop before, by cause. */
export type History = Readonly<Partial<Record<CauseId, number>>>;

/** A cause with how likely it is, and what speaks for and against it. */
export interface Suspect {
  readonly cause: Cause;
  readonly probability: number;
  readonly word: string;
  readonly for: readonly string[];
  readonly against: readonly string[];
}

/** What would change its mind: without this the first would be another. */
export interface Leans {
  readonly on: string;
  readonly then: CauseId;
}

/** Why it is thought it broke, and on what that hangs. */
export interface Diagnosis {
  /** The likeliest first. */
  readonly suspects: readonly Suspect[];
  readonly leans: readonly Leans[];
}

/** The trade's own experience counts as so many breaks beside the shop's. */
const TRADE_COUNTS = 20;
/** At least so much more for it than against to be told as speaking for a cause. */
const TOLD = 1.2;

/**
 * How likely, in words (after Kent's words of estimative probability; the limits from memory).
 *
 * @example
 * inWordsOf(0.7) // 'probably'
 */
export const inWordsOf = (p: number): string =>
  p > 0.85
    ? tr`almost certainly`
    : p > 0.6
      ? tr`probably`
      : p > 0.3
        ? tr`perhaps`
        : p > 0.08
          ? tr`hardly`
          : tr`very unlikely`;

/** One sign or number, and how often it is had with each cause. */
interface Factor {
  readonly says: string;
  readonly of: (cause: Cause) => number;
}

const SIGNS = [
  ['when', WHEN],
  ['where', WHERE],
  ['face', FACE],
] as const;

function factorsOf(seen: BreakSeen, told: readonly Speaks[]): Factor[] {
  const signs = SIGNS.flatMap(([kind, all]): Factor[] => {
    const sign = seen[kind];
    return sign === undefined
      ? []
      : [{ says: trWord(sign), of: (cause) => seenWith(cause[kind], sign, all.length) }];
  });
  const record = told.map((t): Factor => ({
    says: t.says,
    of: (cause) => (cause.id === t.cause ? t.ratio : 1),
  }));
  return [...signs, ...record];
}

/** Bayes: prior times every factor, made to add up to one. */
function posterior(factors: readonly Factor[], history: History): Map<CauseId, number> {
  const known = Object.values(history).reduce((sum, n) => sum + n, 0);
  const usual = CAUSES.reduce((sum, c) => sum + c.usual, 0);
  const weights = CAUSES.map((c) => {
    const prior =
      ((history[c.id] ?? 0) + (TRADE_COUNTS * c.usual) / usual) / (known + TRADE_COUNTS);
    return factors.reduce((w, f) => w * f.of(c), prior);
  });
  const sum = weights.reduce((a, b) => a + b, 0);
  return new Map(CAUSES.map((c, i) => [c.id, (weights[i] as number) / sum]));
}

const firstOf = (of: ReadonlyMap<CauseId, number>): CauseId =>
  [...of].reduce((a, b) => (b[1] > a[1] ? b : a))[0];

/** Ranks the causes of a break. */
export function diagnose(seen: BreakSeen, evidence: Evidence, history: History = {}): Diagnosis {
  const told = speaks(evidence);
  const factors = factorsOf(seen, told);
  const of = posterior(factors, history);
  const first = firstOf(of);
  const leans = factors.flatMap((f, i): Leans[] => {
    const then = firstOf(
      posterior(
        factors.filter((_, k) => k !== i),
        history,
      ),
    );
    return then === first ? [] : [{ on: f.says, then }];
  });
  const suspects = CAUSES.map((cause): Suspect => {
    const probability = of.get(cause.id) ?? 0;
    const mine = told.filter((t) => t.cause === cause.id);
    const signs = SIGNS.flatMap(([kind]) => {
      const sign = seen[kind];
      return sign === undefined
        ? []
        : [
            {
              says: tr`Seen: ${trWord(sign)}.`,
              ratio: (cause[kind] as readonly string[]).includes(sign) ? 3 : 0.3,
            },
          ];
    });
    const all = [...signs, ...mine];
    return {
      cause,
      probability,
      word: inWordsOf(probability),
      for: all.filter((t) => t.ratio > TOLD).map((t) => t.says),
      against: all.filter((t) => t.ratio < 1 / TOLD).map((t) => t.says),
    };
  }).sort((a, b) => b.probability - a.probability);
  return { suspects, leans };
}
