// Checking anything from outside against its schema, and saying plainly what is wrong with it.
import { tr, trWord, mark } from '@zanfirico/core/words';
import type { FieldProblem } from '@zanfirico/contract';
import type { Static, TSchema } from '@sinclair/typebox';
import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv';
import { shownValue } from './shown';
import { textProblem } from './textProblem';

const ajv = new Ajv({
  allErrors: false,
  verbose: true,
  strict: true,
  // A schema is compiled when it is first asked, by itself or within another: whichever came first, its name is no claim.
  addUsedSchema: false,
});

/** A checked value, or the one problem found first. */
export type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: FieldProblem };

const waiting: (() => unknown)[] = [];

/** Compiles what nobody has asked for yet, one at a time, so that the first request of a kind waits for none. */
export function compileAhead(
  later = (work: () => void): void => void setImmediate(work).unref(),
): void {
  const next = waiting.pop();
  if (!next) return;
  next();
  later(() => {
    compileAhead(later);
  });
}

/** A schema as a check: compiled once, when it is first asked, or ahead of it. */
export function checker<S extends TSchema>(schema: S): (value: unknown) => Checked<Static<S>> {
  let compiled: ValidateFunction<Static<S>> | undefined;
  const check = (): ValidateFunction<Static<S>> => (compiled ??= ajv.compile<Static<S>>(schema));
  waiting.push(check);
  return (value) => {
    const validate = check();
    if (validate(value)) {
      const problem = textProblem(value);
      return problem ? { ok: false, problem } : { ok: true, value };
    }
    const errors = validate.errors ?? [];
    return { ok: false, problem: toProblem(telling(errors)) };
  };
}

/** A key somebody made up may be anything, of any length. */
const printable = (key: string): string => {
  const plain = key
    .slice(0, 40)
    .toWellFormed()
    .replace(/\p{Cc}/gu, '�');
  return key.length > 40 ? `${plain}…` : plain;
};

/** "/parts/0/profile/3/wall" as people read it: "parts[0].profile[3].wall". */
const fieldName = (pointer: string): string =>
  pointer
    .split('/')
    .slice(1)
    .map((key) => (/^\d+$/.test(key) ? `[${key}]` : `.${printable(key)}`))
    .join('')
    .replace(/^\./, '') || tr`the whole body`;

/**
 * The error that tells most: of a choice among kinds, what is wrong with the kind that was meant, not that it is none of
 * the others.
 */
function telling(errors: readonly ErrorObject[]): ErrorObject | undefined {
  const last = errors[errors.length - 1];
  if (last?.keyword !== 'anyOf') return last;
  const branches = (last.schema as { properties?: { kind?: { const?: unknown } } }[]).map(
    (b) => b.properties?.kind?.const,
  );
  const { kind } = (last.data ?? {}) as { kind?: unknown };
  const meant = branches.findIndex((b) => b !== undefined && b === kind);
  // The last one of that kind: where it is itself a choice of words, that one names them all.
  const within = `${last.schemaPath}/${String(meant)}/`;
  return (
    errors.findLast((e) => e !== last && meant >= 0 && e.schemaPath.startsWith(within)) ?? last
  );
}

function toProblem(error: ErrorObject | undefined): FieldProblem {
  if (!error)
    return { field: tr`the whole body`, given: 'something', allowed: tr`a valid document` };
  const params = error.params as Record<string, unknown>;
  if (error.keyword === 'required')
    return {
      field: fieldName(`${error.instancePath}/${String(params['missingProperty'])}`),
      given: tr`nothing`,
      allowed: tr`this field must be there`,
    };
  if (error.keyword === 'additionalProperties')
    return {
      field: fieldName(`${error.instancePath}/${String(params['additionalProperty'])}`),
      given: tr`an unknown field`,
      allowed: tr`only the fields of the published schema`,
    };
  return {
    field: fieldName(error.instancePath),
    given: shownValue(error.data),
    allowed: allowed(error, params),
  };
}

function allowed(error: ErrorObject, params: Record<string, unknown>): string {
  const schema = (error.parentSchema ?? {}) as {
    description?: string;
    anyOf?: { const?: unknown; type?: string; properties?: { kind?: { const?: unknown } } }[];
  };
  const unit = schema.description === undefined ? '' : ` (${schema.description})`;
  switch (error.keyword) {
    case 'minimum':
      return tr`at least ${String(params['limit'])}${unit}`;
    case 'maximum':
      return tr`at most ${String(params['limit'])}${unit}`;
    case 'type':
      return `${named(String(params['type']))}${unit}`;
    case 'const':
      return shownValue(params['allowedValue']);
    case 'minItems':
      return tr`at least ${String(params['limit'])} items`;
    case 'maxItems':
      return tr`at most ${String(params['limit'])} items`;
    case 'minLength':
      return tr`at least ${String(params['limit'])} characters`;
    case 'maxLength':
      return tr`at most ${String(params['limit'])} characters`;
    case 'pattern':
      return tr`text of the form ${String(params['pattern'])}${unit}`;
    case 'anyOf':
      return (schema.anyOf ?? [])
        .map((s) => (s.const === undefined ? allowedBranch(s) : shownValue(s.const)))
        .join(' or ');
    default:
      return `${error.message ?? tr`something else`}${unit}`;
  }
}

/** A type of JSON in words. */
const TYPES: Readonly<Record<string, string>> = {
  integer: mark('a whole number'),
  object: mark('an object'),
  array: mark('a list'),
  string: 'text',
  boolean: mark('true or false'),
  null: 'null',
};
const named = (type: string): string => trWord(TYPES[type]) ?? `a ${type}`;

const allowedBranch = (s: {
  type?: string;
  minimum?: number;
  maximum?: number;
  properties?: { kind?: { const?: unknown } };
}): string =>
  s.properties?.kind?.const !== undefined
    ? tr`kind ${shownValue(s.properties.kind.const)}`
    : s.minimum === undefined
      ? named(String(s.type))
      : tr`a number from ${s.minimum} to ${String(s.maximum)}`;
