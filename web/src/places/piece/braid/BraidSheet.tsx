// The Braid: the order of work as strands through time, the table beneath, the step in hand beside it.
import { trNodes } from '../../../words/trNodes';
import { bandSpans, fitVft } from '@zanfirico/core/glass';
import type { Stopped } from '@zanfirico/core/order';
import { inWords } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { shownNumber } from '../../../fields/shown';
import { BraidDrawing } from '../../../marks/braid/BraidDrawing';
import { HeatLegend } from '../../../marks/braid/HeatLegend';
import { clockText } from '../../../marks/braid/strands';
import { VerdictMark } from '../../../marks/Verdict';
import { useSize } from '../../../marks/useSize';
import { useDisplay } from '../../../stores/display';
import { useShop } from '../../../stores/theShop';
import { usePiece } from '../usePiece';
import { AddStep } from './AddStep';
import { AssemblyLeaf } from './AssemblyLeaf';
import { BraidBar } from './BraidBar';
import { CrewLeaf } from './CrewLeaf';
import { StepLeaf } from './StepLeaf';
import { stepName } from '../../../marks/braid/stepNames';
import { StepsInHand } from './StepsInHand';
import { StepTable } from './StepTable';
import { troubledSteps } from './troubled';
import { useBraid, type Braid } from './useBraid';
import { useCrewing } from './useCrewing';
import { usePlacing } from './usePlacing';
import { useWalk } from './useWalk';
import { ZOOMS } from './zooms';

/** Heats are placed for this shop's bench and hole, where it has learnt how they take heat. */
function OurHeat() {
  const learnt = useShop((s) => s.shop?.document.learnt);
  const says = [
    learnt?.bench && tr`the bench cools ×${shownNumber(learnt.bench.factor, 2)}`,
    learnt?.hole && tr`the hole heats ×${shownNumber(learnt.hole.factor, 2)}`,
  ].filter((w) => w !== undefined);
  return says.length === 0 ? null : (
    <p className="quiet leading-snug">
      {trNodes`Ours: ${says.join(', ')} of what is ordinary. ${(<Link to="/log#what-is-learnt" className="link">{tr`Change that`}</Link>)}`}
    </p>
  );
}

export function BraidSheet() {
  const order = useBraid();
  // Its fifty rows are laid between frames when the sheet opens, so that nothing waits for them.
  const laid = useDeferredValue(order.state === 'there', false);
  const { document } = usePiece();
  if (order.state === 'no form')
    return <p className="px-6 py-16">{tr`The order of work comes with the form.`}</p>;
  if (order.state === 'failed')
    return (
      <p className="px-6 py-16" role="alert">
        {tr`The order could not be drafted: ${order.says}`}
      </p>
    );
  if (order.state === 'placing' || !laid)
    return (
      <p className="px-6 py-16" role="status">
        {tr`The order is drafted and its heats are placed …`}
      </p>
    );
  return <Laid braid={order.braid} name={document.name} />;
}

/** Room for the drawing beside a dozen rows on an ordinary screen, px. */
const TALL = 196;

interface LaidProps {
  readonly braid: Braid;
  readonly name: string;
}

