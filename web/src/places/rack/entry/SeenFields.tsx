// How the colour was seen: a sample of known thickness, against the light or on white, typed or out of a photo.
import type { RackEntry } from '@zanfirico/contract/rack';
import { LIMITS } from '@zanfirico/contract';
import type { Changes } from '@zanfirico/core/edits';
import { hexOf, lightOf, over, seenFrom, throughAt, WHITE, type Light } from '@zanfirico/core/fit';
import type { RackLine } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import { Camera } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { ThicknessField } from '../../../fields/ThicknessField';
import { PhotoDialog } from './PhotoDialog';

interface Props {
  readonly line: RackLine;
  readonly onChange: (patch: Changes<RackEntry>) => void;
}

const LOOKS = [
  { value: 'transparent', label: tr`transparent` },
  { value: 'opalescent', label: tr`opalescent` },
  { value: 'opaque', label: tr`opaque` },
] as const;

export function SeenFields({ line, onChange }: Props) {
  const { colour } = line;
  const { seen, look } = colour;
  const [lay, setLay] = useState<'on white' | 'against the light'>('on white');
  const [photo, setPhoto] = useState(false);
  const shown: Light =
    look !== 'transparent'
      ? seen.body
      : lay === 'on white'
        ? over(seen, seen.sample, WHITE)
        : throughAt(seen, seen.sample);
  const put = (light: Light, sample = seen.sample): void => {
    onChange({ seen: seenFrom(light, sample, lay, look, seen) });
  };
  return (
    <div>
      <Choice
        legend={tr`Look`}
        hideLegend
        options={LOOKS}
        value={look}
        onChange={(next) => {
          onChange({ look: next, seen: seenFrom(shown, seen.sample, lay, next) });
        }}
      />
      <div className="mt-1 grid grid-cols-[5.5rem_1fr] items-end gap-3">
        <ThicknessField
          label={tr`Sample is`}
          value={seen.sample}
          within={LIMITS.sample}
          onCommit={(sample) => {
            onChange({ seen: { ...seen, sample } });
          }}
        />
        {look === 'transparent' && (
          <Choice
            legend={tr`It lay`}
            hideLegend
            options={[
              { value: 'on white', label: tr`on white` },
              { value: 'against the light', label: tr`against light` },
            ]}
            value={lay}
            onChange={setLay}
          />
        )}
      </div>
      <div className="mt-2 flex items-center gap-3">
        <label className="flex items-center gap-2">
          <input
            type="color"
            className="h-9 w-12 cursor-pointer border-0 bg-transparent p-0"
            aria-label={tr`Colour of the sample as it lay`}
            // The picker tells every move; it is kept once it is left.
            key={hexOf(shown)}
            defaultValue={hexOf(shown)}
            onBlur={(e) => {
              const light = lightOf(e.target.value);
              if (light && e.target.value !== hexOf(shown)) put(light);
            }}
          />
          <span className="num text-sm">{hexOf(shown)}</span>
        </label>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            setPhoto(true);
          }}
        >
          <Camera className="size-4" /> {tr`From a photo`}
        </button>
      </div>
      {!line.own && (
        <p className="quiet text-xs">{tr`A representative look; pick your own sample over it.`}</p>
      )}
      {photo && (
        <PhotoDialog
          onClose={() => {
            setPhoto(false);
          }}
          onPick={(light) => {
            put(light);
          }}
        />
      )}
    </div>
  );
}
