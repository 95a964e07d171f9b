// How a controller is reached and what its registers mean; changed in place.
import { tr } from '@zanfirico/core/words';
import {
  ORDINARY_REGISTERS,
  STAND_IN,
  type DeviceDocument,
  type Registers,
} from '@zanfirico/contract/boxes';
import { useState } from 'react';
import { CountField } from '../fields/CountField';
import { NameField } from '../fields/NameField';
import { SelectField } from '../fields/SelectField';

interface Props {
  readonly device: DeviceDocument;
  /** What it can heat: annealers by name, pots by id. */
  readonly heats: readonly {
    readonly kind: DeviceDocument['kind'];
    readonly of: string;
    readonly name: string;
  }[];
  readonly onChange: (device: DeviceDocument) => void;
  readonly onDrop: () => void;
}

const REGISTER = { minimum: 0, maximum: 65535 };
/** What is asked by its address, in words. */
const READ = {
  temperature: tr`temperature`,
  lower: tr`colder place`,
  setPoint: tr`set point`,
  output: tr`output, thousandths`,
  state: 'state',
  step: 'step',
  faults: tr`faults, bits`,
  elapsed: tr`seconds run, two words`,
} as const satisfies Partial<Record<keyof Registers, string>>;
const WRITTEN = {
  command: 'command',
  standAt: tr`held temperature`,
  steps: tr`number of steps, then three words each`,
} as const satisfies Partial<Record<keyof Registers, string>>;

/** One register: there or not, and where. */
function Register({
  label,
  value,
  needed,
  onChange,
}: {
  readonly label: string;
  readonly value: number | undefined;
  readonly needed: boolean;
  readonly onChange: (value: number | undefined) => void;
}) {
  return (
    <div className="flex items-end gap-2">
      <div className="w-44">
        <CountField label={label} value={value ?? 0} within={REGISTER} onCommit={onChange} />
      </div>
      {!needed && (
        <label className="flex items-center gap-1 pb-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={value !== undefined}
            onChange={(e) => {
              onChange(e.target.checked ? 0 : undefined);
            }}
          />
          {tr`it has it`}
        </label>
      )}
    </div>
  );
}

export function DeviceFields({ device, heats, onChange, onDrop }: Props) {
  const [sure, setSure] = useState(false);
  const { registers } = device;
  const put = (change: Partial<DeviceDocument>): void => {
    onChange({ ...device, ...change });
  };
  const register = (key: keyof Registers, value: number | undefined): void => {
    const next: Record<string, unknown> = { ...registers, [key]: value };
    if (value === undefined) Reflect.deleteProperty(next, key);
    put({ registers: next as Registers });
  };
  const standIn = device.host === STAND_IN;
  return (
    <div className="mt-2">
      <div className="grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
        <SelectField
          label={tr`It heats`}
          value={`${device.kind} ${device.of}`}
          onChange={(v: string) => {
            const found = heats.find((h) => `${h.kind} ${h.of}` === v);
            if (found) put({ kind: found.kind, of: found.of });
          }}
        >
          {heats.map((h) => (
            <option key={`${h.kind} ${h.of}`} value={`${h.kind} ${h.of}`}>
              {h.name}
            </option>
          ))}
        </SelectField>
        <NameField
          label={tr`Its address (“stand-in” for one of ours)`}
          value={device.host}
          fallback={STAND_IN}
          onChange={(host) => {
            put({ host: host.trim() });
          }}
        />
        {!standIn && (
          <CountField
            label={tr`Port`}
            value={device.port}
            min={1}
            max={65535}
            onCommit={(port) => {
              put({ port });
            }}
          />
        )}
        <CountField
          label={tr`Unit id`}
          value={device.unit}
          min={0}
          max={247}
          onCommit={(unit) => {
            put({ unit });
          }}
        />
        <CountField
          label={tr`Read every (s)`}
          value={device.every}
          min={1}
          max={300}
          onCommit={(every) => {
            put({ every });
          }}
        />
        <SelectField
          label={tr`Its controller is set to`}
          value={device.fahrenheit ? 'F' : 'C'}
          onChange={(v: string) => {
            put({ fahrenheit: v === 'F' });
          }}
        >
          <option value="C">°C</option>
          <option value="F">°F</option>
        </SelectField>
      </div>
      <details className="mt-2">
        <summary className="cursor-pointer">{tr`Its registers`}</summary>
        <div className="mt-1 flex flex-wrap items-end gap-4">
          <SelectField
            label={tr`Read from`}
            value={registers.read}
            onChange={(read: Registers['read']) => {
              put({ registers: { ...registers, read } });
            }}
          >
            <option value="input">{tr`input registers`}</option>
            <option value="holding">{tr`holding registers`}</option>
          </SelectField>
          <div className="w-44">
            <CountField
              label={tr`Units to a degree`}
              value={registers.scale}
              min={1}
              max={1000}
              onCommit={(scale) => {
                put({ registers: { ...registers, scale } });
              }}
            />
          </div>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              put({ registers: ORDINARY_REGISTERS });
            }}
          >
            {tr`As the stand-ins have them`}
          </button>
        </div>
        <div className="mt-1 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
          {Object.entries({ ...READ, ...WRITTEN }).map(([key, label]) => (
            <Register
              key={key}
              label={label}
              value={registers[key as keyof typeof READ]}
              needed={key === 'temperature'}
              onChange={(v) => {
                register(key as keyof Registers, v);
              }}
            />
          ))}
        </div>
      </details>
      <button
        type="button"
        className={`btn btn-sm mt-2 ${sure ? 'btn-error' : 'btn-ghost'}`}
        onClick={() => {
          if (sure) onDrop();
          else setSure(true);
        }}
      >
        {sure ? tr`Yes, forget this controller; its readings stay` : tr`Forget this controller`}
      </button>
    </div>
  );
}
