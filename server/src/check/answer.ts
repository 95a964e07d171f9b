// How every route answers: a refusal in one sentence, or the checked value.
import { tr } from '@zanfirico/core/words';
import type { ErrorBody, FieldProblem } from '@zanfirico/contract';
import type { Response } from 'express';
import type { Checked } from './schema';

/** Answers with an error. */
export const fail = (res: Response, status: number, body: ErrorBody): void => {
  res.status(status).json(body);
};

const sentence = (p: FieldProblem): string =>
  tr`${p.field}: given ${p.given}; allowed: ${p.allowed}.`;

/** The value, or undefined after the refusal has been sent. */
export function takeChecked<T>(res: Response, checked: Checked<T>): T | undefined {
  if (checked.ok) return checked.value;
  fail(res, 400, { error: sentence(checked.problem), problems: [checked.problem] });
  return undefined;
}

/** Whether a body is of the id its address names; else that has been refused. */
export function isOf(res: Response, given: { readonly id: string }, id: string): boolean {
  if (given.id === id) return true;
  fail(res, 400, { error: tr`id: given ${given.id}; allowed: ${id}, as in the address.` });
  return false;
}
