// The bit in hand: its measures by kind, where it sits, what it weighs.
import { LIMITS } from '@zanfirico/contract';
import type { PieceBit } from '@zanfirico/contract/piece';
import { copyBit, removeBit } from '@zanfirico/core/edits';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Copy, Trash2 } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { GlassField } from '../../../fields/GlassField';
import { NameField } from '../../../fields/NameField';
import { QuantityField } from '../../../fields/QuantityField';
import { IconButton } from '../../../shell/IconButton';
import { useBoard } from '../../../stores/board';
import { changeBit, editPiece } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';
import { BitMeasures } from './BitMeasures';

const TENTH = 1e-4;
const DEGREE = Math.PI / 180;
export function BitFields({ bit, index }: { readonly bit: PieceBit; readonly index: number }) {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const { takeBit, takePart } = useBoard();
  const say = useNotices((s) => s.say);
  const { place, shape } = bit;
  const pulled = shape.kind === 'pulled';
  const bits = document.bits ?? [];
  const read = last?.bits[index];
  const setPlace = (change: Partial<PieceBit['place']>): void => {
    changeBit(index, { place: { ...place, ...change } });
  };
  return (
    <section aria-label={tr`Bit ${bit.name}`}>
      <div className="flex items-center gap-1">
        <NameField
          label={tr`Name of the bit`}
          value={bit.name}
          fallback={shape.kind}
          onChange={(name) => {
            changeBit(index, { name });
          }}
        />
        <IconButton
          label={tr`Copy this bit`}
          onClick={() => {
            editPiece((d) => copyBit(d, index));
            takeBit(bits.length);
          }}
        >
          <Copy className="size-4" />
        </IconButton>
        <IconButton
          label={tr`Remove this bit`}
          onClick={() => {
            editPiece((d) => removeBit(d, index));
            takePart(0);
            say(tr`“${bit.name}” is gone; undo brings it back.`);
          }}
        >
          <Trash2 className="size-4" />
        </IconButton>
      </div>
      {read && (
        <p className="num mt-1 text-sm">
          {pulled
            ? tr`the wall’s own glass`
            : `${printText(read.mass, 'mass', units)} · ${printText(read.measure.volume, 'volume', units)}`}{' '}
          {tr`· ${printText(read.measure.thickness, 'length', units)} thick`}
        </p>
      )}
      <BitMeasures shape={shape} index={index} />
      <h2 className="mt-4 text-lg">{tr`Where it sits`}</h2>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {!pulled && (
          <>
            <QuantityField
              label={tr`Height`}
              kind="length"
              value={place.height}
              within={LIMITS.coordinate}
              nudge={TENTH}
              onCommit={(height) => {
                setPlace({ height });
              }}
            />
            <QuantityField
              label={tr`Off the axis`}
              kind="length"
              value={place.out}
              within={LIMITS.radius}
              nudge={TENTH}
              onCommit={(out) => {
                setPlace({ out });
              }}
            />
          </>
        )}
        <CountField
          label={tr`So many`}
          value={place.copies}
          within={LIMITS.bitCopies}
          onCommit={(copies) => {
            setPlace({ copies });
          }}
        />
        <QuantityField
          label={tr`Round`}
          kind="angle"
          value={place.around}
          within={LIMITS.angle}
          nudge={DEGREE}
          onCommit={(around) => {
            setPlace({ around });
          }}
        />
        {!pulled && (
          <QuantityField
            label={tr`Tilted out`}
            kind="angle"
            value={place.tilt}
            within={LIMITS.angle}
            nudge={DEGREE}
            onCommit={(tilt) => {
              setPlace({ tilt });
            }}
          />
        )}
      </div>
      {pulled ? (
        <p className="quiet mt-2 text-sm">{tr`It is pulled from the nearest open lip and goes with it.`}</p>
      ) : (
        <div className="mt-2">
          <GlassField
            label={tr`Its glass`}
            own={tr`the piece’s own`}
            value={bit.glass}
            onChange={(glass) => {
              changeBit(index, { glass });
            }}
          />
        </div>
      )}
      {place.copies === 2 && (
        <p className="quiet mt-3 text-sm leading-snug">{tr`Of a pair, make the second slightly bigger: taking glass away is easier than adding.`}</p>
      )}
    </section>
  );
}
