// The order as a plain table: to read, to walk with the keys, to drag a step to its place.
import {
  closestCenter,
  DndContext,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import {
  ArrowDown,
  ArrowUp,
  CopyPlus,
  ListChecks,
  OctagonX,
  Pin,
  TriangleAlert,
  X,
} from 'lucide-react';
import { useEffect, useMemo, useRef, type MouseEvent } from 'react';
import { clockText } from '../../../marks/braid/strands';
import { IconButton } from '../../../shell/IconButton';
import { useDisplay } from '../../../stores/display';
import { stepName } from '../../../marks/braid/stepNames';
import type { Braid } from './useBraid';

interface Props {
  readonly braid: Braid;
  readonly at: number | undefined;
  /** Steps chosen to go together. */
  readonly several: readonly number[];
  readonly onChoose: (index: number, how: 'one' | 'through') => void;
  readonly troubled: ReadonlyMap<string, 'watch' | 'no'>;
  readonly onTake: (index: number) => void;
  readonly onMove: (from: number, to: number) => void;
  readonly onRepeat: (index: number) => void;
  readonly onRemove: (index: number) => void;
}

/** Columns, and whether their title is seen. */
const COLUMNS = [
  ['number', false],
  ['at', true],
  ['step', true],
  ['part', true],
  ['for', true],
  ['then', true],
  ['glass is', false],
  ['trouble', false],
  ['change', false],
] as const;

/** A mouse drags at once, a finger once it has rested: else it scrolls. */
const AS_MOUSE = { activationConstraint: { distance: 6 } };
const AS_TOUCH = { activationConstraint: { delay: 220, tolerance: 8 } };

export function StepTable(props: Props) {
  const { braid, at, several, troubled, onTake, onChoose, onMove, onRepeat, onRemove } = props;
  const sensors = useSensors(useSensor(MouseSensor, AS_MOUSE), useSensor(TouchSensor, AS_TOUCH));
  const { steps } = braid;
  const ids = useMemo(() => steps.map((s) => s.id), [steps]);
  const drop = ({ active, over }: DragEndEvent): void => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: {
          draggable: tr`To move a step, press Space, then the arrow keys; Space again puts it there, Escape leaves it where it was.`,
        },
      }}
    >
      <table className="table w-full text-left">
        <caption className="sr-only">{tr`Order of work, with the heat of what each step works`}</caption>
        <thead>
          <tr className="quiet bg-base-100 sticky top-0 z-10 text-sm">
            {COLUMNS.map(([title, seen]) => (
              <th
                key={title}
                scope="col"
                className={`pr-3 font-normal ${['at', 'for', 'then'].includes(title) ? 'text-right' : ''} ${['part', 'glass is'].includes(title) ? 'max-sm:hidden' : ''}`}
              >
                {seen ? trWord(title) : <span className="sr-only">{trWord(title)}</span>}
              </th>
            ))}
          </tr>
        </thead>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <tbody>
            {steps.map((s, i) => (
              <StepRow
                key={s.id}
                braid={braid}
                step={s}
                i={i}
                taken={i === at}
                together={several.includes(i)}
                onChoose={onChoose}
                trouble={troubled.get(s.id)}
                onTake={onTake}
                onMove={onMove}
                onRepeat={onRepeat}
                onRemove={onRemove}
              />
            ))}
          </tbody>
        </SortableContext>
      </table>
    </DndContext>
  );
}

interface RowProps extends Pick<
  Props,
  'braid' | 'onTake' | 'onChoose' | 'onMove' | 'onRepeat' | 'onRemove'
> {
  readonly step: WorkStep;
  readonly i: number;
  readonly taken: boolean;
  readonly together: boolean;
  readonly trouble: 'watch' | 'no' | undefined;
}

