// What a firing is for, its pause and its process; one more after it, or one fewer.
import type { Aim } from '@zanfirico/contract/kiln';
import { LIMITS } from '@zanfirico/contract';
import type { KilnFiring } from '@zanfirico/contract/kiln';
import {
  AIMS,
  flowFor,
  freshFiring,
  ORDINARY_MOULD,
  PROCESS,
  processFor,
} from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { useDisplay } from '../../../stores/display';
import { usePiece } from '../usePiece';
import { changeFiring, changeKiln } from './changeKiln';

const NAMES: Readonly<Record<Aim, string>> = {
  polish: tr`fire polish: shine, edges stay`,
  tack: tr`tack: stuck, edges stay`,
  contour: tr`contour: edges soft, relief stays`,
  full: tr`full: one sheet`,
  slump: tr`slump into a mould`,
  drape: tr`drape over a form`,
  cast: tr`cast`,
};
export function FiringFields({ at, firing }: { readonly at: number; readonly firing: KilnFiring }) {
  const { document, glass, derived, firings } = usePiece();
  const { box } = firings;
  const { kiln } = document;
  const thick = (derived.ok ? derived.fired?.thick : undefined) ?? 0.006;
  const wanted = kiln && flowFor(firing.aim, glass, kiln, thick);
  const found = wanted === undefined ? undefined : processFor(wanted, firing, glass, box);
  const units = useDisplay((s) => s.units);
  const many = (kiln?.firings.length ?? 1) > 1;
  return (
    <fieldset className="fieldset">
      <legend className="font-display text-xl font-semibold">
        {many ? tr`Firing ${at + 1}` : tr`The firing`}
      </legend>
      <SelectField
        label={tr`For`}
        value={firing.aim}
        onChange={(aim: Aim) => {
          changeKiln((k) => {
            const mould =
              aim === 'slump' || aim === 'drape'
                ? {
                    mould: {
                      ...(k.mould ?? ORDINARY_MOULD),
                      kind:
                        aim === 'drape'
                          ? ('drape' as const)
                          : k.mould && k.mould.kind !== 'drape'
                            ? k.mould.kind
                            : ('bowl' as const),
                    },
                  }
                : {};
            const next = { ...k, ...mould };
            const fresh = freshFiring(aim, glass, box, next, thick);
            return {
              ...next,
              firings: next.firings.map((f, i) => (i === at ? { ...f, ...fresh } : f)),
            };
          });
        }}
      >
        {AIMS.filter((a) => (a === 'cast') === (kiln?.cast !== undefined)).map((a) => (
          <option key={a} value={a}>
            {NAMES[a]}
          </option>
        ))}
      </SelectField>
      <div className="mt-1 grid grid-cols-2 gap-x-5 gap-y-2">
        <HeldAt
          label={tr`Pause for air at`}
          value={firing.air}
          nudge={300}
          onCommit={(air) => {
            changeFiring(at, { air });
          }}
        />
        <HeldAt
          label={tr`Process at`}
          value={firing.process}
          nudge={60}
          onCommit={(process) => {
            changeFiring(at, { process });
          }}
        />
      </div>
      {found !== undefined && Math.abs(found - firing.process.at) > 1 && (
        <button
          type="button"
          className="btn btn-outline btn-xs mt-2 h-auto py-1"
          onClick={() => {
            changeFiring(at, { process: { ...firing.process, at: found } });
          }}
        >
          {tr`${printText(found, 'temperature', units)} does that in this hold`}
        </button>
      )}
      {found === undefined && wanted !== undefined && (
        <p className="text-warning mt-1 leading-snug">
          {tr`Nothing between ${printText(PROCESS.minimum, 'temperature', units)} and ${printText(PROCESS.maximum, 'temperature', units)} does that in this hold: hold it`}
          {firing.process.hold < 600 ? tr` longer` : tr` otherwise`}.
        </p>
      )}
    </fieldset>
  );
}

/** Another firing after the last, or one fewer. */
export function MoreFirings() {
  const { document, glass, derived, firings } = usePiece();
  const { box } = firings;
  const { kiln } = document;
  if (!kiln || kiln.cast) return null;
  const thick = (derived.ok ? derived.fired?.thick : undefined) ?? 0.006;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <button
        type="button"
        className="btn btn-outline btn-sm"
        disabled={kiln.firings.length >= 6}
        onClick={() => {
          changeKiln((k) => {
            const mould = k.mould ?? ORDINARY_MOULD;
            return {
              ...k,
              mould,
              firings: [...k.firings, freshFiring('slump', glass, box, { mould }, thick)],
            };
          });
        }}
      >
        {tr`And then slump it`}
      </button>
      {kiln.firings.length > 1 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            changeKiln((k) => {
              const firings = k.firings.slice(0, -1);
              const { mould, ...rest } = k;
              return firings.some((f) => f.aim === 'slump' || f.aim === 'drape') && mould
                ? { ...rest, mould, firings }
                : { ...rest, firings };
            });
          }}
        >
          {tr`Not the last firing`}
        </button>
      )}
    </div>
  );
}

/** A temperature and how long it is held. */
function HeldAt({
  label,
  value,
  nudge,
  onCommit,
}: {
  readonly label: string;
  readonly value: KilnFiring['air'];
  readonly nudge: number;
  readonly onCommit: (value: KilnFiring['air']) => void;
}) {
  return (
    <>
      <QuantityField
        label={label}
        kind="temperature"
        value={value.at}
        within={LIMITS.kilnHeat}
        nudge={5}
        onCommit={(at) => {
          onCommit({ ...value, at });
        }}
      />
      <QuantityField
        label={tr`held`}
        kind="time"
        value={value.hold}
        within={LIMITS.recipeHold}
        nudge={nudge}
        onCommit={(hold) => {
          onCommit({ ...value, hold });
        }}
      />
    </>
  );
}
