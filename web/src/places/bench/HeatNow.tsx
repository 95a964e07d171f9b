// The heat that is really there, beside the step: since when out of the fire, and every part's word, with what it falls to next.
import { HEAT_SPREAD, printText, type PartNow } from '@zanfirico/core';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';

/** Danger this near is sounded, and said in colour, s. */
export const SOON = 20;

export function HeatNow({
  heat,
  fireSince,
  inFire,
  danger,
}: {
  readonly heat: readonly PartNow[];
  readonly fireSince: number | undefined;
  readonly inFire: boolean;
  readonly danger: boolean;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <aside aria-label="Heat" className="max-lg:mt-4">
      <p className="leading-none">
        <span className="quiet text-lg">{inFire ? 'in the fire' : 'out of the fire'}</span>
        <span
          className={`num block text-7xl font-semibold ${danger ? 'text-error' : 'text-primary'}`}
        >
          {fireSince === undefined ? '–:––' : clockText(fireSince)}
        </span>
      </p>
      {heat.length === 0 ? (
        <p className="quiet mt-3 text-lg">No glass yet.</p>
      ) : (
        <ul className="mt-3">
          {heat.map((p) => (
            <li key={p.part} className="border-base-300 border-t py-1.5 leading-snug">
              <span className="flex items-baseline justify-between gap-3 text-xl">
                <span>{p.name}</span>
                <span>
                  <b>{p.band}</b>{' '}
                  <span className="num">{printText(p.mean, 'temperature', units)}</span>
                </span>
              </span>
              <span
                className={`block ${p.brittleIn !== undefined && p.brittleIn < SOON ? 'text-error' : 'quiet'}`}
              >
                {p.brittleIn === 0
                  ? 'its skin is brittle: into the fire, slowly'
                  : inFire
                    ? 'waits, or is in the fire'
                    : p.brittleIn !== undefined && p.brittleIn < SOON
                      ? `its skin is brittle in ${clockText(p.brittleIn)}`
                      : p.falls
                        ? `${p.falls.to} in ${clockText(p.falls.in)}`
                        : 'keeps for minutes'}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="quiet mt-2 text-sm leading-snug">
        An estimate, good to some {HEAT_SPREAD} K: your eyes come first.
      </p>
    </aside>
  );
}
