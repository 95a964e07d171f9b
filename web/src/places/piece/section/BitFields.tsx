// The bit in hand: its measures by kind, where it sits, what it weighs.
import { LIMITS, type PieceBit, type PieceBitShape } from '@zanfirico/contract';
import { copyBit, printText, removeBit } from '@zanfirico/core';
import { Copy, Plus, Trash2, X } from 'lucide-react';
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

const TENTH = 1e-4;
const DEGREE = Math.PI / 180;
/** What the file takes for any measure of a bit, m. */
const LEAST = LIMITS.measure.minimum;

/** Measures of each kind that are simple lengths, in the trade's words. */
const LENGTHS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  rod: [
    ['diameter', 'Across'],
    ['length', 'Long'],
  ],
  ball: [['diameter', 'Across']],
  ellipsoid: [
    ['x', 'Out'],
    ['y', 'Round'],
    ['z', 'Up'],
  ],
  box: [
    ['x', 'Out'],
    ['y', 'Round'],
    ['z', 'Up'],
  ],
  dot: [
    ['diameter', 'Across'],
    ['rise', 'Rises'],
  ],
  bent: [['diameter', 'Across']],
  wrap: [['diameter', 'Thread, across']],
  mesh: [],
};

export function BitFields({ bit, index }: { readonly bit: PieceBit; readonly index: number }) {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const { takeBit, takePart } = useBoard();
  const say = useNotices((s) => s.say);
  const { place, shape } = bit;
  const bits = document.bits ?? [];
  const read = last?.bits[index];
  const setPlace = (change: Partial<PieceBit['place']>): void => {
    changeBit(index, { place: { ...place, ...change } });
  };
  const measure = (field: string): number =>
    (shape as unknown as Record<string, number>)[field] ?? 0;

  return (
    <section aria-label={`Bit ${bit.name}`}>
      <div className="flex items-center gap-1">
        <NameField
          label="Name of the bit"
          value={bit.name}
          fallback={shape.kind}
          onChange={(name) => {
            changeBit(index, { name });
          }}
        />
        <IconButton
          label="Copy this bit"
          onClick={() => {
            editPiece((d) => copyBit(d, index));
            takeBit(bits.length);
          }}
        >
          <Copy className="size-4" />
        </IconButton>
        <IconButton
          label="Remove this bit"
          onClick={() => {
            editPiece((d) => removeBit(d, index));
            takePart(0);
            say(`“${bit.name}” is gone; undo brings it back.`);
          }}
        >
          <Trash2 className="size-4" />
        </IconButton>
      </div>
      {read && (
        <p className="num mt-1 text-sm">
          {printText(read.mass, 'mass', units)} · {printText(read.measure.volume, 'volume', units)}{' '}
          · {printText(read.measure.thickness, 'length', units)} thick
        </p>
      )}
      <div className="mt-2 grid grid-cols-3 gap-x-4 gap-y-2">
        {(LENGTHS[shape.kind] ?? []).map(([field, label]) => (
          <QuantityField
            key={field}
            label={label}
            kind="length"
            value={measure(field)}
            within={LIMITS.measure}
            nudge={TENTH}
            onCommit={(value) => {
              changeBit(index, { shape: { ...shape, [field]: value } });
            }}
          />
        ))}
        {shape.kind === 'wrap' && (
          <>
            <CountField
              label="Turns"
              value={shape.turns}
              min={0.25}
              max={LIMITS.wrapTurns.maximum}
              step={0.25}
              onCommit={(turns) => {
                changeBit(index, { shape: { ...shape, turns } });
              }}
            />
            <QuantityField
              label="Rise a turn"
              kind="length"
              value={shape.pitch}
              within={LIMITS.wrapPitch}
              nudge={TENTH}
              onCommit={(pitch) => {
                changeBit(index, { shape: { ...shape, pitch } });
              }}
            />
          </>
        )}
        {shape.kind === 'bent' && shape.wall !== undefined && (
          <QuantityField
            label="Wall"
            kind="length"
            value={shape.wall}
            min={LEAST}
            max={Math.max(LEAST, shape.diameter / 2 - TENTH)}
            nudge={TENTH}
            onCommit={(wall) => {
              changeBit(index, { shape: { ...shape, wall } });
            }}
          />
        )}
      </div>
      {shape.kind === 'bent' && <PathTable shape={shape} index={index} />}
      {shape.kind === 'mesh' && (
        <p className="quiet mt-1 text-sm">
          {shape.triangles.length / 3} facets, read from a file. Its thickness is taken as twice a
          ball’s of the same volume to surface.
        </p>
      )}
      <h2 className="mt-4 text-lg">Where it sits</h2>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        <QuantityField
          label="Height"
          kind="length"
          value={place.height}
          within={LIMITS.coordinate}
          nudge={TENTH}
          onCommit={(height) => {
            setPlace({ height });
          }}
        />
        <QuantityField
          label="Off the axis"
          kind="length"
          value={place.out}
          within={LIMITS.radius}
          nudge={TENTH}
          onCommit={(out) => {
            setPlace({ out });
          }}
        />
        <CountField
          label="So many"
          value={place.copies}
          within={LIMITS.bitCopies}
          onCommit={(copies) => {
            setPlace({ copies });
          }}
        />
        <QuantityField
          label="Round"
          kind="angle"
          value={place.around}
          within={LIMITS.angle}
          nudge={DEGREE}
          onCommit={(around) => {
            setPlace({ around });
          }}
        />
        <QuantityField
          label="Tilted out"
          kind="angle"
          value={place.tilt}
          within={LIMITS.angle}
          nudge={DEGREE}
          onCommit={(tilt) => {
            setPlace({ tilt });
          }}
        />
      </div>
      <div className="mt-2">
        <GlassField
          label="Its glass"
          own="the piece’s own"
          value={bit.glass}
          onChange={(glass) => {
            changeBit(index, { glass });
          }}
        />
      </div>
      {place.copies === 2 && (
        <p className="quiet mt-3 text-sm leading-snug">
          Of a pair, make the second slightly bigger: taking glass away is easier than adding.
        </p>
      )}
    </section>
  );
}

