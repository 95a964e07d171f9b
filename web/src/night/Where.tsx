// Where a night leaves what: the drawn section in colour, once cold or at any moment, and as polarisers would show it.
import { trNodes } from '../words/trNodes';
import type { CheckedNight, ScheduleInput } from '@zanfirico/core/night';
import {
  placeName,
  type DrawnSection,
  type RealSection,
  type SectionOutcome,
} from '@zanfirico/core/night/section';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useState } from 'react';
import { clockWords } from '../clock/clockWords';
import { Choice } from '../fields/Choice';
import { PolarisedView } from '../marks/section/PolarisedView';
import { SectionField } from '../marks/section/SectionField';
import { useDisplay } from '../stores/display';
import { drawnBodies, useSectionPicture } from './useSectionPicture';
import { SHOWN_INSIDE, type Shown } from './insideGlass';
import { TroubleLine } from '../marks/TroubleLine';

interface Props {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
  readonly lastIn: string;
}

export function WhereLeaf({ input, checked, lastIn }: Props) {
  const units = useDisplay((s) => s.units);
  const { outcome } = checked;
  const bodies = drawnBodies(input);
  const [chosen, setChosen] = useState<number>();
  const body = chosen ?? outcome.section?.of ?? 0;
  const drawn = bodies[body];
  const picture = useSectionPicture(input, checked, drawn);
  if (!outcome.section || !drawn)
    return (
      <p className="max-w-prose leading-snug">
        {tr`The drawn section could not be looked at: ${outcome.unmeshed ?? tr`nothing of it is round.`} The schedule takes the piece as a thick wall joined to a thin one.`}
      </p>
    );
  if (picture.state === 'failed') return <TroubleLine>{picture.says}</TroubleLine>;
  return (
    <section aria-label={tr`Where`}>
      {bodies.length > 1 && (
        <Choice
          legend={tr`Which body`}
          hideLegend
          value={String(body)}
          options={bodies.map((b, i) => ({ value: String(i), label: namesOf(b) }))}
          onChange={(i) => {
            setChosen(Number(i));
          }}
        />
      )}
      {picture.state === 'asked' || !picture.value ? (
        <p className="quiet" role="status">
          {tr`The section is being put through once more, for its picture …`}
        </p>
      ) : (
        <Picture input={input} section={drawn.section} told={picture.value} lastIn={lastIn} />
      )}
      <p className="quiet mt-2 max-w-prose text-sm leading-snug">
        {outcome.place && tr`At the ${trWord(outcome.place)} place of the box. `}
        {outcome.byWalls !== undefined &&
          tr`As thick and thin joined it would have been taken to keep ${printText(outcome.byWalls, 'stress', units)}.`}
        {drawn.section.leavesOut.length > 0 &&
          tr` Not in the section: ${drawn.section.leavesOut.join(', ')}; they count as lumps of their own thickness.`}{' '}
        {tr`Tool 1946, Narayanaswamy 1971, Moynihan 1976; finite elements of Crouzeix & Raviart.`}
      </p>
    </section>
  );
}

const namesOf = ({ section }: DrawnSection): string => section.bodies.map((b) => b.name).join(', ');

type Looks = Shown | 'polarised';
const LOOKS: readonly { readonly value: Looks; readonly label: string; readonly note?: string }[] =
  [...SHOWN_INSIDE, { value: 'polarised', label: tr`Polarisers`, note: tr`once cold` }];

