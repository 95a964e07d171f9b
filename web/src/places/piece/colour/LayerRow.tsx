// One layer as it is laid: its colour, its amount, after which gather, how thick it comes out.
import type { PieceColour } from '@zanfirico/contract/piece';
import { hexOf, over, WHITE, type Colour, type WallShare } from '@zanfirico/core/fit';
import { tr, trWord } from '@zanfirico/core/words';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { thicknessText } from '../../../fields/ThicknessField';
import { IconButton } from '../../../shell/IconButton';
import { useDisplay } from '../../../stores/display';
import { AmountFields } from './AmountFields';
import { firstAmount, AMOUNT_KINDS, kindsOf } from './amounts';
import { thinText } from './looks';
import { SelectField } from '../../../fields/SelectField';

interface Props {
  readonly colour: Colour;
  readonly layer: PieceColour;
  /** Undefined for what is set in, and is no layer. */
  readonly share: WallShare | undefined;
  readonly walls: { readonly thinnest: number; readonly thickest: number };
  readonly gathers: number;
  readonly onChange: (layer: Partial<PieceColour>) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onDrop: () => void;
}

/** How deep a thing set in is looked at, m, where it makes no layer. */
const LUMP = 0.001;
/** Thinner than this, micrometres are told, m. */
const FILM = 5e-6;

export function LayerRow(props: Props) {
  const { colour, layer, share, walls, gathers, onChange, onMove, onDrop } = props;
  const units = useDisplay((s) => s.units);
  const thick = (v: number): string => (v < FILM ? thicknessText(v, units) : thinText(v, units));
  const depth = share ? share.share * walls.thinnest : LUMP;
  return (
    <li className="border-base-300 border-b py-2">
      <div className="flex items-center gap-2">
        <span
          className="size-6 shrink-0 rounded-full border border-black/40"
          style={{ background: hexOf(over(colour.seen, depth, WHITE)) }}
          aria-hidden="true"
        />
        <span className="font-display flex-1 text-xl font-semibold">{colour.name}</span>
        <IconButton
          label={tr`Lay ${colour.name} further out`}
          onClick={() => {
            onMove(1);
          }}
        >
          <ArrowUp className="size-4" />
        </IconButton>
        <IconButton
          label={tr`Lay ${colour.name} further in`}
          onClick={() => {
            onMove(-1);
          }}
        >
          <ArrowDown className="size-4" />
        </IconButton>
        <IconButton label={tr`Take ${colour.name} out`} onClick={onDrop}>
          <X className="size-4" />
        </IconButton>
      </div>
      <div className="mt-1 grid grid-cols-[1fr_1fr_1fr] items-end gap-x-3 gap-y-1">
        <SelectField
          label={tr`as`}
          className="col-span-2"
          value={layer.amount.kind}
          onChange={(to) => {
            onChange({ amount: firstAmount(colour, to) });
          }}
        >
          {kindsOf(colour, layer.amount.kind).map((id) => (
            <option key={id} value={id}>
              {trWord(AMOUNT_KINDS[id])}
            </option>
          ))}
        </SelectField>
        <CountField
          label={tr`after gather`}
          value={Math.min(layer.after, gathers)}
          min={1}
          max={gathers}
          onCommit={(after) => {
            onChange({ after });
          }}
        />
        <AmountFields
          amount={layer.amount}
          onChange={(amount) => {
            onChange({ amount });
          }}
        />
      </div>
      {share && (
        <p className="num mt-1 text-sm">
          {tr`${thick(share.atGather)} at the gather`}
          <span className="quiet font-sans">{tr` · on the piece `}</span>
          {tr`${thick(share.share * walls.thinnest)} to ${thick(share.share * walls.thickest)}`}
        </p>
      )}
      {colour.strikes && (
        <p className="quiet text-sm">{tr`Strikes: its colour comes up on reheating.`}</p>
      )}
      {colour.family === 'other' && layer.amount.kind === 'coats' && (
        <p className="quiet text-sm leading-tight">{tr`A film this thin carries no load and tears as the glass stretches; keep decorated ground off the punty. Fume under the hood, never in the open room.`}</p>
      )}
    </li>
  );
}
