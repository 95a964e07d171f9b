// What every night is set by: practice, hold, when, and how the box cools.
import type { Glass } from '@zanfirico/core';
import { QuantityField } from '../../fields/QuantityField';
import { useTonight } from '../../stores/tonight';
import { TimeField } from '../piece/night/TimeField';
import { PracticeChoice } from './PracticeChoice';

interface Props {
  readonly glass: Glass | undefined;
  /** Of the box, s. */
  readonly coolingTime: number;
  readonly onCooling: (seconds: number) => void;
}

export function Setting({ glass, coolingTime, onCooling }: Props) {
  const t = useTonight();
  return (
    <>
      <PracticeChoice
        practice={t.practice}
        onChange={(practice) => {
          t.set({ practice });
        }}
      />
      <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2">
        <QuantityField
          label="Hold at"
          kind="temperature"
          hint={t.hold === undefined ? 'the annealing point' : ''}
          value={t.hold ?? glass?.annealing ?? 505}
          min={300}
          max={800}
          nudge={1}
          onCommit={(hold) => {
            t.set({ hold: Math.abs(hold - (glass?.annealing ?? NaN)) < 0.05 ? undefined : hold });
          }}
        />
        <QuantityField
          label="Door at"
          kind="temperature"
          value={t.door}
          min={30}
          max={200}
          nudge={1}
          onCommit={(door) => {
            t.set({ door });
          }}
        />
        <TimeField
          label="First piece in"
          value={t.firstIn}
          onCommit={(firstIn) => {
            t.set({ firstIn });
          }}
        />
        <TimeField
          label="Last piece in"
          value={t.lastIn}
          onCommit={(lastIn) => {
            t.set({ lastIn });
          }}
        />
        <QuantityField
          label="Box cooling time"
          hint="off, till a third is left"
          kind="time"
          value={coolingTime}
          min={600}
          max={604800}
          nudge={600}
          onCommit={onCooling}
        />
      </div>
    </>
  );
}
