// A piece from outside: its schema, then what no schema can say (a form that can exist, a glass we have).
import { glassIds, idsTold } from '../rack/glassIds';
import { PIECE_FORMAT, PIECE_VERSION, type FieldProblem } from '@zanfirico/contract';
import {
  PieceSchema,
  READABLE_VERSIONS,
  upgradePiece,
  type PieceDocument,
} from '@zanfirico/contract/piece';
import { measureShape } from '@zanfirico/core/form';
import { areaOf, mouldProblem, outlineOf } from '@zanfirico/core/kiln';
import { readBit, readPart } from '@zanfirico/core/piece';
import type { Rack } from '@zanfirico/core/rack';
import { hasBore } from '@zanfirico/core/stock';
import { tr, mark } from '@zanfirico/core/words';
import { STEPS } from '@zanfirico/core/work';
import { checker } from '../check/schema';
import { shownValue } from '../check/shown';

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
export function checkDocument(given: unknown, rack: Rack): CheckedDocument {
  const value = upgradePiece(given);
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return refuse(tr`This is not a piece file: it should hold one JSON object.`);
  const { format, version } = value as { format?: unknown; version?: unknown };
  if (format !== PIECE_FORMAT)
    return refuse(tr`This is not a piece file.`, {
      field: 'format',
      given: shownValue(format),
      allowed: shownValue(PIECE_FORMAT),
    });
  if (version !== PIECE_VERSION)
    return refuse(
      tr`This piece file is of version ${shownValue(version)}; versions ${READABLE_VERSIONS.join(tr` and `)} can be read here.`,
      {
        field: 'version',
        given: shownValue(version),
        allowed: READABLE_VERSIONS.join(' or '),
      },
    );
  const checked = checkSchema(value);
  if (!checked.ok) {
    const { field, given, allowed } = checked.problem;
    return refuse(tr`${field}: given ${given}; allowed: ${allowed}.`, checked.problem);
  }
  return checkMeaning(checked.value, rack);
}

/** Another shop's own glass: its rack has to come first. */
const READ_FIRST = mark('Take its rack in first, or change the piece to one that is here.');

const noGlass = (rack: Rack, field: string, id: string | undefined): CheckedDocument =>
  refuse(tr`The rack has no glass "${id ?? ''}". ${READ_FIRST}`, {
    field,
    given: shownValue(id),
    allowed: glassIds(rack),
  });

/** What is wrong with the kiln's part of it. */
function checkKiln({ way, kiln }: PieceDocument, rack: Rack): CheckedDocument | undefined {
  if ((way === 'kiln') !== (kiln !== undefined))
    return refuse(
      tr`A piece is made in the kiln where it says what is laid there, and only there.`,
      {
        field: kiln ? 'way' : 'kiln',
        given: kiln ? shownValue(way) : tr`nothing`,
        allowed: kiln ? 'kiln' : tr`what is laid, and its firings`,
      },
    );
  if (!kiln) return undefined;
  const ids = new Set<string>();
  for (const [i, laid] of kiln.laid.entries()) {
    if (ids.has(laid.id))
      return refuse(tr`Two things laid have the id "${laid.id}".`, {
        field: `kiln.laid[${String(i)}].id`,
        given: shownValue(laid.id),
        allowed: tr`an id nothing else laid has`,
      });
    ids.add(laid.id);
    if (laid.of !== undefined && !rack.colour(laid.of))
      return refuse(tr`The rack has no glass or colour "${laid.of}". ${READ_FIRST}`, {
        field: `kiln.laid[${String(i)}].of`,
        given: shownValue(laid.of),
        allowed: idsTold(rack.lines.map((l) => l.entry.id)),
      });
    if (!(areaOf(outlineOf(laid)) > 1e-7))
      return refuse(tr`A shape that is laid has no area.`, {
        field: `kiln.laid[${String(i)}].shape`,
        given: laid.shape.kind,
        allowed: tr`a shape that encloses something`,
      });
  }
  const mould = kiln.mould && mouldProblem(kiln.mould);
  if (mould !== undefined)
    return refuse(mould, { field: 'kiln.mould.points', given: tr`these places`, allowed: mould });
  return undefined;
}

