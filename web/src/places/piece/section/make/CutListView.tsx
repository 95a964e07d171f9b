// The cut list: which lengths come out of which sticks, for so many pieces, and what is left.
import type { Stock } from '@zanfirico/contract/piece';
import { fileName } from '@zanfirico/contract';
import { ORDINARY_SHOP } from '@zanfirico/core/piece';
import { cutList, type StockCut } from '@zanfirico/core/stock';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { csvOf } from '../../../../exports/csv';
import { useState } from 'react';
import { download } from '../../../../exports/download';
import { CountField } from '../../../../fields/CountField';
import { sameStock, stockWords } from '../../../../fields/StockField';
import { useDisplay } from '../../../../stores/display';
import { useShop } from '../../../../stores/theShop';
import { usePiece, type OnBoard } from '../../usePiece';

/** A stick when the rack does not say, m. */
const STICK = 1.5;

interface Group {
  readonly stock: Stock;
  readonly glass: string;
  readonly cuts: StockCut[];
}

/** Cuts of one piece, gathered by the stock they come from. */
function groupsOf(last: NonNullable<OnBoard['last']>, document: OnBoard['document']): Group[] {
  const groups: Group[] = [];
  const add = (stock: Stock, glass: string, cut: StockCut): void => {
    let home = groups.find((g) => g.glass === glass && sameStock(g.stock, stock));
    if (!home) {
      home = { stock, glass, cuts: [] };
      groups.push(home);
    }
    home.cuts.push(cut);
  };
  for (const p of last.parts)
    if (p.stock)
      add(p.stock.stock, p.glass.id, { label: p.name, length: p.stock.length.value, count: 1 });
  for (const b of last.bits) {
    const copies = document.bits?.[b.index]?.place.copies ?? 1;
    if (b.stock)
      add(b.stock.stock, b.glass.id, {
        label: b.name,
        length: b.stock.length.value / copies,
        count: copies,
      });
  }
  return groups;
}

export function CutListView() {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const rack = useShop((s) => s.shop?.document.stock) ?? ORDINARY_SHOP.stock;
  const [batch, setBatch] = useState(1);
  if (!last) return null;
  const lists = groupsOf(last, document).map((g) => {
    const stick =
      (rack as readonly (Stock & { glass: string; length: number })[]).find(
        (s) => s.glass === g.glass && sameStock(s, g.stock),
      )?.length ?? STICK;
    return { ...g, stick, list: cutList(g.cuts, stick, batch) };
  });
  const text = (v: number): string => printText(v, 'length', units);
  const csv = (): void => {
    const rows = lists.flatMap(({ stock, glass, list }) =>
      list.sticks.flatMap((stick, i) =>
        stick.cuts.map((cut) => ({
          glass,
          stock_mm: stock.diameter * 1e3,
          wall_mm: stock.wall === undefined ? '' : stock.wall * 1e3,
          stick: i + 1,
          cut: cut.label,
          length_mm: Number((cut.length * 1e3).toFixed(1)),
        })),
      ),
    );
    download(`${fileName(document.name)}.cuts.csv`, 'text/csv', csvOf(rows));
  };
  return (
    <section className="mt-4" aria-label={tr`Cut list`}>
      <div className="flex items-end gap-4">
        <h2 className="flex-1 text-lg">{tr`Cut list`}</h2>
        <div className="w-20">
          <CountField label={tr`Pieces`} value={batch} min={1} max={500} onCommit={setBatch} />
        </div>
        <button type="button" className="btn btn-ghost btn-sm" onClick={csv}>
          CSV
        </button>
      </div>
      {lists.map(({ stock, list, stick }, k) => (
        <div key={k} className="mt-2">
          <p className="leading-tight">
            <strong>{stockWords(stock, units)}</strong>{' '}
            <span className="quiet">
              {tr`${list.sticks.length} ${list.sticks.length === 1 ? tr`stick` : tr`sticks`} of ${text(stick)}, ${Math.round(list.waste * 100)} % left over`}
              {list.sticks.length > list.atLeast && tr`; at best ${list.atLeast}`}
            </span>
          </p>
          <ol className="mt-1 flex flex-col gap-1">
            {list.sticks.slice(0, 12).map((s, i) => (
              <li key={i}>
                <Stick cuts={s.cuts} stick={stick} text={text} />
              </li>
            ))}
          </ol>
          {list.sticks.length > 12 && (
            <p className="quiet text-sm">{tr`and ${list.sticks.length - 12} more; the CSV has all.`}</p>
          )}
          {list.tooLong.map((c) => (
            <p key={c.label} className="text-warning mt-1 text-sm">
              {tr`${c.label} wants ${text(c.length)}, longer than a stick: join two, or take thicker stock.`}
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}

/** One stick with its cuts to scale. */
function Stick({
  cuts,
  stick,
  text,
}: {
  readonly cuts: readonly { readonly label: string; readonly length: number }[];
  readonly stick: number;
  readonly text: (v: number) => string;
}) {
  return (
    <div
      className="border-base-300 flex h-5 border"
      role="img"
      aria-label={cuts.map((c) => `${c.label} ${text(c.length)}`).join(', ')}
    >
      {cuts.map((c, i) => (
        <span
          key={i}
          className="border-base-100 truncate border-r-2 bg-(--glass)/35 px-1 text-xs leading-5"
          style={{ width: `${String((c.length / stick) * 100)}%` }}
          title={`${c.label} ${text(c.length)}`}
        >
          {c.label}
        </span>
      ))}
    </div>
  );
}
