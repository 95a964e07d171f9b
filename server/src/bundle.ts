// Pieces and the rack entries they are of as one zip, and back: nothing is read unless all of it can be.
import {
  BODY_LIMIT,
  BUNDLE_FILE,
  BUNDLE_FORMAT,
  BundleSchema,
  fileName,
  RackEntrySchema,
  UNPACKED_LIMIT,
  upgradeEntry,
  type Bundle,
  type PieceDocument,
  type RackDocument,
} from '@zanfirico/contract';
import { rackOf } from '@zanfirico/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { checkDocument } from './check/checkDocument';
import { entryProblem } from './check/checkRackEntry';
import { checker } from './check/schema';
import { usesOf, withEntries } from './store/uses';

const checkBundle = checker(BundleSchema);
const checkEntry = checker(RackEntrySchema);

const asText = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

/** The zip of some pieces, with those of the studio's own entries that they name. `now` dates it. */
export function packBundle(
  pieces: readonly PieceDocument[],
  own: readonly RackDocument[],
  now: Date,
): Uint8Array {
  const named = new Set(pieces.flatMap(usesOf));
  const entries = own.filter((e) => named.has(e.id));
  const digits = String(pieces.length).length;
  const files: Record<string, Uint8Array> = {};
  const list: Bundle = {
    format: BUNDLE_FORMAT,
    version: 1,
    madeAt: now.toISOString(),
    pieces: pieces.map((p, i) => {
      const path = `pieces/${String(i + 1).padStart(digits, '0')}-${fileName(p.name)}.json`;
      files[path] = asText(p);
      return path;
    }),
    rack: entries.map((e) => {
      const path = `rack/${e.id}.json`;
      files[path] = asText(e);
      return path;
    }),
  };
  return zipSync({ [BUNDLE_FILE]: asText(list), ...files }, { mtime: now });
}

/** What is in a bundle, ready to be kept, or the first thing wrong with it in a sentence. */
export type BundleReading =
  | {
      readonly ok: true;
      readonly pieces: readonly PieceDocument[];
      readonly entries: readonly RackDocument[];
      readonly renamed: readonly { readonly from: string; readonly to: string }[];
    }
  | { readonly ok: false; readonly error: string };

const no = (error: string): BundleReading => ({ ok: false, error });

/** The files of a zip; nothing is unpacked that is bigger than its kind may be, or that nobody asked for. */
function filesOf(zip: Uint8Array): Record<string, Uint8Array> | string {
  let all = 0;
  let tooBig: string | undefined;
  try {
    const files = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        if (!/^(?:bundle\.json|pieces\/[^/\\]+\.json|rack\/[^/\\]+\.json)$/.test(name))
          return false;
        all += originalSize;
        if (originalSize > BODY_LIMIT || all > UNPACKED_LIMIT) tooBig ??= name;
        return tooBig === undefined;
      },
    });
    return tooBig === undefined
      ? files
      : `${tooBig} is too big: a piece is at most ${String(BODY_LIMIT / 1000)} kB, a bundle ${String(UNPACKED_LIMIT / 1e6)} MB unpacked.`;
  } catch {
    return 'The file is no whole zip: it is damaged or only half there.';
  }
}

/** An entry as the nth of its id: told apart from those before by id and name. */
function nth(entry: RackDocument, n: number): RackDocument {
  if (n === 1) return entry;
  const end = String(n);
  return {
    ...entry,
    id: `${entry.id.slice(0, 39 - end.length)}-${end}`,
    name: `${entry.name.slice(0, 59 - end.length)} ${end}`,
  };
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Reads a bundle for a studio with these entries of its own. An entry that is here just so is not taken again; one whose id
 * another entry here has, own or shipped, comes under a new id, and the pieces name that.
 */
export function readBundle(zip: Uint8Array, own: readonly RackDocument[]): BundleReading {
  const files = filesOf(zip);
  if (typeof files === 'string') return no(files);
  const json = (path: string): unknown => {
    const bytes = files[path];
    return bytes && (JSON.parse(strFromU8(bytes)) as unknown);
  };
  let at = BUNDLE_FILE;
  try {
    if (!files[BUNDLE_FILE])
      return no(`The zip holds no ${BUNDLE_FILE}: it is no bundle of pieces.`);
    const list = checkBundle(json(at));
    if (!list.ok) {
      const { field, given, allowed } = list.problem;
      return no(`${at}: ${field}: given ${given}; allowed: ${allowed}.`);
    }
    const shipped = rackOf([], []);
    const kept = new Map(own.map((e) => [e.id, e]));
    const taken = new Set([...kept.keys(), ...shipped.lines.map((l) => l.entry.id)]);
    const entries: RackDocument[] = [];
    const names = new Map<string, string>();
    const renamed: { from: string; to: string }[] = [];
    for (at of list.value.rack) {
      const checked = checkEntry(upgradeEntry(json(at)));
      const problem = checked.ok ? entryProblem(checked.value) : checked.problem;
      if (!checked.ok || problem)
        return no(
          `${at}: ${problem?.field ?? ''}: given ${problem?.given ?? 'nothing'}; allowed: ${problem?.allowed ?? ''}.`,
        );
      const entry = checked.value;
      const { id } = entry;
      for (let n = 1; !names.has(id); n += 1) {
        const one = nth(entry, n);
        const ours = kept.get(one.id);
        // Here just so, under its own id or under one it was given when it came before.
        if (ours && same(ours, one)) names.set(id, one.id);
        else if (!taken.has(one.id)) {
          names.set(id, one.id);
          taken.add(one.id);
          entries.push(one);
          if (n > 1) renamed.push({ from: id, to: one.id });
        }
      }
    }
    const rack = rackOf([...own, ...entries], []);
    const pieces: PieceDocument[] = [];
    for (at of list.value.pieces) {
      if (!files[at]) return no(`${at} is named in ${BUNDLE_FILE} and not in the zip.`);
      const first = checkDocument(json(at), rack);
      // Named by its old ids it may be of a glass nobody has here: read again by the new ones.
      const checked = first.ok
        ? checkDocument(
            withEntries(first.document, (id) => names.get(id) ?? id),
            rack,
          )
        : first;
      if (!checked.ok) return no(`${at}: ${checked.error}`);
      pieces.push(checked.document);
    }
    return { ok: true, pieces, entries, renamed };
  } catch {
    return no(`${at} is not whole JSON: it is damaged or only half there.`);
  }
}
