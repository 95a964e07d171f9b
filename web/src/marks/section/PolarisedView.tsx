// The whole piece between polarisers, from the side: the retardation summed up along the sight, in the colours it shows.
import {
  interferenceColour,
  seenThrough,
  TINT_PLATE,
  type SectionMesh,
  type SectionOutcome,
} from '@zanfirico/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../../fields/Choice';
import { shown } from '../../fields/shown';

type Kept = NonNullable<SectionOutcome['picture']>['night']['kept'];

interface Props {
  readonly mesh: SectionMesh;
  readonly stress: Kept;
  readonly optical: number | undefined;
}

const PLATES = [
  { value: 'tint', label: 'With a tint plate' },
  { value: 'plain', label: 'Without' },
] as const;

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
    const nothing = plate === 'tint' ? interferenceColour(0, 0, TINT_PLATE) : ([0, 0, 0] as const);
    for (let y = 0; y < e.height; y += 1)
      for (let x = 0; x < e.width; x += 1) {
        const i = Math.floor(Math.abs(x + 0.5 - e.width / 2));
        const k = up - 1 - (y - pad);
        const glass = i < across && k >= 0 && k < up && !Number.isNaN(along[k * across + i]);
        const at = k * across + i;
        const colour = glass
          ? interferenceColour(
              1e9 * (along[at] as number),
              1e9 * (aslant[at] as number),
              plate === 'tint' ? TINT_PLATE : 0,
            )
          : nothing;
        image.data.set([...colour, 255], 4 * (y * e.width + x));
      }
    context.putImageData(image, 0, 0);
  }, [seen, plate]);
  return (
    <>
      <canvas
        ref={canvas}
        role="img"
        aria-label={`Between crossed polarisers, from the side: ${shown(most, 0)} nm at most`}
        className="mx-auto block max-h-[22rem] w-auto max-w-full"
        style={{ imageRendering: 'auto', minHeight: '16rem' }}
      />
      <div className="mt-1 flex flex-wrap items-end justify-between gap-x-4">
        <Choice legend="Polarisers" hideLegend value={plate} options={PLATES} onChange={setPlate} />
        <p className="quiet">
          at most <span className="num">{shown(most, 0)} nm</span>
        </p>
      </div>
    </>
  );
}
