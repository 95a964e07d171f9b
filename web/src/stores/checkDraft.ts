// Whether a document is a piece, by the published schema: interpreted, for the page's policy forbids compiling.
import { tr } from '@zanfirico/core/words';
import { Value } from '@sinclair/typebox/value';
import { PieceSchema } from '@zanfirico/contract/piece';

/** The first place where a document is none, in words; undefined where it is one. */
export function problemIn(document: unknown): string | undefined {
  if (Value.Check(PieceSchema, document)) return undefined;
  const first = Value.Errors(PieceSchema, document).First();
  if (!first || first.path === '') return tr`they are no piece`;
  const field = first.path.slice(1).replaceAll('/', '.');
  return first.value === undefined
    ? tr`${field} is missing`
    : tr`${field} is not what it should be`;
}
