// The heat that is really there, beside the step: since when out of the fire, how long the heat in hand should last, and every part's
// and bit's word, with what it falls to next.
import { trNodes } from '../../words/trNodes';
import { HEAT_SPREAD, type GlassNow, type HeatWanted } from '@zanfirico/core/making';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';

/** Danger this near is sounded, and said in colour, s. */
export const SOON = 20;
/** So many are told, those first in danger first. */
const MOST = 7;

interface Props {
  readonly heat: readonly GlassNow[];
  readonly fireSince: number | undefined;
  readonly inFire: boolean;
  readonly danger: boolean;
  readonly wanted: HeatWanted | undefined;
  /** The last step the heat has to reach to, by its name. */
  readonly upTo: string | undefined;
}

export function HeatNow({ heat, fireSince, inFire, danger, wanted, upTo }: Props) {
  return (
    <aside aria-label={tr`Heat`} className="max-lg:mt-4">
      <p className="leading-none">
        <span className="quiet text-lg">{inFire ? tr`in the fire` : tr`out of the fire`}</span>
        <span
          className={`num block text-7xl font-semibold ${danger && fireSince !== undefined ? 'text-error' : 'text-primary'}`}
        >
          {fireSince === undefined ? '–:––' : clockText(fireSince)}
        </span>
      </p>
      {inFire && wanted && fireSince !== undefined && (
        <p className="mt-1 text-xl leading-snug">
          {fireSince > wanted.most ? (
            <b className="text-warning">{tr`out: it sags from here on`}</b>
          ) : fireSince >= wanted.least ? (
            <b>{trNodes`enough${upTo !== undefined && tr` to ${upTo}`}`}</b>
          ) : (
            <>
              {trNodes`${(<b className="num">{clockText(wanted.least - fireSince)}</b>)} more`}
              {upTo !== undefined && tr` to reach to ${upTo}`}
            </>
          )}
          <span className="quiet num block text-base">
            {tr`${clockText(wanted.least)} to ${clockText(wanted.most)} will do`}
          </span>
        </p>
      )}
      {heat.length === 0 ? (
        <p className="quiet mt-3 text-lg">{tr`No glass yet.`}</p>
      ) : (
        <ul className="mt-3">
          {heat.slice(0, MOST).map((p, i) => (
            <GlassLine key={`${String(p.part)} ${p.name} ${String(i)}`} glass={p} />
          ))}
        </ul>
      )}
      {heat.length > MOST && (
        <p className="quiet mt-1">{tr`and ${heat.length - MOST} more that keep longer`}</p>
      )}
      <p className="quiet mt-2 text-sm leading-snug">{tr`An estimate, good to some ${HEAT_SPREAD} K: your eyes come first.`}</p>
    </aside>
  );
}

function GlassLine({ glass }: { readonly glass: GlassNow }) {
  const units = useDisplay((s) => s.units);
  const { name, on, where, band, mean, falls, brittleIn } = glass;
  const soon = brittleIn !== undefined && brittleIn < SOON;
  return (
    <li className="border-base-300 border-t py-1.5 leading-snug">
      <span className="flex items-baseline justify-between gap-3 text-xl">
        <span>
          {name}
          {on !== undefined && <span className="quiet text-base">{tr` on the ${on}`}</span>}
        </span>
        <span className="whitespace-nowrap">
          <b>{trWord(band)}</b> <span className="num">{printText(mean, 'temperature', units)}</span>
        </span>
      </span>
      <span className={`block ${soon ? 'text-error' : 'quiet'}`}>
        {where !== 'in hand' && `${trWord(where)}, `}
        {brittleIn === 0
          ? tr`its skin is brittle: into the fire, slowly`
          : soon
            ? tr`its skin is brittle in ${clockText(brittleIn)}`
            : falls
              ? tr`${trWord(falls.to)} in ${clockText(falls.in)}`
              : tr`keeps for minutes`}
      </span>
    </li>
  );
}
