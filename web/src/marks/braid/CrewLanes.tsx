// People and stations along the braid's own clock: what each does when, and what each waits for.
import type { Person } from '@zanfirico/contract/order';
import type { CrewPlan } from '@zanfirico/core/crew';
import { trWord } from '@zanfirico/core/words';
import { factsOf, onTheClock, STEPS, type WorkStep } from '@zanfirico/core/work';

/** A person's row and a station's, px: names stand in a person's bars. */
const PERSON = 14;
const STATION = 9;
/** A letter of a bar's name takes about so much, px. */
const LETTER = 5.6;

/** What of a plan is drawn; `critical` where it is known. */
export type LanePlan = Pick<CrewPlan, 'starts' | 'hands' | 'total'> &
  Partial<Pick<CrewPlan, 'critical'>>;

interface Props {
  readonly people: readonly Person[];
  readonly plan: LanePlan;
  readonly steps: readonly WorkStep[];
  readonly x: (t: number) => number;
  readonly top: number;
  readonly at: number | undefined;
}

const STATIONS = ['bench', 'glory hole', 'furnace', 'torch'] as const;

interface Row {
  readonly name: string;
  readonly says: string;
  readonly tall: number;
  /** From the first row's top, px. */
  readonly top: number;
}

/** Rows that will be drawn: people, then the stations that are used. */
function crewRows(people: readonly Person[], steps: readonly WorkStep[]): Row[] {
  const used = STATIONS.filter((st) => steps.some((s) => factsOf(s).station === st));
  const rows = [
    ...people.map(({ name }) => ({ name, says: name, tall: PERSON })),
    ...used.map((name) => ({ name, says: trWord(name), tall: STATION })),
  ];
  let top = 0;
  return rows.map((row) => {
    const placed = { ...row, top };
    top += row.tall;
    return placed;
  });
}

/** How tall the lanes of a crew are, px. */
export const crewHeight = (people: readonly Person[], steps: readonly WorkStep[]): number =>
  crewRows(people, steps).reduce((sum, row) => sum + row.tall, 0);

/** People and stations along the braid's clock. */
export function CrewLanes({ people, plan, steps, x, top, at }: Props) {
  const critical = new Set(plan.critical ?? []);
  const rows = crewRows(people, steps);
  return (
    <g>
      {rows.map((row, k) => {
        const person = people[k];
        const y = top + row.top;
        return (
          <g key={`${row.name}${String(k)}`}>
            <line
              x1={x(0)}
              x2={x(plan.total)}
              y1={y + row.tall / 2}
              y2={y + row.tall / 2}
              stroke="var(--chalk-dim)"
              strokeOpacity={0.25}
            />
            {steps.map((s, i) => {
              const mine = person
                ? (plan.hands[i] ?? []).some((h) => h.person === person.id)
                : factsOf(s).station === row.name;
              if (!mine || !(s.seconds > 0) || !onTheClock(s)) return null;
              const a = x(plan.starts[i] ?? 0);
              const w = Math.max(1.5, x((plan.starts[i] ?? 0) + s.seconds) - a - 1);
              const name = STEPS[s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind].name();
              return (
                <g key={s.id}>
                  <rect
                    x={a}
                    y={y + 1}
                    width={w}
                    height={row.tall - 2}
                    rx={2}
                    fill={
                      i === at ? 'var(--color-primary)' : person ? 'var(--cherry)' : 'var(--steel)'
                    }
                    stroke={critical.has(s.id) ? 'var(--chalk)' : 'none'}
                    strokeWidth={1.2}
                  >
                    <title>{`${String(i + 1)} ${name}`}</title>
                  </rect>
                  {person && w > name.length * LETTER + 6 && (
                    <text
                      x={a + 4}
                      y={y + row.tall / 2 + 3.5}
                      fontSize={10.5}
                      fill={i === at ? 'var(--board)' : 'var(--on-bar)'}
                      pointerEvents="none"
                    >
                      {name}
                    </text>
                  )}
                </g>
              );
            })}
            <text
              x={x(0) + 2}
              y={y + row.tall / 2 + 3.5}
              fontSize={person ? 11 : 9}
              fill="var(--chalk)"
              stroke="var(--board)"
              strokeWidth={3}
              paintOrder="stroke"
            >
              {row.says}
            </text>
          </g>
        );
      })}
    </g>
  );
}
