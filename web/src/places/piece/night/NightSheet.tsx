// Night: tonight's annealing for this piece, on a clock, as rows, with its reasons.
import { trNodes } from '../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { customaryHolds } from '@zanfirico/core/night/asked';
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { QuantityField } from '../../../fields/QuantityField';
import { useDraft } from '../../../stores/draft';
import { AssumedFields } from '../../../night/AssumedFields';
import { NightBody } from '../../../night/NightBody';
import { StandsFields, type StandingChange } from '../../../night/StandsFields';
import { PracticeChoice } from '../../../night/PracticeChoice';
import { useAnnealers } from '../../../night/useTonightBox';
import { AnnealerSelect } from '../AnnealerSelect';
import { usePiece } from '../usePiece';
import { NightFigures } from './NightFigures';
import { OurWalls } from './OurWalls';
import { useArriving } from './useArriving';
import { useChanges } from './useChanges';
import { TimeField } from '../../../fields/TimeField';
import { Caution } from '../../../night/Caution';

const setFiring = (change: Partial<PieceDocument['firing']>): void => {
  useDraft.getState().change((d) => ({ ...d, firing: { ...d.firing, ...change } }));
};

/** Another way of standing brings its own figures; a figure typed is kept beside the way. */
const setStanding = (change: StandingChange, anew: boolean): void => {
  useDraft.getState().change((d) => {
    const was = d.firing.standing ?? {};
    const kept = anew && was.rounded !== undefined ? { rounded: was.rounded } : anew ? {} : was;
    return { ...d, firing: { ...d.firing, standing: { ...kept, ...change } } };
  });
};

export function NightSheet() {
  const { document, last, night } = usePiece();
  const { firing } = document;
  const changes = useChanges();
  const arrives = useArriving();
  if (!last || !night) return <p className="px-6 py-16">{tr`Tonight comes with the form.`}</p>;
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {document.kiln && (
          <p className="quiet mb-2 leading-snug">
            {trNodes`The end of its last firing, from the soak on; what comes before is on ${(<Link to="../firing" relative="path" className="link">{tr`Firing`}</Link>)}`}
            .
          </p>
        )}
        <NightBody
          input={last.night}
          night={night}
          lastIn={firing.lastIn}
          name={document.name}
          changes={changes}
          arrives={arrives}
        />
      </div>
      <div className="border-base-300 w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <PracticeChoice
          practice={firing.practice}
          inHand={last.night.inHand ?? 0}
          onChange={setFiring}
        />
        {last.night.drawn && (
          <div className="mt-2">
            <StandsFields drawn={last.night.drawn} onChange={setStanding} />
          </div>
        )}
        <HoldAt />
        <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2">
          {!document.kiln && (
            <>
              <TimeField
                label={tr`First piece in`}
                value={firing.firstIn}
                onCommit={(firstIn) => {
                  setFiring({ firstIn });
                }}
              />
              <TimeField
                label={tr`Last piece in`}
                value={firing.lastIn}
                onCommit={(lastIn) => {
                  setFiring({ lastIn });
                }}
              />
            </>
          )}
          <Annealer />
          <QuantityField
            label={tr`Door at`}
            kind="temperature"
            value={firing.doorTemperature}
            within={LIMITS.doorTemperature}
            nudge={1}
            onCommit={(doorTemperature) => {
              setFiring({ doorTemperature });
            }}
          />
        </div>
        <AssumedFields
          assumes={firing}
          onChange={({ restraint, liquidRatio }) => {
            setFiring({
              ...(restraint !== undefined && { restraint }),
              ...(liquidRatio !== undefined && { liquidRatio }),
            });
          }}
        />
        <OurWalls />
        <NightFigures derived={last} />
        <Caution />
      </div>
    </div>
  );
}

/** The shop's annealer the piece goes into, or a box of which only the cooling time is known. */
function Annealer() {
  const { document } = usePiece();
  const { annealer, boxCoolingTime } = document.firing;
  const all = useAnnealers();
  const here = all.find((a) => a.name === annealer);
  return (
    <>
      <AnnealerSelect label={tr`Annealer`} value={annealer} />
      {here ? (
        <p className="quiet self-end text-sm leading-snug">{trNodes`Its figures are on ${(<Link to="/rack/shop">{tr`the shop’s sheet`}</Link>)}.`}</p>
      ) : (
        <QuantityField
          label={tr`Box cooling time`}
          hint={tr`off, till a third is left`}
          kind="time"
          value={boxCoolingTime}
          within={LIMITS.boxCoolingTime}
          nudge={600}
          onCommit={(boxCoolingTime) => {
            setFiring({ boxCoolingTime });
          }}
        />
      )}
    </>
  );
}

/** The schools differ on where to hold; all are here, and the clock answers for each. */
function HoldAt() {
  const { document, glass } = usePiece();
  const hold = document.firing.holdTemperature;
  return (
    <div className="mt-3">
      <QuantityField
        label={tr`Hold at`}
        kind="temperature"
        value={hold ?? glass.annealing}
        within={LIMITS.holdTemperature}
        nudge={1}
        onCommit={(holdTemperature) => {
          setFiring({ holdTemperature });
        }}
      />
      <div className="mt-1 flex flex-wrap gap-1" role="group" aria-label={tr`Customary holds`}>
        <Hold label={tr`annealing point`} lit={hold === null} to={null} />
        {customaryHolds(glass).map(({ fahrenheit, at }) => (
          <Hold
            key={fahrenheit}
            label={`${String(fahrenheit)} °F`}
            lit={hold !== null && Math.abs(hold - at) < 0.3}
            to={Number(at.toFixed(1))}
          />
        ))}
      </div>
      <p className="quiet mt-1 text-sm leading-snug">{tr`Schools differ on the hold. A cooler one is as sound with a longer soak: the clock shows its price.`}</p>
    </div>
  );
}

function Hold({
  label,
  lit,
  to,
}: {
  readonly label: string;
  readonly lit: boolean;
  readonly to: number | null;
}) {
  return (
    <button
      type="button"
      className={`btn btn-xs ${lit ? 'btn-primary' : 'btn-outline'}`}
      aria-pressed={lit}
      onClick={() => {
        setFiring({ holdTemperature: to });
      }}
    >
      {label}
    </button>
  );
}
