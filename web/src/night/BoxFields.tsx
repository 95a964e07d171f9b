// An annealer as a device: power, thermal mass, losses, unevenness; and what follows from them.
import { trNodes } from '../words/trNodes';
import { ANNEALER_LIMITS } from '@zanfirico/contract';
import { climbAt, lossOf, settlesAt, type Box } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { QuantityField } from '../fields/QuantityField';
import { useDisplay } from '../stores/display';

/** What is typed of a box. */
export type BoxChange = Partial<Pick<Box, 'coolingTime' | 'power' | 'capacity' | 'unevenness'>>;

interface Props {
  /** Whose figures they are, before each label; for a list of several. */
  readonly name?: string | undefined;
  readonly box: Box;
  /** What it is to be held at, °C. */
  readonly hold: number;
  readonly onChange: (change: BoxChange) => void;
}

const FIELDS = [
  { id: 'power', label: tr`Power`, kind: 'power', nudge: 100 },
  { id: 'capacity', label: tr`Thermal mass`, kind: 'heatCapacity', nudge: 1000 },
  { id: 'coolingTime', label: tr`Cools to a third in`, kind: 'time', nudge: 600 },
  { id: 'unevenness', label: tr`Uneven by`, kind: 'temperatureDifference', nudge: 1 },
] as const;

/** No annealer gets hotter with its power full on, °C. From memory. */
const HOTTEST = 1150;

export function BoxFields({ name, box, hold, onChange }: Props) {
  const units = useDisplay((s) => s.units);
  return (
    <div>
      <div className="grid grid-cols-2 gap-x-6 gap-y-1">
        {FIELDS.map(({ id, label, ...field }) => (
          <QuantityField
            key={id}
            label={name === undefined ? label : `${name}: ${label.toLowerCase()}`}
            {...field}
            within={ANNEALER_LIMITS[id]}
            value={box[id]}
            onCommit={(v) => {
              onChange({ [id]: v });
            }}
          />
        ))}
      </div>
      <p className="quiet mt-0.5 text-sm leading-snug">
        {trNodes`Holds ${printText(hold, 'temperature', units)} with ${(<span className="num">{printText(lossOf(box) * (hold - box.room), 'power', units)}</span>)}, climbs there at ${(<span className="num">{printText(climbAt(box, hold), 'rate', units)}</span>)},`}
        {settlesAt(box) > HOTTEST ? (
          tr`and by its power and cooling time would get hotter than any annealer: look at both again.`
        ) : (
          <>
            {trNodes`would end at ${(<span className="num">{printText(settlesAt(box), 'temperature', units)}</span>)}`}
            .
          </>
        )}
      </p>
    </div>
  );
}
