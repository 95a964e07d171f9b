// Who is here today: the crew the piece was planned for, or another; each with what they can do.
import type { Person } from '@zanfirico/contract/order';
import { ordinaryCrews } from '@zanfirico/core/crew';
import { mark, tr, trWord } from '@zanfirico/core/words';
import { SelectField } from '../../fields/SelectField';
import { SKILL_WORDS } from '../../marks/skillWords';

interface Props {
  /** The crew the piece has; none where nobody was named. */
  readonly planned: readonly Person[] | undefined;
  readonly torch: boolean;
  readonly people: readonly Person[];
  readonly onChange: (people: readonly Person[]) => void;
}

export function WhoIsHere({ planned, torch, people, onChange }: Props) {
  const crews = ordinaryCrews().filter(([name]) => (name === 'Torch') === torch);
  const all: readonly (readonly [string, readonly Person[]])[] = [
    ...(planned ? [[mark('as planned'), planned] as const] : []),
    ...crews,
  ];
  const chosen = all.find(([, crew]) => crew === people)?.[0] ?? '';
  return (
    <section aria-label={tr`The crew`}>
      <SelectField
        label={tr`Who is here`}
        value={chosen}
        onChange={(name) => {
          const crew = all.find(([n]) => n === name)?.[1];
          if (crew) onChange(crew);
        }}
      >
        {all.map(([name]) => (
          <option key={name} value={name}>
            {trWord(name)}
          </option>
        ))}
      </SelectField>
      <ul className="mt-1 leading-snug">
        {people.map((p) => (
          <li key={p.id}>
            {p.name}{' '}
            <span className="quiet text-sm">
              {p.skills.length > 4
                ? tr`everything`
                : p.skills.map((k) => SKILL_WORDS[k]).join(', ')}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
