// What nobody measures at the furnace and the simulation has to assume; theirs to change, and said aloud.
import { LIMITS } from '@zanfirico/contract';
import {
  ARRIVES_UNEVEN,
  KILN_EXCHANGE,
  LIQUID_RATIO,
  NONLINEARITY,
  RESTRAINT,
  STRUCTURE_SLOWER,
  type Assumed,
} from '@zanfirico/core/night';
import { tr } from '@zanfirico/core/words';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/useWords';
import { QuantityField } from '../fields/QuantityField';
import { shownNumber } from '../fields/shown';

interface Props {
  readonly assumes: Assumed;
  readonly onChange: (assumes: Assumed) => void;
}

export function AssumedFields({ assumes, onChange }: Props) {
  const words = useWords();
  return (
    <details className="mt-3">
      <summary className="quiet cursor-pointer">{tr`What is assumed`}</summary>
      <div className="mt-1 grid grid-cols-2 gap-x-6">
        <QuantityField
          label={tr`Thick held by thin`}
          hint={tr`0 free, 100 fully`}
          kind="ratio"
          value={assumes.restraint ?? RESTRAINT}
          within={LIMITS.restraint}
          nudge={0.05}
          onCommit={(restraint) => {
            onChange({ ...assumes, restraint });
          }}
        />
        <CountField
          label={tr`Liquid shrinks, times the solid`}
          value={assumes.liquidRatio ?? LIQUID_RATIO}
          within={LIMITS.liquidRatio}
          step={0.1}
          onCommit={(liquidRatio) => {
            onChange({ ...assumes, liquidRatio });
          }}
        />
      </div>
      <p className="quiet mt-0.5 text-sm leading-snug">
        {tr`Half held is a foot under a bowl; a handle or a ring held at both ends comes nearer to fully. A ratio of 1 is the classical theory, which finds two thirds of what stays; ${shownNumber(2.9, 1)} is what is taken for plate glass (from memory).`}
      </p>
      <ul className="quiet mt-1 text-sm leading-snug">
        {CONSTANTS.map((what) => (
          <li key={what}>{words(what)}</li>
        ))}
      </ul>
    </details>
  );
}

/** Constants of the simulation, as its sources have them. */
const CONSTANTS = [
  tr`Stress and structure fade as exp(−ξ^0.6).`,
  tr`Structure takes ${STRUCTURE_SLOWER} times as long as stress.`,
  tr`Of their pace, ${NONLINEARITY} is the temperature’s own (Mazurin).`,
  tr`Pieces come uneven by ${ARRIVES_UNEVEN} K.`,
  tr`Heat leaves by ${KILN_EXCHANGE.radiant.toFixed(2)} of a black body’s radiation and air at ${KILN_EXCHANGE.air} W/m²K.`,
];
