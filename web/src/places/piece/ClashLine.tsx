// One place where two changed the same: where it is in the trade's words, what each has there, and whose stands.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Clash } from '@zanfirico/core/edits';
import { useId } from 'react';

interface Props {
  readonly clash: Clash;
  readonly document: PieceDocument;
  readonly chosen: 'mine' | 'theirs';
  readonly onChoose: (whose: 'mine' | 'theirs') => void;
}

/** Longer than this a value is told by what it is. */
const SHORT = 60;

/** A name somewhere in the document, of whatever has this id. */
function nameIn(value: unknown, id: string): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const { id: own, name, kind } = value as { id?: unknown; name?: unknown; kind?: unknown };
  if (own === id) return [name, kind].find((n): n is string => typeof n === 'string');
  for (const inner of Object.values(value)) {
    const found = nameIn(inner, id);
    if (found !== undefined) return found;
  }
  return undefined;
}

/** Where it is: "parts, foot, profile, 3, wall". */
export const whereWords = (path: Clash['path'], document: unknown): string =>
  path
    .map((p) =>
      typeof p === 'number'
        ? String(p + 1)
        : p.startsWith('#')
          ? (nameIn(document, p.slice(1)) ?? p.slice(1))
          : p.replaceAll(/([A-Z])/g, (c) => ` ${c.toLowerCase()}`),
    )
    .join(', ');

/** What stands there: a number or word as it is, a thing by what tells it, nothing where it was taken out. */
export function valueWords(value: Clash['mine']): string {
  if (value === undefined) return tr`taken out`;
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length <= SHORT ? text : `${text.slice(0, SHORT)}…`;
}

export function ClashLine({ clash, document, chosen, onChoose }: Props) {
  const name = useId();
  const where = whereWords(clash.path, document);
  return (
    <li className="border-base-300 border-b py-1.5">
      <fieldset className="flex flex-wrap items-baseline gap-x-5">
        <legend className="font-semibold">{where}</legend>
        {(['mine', 'theirs'] as const).map((whose) => (
          <label key={whose} className="flex items-baseline gap-2">
            <input
              type="radio"
              className="radio radio-sm translate-y-1"
              name={name}
              checked={chosen === whose}
              onChange={() => {
                onChoose(whose);
              }}
            />
            <span>
              {whose === 'mine' ? tr`yours` : tr`theirs`}:{' '}
              <span className="num">{valueWords(clash[whose])}</span>
            </span>
          </label>
        ))}
        <span className="quiet">
          {trNodes`was ${(<span className="num">{valueWords(clash.base)}</span>)}`}
        </span>
      </fieldset>
    </li>
  );
}
