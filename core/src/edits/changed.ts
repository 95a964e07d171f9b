// A value with a change made to it: what is changed to nothing is left out, for a file knows "not there" only.

/** A change to some fields; undefined leaves a field out. */
export type Changes<T> = { readonly [K in keyof T]?: T[K] | undefined };

/**
 * A copy with a change made.
 *
 * @example
 * changed({ name: 'foot', glass: 'soft-batch-96' }, { glass: undefined }); // { name: 'foot' }
 */
export function withChanges<T extends object>(value: T, change: Changes<T>): T {
  const copy = { ...value, ...change };
  for (const key of Object.keys(copy) as (keyof T)[])
    if (copy[key] === undefined) Reflect.deleteProperty(copy, key);
  return copy;
}

/** A copy that says nothing of one of its fields. */
export const withoutField = <T extends object>(value: T, field: keyof T): T =>
  withChanges(value, { [field]: undefined } as Changes<T>);