/** One night in the section: the picture, the clock, a place's history. */
function Picture({
  input,
  section,
  told,
  lastIn,
}: {
  readonly input: ScheduleInput;
  readonly section: RealSection;
  readonly told: SectionOutcome;
  readonly lastIn: string;
}) {
  const units = useDisplay((s) => s.units);
  const [shown, setShown] = useState<Looks>('stress');
  const moments = told.picture?.night.moments ?? [];
  const last = moments.length;
  const [at, setAt] = useState(last);
  const [corner, setCorner] = useState<number>();
  const moment = moments[Math.min(at, last - 1)];
  if (!told.picture || !moment) return null;
  const { mesh, night: through } = told.picture;
  const cold = at >= last;
  const kind = shown === 'stress' ? 'stress' : 'temperature';
  const tell = (v: number): string => printText(v, kind, units);
  const values =
    shown === 'temperature' || shown === 'fictive'
      ? moment[shown]
      : cold
        ? Float32Array.from(through.kept.most)
        : moment.most;
  const [low, high] = values.reduce<readonly [number, number]>(
    ([a, b], v) => [Math.min(a, v), Math.max(b, v)],
    [Infinity, -Infinity],
  );
  const clock = clockWords(lastIn, moment.time);
  const history = corner === undefined ? [] : moments.map((m) => m.most[corner] as number);
  return (
    <>
      <Choice
        legend={tr`What is shown`}
        hideLegend
        value={shown}
        options={LOOKS}
        onChange={setShown}
      />
      <div className="mt-2 grid gap-x-6 lg:grid-cols-[minmax(0,34rem)_1fr]">
        <div>
          {shown === 'polarised' ? (
            <PolarisedView mesh={mesh} stress={through.kept} optical={input.glass.stressOptical} />
          ) : (
            <SectionField
              mesh={mesh}
              values={values}
              low={low}
              high={high}
              signed={shown === 'stress'}
              mark={
                shown === 'stress' && cold
                  ? {
                      r: told.keeps.r,
                      z: told.keeps.z,
                      says: printText(told.keeps.stress, 'stress', units),
                    }
                  : undefined
              }
              at={corner}
              onTake={setCorner}
              label={tr`The section ${cold ? tr`once cold` : tr`at ${clock.time}`}: ${shown === 'stress' ? tr`tension, hatched where it is pressed,` : 'temperature'} from ${tell(low)} to ${tell(high)}; the most is kept ${told.keeps.where}`}
            />
          )}
          {shown !== 'polarised' && (
            <input
              type="range"
              className="range range-xs mt-2 w-full max-w-[34rem]"
              aria-label={tr`Moment of the night`}
              min={0}
              max={last}
              value={at}
              aria-valuetext={cold ? 'cold' : `${clock.time} ${clock.day}`}
              onChange={(e) => {
                setAt(Number(e.target.value));
              }}
            />
          )}
        </div>
        <div>
          <p className="text-lg leading-snug">
            {trNodes`Most is kept ${(<b>{told.keeps.where}</b>)}: ${(<b className="num">{printText(told.keeps.stress, 'stress', units)}</b>)}`}
            .
          </p>
          {shown === 'polarised' ? (
            <p className="quiet mt-2 leading-snug">{tr`As it looks from the side, held between crossed polarisers: dark where nothing pulls, and through the tint plate blue and orange where it does. Hold the real piece beside it. What is seen is summed up through the whole vessel (Aben 1979).`}</p>
          ) : (
            <>
              <p className="mt-2 text-lg">
                {cold ? (
                  tr`Once cold`
                ) : (
                  <>
                    {trNodes`${(<b className="num">{clock.time}</b>)} ${clock.day}, box ${(<span className="num">{printText(moment.kiln, 'temperature', units)}</span>)}`}
                  </>
                )}
              </p>
              <p className="quiet leading-snug">
                {trNodes`from ${(<span className="num">{tell(low)}</span>)} to ${(<span className="num">{tell(high)}</span>)}`}
                {shown === 'stress' &&
                  tr`; orange is pulled, hatched blue is pressed in every direction`}
              </p>
              {corner === undefined ? (
                <p className="quiet mt-3 leading-snug">{tr`Click a place for what it went through.`}</p>
              ) : (
                <>
                  <p className="mt-3 leading-snug">
                    {placeName(mesh, section, {
                      r: mesh.r[corner] as number,
                      z: mesh.z[corner] as number,
                    })}
                    : <b className="num">{tell(values[corner] as number)}</b>
                  </p>
                  <History values={history} at={cold ? last - 1 : at} />
                </>
              )}
            </>
          )}
        </div>
      </div>
    </>
  );
}

/** Tension of one place through the night, about nothing. */
function History({ values, at }: { readonly values: readonly number[]; readonly at: number }) {
  const limit = Math.max(1, ...values.map(Math.abs));
  const x = (i: number): number => (260 * i) / Math.max(1, values.length - 1);
  const y = (v: number): number => 45 - (40 * v) / limit;
  return (
    <svg
      viewBox="0 0 260 90"
      className="mt-1 w-full max-w-sm bg-(--board)"
      role="img"
      aria-label={tr`Its tension through the night`}
    >
      <line x1={0} x2={260} y1={45} y2={45} stroke="var(--chalk-dim)" strokeOpacity={0.5} />
      <polyline
        points={values.map((v, i) => `${x(i).toFixed(1)},${y(v).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth={2}
      />
      <line x1={x(at)} x2={x(at)} y1={0} y2={90} stroke="var(--chalk)" strokeDasharray="3 3" />
    </svg>
  );
}
