// The Braid: the order of work as strands through time, the table beneath, the step in hand beside it.
import type { OwnStep } from '@zanfirico/contract';
import { factsOf, STEPS, type StepId, type WorkStep } from '@zanfirico/core';
import { Flame, RotateCcw, ZoomIn, ZoomOut } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { sentenceOf } from '../../../api/client';
import { download, fileName } from '../../../exports/download';
import { sequenceCsv, sequenceJson } from '../../../exports/sequence';
import { BraidDrawing } from '../../../marks/braid/BraidDrawing';
import { clockText } from '../../../marks/braid/strands';
import { Verdict } from '../../../marks/Verdict';
import { useSize } from '../../../marks/useSize';
import { Menu } from '../../../shell/Menu';
import { useShop } from '../../../stores/shop';
import { useNotices } from '../../../stores/notices';
import { startCrew, type CrewResult } from '../../../workers/crew';
import { startPlacing } from '../../../workers/placing';
import type { Work } from '../../../workers/once';
import { usePiece } from '../usePiece';
import { AssemblyLeaf } from './AssemblyLeaf';
import { CrewLeaf } from './CrewLeaf';
import { StepLeaf } from './StepLeaf';
import { catalogue, stepName } from './stepNames';
import { StepTable } from './StepTable';
import { freshId, useBraid, type Braid, type Planned } from './useBraid';
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

const KINDS = catalogue();
const NO_STEPS: readonly OwnStep[] = [];

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
  const ownSteps = useShop((s) => s.shop?.document.ownSteps) ?? NO_STEPS;
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
    put(
      steps.map((s, k) => {
        if (k !== i) return s;
        const copy: Record<string, unknown> = { ...s, ...patch };
        for (const key of Object.keys(copy))
          if (copy[key] === undefined) Reflect.deleteProperty(copy, key);
        return copy as unknown as WorkStep;
      }),
    );
  };
  const move = (from: number, to: number): void => {
    const step = steps[from];
    if (!step || to < 0 || to >= steps.length || to === from) return;
    const next = steps.filter((_, k) => k !== from);
    next.splice(to, 0, step);
    put(next, to);
  };
  const insert = (kind: StepId, own?: OwnStep): void => {
    const i = at ?? steps.length - 1;
    const near = steps[i];
    const fresh: WorkStep = {
      id: freshId(steps),
      part: near?.part ?? braid.main,
      ...(own
        ? { kind: 'own', name: own.name, like: kind, seconds: own.seconds }
        : { kind, seconds: factsOf({ kind }).seconds }),
    };
    put([...steps.slice(0, i + 1), fresh, ...steps.slice(i + 1)], i + 1);
  };
  const repeat = (i: number): void => {
    const step = steps[i];
    if (!step) return;
    put([...steps.slice(0, i + 1), { ...step, id: freshId(steps) }, ...steps.slice(i + 1)], i + 1);
  };
  const remove = (i: number): void => {
    put(
      steps.filter((_, k) => k !== i),
      i,
    );
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
            <select
              className="line-field ml-auto w-44"
              aria-label="Add a step after the one in hand"
              value=""
              onChange={(e) => {
                const own = /^own (\d+)$/.exec(e.target.value);
                const mine = own ? ownSteps[Number(own[1])] : undefined;
                if (mine) insert(mine.like as StepId, mine);
                else insert(e.target.value as StepId);
              }}
            >
              <option value="" disabled>
                + a step
              </option>
              {ownSteps.length > 0 && (
                <optgroup label="Our own">
                  {ownSteps.map((own, i) => (
                    <option key={own.name} value={`own ${String(i)}`}>
                      {own.name}
                    </option>
                  ))}
                </optgroup>
              )}
              {KINDS.map(([group, ids]) => (
                <optgroup key={group} label={group}>
                  {ids.map((id) => (
                    <option key={id} value={id}>
                      {STEPS[id].name}
                      {STEPS[id].place === 'torch' ? ', torch' : ''}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
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

/** Placing the heats in a worker, one at a time, stopped at will. */
function usePlacing(
  braid: Braid,
  onReasons: (reasons: ReadonlyMap<string, string>) => void,
): { readonly placing: boolean; readonly place: () => void; readonly stop: () => void } {
  const [work, setWork] = useState<Work<unknown>>();
  const { say, trouble } = useNotices.getState();
  useEffect(() => () => work?.stop(), [work]);
  const place = (): void => {
    const started = startPlacing({
      parts: braid.parts,
      steps: braid.steps,
      working: { main: braid.main, helpers: braid.helpers },
    });
    setWork(started);
    started.done.then(
      (placed) => {
        setWork(undefined);
        if (!placed) return;
        braid.change(placed.steps);
        onReasons(new Map(placed.reasons));
        const i = placed.ok ? -1 : placed.steps.findIndex((s) => s.id === placed.step);
        if (placed.ok)
          say('The heats are placed; each says why. Undo puts them back as they were.');
        else
          trouble(
            `Step ${String(i + 1)} is ${String(placed.seconds)} s too long for any heat before it. ${placed.because} Make it shorter, thicker, or with more hands.`,
          );
      },
      (error: unknown) => {
        setWork(undefined);
        trouble(sentenceOf(error));
      },
    );
  };
  return {
    placing: work !== undefined,
    place,
    stop: () => {
      work?.stop();
      setWork(undefined);
    },
  };
}

/** Planning the crew in a worker, stopped at will. */
function useCrewing(
  braid: Braid,
  onPlanned: (planned: Planned) => void,
): {
  readonly planning: boolean;
  readonly best: number | undefined;
  readonly plan: () => void;
  readonly stop: () => void;
} {
  const [work, setWork] = useState<Work<CrewResult>>();
  const [best, setBest] = useState<number>();
  const { trouble } = useNotices.getState();
  useEffect(() => () => work?.stop(), [work]);
  return {
    planning: work !== undefined,
    best,
    plan: () => {
      const { steps, parts } = braid;
      const { crew: people, stations } = braid.sequence ?? {};
      setBest(undefined);
      const started = startCrew(
        {
          steps,
          parts,
          people: people ?? [],
          working: { main: braid.main, helpers: braid.helpers },
          stations: stations ?? {},
        },
        setBest,
      );
      setWork(started);
      started.done.then(
        (result) => {
          setWork(undefined);
          if (result) onPlanned({ steps, people, stations, result });
        },
        (error: unknown) => {
          setWork(undefined);
          trouble(sentenceOf(error));
        },
      );
    },
    stop: () => {
      work?.stop();
      setWork(undefined);
    },
  };
}

/** A drawing that stands alone: the theme's colours written out. */
function standalone(svg: Element): string {
  const style = getComputedStyle(document.documentElement);
  const text = new XMLSerializer().serializeToString(svg);
  const filled = text.replace(/var\((--[\w-]+)\)/g, (_, name: string) =>
    style.getPropertyValue(name).trim(),
  );
  return filled.replace(
    /^<svg/,
    `<svg style="background:${style.getPropertyValue('--board').trim()}"`,
  );
}
