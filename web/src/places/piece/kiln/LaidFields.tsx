// The thing laid that is in hand: of what, how thick, how large, where; copies of it.
import type { LaidAs } from '@zanfirico/contract/kiln';
import { LIMITS } from '@zanfirico/contract';
import type { KilnWork, Laid, LaidShape } from '@zanfirico/contract/kiln';
import { LAID_KINDS } from '@zanfirico/core/kiln';
import { tr } from '@zanfirico/core/words';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { useRack } from '../../../stores/theRack';
import { changeKiln, changeLaid, freshId } from './changeKiln';

const DEGREE = Math.PI / 180;
const NAMES: Readonly<Record<LaidAs, string>> = {
  sheet: 'sheet',
  strip: 'strip',
  stringer: 'stringer',
  frit: tr`frit, heaped`,
  powder: tr`powder, sifted`,
};

interface Props {
  readonly kiln: KilnWork;
  readonly laid: Laid;
  readonly glassName: string;
  readonly onChoose: (id: string | undefined) => void;
}

/** How large it is cut. */
function SizeOfLaid({ laid: { id, shape } }: { readonly laid: Laid }) {
  const setShape = (next: LaidShape): void => {
    changeLaid(id, { shape: next });
  };
  return (
    <>
      {shape.kind === 'round' && (
        <QuantityField
          label={tr`Across`}
          kind="length"
          value={shape.across}
          within={LIMITS.laidSize}
          nudge={0.001}
          onCommit={(across) => {
            setShape({ ...shape, across });
          }}
        />
      )}
      {shape.kind === 'rect' && (
        <>
          <QuantityField
            label={tr`Wide`}
            kind="length"
            value={shape.width}
            within={LIMITS.laidSize}
            nudge={0.001}
            onCommit={(width) => {
              setShape({ ...shape, width });
            }}
          />
          <QuantityField
            label={tr`Deep`}
            kind="length"
            value={shape.deep}
            within={LIMITS.laidSize}
            nudge={0.001}
            onCommit={(deep) => {
              setShape({ ...shape, deep });
            }}
          />
        </>
      )}
    </>
  );
}

/** Copied, laid higher or lower, taken away. */
function LaidKeys({ kiln, laid, onChoose }: Omit<Props, 'glassName'>) {
  const { id } = laid;
  const at = kiln.laid.findIndex((l) => l.id === id);
  const copyTo = (change: (l: Laid) => Laid): void => {
    const fresh = freshId(kiln);
    changeKiln((k) => ({ ...k, laid: [...k.laid, { ...change(laid), id: fresh }] }));
    onChoose(fresh);
  };
  const moveTo = (to: number): void => {
    changeKiln((k) => {
      const rest = k.laid.filter((l) => l.id !== id);
      return { ...k, laid: [...rest.slice(0, to), laid, ...rest.slice(to)] };
    });
  };
  return (
    <div className="mt-2 flex flex-wrap gap-1">
      <button
        type="button"
        className="btn btn-outline btn-xs"
        onClick={() => {
          copyTo((l) => ({ ...l, x: Number((l.x + 0.01).toFixed(4)) }));
        }}
      >
        {tr`Copy`}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-xs"
        onClick={() => {
          copyTo((l) => ({ ...l, x: -l.x, turn: -l.turn, mirrored: l.mirrored !== true }));
        }}
      >
        {tr`Copy, mirrored`}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-xs"
        disabled={kiln.laid.length + 5 > 500}
        onClick={() => {
          changeKiln((k) => {
            let next = k;
            for (let i = 1; i < 6; i += 1) {
              const a = (i * Math.PI) / 3;
              const [c, s] = [Math.cos(a), Math.sin(a)];
              next = {
                ...next,
                laid: [
                  ...next.laid,
                  {
                    ...laid,
                    id: freshId(next),
                    x: Number((laid.x * c - laid.y * s).toFixed(4)),
                    y: Number((laid.x * s + laid.y * c).toFixed(4)),
                    turn: Number(
                      (((laid.turn + a + Math.PI) % (2 * Math.PI)) - Math.PI).toFixed(5),
                    ),
                  },
                ],
              };
            }
            return next;
          });
        }}
      >
        {tr`Six round the middle`}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-xs"
        disabled={at >= kiln.laid.length - 1}
        onClick={() => {
          moveTo(at + 1);
        }}
      >
        {tr`Lay higher`}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-xs"
        disabled={at <= 0}
        onClick={() => {
          moveTo(at - 1);
        }}
      >
        {tr`Lay lower`}
      </button>
      <button
        type="button"
        className="btn btn-outline btn-xs"
        onClick={() => {
          changeKiln((k) => ({ ...k, laid: k.laid.filter((l) => l.id !== id) }));
          onChoose(undefined);
        }}
      >
        {tr`Take away`}
      </button>
    </div>
  );
}

export function LaidFields({ kiln, laid, glassName, onChoose }: Props) {
  const { id } = laid;
  const lines = useRack((s) => s.rack).lines;
  return (
    <fieldset className="fieldset mt-2">
      <legend className="font-display text-xl font-semibold">{tr`In hand`}</legend>
      <div className="grid grid-cols-2 gap-x-5 gap-y-2">
        <SelectField
          label={tr`Laid as`}
          value={laid.as}
          onChange={(as: LaidAs) => {
            changeLaid(id, { as });
          }}
        >
          {LAID_KINDS.map((as) => (
            <option key={as} value={as}>
              {NAMES[as]}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={tr`Of`}
          value={laid.of ?? ''}
          onChange={(of) => {
            changeLaid(id, { of: of === '' ? undefined : of });
          }}
        >
          <option value="">{glassName}</option>
          {lines
            .filter(
              (l) => l.entry.family !== 'other' && (!l.entry.retired || l.entry.id === laid.of),
            )
            .map(({ entry }) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
        </SelectField>
        <QuantityField
          label={laid.as === 'frit' || laid.as === 'powder' ? tr`Heaped` : tr`Thick`}
          kind="length"
          value={laid.thickness}
          within={LIMITS.laidThick}
          onCommit={(thickness) => {
            changeLaid(id, { thickness });
          }}
        />
        <SizeOfLaid laid={laid} />
        <QuantityField
          label={tr`To the right`}
          kind="length"
          value={laid.x}
          within={LIMITS.laidSpot}
          nudge={0.001}
          onCommit={(x) => {
            changeLaid(id, { x });
          }}
        />
        <QuantityField
          label={tr`To the back`}
          kind="length"
          value={laid.y}
          within={LIMITS.laidSpot}
          nudge={0.001}
          onCommit={(y) => {
            changeLaid(id, { y });
          }}
        />
        <CountField
          label={tr`Turned, °`}
          value={Math.round(laid.turn / DEGREE)}
          min={-360}
          max={360}
          onCommit={(turn) => {
            changeLaid(id, { turn: turn * DEGREE });
          }}
        />
      </div>
      <LaidKeys kiln={kiln} laid={laid} onChoose={onChoose} />
    </fieldset>
  );
}
