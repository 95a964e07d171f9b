// A step to put after the one in hand: of the shop's own kinds first, then of the trade's. Put when it is chosen, not while one looks.
import type { Way } from '@zanfirico/contract/piece';
import { tr } from '@zanfirico/core/words';
import type { OwnStep } from '@zanfirico/contract/shop';
import type { StepId } from '@zanfirico/core/work';
import { Plus } from 'lucide-react';
import { Menu } from '../../../shell/Menu';
import { useShop } from '../../../stores/theShop';
import { KINDS_BY_WAY, offeredAs } from '../../../marks/braid/stepNames';

const NO_STEPS: readonly OwnStep[] = [];

interface Props {
  readonly way: Way;
  readonly onAdd: (kind: StepId, own?: OwnStep) => void;
}

export function AddStep({ way, onAdd }: Props) {
  const ownSteps = useShop((s) => s.shop?.document.ownSteps) ?? NO_STEPS;
  return (
    <div className="ml-auto">
      <Menu
        end
        named={tr`Add a step after the one in hand`}
        label={
          <>
            <Plus className="size-4" /> {tr`a step`}
          </>
        }
        items={[
          ...ownSteps.map((own) => ({
            says: own.name,
            group: tr`Our own`,
            run: () => {
              onAdd(own.like as StepId, own);
            },
          })),
          ...KINDS_BY_WAY[way].flatMap(([group, ids]) =>
            ids.map((id) => ({
              says: offeredAs(id),
              group,
              run: () => {
                onAdd(id);
              },
            })),
          ),
        ]}
      />
    </div>
  );
}
