// The leaf of patterns that survive blowing: a blank, a figure, and the figure carried from one form to the other.
import { fileName } from '@zanfirico/contract';
import type { PiecePattern } from '@zanfirico/contract/piece';
import { measurePart } from '@zanfirico/core/form';
import { across, arcAt } from '@zanfirico/core/form/pattern';
import type { PlannedPart } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { Choice } from '../../../../fields/Choice';
import { SelectField } from '../../../../fields/SelectField';
import { download } from '../../../../exports/download';
import { templateSvg } from '../../../../exports/templateSvg';
import { changePiece } from '../../../../stores/draft';
import { useWords } from '../../../../fields/useWords';
import { useDisplay } from '../../../../stores/display';
import { usePiece } from '../../usePiece';
import { BlankLeaf } from './Blank';
import { FigureFields } from './FigureFields';
import { NoPattern } from './NoPattern';
import { StretchCurve } from './StretchCurve';
import { TemplateDialog } from './TemplateDialog';
import { shownNumber } from '../../../../fields/shown';
import { TroubleLine } from '../../../../marks/TroubleLine';

export function PatternLeaf() {
  const { document, last } = usePiece();
  const { pattern } = document;
  if (!last) return <p className="quiet">{tr`The pattern comes with the form.`}</p>;
  const blown = last.parts.filter((p) => p.work === 'blown');
  if (!pattern) return <NoPattern parts={blown} />;
  return <WithPattern pattern={pattern} parts={blown} />;
}

function WithPattern({
  pattern,
  parts,
}: {
  readonly pattern: PiecePattern;
  readonly parts: readonly PlannedPart[];
}) {
  const { document, carried } = usePiece();
  const units = useDisplay((s) => s.units);
  const words = useWords();
  const [printing, setPrinting] = useState(false);
  const part = parts.find((p) => p.id === pattern.part);
  const drawn = document.parts.find((p) => p.id === pattern.part)?.profile;
  const blank = measurePart({ profile: pattern.blank });
  const set = (change: Partial<PiecePattern>): void => {
    changePiece({ pattern: { ...pattern, ...change } });
  };
  const s = carried && arcAt(carried.map, pattern.drawnOn, pattern.figure.height);
  const row = carried && s !== undefined ? across(carried.map, pattern.drawnOn, s) : undefined;
  const text = (v: number): string => printText(v, 'length', units);

  return (
    <>
      <div className="flex items-end gap-4">
        <SelectField
          label={tr`Ends on`}
          className="min-w-0 flex-1"
          value={pattern.part}
          onChange={(id) => {
            set({ part: id });
          }}
        >
          {!part && <option value={pattern.part}>{tr`a part that is not blown`}</option>}
          {parts.map((p) => (
            <option key={p.id} value={p.id}>
              {p.index + 1} {p.name}
            </option>
          ))}
        </SelectField>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            changePiece({ pattern: undefined });
          }}
        >
          {tr`No pattern`}
        </button>
      </div>
      <div className="mt-2">
        <Choice
          legend={tr`I draw on`}
          value={pattern.drawnOn}
          options={[
            { value: 'final', label: tr`the finished glass` },
            { value: 'blank', label: tr`the blank` },
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
        <p className="text-warning mt-2">{tr`The pattern’s part is not blown any more; choose a blown part for it.`}</p>
      )}
      {!blank.ok && (
        <TroubleLine className="mt-2">
          {tr`The blank: ${words(blank.problems[0]?.message ?? '')}`}
        </TroubleLine>
      )}
      {carried && carried.carried.lost > 0 && (
        <p role="status" className="text-warning mt-2 leading-snug">
          {carried.carried.lost === pattern.figure.count
            ? tr`The figure lies where the two forms share no glass`
            : tr`${carried.carried.lost} of the figures reach past the glass`}
          {tr`: move it away from base and lip.`}
        </p>
      )}
      {row && pattern.figure.kind === 'dots' && (
        <p className="mt-2 text-lg leading-snug">
          {pattern.drawnOn === 'final'
            ? tr`On the blank each dot is `
            : tr`On the glass each dot ends `}
          <strong className="num">{dotText(pattern, row, text)}</strong>.
        </p>
      )}
      {row && (
        <p className="num text-sm">
          {tr`round ×${shownNumber(row.hoop, 2)}, along ×${shownNumber(row.meridian, 2)}, wall ${text(row.blank.wall)} `}
          → {text(row.final.wall)}
        </p>
      )}
      <BlankLeaf pattern={pattern} blank={blank} part={part} drawn={drawn} set={set} />
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
          {tr`Print it for the blank, 1 : 1`}
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
          {tr`As SVG`}
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
  return tr`${text(d * hoop)} round, ${text(d * meridian)} along`;
}
