// The colours as rods pulled from thick to thread, each judged on the base in mind; one in hand beside them.
import { useVirtualizer } from '@tanstack/react-virtual';
import { asFitGlass, NUMBER_TOLERANCE } from '@zanfirico/core/fit';
import type { Glass } from '@zanfirico/core/glass';
import type { Rack } from '@zanfirico/core/rack';
import { tr, trSense } from '@zanfirico/core/words';
import { Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { FindField } from '../../fields/FindField';
import { GlassField } from '../../fields/GlassField';
import { ThicknessField } from '../../fields/ThicknessField';
import { useRack } from '../../stores/theRack';
import { useOverlays } from '../../derived/useOverlays';
import { EntryLeaf } from './entry/EntryLeaf';
import { RodRow, ROW } from './RodRow';
import { NewEntry } from './NewEntry';
import { ANY, shelf, type RackWanted } from './shelf';
import { TableMenu } from './TableMenu';
import { SelectField } from '../../fields/SelectField';
import { ALL_ROWS, usePaper } from '../../shell/paper';

/** The vessel a colour is judged on unless told otherwise: 4 mm of wall, 70 mm across. Common practice, no source. */
const VESSEL = { wall: 0.004, overlay: 0.0005, form: { kind: 'cylinder', inside: 0.031 } } as const;

/** The colours as rods, one taken in hand; only those in sight are drawn. */
function Rods({
  lines,
  fits,
  chosenId,
  onTake,
  onAll,
}: {
  readonly lines: ReturnType<typeof shelf>;
  readonly fits: ReturnType<typeof useOverlays>;
  readonly chosenId: string | undefined;
  readonly onTake: (id: string) => void;
  readonly onAll: () => void;
}) {
  const at = lines.findIndex((l) => l.entry.id === chosenId);
  const listed = at >= 0;
  const box = useRef<HTMLDivElement>(null);
  // The virtualiser keeps functions of its own; nothing here is memoised by the compiler.
  const paper = usePaper((s) => s.on);
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: paper ? ALL_ROWS : 6,
  });
  useEffect(() => {
    if (listed) virtual.scrollToIndex(at, { align: 'auto' });
    // Only when another one is taken in hand or comes into the list, not when the list is scrolled.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [chosenId, listed]);
  return (
    <div
      ref={box}
      className="h-[calc(100dvh-15.5rem)] min-h-80 overflow-y-auto"
      role="listbox"
      aria-label={tr`Colours`}
      tabIndex={0}
      aria-activedescendant={at >= 0 ? `colour-${chosenId ?? ''}` : undefined}
      onKeyDown={(e) => {
        const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 8, PageUp: -8 }[e.key];
        if (by === undefined) return;
        e.preventDefault();
        const next = lines[Math.min(lines.length - 1, Math.max(0, at + by))];
        if (next) onTake(next.entry.id);
      }}
    >
      {lines.length === 0 && (
        <p className="py-6">
          {tr`Nothing here is like that. `}
          <button type="button" className="link" onClick={onAll}>
            {tr`Show all`}
          </button>
        </p>
      )}
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const line = lines[item.index];
          return (
            line && (
              <RodRow
                key={line.entry.id}
                line={line}
                top={item.start}
                count={lines.length}
                index={item.index}
                chosen={line.entry.id === chosenId}
                fit={fits?.get(line.entry.id)}
                onTake={() => {
                  onTake(line.entry.id);
                }}
              />
            )
          );
        })}
      </div>
    </div>
  );
}

