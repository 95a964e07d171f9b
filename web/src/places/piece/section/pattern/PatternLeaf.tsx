// The leaf of patterns that survive blowing: a blank, a figure, and the figure carried from one form to the other.
import { LIMITS, type PiecePattern } from '@zanfirico/contract';
import {
  across,
  arcAt,
  LEAST_BLANK,
  measureShape,
  MOST_BLANK,
  printText,
  shrunkBlank,
  type PlannedPart,
} from '@zanfirico/core';
import { useState } from 'react';
import { Choice } from '../../../../fields/Choice';
import { QuantityField } from '../../../../fields/QuantityField';
import { download, fileName } from '../../../../exports/download';
import { templateSvg } from '../../../../exports/templateSvg';
import { changePiece } from '../../../../stores/draft';
import { useDisplay } from '../../../../stores/display';
import { useNotices } from '../../../../stores/notices';
import { usePiece } from '../../usePiece';
import { BlankDrawing } from './BlankDrawing';
import { FigureFields } from './FigureFields';
import { StretchCurve } from './StretchCurve';
import { TemplateDialog } from './TemplateDialog';

const TENTH = 1e-4;
/** The blank first offered, as a share of the final width. */
const FIRST_SHARES = [0.6, 0.7, 0.8, 0.9];
/** Glass in blank and final form may differ by this share before it is said. */
const SAME_GLASS = 0.03;

export function PatternLeaf() {
  const { document, last } = usePiece();
  const { pattern } = document;
  if (!last) return <p className="quiet">The pattern comes with the form.</p>;
  const blown = last.parts.filter((p) => p.work === 'blown');
  if (!pattern) return <NoPattern parts={blown} />;
  return <WithPattern pattern={pattern} parts={blown} />;
}

function NoPattern({ parts }: { readonly parts: readonly PlannedPart[] }) {
  const { document } = usePiece();
  const say = useNotices((s) => s.trouble);
  const start = (part: PlannedPart): void => {
    const profile = part.shape;
    const drawn = document.parts[part.index]?.profile;
    if (!drawn) return;
    const blank = FIRST_SHARES.map((s) => shrunkBlank(drawn, s, part.glass.poisson)).find(
      (b) => b !== undefined,
    );
    if (!blank) {
      say(`${part.name}: no smaller hollow form holds its glass; thin its walls first.`);
      return;
    }
    const height = round(profile.lowest + profile.height * 0.55);
    changePiece({
      pattern: {
        part: part.id,
        blank: blank.map((p) => ({ ...p })),
        drawnOn: 'final',
        figure: { kind: 'dots', count: 12, diameter: 0.009, height },
      },
    });
  };
  return (
    <>
      <p className="leading-snug">
        Leaf, enamel, dots and drawings laid on a blank stretch with the glass under them. Draw the
        figure as it should end; it comes back pre-shrunk for the blank. Or draw on the blank and
        see what becomes of it.
      </p>
      {parts.length === 0 && (
        <p className="mt-3">Only a blown part stretches; this piece has none.</p>
      )}
      {parts.map((p) => (
        <button
          key={p.index}
          type="button"
          className="btn btn-outline btn-sm mt-3 mr-2"
          onClick={() => {
            start(p);
          }}
        >
          Lay a figure on the {p.name}
        </button>
      ))}
    </>
  );
}

const round = (v: number): number => Math.round(v / TENTH) * TENTH;

