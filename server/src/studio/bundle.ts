// Pieces and the rack entries they are of as one zip, and back: nothing is read unless all of it can be.
import { BODY_LIMIT, fileName } from '@zanfirico/contract';
import {
  MAKING_LIMIT,
  MakingSchema,
  PHOTO_LIMIT,
  type MakingDocument,
} from '@zanfirico/contract/making';
import { upgradeEntry, type PieceDocument } from '@zanfirico/contract/piece';
import { RackEntrySchema, type RackEntry } from '@zanfirico/contract/rack';
import { ShopSchema, type ShopDocument } from '@zanfirico/contract/shop';
import {
  BUNDLE_FILE,
  BUNDLE_FORMAT,
  BundleSchema,
  UNPACKED_LIMIT,
  type Bundle,
} from '@zanfirico/contract/studio';
import { rackOf } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { checkDocument } from '../piece/checkDocument';
import { isJpeg } from '../check/jpeg';
import { entryProblem } from '../rack/checkRackEntry';
import { checker, type Checked } from '../check/schema';
import { usesOf, withEntries } from '../rack/uses';

const checkBundle = checker(BundleSchema);
const checkEntry = checker(RackEntrySchema);
const checkMaking = checker(MakingSchema);
const checkShop = checker(ShopSchema);

const asText = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

/** What goes with the pieces. */
export interface Beside {
  /** Ids beside the pieces. */
  readonly ids?: readonly string[];
  readonly makings?: readonly MakingDocument[];
  readonly photos?: readonly { readonly id: string; readonly bytes: Uint8Array }[];
  readonly shop?: ShopDocument;
}

/** The zip of some pieces, with those of the studio's own entries that they name, and what goes with them. `now` dates it. */
export function packBundle(
  pieces: readonly PieceDocument[],
  own: readonly RackEntry[],
  now: Date,
  { ids, makings, photos, shop }: Beside = {},
): Uint8Array {
  const made = (makings ?? []).map((m) => m.begin.document);
  const named = new Set([...pieces, ...made].flatMap(usesOf));
  const entries = own.filter((e) => named.has(e.id));
  const digits = String(pieces.length).length;
  const files: Record<string, Uint8Array> = {};
  const list: Bundle = {
    format: BUNDLE_FORMAT,
    version: makings || shop ? 2 : 1,
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
    ...(makings && {
      ids: [...(ids ?? [])],
      makings: makings.map((m) => {
        const path = `makings/${m.begin.id}.json`;
        files[path] = asText(m);
        return path;
      }),
    }),
    ...(photos && {
      photos: photos.map((p) => {
        const path = `photos/${p.id}.jpg`;
        files[path] = p.bytes;
        return path;
      }),
    }),
    ...(shop && { shop: SHOP_FILE }),
  };
  if (shop) files[SHOP_FILE] = asText(shop);
  return zipSync({ [BUNDLE_FILE]: asText(list), ...files }, { mtime: now });
}

/** What is in a bundle, ready to be kept, or the first thing wrong with it in a sentence. */
export type BundleReading =
  | {
      readonly ok: true;
      readonly pieces: readonly PieceDocument[];
      readonly entries: readonly RackEntry[];
      readonly renamed: readonly { readonly from: string; readonly to: string }[];
      /** Beside the pieces: what the makings call them. */
      readonly ids: readonly string[];
      readonly makings: readonly MakingDocument[];
      readonly photos: readonly { readonly id: string; readonly bytes: Uint8Array }[];
      readonly shop: ShopDocument | undefined;
    }
  | { readonly ok: false; readonly error: string };

const no = (error: string): BundleReading => ({ ok: false, error });

const SHOP_FILE = 'shop.json';
/** How big a file of a bundle may be, by its name; undefined for what is none of it. */
const LIMITS: readonly (readonly [RegExp, number])[] = [
  [/^bundle\.json$/, MAKING_LIMIT],
  [/^shop\.json$/, BODY_LIMIT],
  [/^(?:pieces|rack)\/[^/\\]+\.json$/, BODY_LIMIT],
  [/^makings\/[0-9a-f-]{36}\.json$/, MAKING_LIMIT],
  [/^photos\/[0-9a-f-]{36}\.jpg$/, PHOTO_LIMIT],
];
const limitOf = (name: string): number | undefined => LIMITS.find(([is]) => is.test(name))?.[1];

