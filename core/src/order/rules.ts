// The rules of good order, as data: each looks at a whole order and speaks where it is broken, with cause and remedy.
import type { Finding, Rule, RuleInput } from './rules/asking';
import { COLOUR } from './rules/colour';
import { DAY } from './rules/day';
import { HOT_WORK } from './rules/hotWork';
import { JOINING } from './rules/joining';
import { TRANSFER } from './rules/transfer';

export type { Finding, RuleInput, RulePart } from './rules/asking';

/** Every rule of the order, as it is asked. */
export const RULES: readonly Rule[] = [...HOT_WORK, ...TRANSFER, ...COLOUR, ...JOINING, ...DAY];

/** Everything that is broken, in the order of the rules. */
export const checkOrder = (input: RuleInput): Finding[] =>
  RULES.flatMap((r) => r.check(input).map((f) => ({ rule: r.id, ...f })));
