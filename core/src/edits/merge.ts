// Two people changed one document from the same beginning: what does not touch is taken from both, what does is told, to be chosen.
//
// Three-way merge (Khanna, Kunal & Pierce, FSTTCS 2007, diff3 formally, from memory) of a tree instead of lines: fields by their name, parts,
// steps and whatever has an id by it, points and layers by their place while nobody put one in or took one out.

/** Anything of a document. */
export type Json = string | number | boolean | null | undefined | readonly Json[] | Fields;

/** An object of a document, field by field. */
export interface Fields {
  readonly [key: string]: Json;
}

/** A place where both changed the same. */
export interface Clash {
  /** From the document down: names of fields, ids as "#id", places as numbers. */
  readonly path: readonly (string | number)[];
  readonly base: Json;
  readonly mine: Json;
  readonly theirs: Json;
}

/** Whose stands where both changed the same, by `clashKey`; mine where it is not said. */
export type Choices = Readonly<Record<string, 'mine' | 'theirs'>>;

/** One clash among others. */
export const clashKey = ({ path }: Pick<Clash, 'path'>): string => path.join('/');

/** What came of it. */
export interface Merged<T> {
  readonly document: T;
  readonly clashes: readonly Clash[];
  /** Whether anything of theirs is in it that mine had not, and the other way round. */
  readonly both: boolean;
}

const isObject = (v: Json): v is Fields => typeof v === 'object' && v !== null && !Array.isArray(v);
const isList = (v: Json): v is readonly Json[] => Array.isArray(v);

/** The same, whatever the order of fields. */
export function sameJson(a: Json, b: Json): boolean {
  if (a === b) return true;
  if (isList(a) && isList(b)) return a.length === b.length && a.every((x, i) => sameJson(x, b[i]));
  if (!isObject(a) || !isObject(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((k) => sameJson(a[k], b[k]));
}

type Named = { readonly id: string } & Fields;
const named = (v: Json): v is readonly Named[] =>
  isList(v) &&
  v.length > 0 &&
  v.every((x) => isObject(x) && typeof x['id'] === 'string') &&
  new Set(v.map((x) => (x as Named).id)).size === v.length;
/** An empty list is one of named things where its fellows are. */
const allNamed = (...lists: readonly (readonly Json[])[]): boolean =>
  lists.some((l) => l.length > 0) && lists.every((l) => l.length === 0 || named(l));

/** In which order: whoever moved nothing follows who did; what one put in goes after what it stood after. */
function mergedOrder(
  b: readonly string[],
  m: readonly string[],
  t: readonly string[],
  /** Whose order stands where both moved them. */
  both: () => 'mine' | 'theirs',
): string[] {
  const common = (list: readonly string[]): string[] =>
    list.filter((id) => b.includes(id) && m.includes(id) && t.includes(id));
  const [cb, cm, ct] = [common(b), common(m), common(t)];
  const moved = (list: readonly string[]): boolean => list.join('/') !== cb.join('/');
  const theirsFirst = moved(ct) && !moved(cm);
  let [lead, other] = theirsFirst ? [t, m] : [m, t];
  if (moved(cm) && moved(ct) && cm.join('/') !== ct.join('/')) {
    [lead, other] = both() === 'theirs' ? [t, m] : [m, t];
  }
  const order = [...lead];
  other.forEach((id, i) => {
    if (order.includes(id)) return;
    const before = other.slice(0, i).findLast((x) => order.includes(x));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  });
  return order;
}

/**
 * Merges `mine` and `theirs`, both changed from `base`. Where both changed the same, `choices` says whose stands.
 *
 * @example
 * merged({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }).document // { a: 2, b: 3 }
 */
export function merged<T>(base: T, mine: T, theirs: T, choices: Choices = {}): Merged<T> {
  const clashes: Clash[] = [];
  const took = { mine: false, theirs: false };
  const clash = (path: Clash['path'], b: Json, m: Json, t: Json): Json => {
    clashes.push({ path, base: b, mine: m, theirs: t });
    return choices[clashKey({ path })] === 'theirs' ? t : m;
  };

  const merge = (path: Clash['path'], b: Json, m: Json, t: Json): Json => {
    if (sameJson(m, t)) return m;
    if (sameJson(b, m)) {
      took.theirs = true;
      return t;
    }
    if (sameJson(b, t)) {
      took.mine = true;
      return m;
    }
    if (isObject(m) && isObject(t) && (isObject(b) || b === undefined)) {
      const from = isObject(b) ? b : {};
      // One thing in the place of another, as a step of another kind: nothing of the two goes together.
      if (m['kind'] !== t['kind'] && m['kind'] !== undefined && t['kind'] !== undefined)
        return clash(path, b, m, t);
      return mergeFields(path, from, m, t);
    }
    if (isList(m) && isList(t) && isList(b)) {
      if (allNamed(b, m, t))
        return mergeNamed(
          path,
          b as readonly Named[],
          m as readonly Named[],
          t as readonly Named[],
        );
      if (b.length === m.length && b.length === t.length)
        return b.map((x, i) => merge([...path, i], x, m[i], t[i]));
    }
    return clash(path, b, m, t);
  };

  const mergeFields = (path: Clash['path'], b: Fields, m: Fields, t: Fields): Json => {
    // In the order mine has them, then what only theirs has.
    const keys = [...new Set([...Object.keys(m), ...Object.keys(t)])];
    return Object.fromEntries(
      keys.flatMap((k) => {
        const v = merge([...path, k], b[k], m[k], t[k]);
        return v === undefined ? [] : [[k, v] as const];
      }),
    );
  };

  const mergeNamed = (
    path: Clash['path'],
    b: readonly Named[],
    m: readonly Named[],
    t: readonly Named[],
  ): Json => {
    const by = (list: readonly Named[]): ReadonlyMap<string, Named> =>
      new Map(list.map((x) => [x.id, x]));
    const [inB, inM, inT] = [by(b), by(m), by(t)];
    const order = { base: [...inB.keys()], mine: [...inM.keys()], theirs: [...inT.keys()] };
    const ids = mergedOrder(order.base, order.mine, order.theirs, () => {
      const at = [...path, 'order'];
      clashes.push({ path: at, ...order });
      return choices[clashKey({ path: at })] ?? 'mine';
    });
    return ids.flatMap((id) => {
      const v = merge([...path, `#${id}`], inB.get(id), inM.get(id), inT.get(id));
      return v === undefined ? [] : [v];
    });
  };

  const document = merge([], base as Json, mine as Json, theirs as Json) as T;
  return { document, clashes, both: took.mine && took.theirs };
}