/** What a well-formed document may still get wrong. */
export function checkMeaning(document: PieceDocument, rack: Rack): CheckedDocument {
  const glass = rack.glass(document.glass);
  if (!glass) return noGlass(rack, 'glass', document.glass);
  const { tube } = document.making;
  if (!hasBore(tube))
    return refuse(tr`The tube has no bore: twice its wall is not less than its diameter.`, {
      field: 'making.tube.wall',
      given: shownValue(tube.wall),
      allowed: tr`less than ${tube.outerDiameter / 2} (half the diameter, m)`,
    });
  const ids = new Set<string>();
  for (const [i, part] of document.parts.entries()) {
    if (ids.has(part.id))
      return refuse(tr`Two parts have the id "${part.id}": steps could not tell them apart.`, {
        field: `parts[${String(i)}].id`,
        given: shownValue(part.id),
        allowed: tr`an id no other part of the piece has`,
      });
    ids.add(part.id);
    const own = part.glass === undefined ? glass : rack.glass(part.glass);
    if (!own) return noGlass(rack, `parts[${String(i)}].glass`, part.glass);
    for (const [k, layer] of (part.colours ?? []).entries()) {
      if (rack.colour(layer.colour)) continue;
      return refuse(tr`The rack has no colour "${layer.colour}". ${READ_FIRST}`, {
        field: `parts[${String(i)}].colours[${String(k)}].colour`,
        given: shownValue(layer.colour),
        allowed: idsTold(rack.lines.map((l) => l.entry.id)),
      });
    }
    const ofStock = part.stock?.colour;
    if (ofStock !== undefined && !rack.colour(ofStock))
      return refuse(tr`The rack has no colour "${ofStock}". ${READ_FIRST}`, {
        field: `parts[${String(i)}].stock.colour`,
        given: shownValue(ofStock),
        allowed: idsTold(rack.lines.map((l) => l.entry.id)),
      });
    const reading = readPart(part, i, own);
    if (!reading.ok)
      return refuse(
        `${part.name}: ${reading.problems[0]?.message ?? tr`this form cannot be made.`}`,
        ...reading.problems.slice(0, 8).map((p) => ({
          field: `parts[${String(i)}].profile[${String(p.point)}].${p.field}`,
          given: shownValue(p.given),
          allowed: p.message,
        })),
      );
  }
  for (const [i, bit] of (document.bits ?? []).entries()) {
    const field = `bits[${String(i)}]`;
    const own = bit.glass === undefined ? glass : rack.glass(bit.glass);
    if (!own) return noGlass(rack, `${field}.glass`, bit.glass);
    if (bit.shape.kind === 'mesh') {
      const corners = bit.shape.positions.length / 3;
      const stray = bit.shape.triangles.find((t) => t >= corners);
      if (!Number.isInteger(corners) || bit.shape.triangles.length % 3 !== 0 || stray !== undefined)
        return refuse(tr`${bit.name}: its mesh is damaged.`, {
          field: `${field}.shape`,
          given: tr`${bit.shape.positions.length} coordinates, ${bit.shape.triangles.length} corner numbers`,
          allowed: tr`three coordinates a corner, three corners a triangle, each of them there`,
        });
    }
    const read = readBit(bit, i, own);
    if (!read.ok)
      return refuse(read.message, {
        field: `${field}.shape`,
        given: bit.shape.kind,
        allowed: read.message,
      });
  }
  const fired = checkKiln(document, rack);
  if (fired) return fired;
  for (const [v, variant] of (document.sequence?.variants ?? []).entries())
    for (const [i, step] of variant.steps.entries())
      for (const kind of [step.kind, step.like])
        if (kind !== undefined && kind !== 'own' && !Object.hasOwn(STEPS, kind))
          return refuse(tr`There is no step of the kind "${kind}".`, {
            field: `sequence.variants[${String(v)}].steps[${String(i)}].kind`,
            given: shownValue(kind),
            allowed: idsTold(Object.keys(STEPS)),
          });
  const { pattern } = document;
  if (pattern) {
    const reading = measureShape(pattern.blank, glass.poisson);
    if (!reading.ok)
      return refuse(tr`The blank: ${reading.problems[0]?.message ?? tr`it cannot be made.`}`, {
        field: `pattern.blank[${String(reading.problems[0]?.point ?? 0)}]`,
        given: shownValue(reading.problems[0]?.given),
        allowed: reading.problems[0]?.message ?? tr`a form that can be made`,
      });
  }
  return { ok: true, document };
}
