// A finished piece measured against its drawing: each place beside the drawing's, whether that passes, and whether a figure was meant in
// another unit.
import type { Measure } from '@zanfirico/contract/making';
import { LIMITS } from '@zanfirico/contract';
import {
  against,
  BY_SHARE,
  drawnOf,
  LET_PASS,
  MEASURES,
  type Against,
  type Morning,
} from '@zanfirico/core/log';
import type { Derived } from '@zanfirico/core/piece';
import { printForField, printText, readQuantity, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import type { Happens } from '../../making/useMaking';
import { QuantityField } from '../../fields/QuantityField';
import { SelectField } from '../../fields/SelectField';
import { shownNumber } from '../../fields/shown';
import { TypedField } from '../../fields/TypedField';
import { HeadRow } from '../../marks/HeadRow';
import { VerdictWord } from '../../marks/Verdict';
import { useDisplay } from '../../stores/display';
import { useShop } from '../../stores/theShop';
import { KIND, SAYS } from './measureWords';
import { changeShop } from '../../stores/changeShop';

type Good = Extract<Derived, { ok: true }>;

interface Props {
  readonly derived: Good;
  readonly morning: Morning;
  /** What the drawing says its mouth is out of round, m. */
  readonly ovality: number;
  readonly onHappen: (what: Happens) => void;
}

/** Walls asked for to begin with, as shares of the height. */
const PLACES = [0.25, 0.6, 0.9];
const SAME = 0.0005;
const round = (up: number): number => Math.round(up * 1000) / 1000;

/** "+0.4 mm", "−3 %". */
const offText = (a: Against, of: Measure, units: DisplayUnits): string => {
  const sign = a.off < 0 ? '−' : '+';
  return BY_SHARE.has(of)
    ? `${sign}${shownNumber(100 * Math.abs(a.off), 0)} %`
    : `${sign}${printText(Math.abs(a.off), KIND[of], units)}`;
};

export function MeasuredFields({ derived, morning, ovality, onHappen }: Props) {
  const units = useDisplay((s) => s.units);
  const document = useShop((s) => s.shop?.document);
  const letPass = { ...LET_PASS, ...document?.letPass };
  const { height } = derived.whole;
  const walls = [
    ...new Set([
      ...PLACES.map((p) => round(p * height)),
      ...morning.measured.flatMap((m) => (m.of === 'wall' && m.up !== undefined ? [m.up] : [])),
    ]),
  ].sort((a, b) => a - b);
  const [extra, setExtra] = useState<readonly number[]>([]);
  const all = [...new Set([...walls, ...extra])].sort((a, b) => a - b);
  const rows: readonly { of: Measure; up?: number }[] = [
    { of: 'height' },
    { of: 'lip' },
    ...all.map((up) => ({ of: 'wall' as const, up })),
    { of: 'weight' },
    { of: 'capacity' },
    { of: 'ovality' },
  ];
  const keep = (of: Measure, up: number | undefined, value: number): void => {
    onHappen({ kind: 'measured', of, value, ...(up !== undefined && { up }) });
  };
  return (
    <section aria-label={tr`Measured against the drawing`}>
      <h2 className="text-xl">{tr`Measured against the drawing`}</h2>
      <div className="overflow-x-auto">
        <table className="table mt-1 w-full">
          <caption className="sr-only">{tr`Each place as drawn and as made`}</caption>
          <HeadRow
            columns={[tr`measure`, tr`drawn`, tr`made`, tr`off`, tr`may be`, tr`so`]}
            left={[tr`so`]}
          />
          <tbody className="num text-right whitespace-nowrap">
            {rows.map(({ of, up }) => {
              const drawn = drawnOf(derived, of, up, ovality);
              if (drawn === undefined) return null;
              const made = morning.measured.find(
                (m) =>
                  m.of === of &&
                  (m.up === up ||
                    (m.up !== undefined && up !== undefined && Math.abs(m.up - up) < SAME)),
              );
              const told = made && against(of, drawn, made.value, letPass);
              const label = `${SAYS[of]}${up === undefined ? '' : tr` at ${printText(up, 'length', units)}`}`;
              return (
                <tr key={label} className="border-base-300 border-b">
                  <th scope="row" className="py-1 text-left font-sans font-normal">
                    {label}
                  </th>
                  <td>{printText(drawn, KIND[of], units)}</td>
                  <td className="w-28 pl-4">
                    <MadeField
                      label={tr`Made: ${label}`}
                      of={of}
                      value={made?.value}
                      units={units}
                      onCommit={(v) => {
                        keep(of, up, v);
                      }}
                    />
                    {told?.meant && (
                      <Meant
                        meant={told.meant}
                        text={printText(told.meant.value, KIND[of], units)}
                        onTake={(v) => {
                          keep(of, up, v);
                        }}
                      />
                    )}
                  </td>
                  <td>{told && offText(told, of, units)}</td>
                  <td className="quiet">
                    ±
                    {BY_SHARE.has(of)
                      ? `${shownNumber(100 * letPass[of], 0)} %`
                      : printText(letPass[of], KIND[of], units)}
                  </td>
                  <td className="pl-4 text-left font-sans">
                    {told && <VerdictWord verdict={told.passes ? 'good' : 'watch'} />}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <div className="w-40">
          <QuantityField
            label={tr`Another wall, at height`}
            kind="length"
            value={round(height / 2)}
            min={LIMITS.measure.minimum}
            max={height}
            onCommit={(up) => {
              setExtra((e) => [...e, round(up)]);
            }}
          />
        </div>
        <LetPass letPass={letPass} />
      </div>
    </section>
  );
}

/** A figure as it was made; empty until somebody measured. */
function MadeField({
  label,
  of,
  value,
  units,
  onCommit,
}: {
  readonly label: string;
  readonly of: Measure;
  readonly value: number | undefined;
  readonly units: DisplayUnits;
  readonly onCommit: (value: number) => void;
}) {
  const kind = KIND[of];
  const { maximum } = LIMITS.finished;
  return (
    <TypedField<number | undefined>
      bare
      label={label}
      shown={value === undefined ? '' : printForField(value, kind, units)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const read = readQuantity(text, kind, units);
        if (!read.ok) return { ok: false, problem: `${label}: ${read.message}` };
        if (read.value < 0 || read.value > maximum || (read.value === 0 && of !== 'ovality'))
          return {
            ok: false,
            problem: tr`${label}: given ${text}; a piece measures more than nothing and less than ${printText(maximum, kind, units)}.`,
          };
        return read;
      }}
      onCommit={(v) => {
        if (v !== undefined) onCommit(v);
      }}
    />
  );
}

const Meant = ({
  meant,
  text,
  onTake,
}: {
  readonly meant: NonNullable<Against['meant']>;
  readonly text: string;
  readonly onTake: (value: number) => void;
}) => (
  <p className="text-left font-sans text-sm leading-snug" role="status">
    {tr`In another unit? `}
    <button
      type="button"
      className="link"
      onClick={() => {
        onTake(meant.value);
      }}
    >
      {tr`It was ${text}`}
    </button>
  </p>
);

/** How far off may pass, for the shop: changed here, kept with it. */
function LetPass({ letPass }: { readonly letPass: Readonly<Record<Measure, number>> }) {
  const [of, setOf] = useState<Measure>('height');
  const share = BY_SHARE.has(of);
  const bounds = share ? LIMITS.letPassShare : LIMITS.letPass;
  return (
    <div className="flex items-end gap-2">
      <SelectField label={tr`May be off`} className="w-40" value={of} onChange={setOf}>
        {MEASURES.map((m) => (
          <option key={m} value={m}>
            {SAYS[m]}
          </option>
        ))}
      </SelectField>
      <div className="w-32">
        <QuantityField
          label={`${SAYS[of]}, ±`}
          kind={share ? 'ratio' : 'length'}
          value={letPass[of]}
          min={bounds.minimum}
          max={bounds.maximum}
          onCommit={(v) => {
            changeShop((document) => ({ letPass: { ...document.letPass, [of]: v } }));
          }}
        />
      </div>
    </div>
  );
}
