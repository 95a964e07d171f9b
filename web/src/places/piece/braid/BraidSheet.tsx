// The Braid: the order of work as strands through time, the table beneath, the step in hand beside it.
import type { OwnStep } from '@zanfirico/contract';
import {
  changeStep,
  insertStep,
  moveStep,
  removeStep,
  repeatStep,
  type StepId,
  type WorkStep,
} from '@zanfirico/core';
import { Flame, RotateCcw, ZoomIn, ZoomOut } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { download, fileName } from '../../../exports/download';
import { sequenceCsv, sequenceJson } from '../../../exports/sequence';
import { standalone } from '../../../exports/standalone';
import { BraidDrawing } from '../../../marks/braid/BraidDrawing';
import { clockText } from '../../../marks/braid/strands';
import { Verdict } from '../../../marks/Verdict';
import { useSize } from '../../../marks/useSize';
import { Menu } from '../../../shell/Menu';
import { usePiece } from '../usePiece';
import { AddStep } from './AddStep';
import { AssemblyLeaf } from './AssemblyLeaf';
import { CrewLeaf } from './CrewLeaf';
import { StepLeaf } from './StepLeaf';
import { stepName } from './stepNames';
import { StepTable } from './StepTable';
import { useBraid, type Braid, type Planned } from './useBraid';
import { useCrewing } from './useCrewing';
import { usePlacing } from './usePlacing';
import { VariantPicker } from './VariantPicker';

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

/** Zooms, as a factor on the whole piece fitted in; the last shows ten seconds or so. */
const ZOOMS = [1, 1.6, 2.5, 4, 7, 12, 25, 60];

interface LaidProps {
  readonly braid: Braid;
  readonly name: string;
  readonly planned: Planned | undefined;
  readonly onPlanned: (planned: Planned) => void;
}

function Laid({ braid, name, planned, onPlanned }: LaidProps) {
  const { steps, starts, heat, findings, parts } = braid;
  const sheet = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<number>();
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
  const troubled = useMemo(() => {
    const map = new Map<string, 'watch' | 'no'>();
    const mark = (id: string | undefined, verdict: 'good' | 'watch' | 'no'): void => {
      if (id === undefined || verdict === 'good') return;
      if (map.get(id) !== 'no') map.set(id, verdict);
    };
    for (const h of heat.steps) if (h.verdict) mark(h.id, h.verdict.verdict);
    for (const f of findings) mark(f.step, f.verdict.verdict);
    return map;
  }, [heat, findings]);

  // The step in hand is kept in sight.
  useEffect(() => {
    const x = at === undefined ? undefined : 12 + (starts[at] ?? 0) * scale;
    const e = box.current;
    if (x !== undefined && e && (x < e.scrollLeft + 40 || x > e.scrollLeft + e.clientWidth - 80))
      e.scrollTo({ left: x - e.clientWidth / 3 });
    // Only when another is taken or the zoom changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [at, scale]);

  const put = (next: readonly WorkStep[], take?: number): void => {
    braid.change(next);
    if (take !== undefined) setAt(Math.max(0, Math.min(next.length - 1, take)));
  };
  const change = (i: number, patch: Partial<WorkStep>): void => {
    put(changeStep(steps, i, patch));
  };
  const move = (from: number, to: number): void => {
    const next = moveStep(steps, from, to);
    if (next) put(next, to);
  };
  const insert = (kind: StepId, own?: OwnStep): void => {
    const i = at ?? steps.length - 1;
    put(insertStep(steps, i, kind, braid.main, own), i + 1);
  };
  const repeat = (i: number): void => {
    const next = repeatStep(steps, i);
    if (next) put(next, i + 1);
  };
  const remove = (i: number): void => {
    put(removeStep(steps, i), i);
  };
  const walk = (e: KeyboardEvent): void => {
    if (
      (e.target as Element).closest('input, select, textarea') ||
      !sheet.current?.contains(e.target as Node)
    )
      return;
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (by !== undefined) {
      e.preventDefault();
      if (e.altKey && at !== undefined) move(at, at + by);
      else setAt(Math.max(0, Math.min(steps.length - 1, (at ?? -1) + by)));
    }
    if (e.key === 'Delete' && at !== undefined) remove(at);
    if ((e.key === '+' || e.key === '-') && at !== undefined) {
      const step = steps[at];
      if (step) change(at, { seconds: Math.max(1, step.seconds + (e.key === '+' ? 1 : -1)) });
    }
  };
  // Keys work from the drawing, the table and the step's own buttons alike.
  const walking = useRef(walk);
  useEffect(() => {
    walking.current = walk;
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent): void => {
      walking.current(e);
    };
    window.addEventListener('keydown', listen);
    return () => {
      window.removeEventListener('keydown', listen);
    };
  }, []);
  const general = findings.filter((f) => f.step === undefined);
  const counts = [...troubled.values()];
  const no =
    counts.filter((c) => c === 'no').length +
    general.filter((f) => f.verdict.verdict === 'no').length;
  const watch = counts.length + general.length - no;
  return (
    <div className="flex flex-col" ref={sheet}>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-6 pt-3 pb-1">
        <h2 className="text-2xl">
          {clockText(heat.total)}{' '}
          <span className="quiet font-sans text-base">
            at the fire and bench, {steps.length} steps
          </span>
        </h2>
        <VariantPicker braid={braid} />
        <div className="ml-auto flex flex-wrap items-center gap-1">
          <button type="button" className="btn btn-primary btn-sm" onClick={placing ? stop : place}>
            <Flame className="size-4" /> {placing ? 'Stop placing' : 'Place the heats'}
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            disabled={braid.drafted}
            onClick={braid.afresh}
          >
            <RotateCcw className="size-4" /> Draft afresh
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Show more of it"
            disabled={zoom === 0}
            onClick={() => {
              setZoom(zoom - 1);
            }}
          >
            <ZoomOut className="size-4" />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Look closer"
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => {
              setZoom(zoom + 1);
            }}
          >
            <ZoomIn className="size-4" />
          </button>
          <Menu
            label="Take away"
            end
            items={[
              {
                says: 'The braid (SVG)',
                run: () => {
                  const svg = box.current?.querySelector('svg[data-braid]');
                  if (svg)
                    download(`${fileName(name)}.braid.svg`, 'image/svg+xml', standalone(svg));
                },
              },
              {
                says: 'The order (CSV)',
                run: () => {
                  download(`${fileName(name)}.order.csv`, 'text/csv', sequenceCsv(braid));
                },
              },
              {
                says: 'The order (JSON)',
                run: () => {
                  download(
                    `${fileName(name)}.order.json`,
                    'application/json',
                    sequenceJson(braid, name),
                  );
                },
              },
            ]}
          />
        </div>
      </div>
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
          onTake={setAt}
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
              onTake={setAt}
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
