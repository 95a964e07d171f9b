// "Make it so wide": the part in hand or the whole piece larger or smaller in the same form.
import { LIMITS } from '@zanfirico/contract';
import { scaledPart, scaledWhole, type Walls } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { editPiece } from '../../../stores/draft';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';
import { shownNumber } from '../../../fields/shown';

export function SizeFields({ index }: { readonly index: number }) {
  const { document, last } = usePiece();
  const say = useNotices((s) => s.say);
  const many = document.parts.length > 1 || (document.bits ?? []).length > 0;
  const [of, setOf] = useState<'part' | 'whole'>('whole');
  const [walls, setWalls] = useState<Walls>('kept');
  const part = last?.parts[index];
  if (!last || !part) return null;
  const one = many && of === 'part';
  const now = one
    ? { wide: 2 * part.shape.widest, high: part.shape.height }
    : { wide: 2 * last.whole.widest, high: last.whole.height };
  const make = (by: number): void => {
    if (by === 1) return;
    editPiece((d) =>
      one ? scaledPart(d, part.id, by, walls, last.whole.vessel?.id) : scaledWhole(d, by, walls),
    );
    say(
      tr`${one ? part.name : tr`The piece`} is ${shownNumber(by, 2)} times as large; undo brings it back.`,
    );
  };
  return (
    <section aria-label={tr`Size`} className="mt-5">
      <h2 className="text-lg">{tr`Make it so large`}</h2>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        {(
          [
            [tr`Widest`, now.wide],
            [tr`High`, now.high],
          ] as const
        ).map(([label, value]) => (
          <QuantityField
            key={label}
            label={label}
            kind="length"
            value={value}
            within={LIMITS.measure}
            onCommit={(to) => {
              make(to / value);
            }}
          />
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-x-6 gap-y-1">
        {many && (
          <Choice
            legend={tr`What`}
            value={of}
            options={[
              { value: 'whole', label: tr`the whole piece` },
              { value: 'part', label: part.name },
            ]}
            onChange={setOf}
          />
        )}
        <Choice
          legend={tr`Walls`}
          value={walls}
          options={[
            { value: 'kept', label: tr`as thick as they are` },
            { value: 'scaled', label: tr`go with it` },
          ]}
          onChange={setWalls}
        />
      </div>
    </section>
  );
}
