// Torch moves as arithmetic: one move at a time, from stock on the rack to what it gives.
import type { Stock } from '@zanfirico/contract/piece';
import { trNodes } from '../../../../words/trNodes';
import {
  bubbleGlass,
  bubbleWall,
  cylinderGlass,
  discGlass,
  lengthForPull,
  pull,
  stockLength,
} from '@zanfirico/core/stock';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useState, type ReactNode } from 'react';
import { QuantityField } from '../../../../fields/QuantityField';
import { StockField } from '../../../../fields/StockField';
import { useDisplay } from '../../../../stores/display';
import { usePiece } from '../../usePiece';
import { SelectField } from '../../../../fields/SelectField';

const KINDS = {
  bubble: 'A bulb or bubble of a given wall',
  wall: 'What wall a marked length blows to',
  joined: 'A straight vessel or joined tube',
  disc: 'A disc foot or merese',
  stem: 'A pulled stem: what to mark',
  pull: 'What a pull gives',
} as const;
type Kind = keyof typeof KINDS;

const TENTH = 1e-4;

export function Moves() {
  const { document } = usePiece();
  const { tube } = document.making;
  const units = useDisplay((s) => s.units);
  const [kind, setKind] = useState<Kind>('bubble');
  const [stock, setStock] = useState<Stock>({ diameter: tube.outerDiameter, wall: tube.wall });
  // 70 mm across, 1.8 mm wall, 60 mm long, pulled to 6 mm: a bulb and a stem of ordinary size.
  const [n, setN] = useState({ across: 0.07, wall: 0.0018, long: 0.06, thin: 0.006 });
  const text = (v: number): string => printText(v, 'length', units);
  const field = (name: keyof typeof n, label: string, least = TENTH, most = 2): ReactNode => (
    <QuantityField
      label={label}
      kind="length"
      value={n[name]}
      min={least}
      max={most}
      nudge={TENTH}
      onCommit={(v) => {
        setN((old) => ({ ...old, [name]: v }));
      }}
    />
  );
  return (
    <section className="mt-5" aria-label={tr`Moves`}>
      <h2 className="text-lg">{tr`Moves`}</h2>
      <div className="mt-1 grid grid-cols-2 gap-x-6 gap-y-2">
        <SelectField label={tr`Move`} bare className="col-span-2" value={kind} onChange={setKind}>
          {Object.entries(KINDS).map(([id, says]) => (
            <option key={id} value={id}>
              {trWord(says)}
            </option>
          ))}
        </SelectField>
        <div className="col-span-2">
          <StockField label={tr`From`} value={stock} onChange={setStock} />
        </div>
        {(kind === 'bubble' || kind === 'wall' || kind === 'joined' || kind === 'disc') &&
          field('across', kind === 'disc' ? tr`Disc, across` : tr`Across, outside`, 0.002)}
        {(kind === 'bubble' || kind === 'joined' || kind === 'disc') &&
          field('wall', kind === 'disc' ? tr`Thick` : tr`Wall`)}
        {(kind === 'wall' || kind === 'joined' || kind === 'pull' || kind === 'stem') &&
          field(
            'long',
            kind === 'wall' || kind === 'pull' ? tr`Marked, long` : tr`Wanted, long`,
            0.001,
          )}
        {(kind === 'stem' || kind === 'pull') && field('thin', tr`Pulled to, across`, 2e-4)}
      </div>
      <p className="mt-2 text-lg leading-snug">{answer(kind, stock, n, text)}</p>
      <p className="quiet text-sm">{tr`Glass is neither made nor lost; heated ends and points come on top.`}</p>
    </section>
  );
}

function answer(
  kind: Kind,
  stock: Stock,
  n: { across: number; wall: number; long: number; thin: number },
  text: (v: number) => string,
): ReactNode {
  const mark = (volume: number): ReactNode => (
    <>{trNodes`Mark ${(<strong className="num">{text(stockLength(volume, stock))}</strong>)}.`}</>
  );
  switch (kind) {
    case 'bubble':
      return 2 * n.wall < n.across
        ? mark(bubbleGlass(n.across, n.wall))
        : tr`A wall of ${text(n.wall)} leaves no hollow in ${text(n.across)}; make it less than half.`;
    case 'joined':
      return 2 * n.wall < n.across
        ? mark(cylinderGlass(n.long, n.across, n.wall))
        : tr`A wall of ${text(n.wall)} leaves no bore in ${text(n.across)}; make it less than half.`;
    case 'disc':
      return mark(discGlass(n.across, n.wall));
    case 'wall': {
      const wall = bubbleWall(n.long, stock, n.across);
      return wall === undefined ? (
        tr`That much glass is more than a solid ball of ${text(n.across)}: mark less, or blow wider.`
      ) : (
        <>{trNodes`Blows to a wall of ${(<strong className="num">{text(wall)}</strong>)}.`}</>
      );
    }
    case 'stem':
      return n.thin < stock.diameter ? (
        <>{trNodes`Mark ${(<strong className="num">{text(lengthForPull(n.long, stock, n.thin))}</strong>)}, pull it to ${text(n.long)}.`}</>
      ) : (
        tr`A pull only thins: ${text(n.thin)} is not less than the stock.`
      );
    case 'pull': {
      if (n.thin >= stock.diameter)
        return tr`A pull only thins: ${text(n.thin)} is not less than the stock.`;
      const p = pull(n.long, stock, n.thin);
      return (
        <>
          {trNodes`Gives ${(<strong className="num">{text(p.length)}</strong>)}`}
          {p.wall !== undefined && p.bore !== undefined && (
            <>
              {trNodes`, wall ${(<strong className="num">{text(p.wall)}</strong>)}, bore ${text(p.bore)}`}
            </>
          )}
          .
        </>
      );
    }
  }
}