function WithPattern({
  pattern,
  parts,
}: {
  readonly pattern: PiecePattern;
  readonly parts: readonly PlannedPart[];
}) {
  const { document, carried } = usePiece();
  const units = useDisplay((s) => s.units);
  const { trouble } = useNotices();
  const [printing, setPrinting] = useState(false);
  const part = parts.find((p) => p.id === pattern.part);
  const drawn = document.parts.find((p) => p.id === pattern.part)?.profile;
  const blank = measureShape(pattern.blank, 0.22);
  const set = (change: Partial<PiecePattern>): void => {
    changePiece({ pattern: { ...pattern, ...change } });
  };
  const share =
    blank.ok && part
      ? Math.min(MOST_BLANK, Math.max(LEAST_BLANK, blank.shape.widest / part.shape.widest))
      : 0.7;
  const s = carried && arcAt(carried.map, pattern.drawnOn, pattern.figure.height);
  const row = carried && s !== undefined ? across(carried.map, pattern.drawnOn, s) : undefined;
  const text = (v: number): string => printText(v, 'length', units);

  return (
    <>
      <div className="flex items-end gap-4">
        <label className="flex min-w-0 flex-1 flex-col">
          <span className="quiet text-sm">Ends on</span>
          <select
            className="select"
            value={pattern.part}
            onChange={(e) => {
              set({ part: e.target.value });
            }}
          >
            {!part && <option value={pattern.part}>a part that is not blown</option>}
            {parts.map((p) => (
              <option key={p.id} value={p.id}>
                {p.index + 1} {p.name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            changePiece({ pattern: undefined });
          }}
        >
          No pattern
        </button>
      </div>
      <div className="mt-2">
        <Choice
          legend="I draw on"
          value={pattern.drawnOn}
          options={[
            { value: 'final', label: 'the finished glass' },
            { value: 'blank', label: 'the blank' },
          ]}
          onChange={(drawnOn) => {
            const height = row?.[drawnOn].height;
            set({
              drawnOn,
              ...(height !== undefined && {
                figure: { ...pattern.figure, height: Number(height.toFixed(5)) },
              }),
            });
          }}
        />
      </div>
      <FigureFields pattern={pattern} set={set} />
      {!part && (
        <p className="text-warning mt-2">
          The pattern’s part is not blown any more; choose a blown part for it.
        </p>
      )}
      {!blank.ok && (
        <p role="alert" className="alert alert-error mt-2">
          The blank: {blank.problems[0]?.message}
        </p>
      )}
      {carried && carried.carried.lost > 0 && (
        <p role="status" className="text-warning mt-2 leading-snug">
          {carried.carried.lost === pattern.figure.count
            ? 'The figure lies where the two forms share no glass'
            : `${String(carried.carried.lost)} of the figures reach past the glass`}
          : move it away from base and lip.
        </p>
      )}
      {row && pattern.figure.kind === 'dots' && (
        <p className="mt-2 text-lg leading-snug">
          {pattern.drawnOn === 'final'
            ? 'On the blank each dot is '
            : 'On the glass each dot ends '}
          <strong className="num">{dotText(pattern, row, text)}</strong>.
        </p>
      )}
      {row && (
        <p className="num text-sm">
          round ×{row.hoop.toFixed(2)}, along ×{row.meridian.toFixed(2)}, wall{' '}
          {text(row.blank.wall)} → {text(row.final.wall)}
        </p>
      )}
      <h2 className="mt-4 text-lg">The blank</h2>
      {blank.ok && <BlankDrawing shape={blank.shape} carried={carried} />}
      <label className="mt-1 flex items-center gap-3">
        <span className="quiet text-sm whitespace-nowrap">Share of the final width</span>
        <input
          type="range"
          className="range range-xs range-primary"
          min={LEAST_BLANK}
          max={MOST_BLANK}
          step={0.01}
          value={share}
          aria-valuetext={`${String(Math.round(share * 100))} %`}
          onChange={(e) => {
            const wanted = Number(e.target.value);
            const next = drawn && part && shrunkBlank(drawn, wanted, part.glass.poisson);
            if (next) set({ blank: next.map((p) => ({ ...p })) });
            else
              trouble(
                `At ${String(Math.round(wanted * 100))} % of the width the blank would be solid; the smallest hollow one is a little wider.`,
              );
          }}
        />
        <span className="num w-14 text-right text-sm whitespace-nowrap">
          {Math.round(share * 100)} %
        </span>
      </label>
      <BlankTable pattern={pattern} set={set} />
      {carried && Math.abs(carried.map.glassRatio - 1) > SAME_GLASS && (
        <p className="text-warning mt-1 text-sm leading-snug">
          The blank holds {Math.round(carried.map.glassRatio * 100)} % of the final form’s glass:{' '}
          {carried.map.glassRatio > 1
            ? 'what is over is trimmed or stays on the iron.'
            : 'the lip comes from glass the blank does not have; thicken it or gather over it.'}
        </p>
      )}
      {carried && <StretchCurve map={carried.map} />}
      <div className="mt-3 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline btn-sm"
          disabled={!carried || carried.carried.blank.length === 0}
          onClick={() => {
            setPrinting(true);
          }}
        >
          Print it for the blank, 1 : 1
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          disabled={!carried || carried.carried.blank.length === 0}
          onClick={() => {
            const made =
              carried &&
              templateSvg(
                carried.map,
                carried.carried,
                'blank',
                document.name,
                pattern.figure.count,
              );
            if (made) download(`${fileName(document.name)}.figure.svg`, 'image/svg+xml', made.text);
          }}
        >
          As SVG
        </button>
      </div>
      {printing && carried && (
        <TemplateDialog
          carried={carried}
          count={pattern.figure.count}
          name={document.name}
          onClose={() => {
            setPrinting(false);
          }}
        />
      )}
    </>
  );
}

/** "5.2 mm round, 6.8 mm along": a dot carried to the other form. */
function dotText(
  pattern: PiecePattern,
  row: { readonly hoop: number; readonly meridian: number },
  text: (v: number) => string,
): string {
  if (pattern.figure.kind !== 'dots') return '';
  const d = pattern.figure.diameter;
  const [hoop, meridian] =
    pattern.drawnOn === 'final' ? [1 / row.hoop, 1 / row.meridian] : [row.hoop, row.meridian];
  return `${text(d * hoop)} round, ${text(d * meridian)} along`;
}

function BlankTable({
  pattern,
  set,
}: {
  readonly pattern: PiecePattern;
  readonly set: (change: Partial<PiecePattern>) => void;
}) {
  return (
    <details className="mt-1">
      <summary className="quiet cursor-pointer text-sm">The blank in numbers</summary>
      <table className="table w-full table-fixed">
        <thead className="sr-only">
          <tr>
            <th scope="col">Point</th>
            <th scope="col">Height</th>
            <th scope="col">Radius</th>
            <th scope="col">Wall</th>
          </tr>
        </thead>
        <tbody>
          {pattern.blank
            .map((p, i) => [p, i] as const)
            .reverse()
            .map(([p, i]) => (
              <tr key={i}>
                <th scope="row" className="num w-6 text-left text-sm">
                  {i + 1}
                </th>
                {(['height', 'radius', 'wall'] as const).map((field) => (
                  <td key={field} className="pl-2">
                    <QuantityField
                      bare
                      label={`Blank point ${String(i + 1)} ${field}`}
                      kind="length"
                      value={p[field]}
                      within={field === 'height' ? LIMITS.coordinate : LIMITS[field]}
                      nudge={TENTH}
                      onCommit={(value) => {
                        set({
                          blank: pattern.blank.map((q, k) =>
                            k === i ? { ...q, [field]: value } : q,
                          ),
                        });
                      }}
                    />
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </details>
  );
}
