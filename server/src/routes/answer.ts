// How every route answers: a refusal in one sentence, or the checked value.
import type { ErrorBody, FieldProblem } from '@zanfirico/contract';
import type { Response } from 'express';
import type { Checked } from '../check/schema';

/** Answers with an error. */
export const fail = (res: Response, status: number, body: ErrorBody): void => {
  res.status(status).json(body);
};

const sentence = (p: FieldProblem): string =>
  `${p.field}: given ${p.given}; allowed: ${p.allowed}.`;

/** The value, or undefined after the refusal has been sent. */
export function take<T>(res: Response, checked: Checked<T>): T | undefined {
  if (checked.ok) return checked.value;
  fail(res, 400, { error: sentence(checked.problem), problems: [checked.problem] });
  return undefined;
}
