// What the part in hand is cut across its axis: round, or how it is not, drawn small with its two measures.
import { LIMITS } from '@zanfirico/contract';
import type { Across } from '@zanfirico/contract/piece';
import {
  acrossProblem,
  cutFor,
  cutOf,
  CUTS,
  presetOf,
  RAYS,
  type CutPreset,
} from '@zanfirico/core/form';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useRef } from 'react';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { sentenceOf } from '../../../api/client';
import { HiddenFile } from '../../../shell/FileButton';
import { useDisplay } from '../../../stores/display';
import { changePart } from '../../../stores/draft';
import { useNotices } from '../../../stores/notices';
import { SVG_LIMIT } from '../../../imports/svgLines';
import { tooBig } from '../../../imports/tooBig';
import { startFigure } from '../../../workers/workers';

const SAYS: Readonly<Record<CutPreset, string>> = {
  round: tr`round`,
  oval: tr`oval, flattened`,
  square: tr`square, corners rounded`,
  ribs: tr`ribbed`,
  flats: tr`with flat spots`,
  heart: tr`a heart`,
  drawn: tr`as drawn (SVG) …`,
};

interface Props {
  readonly index: number;
  readonly across: Across | undefined;
  /** Half its greatest width, m. */
  readonly half: number;
}

export function AcrossFields({ index, across, half }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const put = (next: Across | undefined): void => {
    changePart(index, { across: next });
  };
  const choose = (preset: CutPreset): void => {
    if (preset === 'drawn') file.current?.click();
    else put(cutFor(preset));
  };
  const read = async (chosen: File): Promise<void> => {
    const { trouble } = useNotices.getState();
    const large = tooBig(chosen, SVG_LIMIT, tr`Save only the outline.`);
    if (large !== undefined) {
      trouble(large);
      return;
    }
    try {
      const paths = await startFigure(await chosen.text(), 2).done;
      const longest = paths?.reduce((a, b) => (b.length > a.length ? b : a));
      if (!longest) return;
      const drawn: Across = { kind: 'drawn', outline: longest.map(([x, y]) => ({ x, y })) };
      const wrong = acrossProblem(drawn);
      if (wrong === undefined) put(drawn);
      else trouble(wrong);
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };
  return (
    <div className="mt-2 flex items-end gap-4">
      <div className="flex-1">
        <SelectField label={tr`Cut across`} value={presetOf(across)} onChange={choose}>
          {CUTS.map((c) => (
            <option key={c} value={c}>
              {SAYS[c]}
            </option>
          ))}
        </SelectField>
        <HiddenFile
          ref={file}
          label={tr`Outline across (SVG)`}
          accept=".svg,image/svg+xml"
          onFile={(chosen) => void read(chosen)}
        />
        {across && half > 0 && <Figures across={across} half={half} put={put} />}
      </div>
      {across && <CutPicture across={across} half={half} />}
    </div>
  );
}

/** The measures a cut has. */
function Figures({
  across,
  half,
  put,
}: {
  readonly across: Across;
  readonly half: number;
  readonly put: (next: Across) => void;
}) {
  if (across.kind === 'drawn') return null;
  return (
    <div className="mt-2 grid grid-cols-2 gap-x-4">
      {across.kind === 'oval' ? (
        <>
          <QuantityField
            label={tr`Deep`}
            kind="length"
            value={2 * half * across.depth}
            min={2 * half * LIMITS.depthAcross.minimum}
            max={2 * half}
            onCommit={(deep) => {
              put({ ...across, depth: Math.min(1, deep / (2 * half)) });
            }}
          />
          <CountField
            label={tr`How square`}
            value={across.square}
            step={0.5}
            within={LIMITS.squareness}
            onCommit={(square) => {
              put({ ...across, square });
            }}
          />
        </>
      ) : (
        <>
          <CountField
            label={across.kind === 'ribs' ? tr`Ridges` : tr`Flat spots`}
            value={across.count}
            within={across.kind === 'ribs' ? LIMITS.ribs : LIMITS.flats}
            onCommit={(count) => {
              put({ ...across, count });
            }}
          />
          <QuantityField
            label={across.kind === 'ribs' ? tr`Grooves deep` : tr`Each in by`}
            kind="length"
            value={half * across.depth}
            min={0}
            max={half * LIMITS.cutIn.maximum}
            onCommit={(deep) => {
              put({ ...across, depth: deep / half });
            }}
          />
        </>
      )}
    </div>
  );
}

const BOX = 84;

/** The cut, seen from above, and how wide and deep it is. */
function CutPicture({ across, half }: { readonly across: Across; readonly half: number }) {
  const units = useDisplay((s) => s.units);
  const { rho, far } = cutOf(across);
  const points = rho.map((r, k) => {
    const a = (2 * Math.PI * k) / RAYS;
    return [(r / far) * Math.cos(a), (-r / far) * Math.sin(a)] as const;
  });
  const span = (axis: 0 | 1): number =>
    Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]));
  const says = tr`${printText(half * far * span(0), 'length', units)} wide, ${printText(half * far * span(1), 'length', units)} deep`;
  return (
    <figure className="w-24 shrink-0 text-center">
      <svg
        viewBox={`${String(-BOX / 2)} ${String(-BOX / 2)} ${String(BOX)} ${String(BOX)}`}
        role="img"
        aria-label={tr`Cut across: ${says}`}
      >
        <path
          d={`M${points.map(([x, y]) => `${(x * BOX * 0.46).toFixed(2)} ${(y * BOX * 0.46).toFixed(2)}`).join('L')}Z`}
          fill="var(--color-accent)"
          fillOpacity={0.25}
          stroke="var(--chalk)"
          strokeWidth={1.5}
        />
        <path d="M-3 0H3M0 -3V3" stroke="var(--chalk-dim)" />
      </svg>
      <figcaption className="num quiet text-xs leading-tight">{says}</figcaption>
    </figure>
  );
}
