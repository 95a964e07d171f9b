// Cast: what to weigh in, what stands above the mould, how it is filled.
import type { Packed } from '@zanfirico/contract/kiln';
import { trNodes } from '../../../words/trNodes';
import { withChanges } from '@zanfirico/core/edits';
import { castFor, PACKED_SHARE, reservoirTall } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { useDisplay } from '../../../stores/display';
import { usePiece } from '../usePiece';
import { changeKiln } from './changeKiln';

export function CastWords() {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const cast = useCast();
  const { kiln } = document;
  if (!cast || !kiln?.cast || !last) return null;
  const { packed, reservoir } = kiln.cast;
  return (
    <div className="mb-3">
      <h2 className="text-3xl leading-tight">
        {trNodes`Weigh in ${(<span className="num text-primary">{printText(cast.mass, 'mass', units)}</span>)} of ${trWord(PACKED_SHARE[packed].name)}`}
      </h2>
      <p className="mt-1 max-w-prose text-lg leading-snug">
        {trNodes`The mould holds ${(<b className="num">{printText(cast.water, 'mass', units)}</b>)} of water. Loose, its glass is a heap of ${(<b className="num">{printText(cast.heap, 'volume', units)}</b>)}: ${(<b className="num">{printText(cast.above, 'volume', units)}</b>)} more than the mould holds`}
        {reservoir !== undefined && (
          <>
            {trNodes`, in a reservoir ${(<b className="num">{printText(reservoir, 'length', units)}</b>)} across ${(
              <b className="num">
                {printText(reservoirTall(cast.above, reservoir), 'length', units)}
              </b>
            )} tall`}
          </>
        )}
        .
      </p>
      <p className="quiet mt-1 max-w-prose leading-snug">{tr`The investment bone dry before glass goes in: steam bursts moulds. Its night is for the drawn form and its thickest place: days are honest where it is thick.`}</p>
    </div>
  );
}

export function CastFields() {
  const { document } = usePiece();
  const cast = document.kiln?.cast;
  if (!cast) return null;
  return (
    <fieldset className="fieldset mt-3">
      <legend className="font-display text-xl font-semibold">{tr`The mould is filled with`}</legend>
      <div className="grid grid-cols-2 gap-x-5">
        <SelectField
          label={tr`Glass as`}
          value={cast.packed}
          onChange={(packed: Packed) => {
            changeKiln((k) => ({ ...k, cast: { ...cast, packed } }));
          }}
        >
          {(Object.keys(PACKED_SHARE) as Packed[]).map((p) => (
            <option key={p} value={p}>
              {trWord(PACKED_SHARE[p].name)}
            </option>
          ))}
        </SelectField>
        <QuantityField
          label={tr`Reservoir, across`}
          hint={cast.reservoir === undefined ? tr`none` : ''}
          kind="length"
          value={cast.reservoir ?? 0}
          min={0}
          max={2}
          onCommit={(v) => {
            const reservoir = v >= 0.001 ? v : undefined;
            changeKiln((k) => ({ ...k, cast: withChanges(cast, { reservoir }) }));
          }}
        />
      </div>
    </fieldset>
  );
}

/** What a cast takes, from its drawn form. */
function useCast() {
  const { document, glass, last } = usePiece();
  const { kiln } = document;
  const volume = last?.whole.volume;
  return useMemo(
    () => (kiln && volume !== undefined ? castFor(kiln, volume, glass) : undefined),
    [kiln, volume, glass],
  );
}
