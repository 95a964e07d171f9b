// What can be changed of the step in hand.
import type { Zone } from '@zanfirico/contract/order';
import { LIMITS } from '@zanfirico/contract';
import type { Changes } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { factsOf, type WorkStep } from '@zanfirico/core/work';
import { CountField } from '../../../fields/CountField';
import { SelectField } from '../../../fields/SelectField';
import { KeepOwn } from './KeepOwn';
import { usePiece } from '../usePiece';
import { KindOptions } from './KindOptions';
import { kindOf, stepName } from '../../../marks/braid/stepNames';
import type { Braid } from './useBraid';

const ZONES: Readonly<Record<Zone, string>> = {
  all: tr`all of it`,
  base: 'base',
  middle: 'middle',
  top: 'top',
};

interface Props {
  readonly braid: Braid;
  readonly step: WorkStep;
  readonly onChange: (step: Changes<WorkStep>) => void;
}

export function StepFields({ braid, step, onChange }: Props) {
  const facts = factsOf(step);
  const { way } = usePiece().document;
  const crew = braid.sequence?.crew ?? [];
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-4 gap-y-2">
      <SelectField
        label={tr`Kind`}
        value={step.kind}
        className="col-span-2"
        onChange={(value) => {
          const next = value;
          onChange({
            kind: next,
            seconds: next === 'own' ? step.seconds : factsOf({ kind: next }).seconds,
            zone: undefined,
            like: next === 'own' ? kindOf(step) : undefined,
            name: next === 'own' ? stepName(step) : undefined,
          });
        }}
      >
        <KindOptions way={way} />
        <option value="own">{tr`A kind of our own`}</option>
      </SelectField>
      {step.kind === 'own' && (
        <div className="col-span-2 flex flex-col">
          <span className="quiet text-sm">{tr`Called`}</span>
          <input
            className="input"
            aria-label={tr`Called`}
            maxLength={60}
            value={step.name ?? ''}
            onChange={(e) => {
              onChange({ name: e.target.value });
            }}
          />
          <KeepOwn step={step} />
        </div>
      )}
      <SelectField
        label={tr`Part`}
        value={String(step.part)}
        onChange={(value) => {
          onChange({ part: Number(value) });
        }}
      >
        {!braid.parts[step.part] && <option value={step.part}>{tr`no part`}</option>}
        {braid.parts.map((p, i) => (
          <option key={i} value={i}>
            {i + 1} {p.name}
          </option>
        ))}
      </SelectField>
      <CountField
        label={tr`Seconds`}
        value={step.seconds}
        min={1}
        max={LIMITS.stepSeconds.maximum}
        onCommit={(seconds) => {
          onChange({ seconds });
        }}
      />
      <SelectField
        label={tr`Where on it`}
        value={step.zone ?? facts.zone}
        onChange={(value) => {
          onChange({ zone: value });
        }}
      >
        {(Object.keys(ZONES) as Zone[]).map((z) => (
          <option key={z} value={z}>
            {ZONES[z]}
          </option>
        ))}
      </SelectField>
      {crew.length > 0 && (
        <SelectField
          label={tr`Who`}
          value={step.who ?? ''}
          onChange={(value) => {
            onChange({ who: value === '' ? undefined : value });
          }}
        >
          <option value="">{tr`as it falls`}</option>
          {crew.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </SelectField>
      )}
      {facts.does === 'join' && (
        <>
          <SelectField
            label={tr`Joined to`}
            value={String(step.to ?? '')}
            onChange={(value) => {
              onChange({ to: value === '' ? undefined : Number(value) });
            }}
          >
            <option value="">{tr`nothing yet`}</option>
            {braid.parts.map((p, i) =>
              i === step.part ? null : (
                <option key={i} value={i}>
                  {i + 1} {p.name}
                </option>
              ),
            )}
          </SelectField>
          <SelectField
            label={tr`By`}
            value={step.seal ?? 'hot'}
            onChange={(value) => {
              onChange({ seal: value });
            }}
          >
            <option value="hot">{tr`hot seal, for good`}</option>
            <option value="cold">{tr`cold seal, to break away`}</option>
            <option value="glue">{tr`glue bit`}</option>
          </SelectField>
        </>
      )}
      <label className="col-span-2 flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={step.pinned === true}
          onChange={(e) => {
            onChange({ pinned: e.target.checked ? true : undefined });
          }}
        />
        {tr`pinned: placing heats leaves it as it is`}
      </label>
      <label className="col-span-2 flex flex-col">
        <span className="quiet text-sm">{tr`Note`}</span>
        <input
          className="input"
          maxLength={300}
          value={step.note ?? ''}
          onChange={(e) => {
            onChange({ note: e.target.value === '' ? undefined : e.target.value });
          }}
        />
      </label>
    </div>
  );
}
