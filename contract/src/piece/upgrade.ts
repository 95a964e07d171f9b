// Older piece files, as they are read: brought to the version of today, step by step. Checked by the schema afterwards, not before.
import { PIECE_FORMAT, PIECE_VERSION } from '../format';

type Loose = Record<string, unknown>;

const isObject = (v: unknown): v is Loose =>
  typeof v === 'object' && v !== null && !Array.isArray(v);
const listOf = (v: unknown): readonly unknown[] => (Array.isArray(v) ? (v as unknown[]) : []);

/** The id a part of version 1 gets: by its place, which was all it had. */
const idAt = (place: unknown): unknown =>
  typeof place === 'number' && Number.isInteger(place) && place >= 0
    ? `p${String(place + 1)}`
    : place;

const renamed = (value: unknown, fields: readonly string[]): unknown =>
  isObject(value)
    ? {
        ...value,
        ...Object.fromEntries(fields.flatMap((f) => (f in value ? [[f, idAt(value[f])]] : []))),
      }
    : value;

/** Version 1 named parts by their place in the list; from 2 on each has an id of its own. */
function fromFirst(piece: Loose): Loose {
  const { parts, pattern, sequence } = piece;
  return {
    ...piece,
    version: 2,
    ...(Array.isArray(parts) && {
      parts: listOf(parts).map((p, i) => (isObject(p) ? { id: idAt(i), ...p } : p)),
    }),
    ...(pattern !== undefined && { pattern: renamed(pattern, ['part']) }),
    ...(isObject(sequence) && {
      sequence: {
        ...sequence,
        ...(Array.isArray(sequence['variants']) && {
          variants: listOf(sequence['variants']).map((v) =>
            isObject(v) && Array.isArray(v['steps'])
              ? { ...v, steps: listOf(v['steps']).map((s) => renamed(s, ['part', 'to'])) }
              : v,
          ),
        }),
      },
    }),
  };
}

const UPGRADES: Readonly<Record<number, (piece: Loose) => Loose>> = { 1: fromFirst };

/** Versions of the piece file that can be read. */
export const READABLE_VERSIONS: readonly number[] = [
  ...Object.keys(UPGRADES).map(Number),
  PIECE_VERSION,
];

/**
 * A piece file as the version of today has it. What is no piece file, or of a version nobody here knows, comes back as it was:
 * the schema then says what is wrong with it.
 *
 * @example
 * upgradePiece(JSON.parse(text)); // { format: 'zanfirico.piece', version: 2, parts: [{ id: 'p1', … }] … }
 */
export function upgradePiece(value: unknown): unknown {
  let piece = value;
  while (isObject(piece) && piece['format'] === PIECE_FORMAT) {
    const { version } = piece;
    const upgrade = typeof version === 'number' ? UPGRADES[version] : undefined;
    if (!upgrade) break;
    piece = upgrade(piece);
  }
  return piece;
}

/** Names a rack entry's numbers had before, and have now: strain *point* is no strain, and Young’s is a modulus. */
const NUMBERS: Readonly<Record<string, string>> = { strain: 'strainPoint', young: 'youngsModulus' };

/** A rack entry as it is kept today; one of today, or none at all, comes back as it was. */
export function upgradeEntry(value: unknown): unknown {
  if (!isObject(value) || !isObject(value['values'])) return value;
  const { values } = value;
  if (!Object.keys(NUMBERS).some((old) => old in values)) return value;
  return {
    ...value,
    values: Object.fromEntries(Object.entries(values).map(([k, v]) => [NUMBERS[k] ?? k, v])),
  };
}
