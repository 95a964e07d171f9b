// The whole piece between polarisers, from the side: the retardation summed up along the sight, in the colours it shows.
import { trNodes } from '../../words/trNodes';
import { interferenceColour, TINT_PLATE } from '@zanfirico/core/fit';
import { seenThrough, type SectionMesh, type SectionOutcome } from '@zanfirico/core/night/section';
import { tr } from '@zanfirico/core/words';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../../fields/Choice';
import { shownNumber } from '../../fields/shown';

type Kept = NonNullable<SectionOutcome['picture']>['night']['kept'];

interface Props {
  readonly mesh: SectionMesh;
  readonly stress: Kept;
  readonly optical: number | undefined;
}

const BESIDE = 0.45;

const PLATES = [
  { value: 'tint', label: tr`With a tint plate` },
  { value: 'plain', label: tr`Without` },
  { value: 'tenfold', label: tr`Tint plate, tenfold`, note: tr`to see where` },
] as const;
/** Well annealed glass shows next to nothing: so many times as much shows where it would. */
const TENFOLD = 10;

/** The section as polarisers show it. */
export function PolarisedView({ mesh, stress, optical }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [plate, setPlate] = useState<(typeof PLATES)[number]['value']>('tint');
  const seen = useMemo(() => seenThrough(mesh, stress, optical), [mesh, stress, optical]);
  const most = useMemo(
    () =>
      1e9 *
      seen.along.reduce(
        (a, v, i) => (Number.isNaN(v) ? a : Math.max(a, Math.hypot(v, seen.aslant[i] as number))),
        0,
      ),
    [seen],
  );
  useEffect(() => {
    const e = canvas.current;
    const context = e?.getContext('2d');
    if (!e || !context) return;
    const { across, up, along, aslant } = seen;
    const pad = 6;
    e.width = 2 * (across + pad);
    e.height = up + 2 * pad;
    const image = context.createImageData(e.width, e.height);
    // Beside the glass the same field, dimmed, so that its outline can be seen.
    const tint = plate !== 'plain';
    const times = (plate === 'tenfold' ? TENFOLD : 1) * 1e9;
    const field = tint ? interferenceColour(0, 0, TINT_PLATE) : ([70, 68, 66] as const);
    const nothing = field.map((v) => v * BESIDE);
    const half = e.width / 2;
    for (let y = 0; y < e.height; y += 1)
      for (let i = 0; i < half; i += 1) {
        const k = up - 1 - (y - pad);
        const at = k * across + i;
        const glass = i < across && k >= 0 && k < up && !Number.isNaN(along[at]);
        const colour = glass
          ? interferenceColour(
              times * (along[at] as number),
              times * (aslant[at] as number),
              tint ? TINT_PLATE : 0,
            )
          : nothing;
        // Left of the axis as right of it.
        for (const x of [half + i, half - 1 - i])
          image.data.set([...colour, 255], 4 * (y * e.width + x));
      }
    context.putImageData(image, 0, 0);
  }, [seen, plate]);
  return (
    <>
      <div
        role="img"
        aria-label={tr`Between crossed polarisers, from the side: ${shownNumber(most, 0)} nm at most`}
      >
        <canvas
          ref={canvas}
          className="mx-auto block max-h-[22rem] w-auto max-w-full"
          style={{ minHeight: '16rem' }}
          aria-hidden
        />
      </div>
      <div className="mt-1 flex flex-wrap items-end justify-between gap-x-4">
        <Choice
          legend={tr`Polarisers`}
          hideLegend
          value={plate}
          options={PLATES}
          onChange={setPlate}
        />
        <p className="quiet">
          {trNodes`at most ${(<span className="num">{tr`${shownNumber(most, 0)} nm`}</span>)}`}
        </p>
      </div>
    </>
  );
}