/** The files of a zip; nothing is unpacked that is bigger than its kind may be, or that nobody asked for. */
function filesOf(zip: Uint8Array): Record<string, Uint8Array> | string {
  let all = 0;
  let tooBig: string | undefined;
  try {
    const files = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        const limit = limitOf(name);
        if (limit === undefined) return false;
        all += originalSize;
        if (originalSize > limit || all > UNPACKED_LIMIT) tooBig ??= name;
        return tooBig === undefined;
      },
    });
    return tooBig === undefined
      ? files
      : tr`${tooBig} is too big: a piece is at most ${BODY_LIMIT / 1000} kB, a making ${MAKING_LIMIT / 1e6} MB, a picture ${PHOTO_LIMIT / 1e6} MB, a bundle ${UNPACKED_LIMIT / 1e6} MB unpacked.`;
  } catch {
    return tr`The file is no whole zip: it is damaged or only half there.`;
  }
}

/** An entry as the nth of its id: told apart from those before by id and name. */
function nth(entry: RackEntry, n: number): RackEntry {
  if (n === 1) return entry;
  const end = String(n);
  return {
    ...entry,
    id: `${entry.id.slice(0, 39 - end.length)}-${end}`,
    name: `${entry.name.slice(0, 59 - end.length)} ${end}`,
  };
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What keeps a bundle from being read, in a sentence. */
class NotSo extends Error {}

/**
 * Reads a bundle for a studio with these entries of its own. An entry that is here just so is not taken again; one whose id
 * another entry here has, own or shipped, comes under a new id, and the pieces name that.
 */
export function readBundle(zip: Uint8Array, own: readonly RackEntry[]): BundleReading {
  const files = filesOf(zip);
  if (typeof files === 'string') return no(files);
  if (!files[BUNDLE_FILE])
    return no(tr`The zip holds no ${BUNDLE_FILE}: it is no bundle of pieces.`);
  let at = BUNDLE_FILE;
  /** The file one is at, which the list names. */
  const bytesHere = (): Uint8Array => {
    const bytes = files[at];
    if (!bytes) throw new NotSo(tr`${at} is named in ${BUNDLE_FILE} and not in the zip.`);
    return bytes;
  };
  const jsonHere = (): unknown => JSON.parse(strFromU8(bytesHere())) as unknown;
  /** The same by a schema. */
  const readHere = <T>(check: (value: unknown) => Checked<T>): T => {
    const checked = check(jsonHere());
    if (checked.ok) return checked.value;
    const { field, given, allowed } = checked.problem;
    throw new NotSo(tr`${at}: ${field}: given ${given}; allowed: ${allowed}.`);
  };
  try {
    const list = readHere(checkBundle);
    const shipped = rackOf([], []);
    const kept = new Map(own.map((e) => [e.id, e]));
    const taken = new Set([...kept.keys(), ...shipped.lines.map((l) => l.entry.id)]);
    const entries: RackEntry[] = [];
    const names = new Map<string, string>();
    const renamed: { from: string; to: string }[] = [];
    for (at of list.rack) {
      const entry = readHere((value) => {
        const checked = checkEntry(upgradeEntry(value));
        const problem = checked.ok ? entryProblem(checked.value) : undefined;
        return problem ? { ok: false, problem } : checked;
      });
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
    for (at of list.pieces) {
      const first = checkDocument(jsonHere(), rack);
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
    const makings: MakingDocument[] = [];
    for (at of list.makings ?? []) {
      const { begin, ...making } = readHere(checkMaking);
      const document = withEntries(begin.document, (id) => names.get(id) ?? id);
      makings.push({ ...making, begin: { ...begin, document } });
    }
    const photos: { id: string; bytes: Uint8Array }[] = [];
    for (at of list.photos ?? []) {
      const bytes = bytesHere();
      if (!isJpeg(bytes)) return no(tr`${at} is no JPEG.`);
      photos.push({ id: at.slice('photos/'.length, -'.jpg'.length), bytes });
    }
    let shop: ShopDocument | undefined;
    if (list.shop !== undefined) {
      at = SHOP_FILE;
      shop = readHere(checkShop);
    }
    const ids = list.ids ?? [];
    return { ok: true, pieces, entries, renamed, ids, makings, photos, shop };
  } catch (error) {
    if (error instanceof NotSo) return no(error.message);
    return no(tr`${at} is not whole JSON: it is damaged or only half there.`);
  }
}
