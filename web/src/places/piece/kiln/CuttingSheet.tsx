// Cutting: which pieces come out of which sheet, score by score in an order that breaks; what is left goes back to stock; templates at true size.
import { trNodes } from '../../../words/trNodes';
import { outlineBounds, outlineOf, ORDINARY_SHEETS } from '@zanfirico/core/kiln';
import { cutSheets, stockAfter, type SheetBlank } from '@zanfirico/core/kiln/cutting';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Download, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { download } from '../../../exports/download';
import { sheetTemplate } from '../../../exports/sheetTemplate';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { useDisplay } from '../../../stores/display';
import { useShop } from '../../../stores/theShop';
import { useShopHere } from '../../../stores/useShopHere';
import { usePiece } from '../usePiece';
import { OneSheet } from './OneSheet';
import { keepSheets, SheetStockFields } from './SheetStock';

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
        .flatMap((l, n): SheetBlank[] => {
          const own = outlineOf({ ...l, x: 0, y: 0, turn: 0 });
          const b = outlineBounds([own]);
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
    return <p className="px-6 py-16">{tr`Nothing of this piece is cut from sheet.`}</p>;
  const nameOf = (id: string): string =>
    id === glass.id ? glass.name : (facts.rack.colour(id)?.name ?? id);
  const mm = (v: number): string => printText(v, 'length', units);
  const scores = cuts.sheets.reduce((n, s) => n + s.scores.length, 0);
  const takeOut = (): void => {
    keepSheets(
      stockAfter(stock, cuts),
      tr`What was cut is out of stock, what is left of it back in.`,
    );
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <div className="flex flex-wrap items-baseline gap-3">
          <h2 className="text-3xl leading-tight">
            {trNodes`${(<span className="num text-primary">{blanks.length}</span>)} ${blanks.length === 1 ? tr`piece` : tr`pieces`} from ${(<span className="num text-primary">{cuts.sheets.length}</span>)}`}{' '}
            {cuts.sheets.length === 1 ? tr`sheet` : tr`sheets`}, {scores}{' '}
            {scores === 1 ? tr`score` : tr`scores`}
          </h2>
          <button
            type="button"
            className="btn btn-ghost btn-sm no-print"
            onClick={() => {
              window.print();
            }}
          >
            <Printer className="size-4" /> {tr`Print`}
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
            <Download className="size-4" /> {tr`Templates 1:1`}
          </button>
        </div>
        {cuts.missing.length > 0 && (
          <ul role="alert" className="text-warning mt-1">
            {cuts.missing.slice(0, 8).map(({ blank, says }) => (
              <li key={blank.label}>
                {tr`Piece ${blank.label}, ${nameOf(blank.of)} ${mm(blank.width)} × ${mm(blank.deep)}, ${mm(blank.thickness)} thick: ${says}.`}
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
          <CountField label={tr`Of these`} value={of} min={1} max={60} onCommit={setOf} />
          <QuantityField
            label={tr`Round ones, spare`}
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
          {tr`It is cut: take it from stock`}
        </button>
        <SheetStockFields
          sheets={stock}
          here={shop !== undefined}
          nameOf={nameOf}
          glass={document.glass}
        />
        <p className="quiet mt-3 text-sm leading-snug">{tr`Score once, in one direction, steady; run it at once, right through. Eyes covered, gloves where it is carried, the bench swept wet. Strips narrower than two and a half times their thickness hardly run: they are marked.`}</p>
      </div>
    </div>
  );
}
