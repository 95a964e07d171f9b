// Who is there and what they can do; the plan for them, for one fewer, for one alone.
import type { Person } from '@zanfirico/contract/order';
import { trNodes } from '../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import { INSTEAD, ordinaryCrews, type CrewPlanned } from '@zanfirico/core/crew';
import { tr, trWord } from '@zanfirico/core/words';
import { factsOf, SKILLS, STEPS } from '@zanfirico/core/work';
import { Plus, Users, X } from 'lucide-react';
import { clockText } from '../../../marks/braid/strands';
import { CountField } from '../../../fields/CountField';
import { NameField } from '../../../fields/NameField';
import { IconButton } from '../../../shell/IconButton';
import { Menu } from '../../../shell/Menu';
import type { CrewResult } from '../../../workers/braidWork';
import { kindOf } from '../../../marks/braid/stepNames';
import { SKILL_WORDS } from '../../../marks/skillWords';
import type { Braid } from './useBraid';

const STATION_NAMES = {
  'glory hole': 'Glory holes',
  bench: 'Benches',
  torch: 'Torches',
} as const;

interface Props {
  readonly braid: Braid;
  readonly result: CrewResult | undefined;
  /** Best so far, s, while it is being planned. */
  readonly best: number | undefined;
  readonly planning: boolean;
  readonly onPlan: () => void;
  readonly onStop: () => void;
}

export function CrewLeaf({ braid, result, best, planning, onPlan, onStop }: Props) {
  const crew = braid.sequence?.crew ?? [];
  const torch = braid.steps.some((s) => factsOf(s).station === 'torch');
  const put = (next: readonly Person[]): void => {
    braid.setSequence({ crew: next.map((p) => ({ ...p, skills: [...p.skills] })) });
  };
  return (
    <section aria-label={tr`Crew`} className="mt-6">
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="text-2xl">{tr`Crew`}</h3>
        <Menu
          named={tr`A crew to start from`}
          label={tr`a crew of …`}
          items={ordinaryCrews().map(([name, people]) => ({
            says: trWord(name),
            run: () => {
              put(people);
            },
          }))}
        />
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          disabled={crew.length === 0}
          onClick={planning ? onStop : onPlan}
        >
          <Users className="size-4" /> {planning ? tr`Stop` : tr`Plan the crew`}
        </button>
      </div>
      {crew.length === 0 && (
        <p className="quiet mt-1 leading-snug">{tr`Nobody named: the clock above has a helper wherever one is wanted. Name who is there to see who does what, and what goes short.`}</p>
      )}
      <ul className="mt-1">
        {crew.map((p, i) => (
          <li key={p.id} className="border-base-300 border-b py-1">
            <div className="flex items-center gap-2">
              <NameField
                label={tr`Person ${i + 1}`}
                value={p.name}
                fallback="hand"
                onChange={(name) => {
                  put(crew.map((q, k) => (k === i ? { ...q, name } : q)));
                }}
              />
              <IconButton
                label={tr`${p.name} goes home`}
                onClick={() => {
                  put(crew.filter((_, k) => k !== i));
                }}
              >
                <X className="size-4" />
              </IconButton>
            </div>
            <div className="flex flex-wrap gap-x-3">
              {SKILLS.map((skill) => (
                <label key={skill} className="flex items-center gap-1 text-sm">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-xs"
                    checked={p.skills.includes(skill)}
                    onChange={(e) => {
                      const skills = e.target.checked
                        ? [...p.skills, skill]
                        : p.skills.filter((k) => k !== skill);
                      put(crew.map((q, k) => (k === i ? { ...q, skills } : q)));
                    }}
                  />
                  {SKILL_WORDS[skill]}
                </label>
              ))}
            </div>
          </li>
        ))}
      </ul>
      {crew.length > 0 && (
        <div className="mt-2 grid grid-cols-3 gap-x-4">
          {(torch ? (['torch'] as const) : (['glory hole', 'bench'] as const)).map((station) => (
            <CountField
              key={station}
              label={trWord(STATION_NAMES[station])}
              value={braid.sequence?.stations?.[station] ?? 1}
              within={LIMITS.stations}
              onCommit={(n) => {
                braid.setSequence({ stations: { ...braid.sequence?.stations, [station]: n } });
              }}
            />
          ))}
        </div>
      )}
      {crew.length > 0 && crew.length < 8 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-1"
          onClick={() => {
            const taken = new Set(crew.map((p) => p.id));
            let n = 1;
            while (taken.has(`p${String(n)}`)) n += 1;
            put([
              ...crew,
              { id: `p${String(n)}`, name: tr`another hand`, skills: ['bit', 'door'] },
            ]);
          }}
        >
          <Plus className="size-4" /> {tr`Person`}
        </button>
      )}
      {planning && (
        <p className="mt-2" role="status">
          {trNodes`Looking …${best !== undefined && tr` best so far ${clockText(best)}`}`}
        </p>
      )}
      {!result && braid.plan && !planning && (
        <p className="mt-2 leading-snug">{trNodes`Planned: ${(<span className="num font-semibold">{clockText(braid.plan.total)}</span>)}, kept with the piece; who does what stands on the card.`}</p>
      )}
      {result && (
        <div className="mt-3 flex flex-col gap-2" aria-live="polite">
          <Plan title={tr`This crew`} planned={result} lead />
          {result.holes && (
            <p className="text-sm leading-snug">
              {tr`With ${result.holes.count} glory holes `}
              {result.holes.wrong.length === 0
                ? tr`every wait would hold`
                : tr`${result.holes.wrong.length} steps instead of ${result.wrong.length} would not do`}
              : <span className="num">{clockText(result.holes.plan.total)}</span>.
            </p>
          )}
          {result.fewer && (
            <Plan title={tr`Without ${result.without ?? tr`one`}`} planned={result.fewer} />
          )}
          {result.alone && <Plan title={tr`Alone`} planned={result.alone} />}
        </div>
      )}
    </section>
  );
}