type Bent = Extract<PieceBitShape, { kind: 'bent' }>;

function PathTable({ shape, index }: { readonly shape: Bent; readonly index: number }) {
  const set = (path: Bent['path']): void => {
    changeBit(index, { shape: { ...shape, path } });
  };
  return (
    <table className="table mt-3 w-full table-fixed">
      <caption className="quiet text-left text-sm">
        Path of its middle, from where it is stuck on
      </caption>
      <thead>
        <tr className="quiet text-right text-sm">
          <th scope="col" className="w-7">
            <span className="sr-only">Point</span>
          </th>
          <th scope="col" className="font-normal">
            out
          </th>
          <th scope="col" className="font-normal">
            up
          </th>
          <th scope="col" className="w-18">
            <span className="sr-only">Add or remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {shape.path.map((p, i) => (
          <tr key={i}>
            <th scope="row" className="num text-left text-sm">
              {i + 1}
            </th>
            {(['out', 'up'] as const).map((field) => (
              <td key={field} className="pl-2">
                <QuantityField
                  bare
                  label={`Path point ${String(i + 1)} ${field}`}
                  kind="length"
                  value={p[field]}
                  within={LIMITS.coordinate}
                  nudge={TENTH}
                  onCommit={(value) => {
                    set(shape.path.map((q, k) => (k === i ? { ...q, [field]: value } : q)));
                  }}
                />
              </td>
            ))}
            <td className="text-right whitespace-nowrap">
              <IconButton
                label={`Add a path point after ${String(i + 1)}`}
                onClick={() => {
                  const next = shape.path[i + 1];
                  const before = shape.path[i - 1] ?? p;
                  const added = next
                    ? { out: (p.out + next.out) / 2, up: (p.up + next.up) / 2 }
                    : { out: 2 * p.out - before.out, up: 2 * p.up - before.up };
                  if (shape.path.length < 40)
                    set([...shape.path.slice(0, i + 1), added, ...shape.path.slice(i + 1)]);
                }}
              >
                <Plus className="size-3.5" />
              </IconButton>
              {shape.path.length > 2 && (
                <IconButton
                  label={`Remove path point ${String(i + 1)}`}
                  onClick={() => {
                    set(shape.path.filter((_, k) => k !== i));
                  }}
                >
                  <X className="size-3.5" />
                </IconButton>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
