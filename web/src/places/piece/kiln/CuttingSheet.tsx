// Cutting: which pieces come out of which sheet, score by score in an order that breaks; what is left goes back to stock; templates at true size.
import { LIMITS, type SheetStock } from '@zanfirico/contract';
import {
  boundsOf,
  cutSheets,
  outlineOf,
  ORDINARY_SHEETS,
  printText,
  type Blank,
  type CutSheet,
} from '@zanfirico/core';
import { Download, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { download } from '../../../exports/download';
import { sheetTemplate } from '../../../exports/sheetTemplate';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { HeadRow } from '../../../marks/HeadRow';
import { changeShop } from '../../../stores/changeShop';
import { useDisplay } from '../../../stores/display';
import { useNotices } from '../../../stores/notices';
import { useShop } from '../../../stores/theShop';
import { useShopHere } from '../../../stores/useShopHere';
import { usePiece } from '../usePiece';

/** What is not a rectangle is broken out of one so much larger all round, then nibbled or ground, m. Common practice, no source. */
const ROUND_IT = 0.012;

export function CuttingSheet() {
  useShopHere();
  const { document, glass, facts } = usePiece();
  const units = useDisplay((s) => s.units);
  const shop = useShop((s) => s.shop?.document);
  const [of, setOf] = useState(1);
  const [spare, setSpare] = useState(ROUND_IT);
  const { kiln } = document;
  const stock = shop?.sheets ?? ORDINARY_SHEETS;
  const blanks = useMemo(
    () =>
      (kiln?.laid ?? [])
        .filter((l) => l.as === 'sheet' || l.as === 'strip')
        .flatMap((l, n): Blank[] => {
          const own = outlineOf({ ...l, x: 0, y: 0, turn: 0 });
          const b = boundsOf([own]);
          const extra = l.shape.kind === 'rect' ? 0 : 2 * spare;
          return Array.from({ length: of }, (_, k) => ({
            label: of > 1 ? `${String(n + 1)}.${String(k + 1)}` : String(n + 1),
            of: l.of ?? document.glass,
            thickness: l.thickness,
            width: b.right - b.left + extra,
            deep: b.far - b.near + extra,
          }));
        }),
    [kiln, of, spare, document.glass],
  );
  const cuts = useMemo(() => cutSheets(blanks, stock), [blanks, stock]);
  if (!kiln || kiln.cast)
    return <p className="px-6 py-16">Nothing of this piece is cut from sheet.</p>;
  const nameOf = (id: string): string =>
    id === glass.id ? glass.name : (facts.rack.colour(id)?.name ?? id);
  const mm = (v: number): string => printText(v, 'length', units);
  const scores = cuts.sheets.reduce((n, s) => n + s.scores.length, 0);
  const takeOut = (): void => {
    const rest = stock.map((s) => ({ ...s }));
    for (const { sheet, left } of cuts.sheets) {
      const from = rest.find(
        (s) =>
          s.count > 0 &&
          s.of === sheet.of &&
          s.thickness === sheet.thickness &&
          s.width === sheet.width &&
          s.deep === sheet.deep,
      );
      if (from) from.count -= 1;
      for (const r of left) {
        const [width, deep] = [Number(r.width.toFixed(4)), Number(r.deep.toFixed(4))];
        const same = rest.find(
          (s) =>
            s.of === sheet.of &&
            s.thickness === sheet.thickness &&
            s.width === width &&
            s.deep === deep,
        );
        if (same) same.count += 1;
        else rest.push({ of: sheet.of, thickness: sheet.thickness, width, deep, count: 1 });
      }
    }
    keepSheets(
      rest.filter((s) => s.count > 0),
      'What was cut is out of stock, what is left of it back in.',
    );
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <div className="flex flex-wrap items-baseline gap-3">
          <h2 className="text-3xl leading-tight">
            <span className="num text-primary">{blanks.length}</span>{' '}
            {blanks.length === 1 ? 'piece' : 'pieces'} from{' '}
            <span className="num text-primary">{cuts.sheets.length}</span>{' '}
            {cuts.sheets.length === 1 ? 'sheet' : 'sheets'}, {scores}{' '}
            {scores === 1 ? 'score' : 'scores'}
          </h2>
          <button
            type="button"
            className="btn btn-ghost btn-sm no-print"
            onClick={() => {
              window.print();
            }}
          >
            <Printer className="size-4" /> Print
          </button>
          <button
            type="button"
            className="btn btn-outline btn-sm no-print"
            onClick={() => {
              download(
                `${document.name} templates.svg`,
                'image/svg+xml',
                sheetTemplate(kiln.laid, document.name),
              );
            }}
          >
            <Download className="size-4" /> Templates 1:1
          </button>
        </div>
        {cuts.missing.length > 0 && (
          <ul role="alert" className="text-warning mt-1">
            {cuts.missing.slice(0, 8).map(({ blank, says }) => (
              <li key={blank.label}>
                Piece {blank.label}, {nameOf(blank.of)} {mm(blank.width)} × {mm(blank.deep)},{' '}
                {mm(blank.thickness)} thick: {says}.
              </li>
            ))}
          </ul>
        )}
        {cuts.sheets.map((s, i) => (
          <OneSheet key={i} cut={s} name={nameOf(s.sheet.of)} />
        ))}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[24rem]">
        <div className="grid grid-cols-2 gap-x-5">
          <CountField label="Of these" value={of} min={1} max={60} onCommit={setOf} />
          <QuantityField
            label="Round ones, spare"
            kind="length"
            value={spare}
            min={0}
            max={0.05}
            nudge={0.001}
            onCommit={setSpare}
          />
        </div>
        <button
          type="button"
          className="btn btn-outline btn-sm mt-3"
          disabled={!shop || cuts.sheets.length === 0}
          onClick={takeOut}
        >
          It is cut: take it from stock
        </button>
        <Stock sheets={stock} here={shop !== undefined} nameOf={nameOf} glass={document.glass} />
        <p className="quiet mt-3 text-sm leading-snug">
          Score once, in one direction, steady; run it at once, right through. Eyes covered, gloves
          where it is carried, the bench swept wet. Strips narrower than two and a half times their
          thickness hardly run: they are marked.
        </p>
      </div>
    </div>
  );
}

/** Keeps the shop’s sheets. */
function keepSheets(sheets: readonly SheetStock[], told?: string): void {
  changeShop(() => ({ sheets: sheets.map((s) => ({ ...s })) }));
  if (told !== undefined) useNotices.getState().say(told);
}

function OneSheet({ cut, name }: { readonly cut: CutSheet; readonly name: string }) {
  const units = useDisplay((s) => s.units);
  const { sheet, scores, pieces, left, waste } = cut;
  const mm = (v: number): string => printText(v, 'length', units);
  const k = 420 / Math.max(sheet.width, sheet.deep);
  const [w, h] = [sheet.width * k, sheet.deep * k];
  const y = (at: number, deep: number): number => h - (at + deep) * k;
  return (
    <section className="mt-4 flex flex-wrap gap-5 break-inside-avoid">
      <svg
        width={w + 4}
        height={h + 4}
        viewBox={`-2 -2 ${String(w + 4)} ${String(h + 4)}`}
        role="img"
        aria-label={`A sheet of ${name} with ${String(pieces.length)} pieces on it`}
        className="bg-(--board)"
      >
        <rect width={w} height={h} fill="none" stroke="var(--chalk)" strokeWidth={1.5} />
        {left.map((r) => (
          <rect
            key={`${String(r.x)} ${String(r.y)}`}
            x={r.x * k}
            y={y(r.y, r.deep)}
            width={r.width * k}
            height={r.deep * k}
            fill="var(--chalk)"
            fillOpacity={0.07}
          />
        ))}
        {pieces.map((p) => (
          <g key={p.label}>
            <rect
              x={p.x * k}
              y={y(p.y, p.deep)}
              width={p.width * k}
              height={p.deep * k}
              fill="var(--glass)"
              fillOpacity={0.35}
              stroke="var(--glass)"
            />
            <text
              x={(p.x + p.width / 2) * k}
              y={y(p.y, p.deep) + (p.deep * k) / 2 + 6}
              textAnchor="middle"
              fill="var(--chalk)"
              className="num text-[18px]"
            >
              {p.label}
            </text>
          </g>
        ))}
        {scores.map((s, i) => {
          const back = s.runs === 'back';
          const [x1, y1, x2, y2] = back
            ? [s.hand.x + s.at, s.hand.y, s.hand.x + s.at, s.hand.y + s.hand.deep]
            : [s.hand.x, s.hand.y + s.at, s.hand.x + s.hand.width, s.hand.y + s.at];
          return (
            <g key={i}>
              <line
                x1={x1 * k}
                x2={x2 * k}
                y1={h - y1 * k}
                y2={h - y2 * k}
                stroke={s.narrow ? 'var(--color-warning)' : 'var(--color-primary)'}
                strokeWidth={2}
              />
              <text
                x={((x1 + x2) / 2) * k + 5}
                y={h - ((y1 + y2) / 2) * k - 4}
                fill="var(--color-primary)"
                className="num text-[15px]"
              >
                {i + 1}
              </text>
            </g>
          );
        })}
      </svg>
      <div className="min-w-60 flex-1">
        <h3 className="text-xl">
          {name}, <span className="num">{mm(sheet.width)}</span> ×{' '}
          <span className="num">{mm(sheet.deep)}</span>,{' '}
          <span className="num">{mm(sheet.thickness)}</span> thick
        </h3>
        <table className="w-full">
          <HeadRow columns={['score', 'runs', 'at', 'piece in hand']} left={['runs']} />
          <tbody>
            {scores.map((s, i) => (
              <tr key={i} className="border-base-300 border-b">
                <th scope="row" className="num text-primary text-right">
                  {i + 1}
                </th>
                <td className="pl-3">
                  {s.runs === 'back' ? 'front to back' : 'left to right'}
                  {s.narrow && <span className="text-warning"> · narrow: pliers, slowly</span>}
                </td>
                <td className="num text-right">{mm(s.at)}</td>
                <td className="num text-right">
                  {mm(s.hand.width)} × {mm(s.hand.deep)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="quiet mt-1">
          {left.length > 0 &&
            `Back to stock: ${left.map((r) => `${mm(r.width)} × ${mm(r.deep)}`).join(', ')}. `}
          Lost: <span className="num">{Math.round(100 * Math.max(0, waste))}</span> of 100.
        </p>
      </div>
    </section>
  );
}

/** The sheets there are; each figure is kept with the shop. */
function Stock({
  sheets,
  here,
  nameOf,
  glass,
}: {
  readonly sheets: readonly SheetStock[];
  readonly here: boolean;
  readonly nameOf: (id: string) => string;
  readonly glass: string;
}) {
  const put = (i: number, change: Partial<SheetStock>): void => {
    keepSheets(sheets.map((s, k) => (k === i ? { ...s, ...change } : s)));
  };
  return (
    <fieldset className="fieldset mt-4" disabled={!here}>
      <legend className="font-display text-xl font-semibold">Sheets there are</legend>
      <ul className="flex flex-col gap-2">
        {sheets.map((s, i) => (
          <li key={i} className="border-base-300 border-b pb-1">
            <div className="flex items-baseline justify-between gap-2">
              <span className="truncate">{nameOf(s.of)}</span>
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={`No more of sheet ${String(i + 1)}`}
                onClick={() => {
                  keepSheets(sheets.filter((_, k) => k !== i));
                }}
              >
                take off the list
              </button>
            </div>
            <div className="grid grid-cols-4 gap-x-3">
              <QuantityField
                label="wide"
                kind="length"
                value={s.width}
                within={LIMITS.laidSize}
                onCommit={(width) => {
                  put(i, { width });
                }}
              />
              <QuantityField
                label="deep"
                kind="length"
                value={s.deep}
                within={LIMITS.laidSize}
                onCommit={(deep) => {
                  put(i, { deep });
                }}
              />
              <QuantityField
                label="thick"
                kind="length"
                value={s.thickness}
                within={LIMITS.laidThick}
                onCommit={(thickness) => {
                  put(i, { thickness });
                }}
              />
              <CountField
                label="so many"
                value={s.count}
                min={0}
                max={1000}
                onCommit={(count) => {
                  put(i, { count });
                }}
              />
            </div>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-2"
        disabled={sheets.length >= 300}
        onClick={() => {
          keepSheets([
            ...sheets,
            { of: glass, thickness: 0.003, width: 0.5, deep: 0.43, count: 1 },
          ]);
        }}
      >
        Another sheet of this glass
      </button>
    </fieldset>
  );
}