function Plan({
  title,
  planned,
  lead = false,
}: {
  readonly title: string;
  readonly planned: CrewPlanned;
  readonly lead?: boolean;
}) {
  const { plan, steps, wrong } = planned;
  const gap = plan.lower > 0 ? plan.total / plan.lower - 1 : 0;
  const number = (id: string): number => steps.findIndex((s) => s.id === id) + 1;
  const named = (id: string): string => {
    const step = steps.find((s) => s.id === id);
    return `${String(number(id))} ${step ? STEPS[kindOf(step)].name() : ''}`;
  };
  const missing = [...new Set(plan.uncovered.map((u) => u.skill))];
  return (
    <div className={lead ? '' : 'quiet'}>
      <p>
        <b>{title}</b>: <span className="num font-semibold">{clockText(plan.total)}</span>
        {lead && (
          <span className="quiet">
            {' '}
            {plan.proven
              ? gap < 0.0005
                ? tr`and nothing can be shorter, proven.`
                : tr`the shortest for these hands, proven; however they were shared out nothing is under ${clockText(plan.lower)} (${(100 * gap).toFixed(0)} % less).`
              : tr`the best found in the time; for these hands nothing is under ${clockText(plan.lowerHere)} (${(100 * (1 - plan.lowerHere / plan.total)).toFixed(0)} % less).`}
          </span>
        )}
      </p>
      {missing.map((skill) => {
        const at = plan.uncovered.filter((u) => u.skill === skill);
        return (
          <p key={skill} className="text-sm leading-snug">
            {at.length === 1 ? tr`Step ${named(at[0]?.step ?? '')}` : tr`${at.length} steps`} (
            {SKILL_WORDS[skill]}): {INSTEAD[skill]()}.
          </p>
        );
      })}
      {wrong.length > 0 && (
        <p className="text-warning text-sm leading-snug">
          {trNodes`Glass waits too long before ${wrong.slice(0, 5).map(named).join(', ')}${wrong.length > 5 && tr` and ${wrong.length - 5} more`}, whatever is flashed meanwhile: more hands, or fewer parts that wait for each other.`}
        </p>
      )}
      {lead && plan.critical.length > 0 && (
        <p className="quiet text-sm leading-snug">
          {tr`It is as long as steps ${plan.critical
            .map(number)
            .filter((n) => n > 0)
            .join(' · ')} are; shorten one of these.`}
        </p>
      )}
    </div>
  );
}
