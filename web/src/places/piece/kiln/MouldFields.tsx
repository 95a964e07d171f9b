// What it is slumped into or draped over; and the other way about: the sheet for a wanted wall.
import type { MouldKind } from '@zanfirico/contract/kiln';
import { trNodes } from '../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { Mould } from '@zanfirico/contract/kiln';
import { withChanges } from '@zanfirico/core/edits';
import { MOULDS, SHEET, sheetFor } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { useDisplay } from '../../../stores/display';
import { changeKiln } from './changeKiln';

const NAMES: Readonly<Record<MouldKind, string>> = {
  bowl: tr`round bowl`,
  plate: tr`round, flat bottom`,
  square: tr`square, flat bottom`,
  channel: tr`channel, long`,
  ring: tr`ring, falls to the shelf`,
  drape: tr`over a form`,
  drawn: tr`by its profile`,
};

const put = (mould: Mould): void => {
  changeKiln((k) => ({ ...k, mould }));
};

/** A drawn mould, place by place. */
function MouldProfile({ mould }: { readonly mould: Mould }) {
  const { points = [] } = mould;
  return (
    <table className="mt-2 w-full">
      <caption className="sr-only">{tr`The mould’s profile`}</caption>
      <thead>
        <tr>
          <th scope="col" className="quiet text-left text-sm font-normal">{tr`out`}</th>
          <th scope="col" className="quiet text-left text-sm font-normal">{tr`deep`}</th>
          <th scope="col">
            <span className="sr-only">{tr`Change`}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {points.map((p, i) => (
          <tr key={i}>
            <td>
              <QuantityField
                bare
                label={tr`Place ${i + 1}, out`}
                kind="length"
                value={p.out}
                within={LIMITS.radius}
                onCommit={(out) => {
                  put({
                    ...mould,
                    points: points.map((q, k) => (k === i ? { ...q, out } : q)),
                  });
                }}
              />
            </td>
            <td>
              <QuantityField
                bare
                label={tr`Place ${i + 1}, deep`}
                kind="length"
                value={p.deep}
                within={LIMITS.mouldDepth}
                onCommit={(to) => {
                  const next = points.map((q, k) => (k === i ? { ...q, deep: to } : q));
                  put({
                    ...mould,
                    points: next,
                    deep: Math.max(0.002, ...next.map((q) => q.deep)),
                  });
                }}
              />
            </td>
            <td className="text-right">
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={tr`A place after place ${i + 1}`}
                disabled={i >= points.length - 1 || points.length >= 60}
                onClick={() => {
                  const q = points[i + 1] ?? p;
                  put({
                    ...mould,
                    points: [
                      ...points.slice(0, i + 1),
                      { out: (p.out + q.out) / 2, deep: (p.deep + q.deep) / 2 },
                      ...points.slice(i + 1),
                    ],
                  });
                }}
              >
                +
              </button>
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={tr`Take place ${i + 1} out`}
                disabled={points.length <= 2}
                onClick={() => {
                  put({ ...mould, points: points.filter((_, k) => k !== i) });
                }}
              >
                −
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What is laid for a wall: sheets, and how far across. */
function ForAWall({ mould }: { readonly mould: Mould }) {
  const units = useDisplay((s) => s.units);
  const [wall, setWall] = useState(2 * SHEET);
  const wanted = sheetFor(mould, wall);
  const mm = (v: number): string => printText(v, 'length', units);
  return (
    <div className="mt-2">
      <QuantityField
        label={tr`For a wall of`}
        kind="length"
        value={wall}
        within={LIMITS.laidThick}
        onCommit={setWall}
      />
      <p className="mt-1 leading-snug">
        {trNodes`lay ${(<b className="num">{String(Math.max(1, Math.round(wanted.thick[1] / SHEET)))}</b>)} sheets, ${(<b className="num">{mm(wanted.across[1])}</b>)} across where the rim slides in; ${(<b className="num">{mm(wanted.thick[0])}</b>)} thick and ${(<b className="num">{mm(wanted.across[0])}</b>)} across where it is held. `}
        <button
          type="button"
          className="btn btn-outline btn-xs"
          onClick={() => {
            layFor(wanted.across[1], Math.max(1, Math.round(wanted.thick[1] / SHEET)));
          }}
        >
          {tr`Lay it so`}
        </button>
      </p>
    </div>
  );
}

export function MouldFields({ mould }: { readonly mould: Mould }) {
  const { kind, across, deep, flat, points = [] } = mould;
  return (
    <fieldset className="fieldset mt-3">
      <legend className="font-display text-xl font-semibold">{tr`Its mould`}</legend>
      <div className="grid grid-cols-2 gap-x-5 gap-y-2">
        <SelectField
          label={tr`Form`}
          value={kind}
          onChange={(to: MouldKind) => {
            const places = [
              { out: 0, deep },
              { out: 0.6 * (across / 2), deep },
              { out: across / 2, deep: 0 },
            ];
            put(withChanges(mould, { kind: to, points: to === 'drawn' ? places : undefined }));
          }}
        >
          {MOULDS.map((m) => (
            <option key={m} value={m}>
              {NAMES[m]}
            </option>
          ))}
        </SelectField>
        <QuantityField
          label={kind === 'drape' ? tr`The form, across` : tr`Its mouth, across`}
          kind="length"
          value={across}
          within={LIMITS.laidSize}
          nudge={0.001}
          onCommit={(to) => {
            put({
              ...mould,
              across: to,
              ...(kind === 'drawn' && {
                points: points.map((p) => ({ ...p, out: (p.out * to) / across })),
              }),
            });
          }}
        />
        <QuantityField
          label={kind === 'drape' ? tr`Falls by` : tr`Deep`}
          kind="length"
          value={deep}
          within={LIMITS.mouldDeep}
          nudge={0.001}
          onCommit={(to) => {
            put({
              ...mould,
              deep: to,
              ...(kind === 'drawn' && {
                points: points.map((p) => ({ ...p, deep: (p.deep * to) / deep })),
              }),
            });
          }}
        />
        {['plate', 'square', 'drape'].includes(kind) && (
          <CountField
            label={tr`Flat, of 100 across`}
            value={Math.round(100 * flat)}
            min={0}
            max={98}
            onCommit={(v) => {
              put({ ...mould, flat: v / 100 });
            }}
          />
        )}
      </div>
      {kind === 'drawn' && <MouldProfile mould={mould} />}
      {kind !== 'drape' && <ForAWall mould={mould} />}
    </fieldset>
  );
}

/** The two lowest things laid, or as many as asked, become the sheets for it; what lies on them stays. */
function layFor(across: number, sheets: number): void {
  const to = Number(across.toFixed(4));
  changeKiln((k) => {
    const base = k.laid.findIndex((l) => l.as === 'sheet');
    const first = k.laid[base];
    const same = (l: (typeof k.laid)[number]): boolean =>
      first !== undefined &&
      l.as === 'sheet' &&
      l.of === first.of &&
      l.x === first.x &&
      l.y === first.y &&
      JSON.stringify(l.shape) === JSON.stringify(first.shape);
    const rest = k.laid.filter((l) => !same(l));
    const taken = new Set(rest.map((l) => l.id));
    const ids: string[] = [];
    for (let n = 1; ids.length < sheets; n += 1) {
      const id = `b${String(n)}`;
      if (!taken.has(id)) ids.push(id);
    }
    return {
      ...k,
      laid: [
        ...ids.map((id) => ({
          id,
          as: 'sheet' as const,
          ...(first?.of !== undefined && { of: first.of }),
          thickness: SHEET,
          shape: { kind: 'round' as const, across: to },
          x: first?.x ?? 0,
          y: first?.y ?? 0,
          turn: 0,
        })),
        ...rest,
      ],
    };
  });
}