function StepRow(props: RowProps) {
  const { braid, step, i, taken, together, trouble, onTake, onChoose } = props;
  const { onMove, onRepeat, onRemove } = props;
  const units = useDisplay((s) => s.units);
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id: step.id });
  const h = braid.heat.steps[i];
  const name = stepName(step);
  const part = braid.parts[step.part]?.name ?? tr`no part`;
  const number = String(i + 1);
  const row = useRef<HTMLTableRowElement>(null);
  // The row in hand is kept in sight, and nothing else moves for it.
  useEffect(() => {
    if (taken) row.current?.scrollIntoView({ block: 'nearest' });
  }, [taken]);
  const takeOrChoose = (e: MouseEvent): void => {
    if (e.shiftKey) onChoose(i, 'through');
    else if (e.ctrlKey || e.metaKey) onChoose(i, 'one');
    else onTake(i);
  };
  const ends = h && !Number.isNaN(h.to) ? printText(h.to, 'temperature', units) : '';
  return (
    <tr
      ref={(node) => {
        row.current = node;
        setNodeRef(node);
      }}
      {...listeners}
      aria-selected={taken || together}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`border-base-300 cursor-pointer touch-manipulation select-none scroll-mt-7 border-b ${taken || together ? 'bg-base-300/60' : 'hover:bg-base-300/25'} ${isDragging ? 'bg-base-300 relative z-10' : ''}`}
      onClick={takeOrChoose}
    >
      <td className="num quiet py-px pr-2 text-right text-sm">
        <span className={together ? 'outline-primary px-1 outline-2 outline-dashed' : ''}>
          {i + 1}
        </span>
      </td>
      <td className="num pr-3 text-right text-sm">{clockText(braid.starts[i] ?? 0)}</td>
      <td className="pr-3 leading-tight">
        <button
          type="button"
          className="text-left"
          aria-label={tr`Step ${number}: ${name}, ${part}`}
          onClick={(e) => {
            e.stopPropagation();
            takeOrChoose(e);
          }}
        >
          {name}
        </button>
        <span className="quiet ml-1 text-sm sm:hidden">{part}</span>
        {step.pinned === true && <Pin className="quiet ml-1 inline size-3.5" aria-label="pinned" />}
      </td>
      <td className="quiet pr-3 text-sm max-sm:hidden">{part}</td>
      <td className="num pr-3 text-right text-sm">{clockText(step.seconds)}</td>
      <td className="num pr-2 text-right text-sm whitespace-nowrap">{ends}</td>
      <td className="quiet pr-2 text-sm max-sm:hidden">{trWord(h?.band) ?? ''}</td>
      <td className="pr-1">
        {trouble === 'no' && <OctagonX className="text-error size-4" aria-label={tr`no`} />}
        {trouble === 'watch' && (
          <TriangleAlert className="text-warning size-4" aria-label={tr`watch`} />
        )}
      </td>
      <td className="whitespace-nowrap">
        {taken && (
          <>
            <IconButton
              small
              label={tr`Move step ${number} earlier`}
              onClick={() => {
                onMove(i, i - 1);
              }}
            >
              <ArrowUp className="size-4" />
            </IconButton>
            <IconButton
              small
              label={tr`Move step ${number} later`}
              onClick={() => {
                onMove(i, i + 1);
              }}
            >
              <ArrowDown className="size-4" />
            </IconButton>
            <IconButton
              small
              label={tr`Choose step ${number} with others`}
              onClick={() => {
                onChoose(i, 'one');
              }}
            >
              <ListChecks className="size-4" />
            </IconButton>
            <IconButton
              small
              label={tr`Repeat step ${number}`}
              onClick={() => {
                onRepeat(i);
              }}
            >
              <CopyPlus className="size-4" />
            </IconButton>
            <IconButton
              small
              label={tr`Take step ${number} out`}
              onClick={() => {
                onRemove(i);
              }}
            >
              <X className="size-4" />
            </IconButton>
          </>
        )}
      </td>
    </tr>
  );
}
