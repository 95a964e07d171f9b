// A step to put after the one in hand: of the shop's own kinds first, then of the trade's.
import type { OwnStep } from '@zanfirico/contract';
import type { StepId, Way } from '@zanfirico/core';
import { useShop } from '../../../stores/theShop';
import { KindOptions } from './KindOptions';

const NO_STEPS: readonly OwnStep[] = [];

interface Props {
  readonly way: Way;
  readonly onAdd: (kind: StepId, own?: OwnStep) => void;
}

export function AddStep({ way, onAdd }: Props) {
  const ownSteps = useShop((s) => s.shop?.document.ownSteps) ?? NO_STEPS;
  return (
    <select
      className="select select-sm ml-auto w-44"
      aria-label="Add a step after the one in hand"
      value=""
      onChange={(e) => {
        const own = /^own (\d+)$/.exec(e.target.value);
        const mine = own ? ownSteps[Number(own[1])] : undefined;
        if (mine) onAdd(mine.like as StepId, mine);
        else onAdd(e.target.value as StepId);
      }}
    >
      <option value="" disabled>
        + a step
      </option>
      {ownSteps.length > 0 && (
        <optgroup label="Our own">
          {ownSteps.map((own, i) => (
            <option key={own.name} value={`own ${String(i)}`}>
              {own.name}
            </option>
          ))}
        </optgroup>
      )}
      <KindOptions way={way} />
    </select>
  );
}
