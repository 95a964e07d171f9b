// A piece from outside: its schema, then what no schema can say (a form that can exist, a glass we have).
import {
  PIECE_FORMAT,
  PIECE_VERSION,
  PieceSchema,
  type FieldProblem,
  type PieceDocument,
} from '@zanfirico/contract';
import { findGlass, hasBore, measureShape, REPRESENTATIVE_GLASSES } from '@zanfirico/core';
import { checker, shown } from './schema';

/** A piece that can be kept, or why not. */
export type CheckedDocument =
  | { readonly ok: true; readonly document: PieceDocument }
  | { readonly ok: false; readonly error: string; readonly problems: readonly FieldProblem[] };

const checkSchema = checker(PieceSchema);

const refuse = (error: string, ...problems: FieldProblem[]): CheckedDocument => ({
  ok: false,
  error,
  problems,
});

/** Is it a piece file at all, and one of ours? Says so before any detail. */
export function checkDocument(value: unknown): CheckedDocument {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return refuse('This is not a piece file: it should hold one JSON object.');
  const { format, version } = value as { format?: unknown; version?: unknown };
  if (format !== PIECE_FORMAT)
    return refuse('This is not a piece file.', {
      field: 'format',
      given: shown(format),
      allowed: shown(PIECE_FORMAT),
    });
  if (version !== PIECE_VERSION)
    return refuse(
      `This piece file is of version ${shown(version)}; version ${String(PIECE_VERSION)} can be read here.`,
      {
        field: 'version',
        given: shown(version),
        allowed: String(PIECE_VERSION),
      },
    );
  const checked = checkSchema(value);
  if (!checked.ok) {
    const { field, given, allowed } = checked.problem;
    return refuse(`${field}: given ${given}; allowed: ${allowed}.`, checked.problem);
  }
  return checkMeaning(checked.value);
}

/** What a well-formed document may still get wrong. */
export function checkMeaning(document: PieceDocument): CheckedDocument {
  const glass = findGlass(document.glass);
  if (!glass) {
    const allowed = REPRESENTATIVE_GLASSES.map((g) => g.id).join(', ');
    return refuse(`The rack has no glass "${document.glass}".`, {
      field: 'glass',
      given: shown(document.glass),
      allowed,
    });
  }
  const { tube } = document.making;
  if (!hasBore(tube))
    return refuse('The tube has no bore: twice its wall is not less than its diameter.', {
      field: 'making.tube.wall',
      given: shown(tube.wall),
      allowed: `less than ${String(tube.outerDiameter / 2)} (half the diameter, m)`,
    });
  for (const [i, part] of document.parts.entries()) {
    const reading = measureShape(part.profile, glass.poisson);
    if (!reading.ok)
      return refuse(
        reading.problems[0]?.message ?? 'This form cannot be made.',
        ...reading.problems.slice(0, 8).map((p) => ({
          field: `parts[${String(i)}].profile[${String(p.point)}].${p.field}`,
          given: shown(p.given),
          allowed: p.message,
        })),
      );
  }
  return { ok: true, document };
}