export function RackColourSheet() {
  const rack = useRack((s) => s.rack);
  const [params, setParams] = useSearchParams();
  const [wanted, setWanted] = useState<RackWanted>(ANY);
  const [base, setBase] = useState('soft-batch-96');
  const [wall, setWall] = useState<number>(VESSEL.wall);
  const [overlay, setOverlay] = useState<number>(VESSEL.overlay);
  const [adding, setAdding] = useState(false);
  const glass = rack.glass(base);
  const fitGlass = useMemo(() => asFitGlass(glass ?? firstGlass(rack)), [glass, rack]);
  const colours = useMemo(
    () => rack.lines.filter((l) => l.entry.kind === 'colour').map((l) => l.colour),
    [rack],
  );
  const fits = useOverlays(rack, colours, fitGlass, { ...VESSEL, wall, overlay }, NUMBER_TOLERANCE);
  const lines = useMemo(
    () => shelf(rack.lines, 'colour', wanted, fits),
    [rack.lines, wanted, fits],
  );
  const chosenId = params.get('entry') ?? lines[0]?.entry.id;
  const chosen = lines.find((l) => l.entry.id === chosenId) ?? rack.line(chosenId ?? '');
  const take = (id: string): void => {
    setParams({ entry: id }, { replace: true });
  };
  const change = (patch: Partial<RackWanted>): void => {
    setWanted((w) => ({ ...w, ...patch }));
  };
  return (
    <div className="mt-3 grid gap-x-8 lg:grid-cols-[1fr_25rem] 2xl:grid-cols-[1fr_34rem]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
          <FindField
            className="min-w-40 flex-1"
            label={tr`Find in the rack`}
            placeholder={tr`name, metal, form, lot`}
            value={wanted.text}
            onChange={(text) => {
              change({ text });
            }}
          />
          <Pick
            label={tr`Family`}
            value={wanted.family}
            options={{ any: tr`all`, soft: tr`soft`, hard: tr`hard`, other: tr`metal, mineral` }}
            onChange={(family) => {
              change({ family });
            }}
          />
          <Pick
            label={tr`In order of`}
            value={wanted.order}
            options={{ name: tr`name`, fit: trSense('fit', 'colour'), number: tr`number` }}
            onChange={(order) => {
              change({ order });
            }}
          />
          <button
            type="button"
            className="btn btn-primary btn-sm"
            onClick={() => {
              setAdding(true);
            }}
          >
            <Plus className="size-4" /> {tr`Colour`}
          </button>
          <TableMenu />
        </div>
        <div className="border-base-300 mt-2 flex flex-wrap items-end gap-x-5 gap-y-1 border-b pb-2">
          <GlassField
            label={tr`Judged on`}
            value={base}
            onChange={(id) => {
              if (id !== undefined) setBase(id);
            }}
          />
          <div className="w-24">
            <ThicknessField
              label={tr`wall of`}
              value={wall}
              min={0.0005}
              max={0.1}
              onCommit={setWall}
            />
          </div>
          <div className="w-24">
            <ThicknessField
              label={tr`colour of`}
              value={overlay}
              min={0.00001}
              max={0.05}
              onCommit={setOverlay}
            />
          </div>
          <Tick
            label={tr`only what holds`}
            value={wanted.holdsOnly}
            onChange={(holdsOnly) => {
              change({ holdsOnly });
            }}
          />
          <Tick
            label={tr`retired too`}
            value={wanted.retired}
            onChange={(retired) => {
              change({ retired });
            }}
          />
          <p className="quiet num ml-auto text-sm">{lines.length}</p>
        </div>
        <Rods
          lines={lines}
          fits={fits}
          chosenId={chosenId}
          onTake={take}
          onAll={() => {
            setWanted(ANY);
          }}
        />
      </div>
      <div className="lg:h-[calc(100dvh-9.5rem)] lg:overflow-y-auto lg:pr-2">
        {chosen && <EntryLeaf key={chosen.entry.id} line={chosen} />}
      </div>
      {adding && (
        <NewEntry
          kind="colour"
          onClose={() => {
            setAdding(false);
          }}
          onMade={take}
        />
      )}
    </div>
  );
}

/** A base that is no longer there gives way to the first glass there is. */
function firstGlass(rack: Rack): Glass {
  const first = rack.lines.find((l) => l.glass)?.glass;
  if (!first) throw new Error(tr`the rack ships glasses`);
  return first;
}

function Pick<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string;
  readonly value: T;
  readonly options: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
}) {
  return (
    <SelectField
      label={label}
      value={value}
      onChange={(to) => {
        onChange(to);
      }}
    >
      {(Object.keys(options) as T[]).map((o) => (
        <option key={o} value={o}>
          {options[o]}
        </option>
      ))}
    </SelectField>
  );
}

function Tick({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-2 pb-1">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={value}
        onChange={(e) => {
          onChange(e.target.checked);
        }}
      />
      {label}
    </label>
  );
}
