// Why did it break: what is seen is picked, what the record says is beside it, and causes stand in the order they are likely in.
import { trNodes } from '../../words/trNodes';
import {
  CAUSES,
  diagnose,
  FACE,
  mirrorStress,
  WHEN,
  WHERE,
  type BreakSeen,
  type CauseId,
  type Evidence,
  type History,
  type Morning,
  type PlanChange,
} from '@zanfirico/core/log';
import { inWords, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { QuantityField } from '../../fields/QuantityField';
import { SelectField } from '../../fields/SelectField';
import type { Happens } from '../../making/useMaking';
import { useDisplay } from '../../stores/display';

/** So many causes are told; the rest in one line. */
const TOLD = 4;

const NOTHING: BreakSeen = {};

interface Props {
  readonly morning: Morning;
  readonly evidence: Evidence;
  /** What this shop was sure of before, by cause. */
  readonly history: History;
  readonly onHappen: (what: Happens) => void;
  /** What a cause asks of its plan. */
  readonly changeOf: (cause: CauseId) => PlanChange;
  /** It is put into a new revision of it. */
  readonly onChange: (cause: CauseId) => void;
}

export function WhyBroke({ morning, evidence, history, onHappen, changeOf, onChange }: Props) {
  const units = useDisplay((s) => s.units);
  const seen = morning.broke ?? NOTHING;
  const { suspects, leans } = useMemo(
    () => diagnose(seen, evidence, history),
    [seen, evidence, history],
  );
  const pick = (change: { readonly [K in keyof BreakSeen]: BreakSeen[K] }): void => {
    const next = Object.fromEntries(
      Object.entries({ ...seen, ...change }).filter(([, v]) => v !== undefined),
    );
    onHappen({ kind: 'broke', ...next });
  };
  const known = Object.values(history).reduce((sum, n) => sum + n, 0);
  return (
    <section aria-label={tr`Why did it break?`} className="mt-6">
      <h2 className="text-2xl">{tr`Why did it break?`}</h2>
      <p className="quiet text-sm">{tr`Sharp edges: gloves and glasses before it is picked up.`}</p>
      <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
        <Sign
          label={tr`When`}
          all={WHEN}
          value={seen.when}
          onPick={(when) => {
            pick({ when });
          }}
        />
        <Sign
          label={tr`Where it began`}
          all={WHERE}
          value={seen.where}
          onPick={(where) => {
            pick({ where });
          }}
        />
        <Sign
          label={tr`What its faces look like`}
          all={FACE}
          value={seen.face}
          onPick={(face) => {
            pick({ face });
          }}
        />
      </div>
      <ol className="mt-4">
        {suspects.slice(0, TOLD).map((s) => (
          <li
            key={s.cause.id}
            className="border-base-300 grid gap-x-6 border-t py-3 md:grid-cols-[11rem_1fr_auto]"
          >
            <p className="leading-tight">
              <b className="text-xl">{s.word}</b>
              <span className="num quiet block">{(100 * s.probability).toFixed(0)} %</span>
            </p>
            <div>
              <p className="text-lg leading-snug">{s.cause.says()}</p>
              {s.for.map((t) => (
                <p key={t} className="leading-snug">
                  <span aria-hidden="true">+ </span>
                  <span className="sr-only">{tr`for it: `}</span>
                  {inWords(t, units)}
                </p>
              ))}
              {s.against.map((t) => (
                <p key={t} className="quiet leading-snug">
                  <span aria-hidden="true">− </span>
                  <span className="sr-only">{tr`against it: `}</span>
                  {inWords(t, units)}
                </p>
              ))}
              <p className="quiet mt-1 leading-snug">
                {tr`What settles it: ${s.cause.test()} What it asks for: ${s.cause.change()}`}
              </p>
            </div>
            <div>
              <button
                type="button"
                aria-pressed={morning.cause === s.cause.id}
                className={`btn btn-sm ${morning.cause === s.cause.id ? 'btn-primary' : 'btn-outline'}`}
                onClick={() => {
                  onHappen({ kind: 'cause', what: s.cause.id });
                }}
              >
                {tr`It was this`}
              </button>
            </div>
          </li>
        ))}
      </ol>
      <p className="quiet leading-snug">
        {leans.length > 0 &&
          tr`It leans on: ${leans.map((l) => inWords(l.on, units)).join(' ')} Without that it would be another. `}
        {tr`Signs and numbers are common practice, put together by Bayes’ rule`}
        {known > 0
          ? tr` with the ${known} breaks this shop has settled.`
          : tr`; what this shop settles counts from then on.`}
      </p>
      {morning.cause !== undefined && (
        <ChangeIt change={changeOf(morning.cause)} cause={morning.cause} onChange={onChange} />
      )}
      <SelectField<CauseId | ''>
        label={tr`Or it was something else`}
        className="mt-3 w-full max-w-xl"
        value={morning.cause ?? ''}
        onChange={(what) => {
          if (what !== '') onHappen({ kind: 'cause', what });
        }}
      >
        <option value="">{tr`not settled`}</option>
        {CAUSES.map((c) => (
          <option key={c.id} value={c.id}>
            {c.says()}
          </option>
        ))}
      </SelectField>
      <Mirror />
    </section>
  );
}

/** What the settled cause asks of the plan, and the key that puts it there. */
function ChangeIt({
  change,
  cause,
  onChange,
}: {
  readonly change: PlanChange;
  readonly cause: CauseId;
  readonly onChange: (cause: CauseId) => void;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <div
      role="group"
      aria-label={tr`What it asks of the plan`}
      className="border-primary mt-4 flex flex-wrap items-center justify-between gap-4 border-l-2 pl-4"
    >
      <p className="text-lg leading-snug">
        {change.of === 'nothing' && tr`The plan has nothing to change for it: `}
        {inWords(change.says, units)}
      </p>
      {change.of !== 'nothing' && (
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => {
            onChange(cause);
          }}
        >
          {tr`Put it into the plan`}
        </button>
      )}
    </div>
  );
}

function Sign<T extends string>({
  label,
  all,
  value,
  onPick,
}: {
  readonly label: string;
  readonly all: readonly T[];
  readonly value: T | undefined;
  readonly onPick: (value: T | undefined) => void;
}) {
  return (
    <SelectField<T | ''>
      label={label}
      value={value ?? ''}
      onChange={(v) => {
        onPick(v === '' ? undefined : v);
      }}
    >
      <option value="">{tr`not seen`}</option>
      {all.map((v) => (
        <option key={v} value={v}>
          {v}
        </option>
      ))}
    </SelectField>
  );
}

const SMALLEST = 0.00002;
const LARGEST = 0.05;

/** How hard it was pulled, of the mirror round its origin. */
function Mirror() {
  const units = useDisplay((s) => s.units);
  const [radius, setRadius] = useState(0.001);
  const { least, most } = mirrorStress(radius);
  return (
    <div className="mt-3 flex flex-wrap items-end gap-4">
      <div className="w-56">
        <QuantityField
          label={tr`Mirror round its origin, radius`}
          kind="length"
          value={radius}
          min={SMALLEST}
          max={LARGEST}
          onCommit={setRadius}
        />
      </div>
      <p className="quiet leading-snug">
        {trNodes`Pulled at ${(<span className="num">{printText(least, 'stress', units)}</span>)} to ${(<span className="num">{printText(most, 'stress', units)}</span>)} when it broke, where a smooth spot before the mist can be measured (σ = A/√r; soda-lime, after ASTM C1678).`}
      </p>
    </div>
  );
}
