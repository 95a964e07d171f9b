// The figure for the blank at true scale, on a sheet to print: all repeats in a strip where they fit.
import { flattened } from '@zanfirico/core/form/pattern';
import { tr } from '@zanfirico/core/words';
import { Printer } from 'lucide-react';
import { createPortal } from 'react-dom';
import { Dialog } from '../../../../shell/Dialog';
import type { CarriedPattern } from '../../useCarried';

/** A printed line of A4 less its margins, mm. */
const PAPER = 180;
const GAP = 4;

export function TemplateDialog({
  carried,
  count,
  name,
  onClose,
}: {
  readonly carried: CarriedPattern;
  readonly count: number;
  readonly name: string;
  readonly onClose: () => void;
}) {
  const { map, carried: both } = carried;
  const per = Math.max(1, Math.round(both.blank.length / count));
  const lines = both.blank.slice(0, per).map((outline) => flattened(map, 'blank', outline, 0));
  const all = lines.flat();
  const [x0, x1] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [y0, y1] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const wide = (x1 - x0) * 1e3;
  const tall = (y1 - y0) * 1e3;
  const across = Math.max(1, Math.min(count, Math.floor((PAPER + GAP) / (wide + GAP))));
  const rows = Math.ceil(count / across);
  const height = rows * (tall + GAP) + 16;
  const mm = (v: number): string => String(Number((v * 1e3).toFixed(3)));
  const d = lines
    .map(
      (l) =>
        `${l.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${mm(x - x0)} ${mm(y1 - y)}`).join('')}Z`,
    )
    .join('');
  const sheet = (
    <svg
      width={`${String(PAPER)}mm`}
      height={`${height.toFixed(1)}mm`}
      viewBox={`0 0 ${String(PAPER)} ${height.toFixed(1)}`}
      className="block max-w-full bg-white"
      role="img"
      aria-label={tr`${count} figures at true scale`}
    >
      {Array.from({ length: count }, (_, i) => (
        <path
          key={i}
          d={d}
          transform={`translate(${String((i % across) * (wide + GAP))} ${String(Math.floor(i / across) * (tall + GAP))})`}
          fill="none"
          stroke="#000"
          strokeWidth={0.25}
        />
      ))}
      <path
        d={`M0 ${String(height - 10)}h50m-50 -1.5v3m50 -3v3`}
        stroke="#000"
        strokeWidth={0.25}
        fill="none"
      />
      <text x={0} y={height - 4} fontSize={3.2} fill="#000">
        {tr`50 mm: measure it on the print. ${name}, ${count} round the blank, lower edge ${mm(y0)} mm along the skin from the middle of the base.`}
      </text>
    </svg>
  );
  return (
    <>
      <Dialog
        title={tr`For the blank, true to scale`}
        onClose={onClose}
        actions={
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => {
              window.print();
            }}
          >
            <Printer className="size-4" /> {tr`Print`}
          </button>
        }
      >
        <p className="mt-2 leading-snug">{tr`Print at 100 %, not fitted to the page. The bar under the figures is 50 mm long.`}</p>
        <div className="mt-3 max-h-[50vh] overflow-auto bg-white p-3">{sheet}</div>
      </Dialog>
      {createPortal(<div className="print-only">{sheet}</div>, document.body)}
    </>
  );
}
