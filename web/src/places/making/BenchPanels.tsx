// What opens under the step in hand: mishaps and their remedies, a step put in, a note, a reading.
import { bandSpans, fitVft } from '@zanfirico/core/glass';
import { AT_THE_GATHER, REMEDIES } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { factsOf, type StepId, type WorkStep, stepCode } from '@zanfirico/core/work';
import { useState } from 'react';
import type { Making } from '../../making/useMaking';
import { SelectField } from '../../fields/SelectField';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { KindOptions } from '../piece/braid/KindOptions';
import { Mishaps } from './Mishaps';
import { Noting, readingOf } from './Noting';
import { Remedies } from './Remedies';

/** One of what opens. */
export type Panel = 'mishaps' | 'note' | 'reading' | 'put in';

interface Props {
  readonly making: Making;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  /** The step in hand. */
  readonly current: WorkStep | undefined;
  readonly open: Panel | undefined;
  readonly onOpen: (panel: Panel | undefined) => void;
}

/** Puts steps in before what is now, in their order. */
const puttingIn =
  ({ begin, state, happen }: Making) =>
  (kinds: readonly StepId[]): void => {
    const stands = state.now === undefined ? undefined : state.steps[state.now];
    const part = begin.document.parts[stands?.step.part ?? 0]?.id ?? 'p1';
    const taken = state.steps.flatMap((s) => /^x(\d+)$/.exec(s.step.id)?.[1] ?? []);
    const first = 1 + Math.max(0, ...taken.map(Number));
    kinds.forEach((kind, i) => {
      const after =
        i > 0 ? `x${String(first + i - 1)}` : state.steps[(state.now ?? 0) - 1]?.step.id;
      happen({
        kind: 'put in',
        ...(after !== undefined && { after }),
        step: { id: `x${String(first + i)}`, kind, part, seconds: factsOf({ kind }).seconds },
      });
    });
  };

export function BenchPanels({ making, derived, current, open, onOpen }: Props) {
  const { begin, happen } = making;
  const units = useDisplay((s) => s.units);
  const [remedies, setRemedies] = useState<readonly StepId[]>([]);
  const putIn = puttingIn(making);
  const close = (): void => {
    onOpen(undefined);
  };
  return (
    <>
      {open === 'mishaps' && (
        <Mishaps
          onPick={(what) => {
            happen({ kind: 'mishap', what });
            close();
            setRemedies(REMEDIES[what] ?? []);
          }}
          onGiveUp={() => {
            happen({ kind: 'given up', ...(current && { where: stepCode(current) }) });
          }}
        />
      )}
      {remedies.length > 0 && (
        <Remedies
          steps={remedies}
          onDone={(taken) => {
            if (taken) putIn(remedies);
            setRemedies([]);
          }}
        />
      )}
      {open === 'put in' && (
        <div className="border-base-300 flex flex-wrap items-end gap-3 border-t p-3">
          <SelectField<StepId | ''>
            label={tr`Put in before what is now`}
            value=""
            onChange={(kind) => {
              if (kind !== '') putIn([kind]);
              close();
            }}
          >
            <option value="">{tr`which step?`}</option>
            <KindOptions way={begin.document.way} />
          </SelectField>
        </div>
      )}
      {(open === 'note' || open === 'reading') && (
        <Noting
          what={open}
          onDone={(says) => {
            const reading = open === 'reading' && says !== '' ? readingOf(says, units) : undefined;
            if (typeof reading === 'string') {
              useNotices.getState().trouble(reading);
              return;
            }
            // Weighed while a gather is in hand, it is that gather's.
            const where =
              reading?.of === 'mass' && current && factsOf(current).does === 'gather'
                ? { where: AT_THE_GATHER }
                : {};
            if (reading) happen({ kind: 'reading', ...reading, ...where });
            else if (open === 'note' && says !== '') happen({ kind: 'note', says });
            close();
          }}
          onStopped={() => {
            // Where stiff glass is set, it no longer moves under its own weight.
            const stiff =
              derived &&
              bandSpans(fitVft(derived.main.glass)).find((span) => span.band === 'stiff');
            if (stiff)
              happen({
                kind: 'reading',
                of: 'temperature',
                value: Math.round(stiff.from),
                where: 'stopped moving',
              });
            close();
          }}
        />
      )}
    </>
  );
}
