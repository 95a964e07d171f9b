// What every night is set by: practice, hold, when, which annealer and what it can do.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { Glass } from '@zanfirico/core/glass';
import { QuantityField } from '../../fields/QuantityField';
import { useTonight } from '../../stores/tonight';
import { TimeField } from '../../fields/TimeField';
import { AssumedFields } from '../../night/AssumedFields';
import { BoxFields } from '../../night/BoxFields';
import { PracticeChoice } from '../../night/PracticeChoice';
import { useTonightBox } from '../../night/useTonightBox';

/** Held here while no glass says better, °C. Common practice, no source. */
const CUSTOMARY_HOLD = 505;

export function Setting({ glass }: { readonly glass: Glass | undefined }) {
  const t = useTonight();
  const { box, keep } = useTonightBox();
  const hold = t.hold ?? glass?.annealing ?? CUSTOMARY_HOLD;
  return (
    <>
      <PracticeChoice practice={t.practice} inHand={t.inHand} onChange={t.set} />
      <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2">
        <QuantityField
          label={tr`Hold at`}
          kind="temperature"
          hint={t.hold === undefined ? tr`the annealing point` : ''}
          value={hold}
          within={LIMITS.holdTemperature}
          nudge={1}
          onCommit={(typed) => {
            t.set({ hold: Math.abs(typed - (glass?.annealing ?? NaN)) < 0.05 ? undefined : typed });
          }}
        />
        <QuantityField
          label={tr`Door at`}
          kind="temperature"
          value={t.door}
          within={LIMITS.doorTemperature}
          nudge={1}
          onCommit={(door) => {
            t.set({ door });
          }}
        />
        <TimeField
          label={tr`First piece in`}
          value={t.firstIn}
          onCommit={(firstIn) => {
            t.set({ firstIn });
          }}
        />
        <TimeField
          label={tr`Last piece in`}
          value={t.lastIn}
          onCommit={(lastIn) => {
            t.set({ lastIn });
          }}
        />
      </div>
      <div className="mt-2">
        <BoxFields box={box} hold={hold} onChange={keep} />
      </div>
      <AssumedFields
        assumes={t.assumes}
        onChange={(assumes) => {
          t.set({ assumes });
        }}
      />
    </>
  );
}
