// Looking inside: temperature, tension or structure through the wall over the night, as a picture one can scrub.
import { trNodes } from '../words/trNodes';
import type { CheckedNight, Outcome, ScheduleInput } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../fields/Choice';
import { useSize } from '../marks/useSize';
import { useDisplay } from '../stores/display';
import { clockWords } from '../clock/clockWords';
import { useAnswer } from '../workers/useAnswer';
import { night } from '../workers/workers';
import { SHOWN_INSIDE, type Shown } from './insideGlass';

interface Props {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
  readonly lastIn: string;
}

const HEIGHT = 170;
/** Pull is warm, push is cold; temperature and structure go from steel to white heat. */
const PULL = [255, 142, 60] as const;
const PUSH = [88, 150, 178] as const;
const DARK = [22, 21, 20] as const;
const HOT = [255, 226, 178] as const;

const mix = (a: readonly number[], b: readonly number[], t: number): number[] =>
  a.map((v, i) => v + ((b[i] as number) - v) * t);

/** Colour of a value between the least and the most: about zero for tension, up from the least otherwise. */
function shade(shown: Shown, v: number, least: number, most: number): number[] {
  if (shown === 'stress') {
    const limit = Math.max(Math.abs(least), Math.abs(most), 1);
    const x = Math.sqrt(Math.min(1, Math.abs(v) / limit));
    return mix(DARK, v > 0 ? PULL : PUSH, x);
  }
  const x = (v - least) / Math.max(1e-9, most - least);
  return x < 0.5 ? mix(DARK, PULL, 2 * x) : mix(PULL, HOT, 2 * x - 1);
}

/** The picture is asked for when it is looked at: it is much to carry. */
export function InsideLeaf({ input, checked, lastIn }: Props) {
  const there = checked.outcome.night.walls[0]?.picture !== undefined;
  const ask = useMemo(
    () => (there ? undefined : () => night((w) => w.pictured(input))),
    [there, input],
  );
  const asked = useAnswer(ask);
  const outcome = there
    ? checked.outcome
    : asked.state === 'here'
      ? asked.value.outcome
      : undefined;
  if (!outcome)
    return (
      <p className="quiet">
        {asked.state === 'failed' ? asked.says : tr`The picture through the wall is being made …`}
      </p>
    );
  return <Picture outcome={outcome} lastIn={lastIn} />;
}