function Laid({ braid, name }: LaidProps) {
  const { document } = usePiece();
  const { steps, starts, heat, findings, parts } = braid;
  const sheet = useRef<HTMLDivElement>(null);
  const walk = useWalk(braid, sheet);
  const { at, take, change, move, insert, repeat, remove } = walk;
  const [zoom, setZoom] = useState(0);
  const [reasons, setReasons] = useState<ReadonlyMap<string, string>>(new Map());
  const { placing, place, stop } = usePlacing(braid, setReasons);
  const crewing = useCrewing(braid);
  const people = braid.sequence?.crew;
  const critical = crewing.result?.plan.critical;
  const crew = useMemo(
    () =>
      braid.plan && people
        ? { people, plan: { ...braid.plan, ...(critical && { critical }) } }
        : undefined,
    [braid.plan, people, critical],
  );
  const [box, { width }] = useSize<HTMLDivElement>();
  const spans = useMemo(() => parts.map((p) => bandSpans(fitVft(p.glass))), [parts]);
  const names = useMemo(() => parts.map((p) => p.name), [parts]);
  const scale = (Math.max(300, width - 46) / Math.max(1, heat.total)) * (ZOOMS[zoom] ?? 1);
  const troubled = useMemo(() => troubledSteps(heat, findings), [heat, findings]);

  // The step in hand is kept in sight.
  useEffect(() => {
    const x = at === undefined ? undefined : 12 + (starts[at] ?? 0) * scale;
    const e = box.current;
    if (x !== undefined && e && (x < e.scrollLeft + 40 || x > e.scrollLeft + e.clientWidth - 80))
      e.scrollTo({ left: x - e.clientWidth / 3 });
    // Only when another is taken or the zoom changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [at, scale]);

  const because = (i: number | undefined): string | undefined => {
    const id = i === undefined ? undefined : steps[i]?.id;
    return id === undefined ? undefined : (reasons.get(id) ?? braid.reasons.get(id));
  };
  const general = findings.filter((f) => f.step === undefined);
  const counts = [...troubled.values()];
  const no =
    counts.filter((c) => c === 'no').length +
    general.filter((f) => f.verdict.verdict === 'no').length;
  const watch = counts.length + general.length - no;
  return (
    <div
      className="paper-across flex flex-col lg:h-[calc(100dvh-11.4rem)] lg:min-h-[34rem] lg:overflow-hidden"
      ref={sheet}
    >
      <BraidBar
        braid={braid}
        name={name}
        placing={placing}
        onPlace={place}
        onStop={stop}
        zoom={zoom}
        onZoom={setZoom}
        drawing={() => box.current?.querySelector('svg[data-braid]')}
      />
      <div
        ref={box}
        className="border-base-300 shrink-0 overflow-x-auto border-y bg-(--board) px-2"
        role="slider"
        aria-label={tr`Braid: arrow keys walk the steps, with Alt they move one; plus and minus change its seconds; Delete takes it out`}
        aria-valuemin={1}
        aria-valuemax={steps.length}
        aria-valuenow={(at ?? 0) + 1}
        aria-valuetext={inHand(braid, at)}
        tabIndex={0}
      >
        <BraidDrawing
          names={names}
          steps={steps}
          starts={starts}
          heat={heat}
          spans={spans}
          tall={TALL}
          at={at}
          scale={scale}
          troubled={troubled}
          crew={crew}
          onTake={take}
        />
      </div>
      <div className="grid min-h-0 gap-x-8 px-6 pt-1 lg:flex-1 lg:grid-cols-[1fr_24rem]">
        <div className="flex min-h-0 min-w-0 flex-col">
          <div className="flex flex-wrap items-center gap-x-4">
            <p className="flex-1 leading-snug">
              {braid.placing ? (
                <span role="status">{tr`The heats are placed anew …`}</span>
              ) : braid.stopped ? (
                <StoppedLine stopped={braid.stopped} steps={steps} parts={parts} />
              ) : no + watch === 0 ? (
                tr`Good order: every step finds the glass it wants, and no rule is broken.`
              ) : (
                <>
                  {no > 0 && <b className="text-error">{tr`${no} that will not do`}</b>}
                  {no > 0 && watch > 0 && ', '}
                  {watch > 0 && <b className="text-warning">{tr`${watch} to watch`}</b>}
                </>
              )}
            </p>
            <StepsInHand braid={braid} walk={walk} />
            <AddStep way={document.way} onAdd={insert} />
          </div>
          <OurHeat />
          {braid.passes?.verdict === 'no' && <VerdictMark verdict={braid.passes} />}
          {general.map((f) => (
            <VerdictMark key={`${f.rule}${f.verdict.because}`} verdict={f.verdict} />
          ))}
          <div className="relative max-h-[46dvh] min-h-0 flex-1 overflow-auto lg:max-h-none">
            <StepTable
              braid={braid}
              at={at}
              several={walk.several}
              troubled={troubled}
              onTake={take}
              onChoose={walk.choose}
              onMove={move}
              onRepeat={repeat}
              onRemove={remove}
            />
          </div>
        </div>
        <div className="min-h-0 pb-4 lg:overflow-y-auto">
          <HeatLegend spans={spans[braid.main] ?? []} />
          <StepLeaf
            braid={braid}
            index={at ?? -1}
            reason={because(at)}
            onChange={(patch) => {
              if (at !== undefined) change(at, patch);
            }}
          />
          <CrewLeaf
            braid={braid}
            result={crewing.result}
            best={crewing.best}
            planning={crewing.planning}
            onPlan={crewing.plan}
            onStop={crewing.stop}
          />
          <AssemblyLeaf braid={braid} />
        </div>
      </div>
    </div>
  );
}

/** Why no order works: which step, how many seconds, and what was tried and holds. */
function StoppedLine({
  stopped,
  steps,
  parts,
}: { readonly stopped: Stopped } & Pick<Braid, 'steps' | 'parts'>) {
  const units = useDisplay((s) => s.units);
  const i = steps.findIndex((s) => s.id === stopped.step);
  const step = steps[i];
  return (
    <>
      <b className="text-error">
        {tr`No order of this piece holds`}
        {step && tr`: step ${i + 1}, ${stepName(step)} (${parts[step.part]?.name ?? ''})`}
        {stopped.seconds > 0 && tr`, is ${stopped.seconds} s too long for any heat`}.
      </b>{' '}
      {inWords(stopped.because, units)}{' '}
      {stopped.mends.length > 0
        ? tr`Tried: ${inWords(stopped.mends.join('; '), units)}.`
        : tr`Helpers, a hotter hole and thicker walls were tried, and did not mend it.`}
    </>
  );
}

/** The step in hand in words. */
function inHand(braid: Braid, at: number | undefined): string {
  const step = at === undefined ? undefined : braid.steps[at];
  if (!step || at === undefined) return tr`no step in hand`;
  const heat = braid.heat.steps[at];
  return tr`${at + 1} ${stepName(step)}, ${braid.parts[step.part]?.name ?? tr`no part`}, at ${clockText(braid.starts[at] ?? 0)} for ${clockText(step.seconds)}${heat?.band === undefined ? '' : tr`, then ${trWord(heat.band)}`}`;
}
