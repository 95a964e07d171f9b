// The Braid: the order of work as strands through time, the table beneath, the step in hand beside it.
import { useEffect, useMemo, useRef, useState } from 'react';
import { BraidDrawing } from '../../../marks/braid/BraidDrawing';
import { clockText } from '../../../marks/braid/strands';
import { Verdict } from '../../../marks/Verdict';
import { useSize } from '../../../marks/useSize';
import { usePiece } from '../usePiece';
import { AddStep } from './AddStep';
import { AssemblyLeaf } from './AssemblyLeaf';
import { BraidBar } from './BraidBar';
import { CrewLeaf } from './CrewLeaf';
import { StepLeaf } from './StepLeaf';
import { stepName } from './stepNames';
import { StepTable } from './StepTable';
import { troubledSteps } from './troubled';
import { useBraid, type Braid, type Planned } from './useBraid';
import { useCrewing } from './useCrewing';
import { usePlacing } from './usePlacing';
import { useWalk } from './useWalk';
import { ZOOMS } from './zooms';

export function BraidSheet() {
  const [planned, setPlanned] = useState<Planned>();
  const braid = useBraid(planned);
  const { document } = usePiece();
  if (!braid) return <p className="px-6 py-16">The order of work comes with the form.</p>;
  return (
    <Laid
      braid={braid}
      name={document.name}
      planned={
        planned?.steps === braid.steps &&
        planned.people === braid.sequence?.crew &&
        planned.stations === braid.sequence?.stations
          ? planned
          : undefined
      }
      onPlanned={setPlanned}
    />
  );
}

interface LaidProps {
  readonly braid: Braid;
  readonly name: string;
  readonly planned: Planned | undefined;
  readonly onPlanned: (planned: Planned) => void;
}

function Laid({ braid, name, planned, onPlanned }: LaidProps) {
  const { steps, starts, heat, findings, parts } = braid;
  const sheet = useRef<HTMLDivElement>(null);
  const { at, take, change, move, insert, repeat, remove } = useWalk(braid, sheet);
  const [zoom, setZoom] = useState(0);
  const [reasons, setReasons] = useState<ReadonlyMap<string, string>>(new Map());
  const { placing, place, stop } = usePlacing(braid, setReasons);
  const crewing = useCrewing(braid, onPlanned);
  const people = braid.sequence?.crew;
  const crew = useMemo(
    () => (planned && people ? { people, plan: planned.result.plan } : undefined),
    [planned, people],
  );
  const [box, { width }] = useSize<HTMLDivElement>();
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

  const general = findings.filter((f) => f.step === undefined);
  const counts = [...troubled.values()];
  const no =
    counts.filter((c) => c === 'no').length +
    general.filter((f) => f.verdict.verdict === 'no').length;
  const watch = counts.length + general.length - no;
  return (
    <div className="flex flex-col" ref={sheet}>
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
        className="border-base-300 overflow-x-auto border-y bg-(--board) px-2"
        role="slider"
        aria-label="Braid: arrow keys walk the steps, with Alt they move one; plus and minus change its seconds; Delete takes it out"
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
          at={at}
          scale={scale}
          troubled={troubled}
          crew={crew}
          onTake={take}
        />
      </div>
      <div className="grid gap-x-8 px-6 py-3 lg:grid-cols-[1fr_24rem]">
        <div className="min-w-0">
          <div className="mb-1 flex flex-wrap items-center gap-x-4">
            <p className="leading-snug">
              {no + watch === 0 ? (
                'Good order: every step finds the glass it wants, and no rule is broken.'
              ) : (
                <>
                  {no > 0 && <b className="text-error">{no} that will not do</b>}
                  {no > 0 && watch > 0 && ', '}
                  {watch > 0 && <b className="text-warning">{watch} to watch</b>}
                </>
              )}
            </p>
            <AddStep onAdd={insert} />
          </div>
          {general.map((f) => (
            <Verdict key={`${f.rule}${f.verdict.because}`} verdict={f.verdict} />
          ))}
          <div className="relative overflow-x-auto">
            <StepTable
              braid={braid}
              at={at}
              troubled={troubled}
              onTake={take}
              onMove={move}
              onRepeat={repeat}
              onRemove={remove}
            />
          </div>
        </div>
        <div className="lg:sticky lg:top-2 lg:self-start">
          <StepLeaf
            braid={braid}
            index={at ?? -1}
            plan={planned?.result.plan}
            reason={at === undefined ? undefined : reasons.get(steps[at]?.id ?? '')}
            onChange={(patch) => {
              if (at !== undefined) change(at, patch);
            }}
          />
          <CrewLeaf
            braid={braid}
            result={planned?.result}
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

/** The step in hand in words. */
function inHand(braid: Braid, at: number | undefined): string {
  const step = at === undefined ? undefined : braid.steps[at];
  if (!step || at === undefined) return 'no step in hand';
  const heat = braid.heat.steps[at];
  return `${String(at + 1)} ${stepName(step)}, ${braid.parts[step.part]?.name ?? 'no part'}, at ${clockText(braid.starts[at] ?? 0)} for ${clockText(step.seconds)}${heat?.band === undefined ? '' : `, then ${heat.band}`}`;
}