function Picture({ outcome, lastIn }: { readonly outcome: Outcome; readonly lastIn: string }) {
  const units = useDisplay((s) => s.units);
  const [shown, setShown] = useState<Shown>('stress');
  const [at, setAt] = useState<number>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [box, { width }] = useSize<HTMLDivElement>();
  const { night } = outcome;
  const picture = night.walls[0]?.picture;
  const sample = Math.min(at ?? Math.floor(night.samples / 3), night.samples - 1);
  const { values, places } = useMemo(() => {
    if (!picture) return { values: new Float32Array(), places: new Float64Array() };
    return shown === 'temperature'
      ? { values: picture.temperature, places: picture.depths }
      : { values: shown === 'stress' ? picture.stress : picture.fictive, places: picture.points };
  }, [picture, shown]);
  const [least, most] = useMemo(() => {
    let [a, b] = [Infinity, -Infinity];
    for (const v of values) {
      if (v < a) a = v;
      if (v > b) b = v;
    }
    return [a, b];
  }, [values]);
  useEffect(() => {
    const e = canvas.current;
    const context = e?.getContext('2d');
    const n = places.length;
    if (!e || !context || n === 0) return;
    const columns = 400;
    e.width = columns;
    e.height = n;
    const image = context.createImageData(columns, n);
    const begin = night.time[0] as number;
    const span = (night.time[night.samples - 1] as number) - begin;
    let k = 0;
    for (let c = 0; c < columns; c += 1) {
      const t = begin + (span * c) / (columns - 1);
      while (k < night.samples - 1 && (night.time[k + 1] as number) <= t) k += 1;
      for (let p = 0; p < n; p += 1) {
        // Skin at the top, middle at the foot.
        const rgb = shade(shown, values[k * n + (n - 1 - p)] as number, least, most);
        const i = 4 * (p * columns + c);
        image.data.set([rgb[0] as number, rgb[1] as number, rgb[2] as number, 255], i);
      }
    }
    context.putImageData(image, 0, 0);
  }, [values, places, shown, least, most, night]);
  if (!picture)
    return <p className="quiet">{tr`The picture through the wall comes with the simulation.`}</p>;
  const n = places.length;
  const now = night.time[sample] as number;
  const begin = night.time[0] as number;
  const span = (night.time[night.samples - 1] as number) - begin;
  const kind = shown === 'stress' ? 'stress' : 'temperature';
  const tell = (v: number): string => printText(v, kind, units);
  const skin = values[sample * n + n - 1] as number;
  const middle = values[sample * n] as number;
  const clock = clockWords(lastIn, now);
  const profile = Array.from({ length: n }, (_, p) => {
    const v = values[sample * n + (n - 1 - p)] as number;
    const low = shown === 'stress' ? Math.min(least, 0) : least;
    const x = 6 + (148 * (v - low)) / Math.max(1e-9, Math.max(most, 0) - low);
    return `${x.toFixed(1)},${((HEIGHT * p) / Math.max(1, n - 1)).toFixed(1)}`;
  }).join(' ');
  return (
    <section
      aria-label={tr`Inside the wall: ${shown === 'stress' ? tr`tension, orange pulled and blue pressed,` : shown === 'temperature' ? 'temperature' : tr`fictive temperature`} from skin to middle over the night, from ${tell(least)} to ${tell(most)}`}
    >
      <div className="flex flex-wrap items-end justify-between gap-x-6">
        <Choice
          legend={tr`Through the thickest wall`}
          value={shown}
          options={SHOWN_INSIDE}
          onChange={setShown}
        />
        <p className="leading-tight">
          <span className="num text-xl font-semibold">{clock.time}</span>{' '}
          <span className="quiet">{clock.day}</span>
          <br />
          {trNodes`skin ${(<b className="num">{tell(skin)}</b>)}, middle ${(<b className="num">{tell(middle)}</b>)}`}
        </p>
      </div>
      <div className="mt-2 flex items-stretch gap-3">
        <div className="quiet flex flex-col justify-between text-sm">
          <span>{tr`skin`}</span>
          <span>{tr`middle`}</span>
        </div>
        <div ref={box} className="relative min-w-0 flex-1">
          <canvas ref={canvas} className="block w-full" style={{ height: HEIGHT }} aria-hidden />
          <div
            className="bg-chalk pointer-events-none absolute top-0 w-px"
            style={{
              left: (width * (now - begin)) / Math.max(1, span),
              height: HEIGHT,
              background: 'var(--chalk)',
            }}
          />
          <input
            type="range"
            className="range range-xs mt-1 w-full"
            aria-label={tr`Moment of the night`}
            min={0}
            max={night.samples - 1}
            value={sample}
            aria-valuetext={tr`${clock.time} ${clock.day}: skin ${tell(skin)}, middle ${tell(middle)}`}
            onChange={(e) => {
              setAt(Number(e.target.value));
            }}
          />
        </div>
        <svg
          width={160}
          height={HEIGHT}
          className="shrink-0 bg-(--board) max-sm:hidden"
          role="img"
          aria-label={tr`The same along the wall at that moment`}
        >
          {shown === 'stress' && (
            <line
              x1={
                6 +
                (148 * (0 - Math.min(least, 0))) /
                  Math.max(1e-9, Math.max(most, 0) - Math.min(least, 0))
              }
              x2={
                6 +
                (148 * (0 - Math.min(least, 0))) /
                  Math.max(1e-9, Math.max(most, 0) - Math.min(least, 0))
              }
              y1={0}
              y2={HEIGHT}
              stroke="var(--chalk-dim)"
              strokeOpacity={0.5}
            />
          )}
          <polyline points={profile} fill="none" stroke="var(--color-primary)" strokeWidth={2} />
        </svg>
      </div>
      <p className="quiet mt-1 text-sm leading-snug">
        {shown === 'stress' && tr`Orange is pulled, blue is pressed. `}
        {shown === 'fictive' &&
          tr`The temperature at which the glass as it is built would be at rest: it stays behind where the glass grows stiff. `}
        {tr`From ${tell(least)} to ${tell(most)}.`}
      </p>
    </section>
  );
}
