// People and stations along the braid's own clock: what each does when, and what each waits for.
import { factsOf, STEPS, type CrewPlan, type Person, type WorkStep } from '@zanfirico/core';

export const CREW_ROW = 22;

interface Props {
  readonly people: readonly Person[];
  readonly plan: CrewPlan;
  readonly steps: readonly WorkStep[];
  readonly x: (t: number) => number;
  readonly top: number;
  readonly at: number | undefined;
}

const STATIONS = ['bench', 'glory hole', 'furnace', 'torch'] as const;

/** Rows that will be drawn. */
export const crewRows = (people: readonly Person[], steps: readonly WorkStep[]): string[] => [
  ...people.map((p) => p.name),
  ...STATIONS.filter((st) => steps.some((s) => factsOf(s).station === st)),
];

export function CrewLanes({ people, plan, steps, x, top, at }: Props) {
  const critical = new Set(plan.critical);
  const rows = crewRows(people, steps);
  return (
    <g>
      {rows.map((row, k) => {
        const person = people[k];
        const y = top + k * CREW_ROW;
        return (
          <g key={`${row}${String(k)}`}>
            <line
              x1={x(0)}
              x2={x(plan.total)}
              y1={y + CREW_ROW / 2}
              y2={y + CREW_ROW / 2}
              stroke="var(--chalk-dim)"
              strokeOpacity={0.25}
            />
            {steps.map((s, i) => {
              const mine = person
                ? (plan.hands[i] ?? []).some((h) => h.person === person.id)
                : factsOf(s).station === row;
              if (!mine || !(s.seconds > 0)) return null;
              const a = x(plan.starts[i] ?? 0);
              const w = Math.max(1.5, x((plan.starts[i] ?? 0) + s.seconds) - a - 1);
              return (
                <rect
                  key={s.id}
                  x={a}
                  y={y + 4}
                  width={w}
                  height={CREW_ROW - 8}
                  rx={2}
                  fill={
                    i === at ? 'var(--color-primary)' : person ? 'var(--cherry)' : 'var(--steel)'
                  }
                  stroke={critical.has(s.id) ? 'var(--chalk)' : 'none'}
                  strokeWidth={1.2}
                >
                  <title>{`${String(i + 1)} ${STEPS[s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind].name}`}</title>
                </rect>
              );
            })}
            <text
              x={x(0) + 2}
              y={y + CREW_ROW / 2 + 4}
              fontSize={12}
              fill="var(--chalk)"
              stroke="var(--board)"
              strokeWidth={3}
              paintOrder="stroke"
            >
              {row}
            </text>
          </g>
        );
      })}
    </g>
  );
}
