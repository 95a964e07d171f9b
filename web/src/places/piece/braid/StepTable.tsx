// The order as a plain table: to read, to walk with the keys, to drag a step to its place.
import { printText, type WorkStep } from '@zanfirico/core';
import { ArrowDown, ArrowUp, CopyPlus, OctagonX, Pin, TriangleAlert, X } from 'lucide-react';
import { useState } from 'react';
import { clockText } from '../../../marks/braid/strands';
import { IconButton } from '../../../shell/IconButton';
import { useDisplay } from '../../../stores/display';
import { stepName } from './stepNames';
import type { Braid } from './useBraid';

interface Props {
  readonly braid: Braid;
  readonly at: number | undefined;
  readonly troubled: ReadonlyMap<string, 'watch' | 'no'>;
  readonly onTake: (index: number) => void;
  readonly onMove: (from: number, to: number) => void;
  readonly onRepeat: (index: number) => void;
  readonly onRemove: (index: number) => void;
}

/** Columns, and whether their title is seen. */
const COLUMNS: readonly (readonly [string, boolean])[] = [
  ['number', false],
  ['at', true],
  ['step', true],
  ['part', true],
  ['for', true],
  ['then', true],
  ['glass is', false],
  ['trouble', false],
  ['change', false],
];

export function StepTable({ braid, at, troubled, onTake, onMove, onRepeat, onRemove }: Props) {
  const units = useDisplay((s) => s.units);
  const [over, setOver] = useState<number>();
  const [held, setHeld] = useState<number>();
  const { steps, starts, heat, parts } = braid;
  const degrees = (t: number): string =>
    Number.isNaN(t) ? '' : printText(t, 'temperature', units);
  const row = (s: WorkStep, i: number) => {
    const h = heat.steps[i];
    const trouble = troubled.get(s.id);
    const name = stepName(s);
    return (
      <tr
        key={s.id}
        draggable
        aria-selected={i === at}
        className={`border-base-300 cursor-pointer border-b ${i === at ? 'bg-base-300/60' : 'hover:bg-base-300/25'} ${over === i && held !== undefined ? 'border-t-primary border-t-2' : ''}`}
        onClick={() => {
          onTake(i);
        }}
        onDragStart={(e) => {
          e.dataTransfer.effectAllowed = 'move';
          setHeld(i);
        }}
        onDragOver={(e) => {
          e.preventDefault();
          setOver(i);
        }}
        onDrop={(e) => {
          e.preventDefault();
          if (held !== undefined) onMove(held, i);
          setHeld(undefined);
          setOver(undefined);
        }}
        onDragEnd={() => {
          setHeld(undefined);
          setOver(undefined);
        }}
      >
        <td className="num quiet py-1 pr-2 text-right text-sm">{i + 1}</td>
        <td className="num pr-3 text-right text-sm">{clockText(starts[i] ?? 0)}</td>
        <td className="pr-3 leading-tight">
          <button
            type="button"
            className="text-left"
            aria-label={`Step ${String(i + 1)}: ${name}, ${parts[s.part]?.name ?? 'no part'}`}
            onClick={(e) => {
              e.stopPropagation();
              onTake(i);
            }}
          >
            {name}
          </button>
          {s.pinned === true && <Pin className="quiet ml-1 inline size-3.5" aria-label="pinned" />}
        </td>
        <td className="quiet pr-3 text-sm">{parts[s.part]?.name ?? 'no part'}</td>
        <td className="num pr-3 text-right text-sm">{clockText(s.seconds)}</td>
        <td className="num pr-2 text-right text-sm whitespace-nowrap">{h ? degrees(h.to) : ''}</td>
        <td className="quiet pr-2 text-sm">{h?.band ?? ''}</td>
        <td className="pr-1">
          {trouble === 'no' && <OctagonX className="text-error size-4" aria-label="no" />}
          {trouble === 'watch' && (
            <TriangleAlert className="text-warning size-4" aria-label="watch" />
          )}
        </td>
        <td className="whitespace-nowrap">
          {i === at && (
            <>
              <IconButton
                label={`Move step ${String(i + 1)} earlier`}
                onClick={() => {
                  onMove(i, i - 1);
                }}
              >
                <ArrowUp className="size-4" />
              </IconButton>
              <IconButton
                label={`Move step ${String(i + 1)} later`}
                onClick={() => {
                  onMove(i, i + 1);
                }}
              >
                <ArrowDown className="size-4" />
              </IconButton>
              <IconButton
                label={`Repeat step ${String(i + 1)}`}
                onClick={() => {
                  onRepeat(i);
                }}
              >
                <CopyPlus className="size-4" />
              </IconButton>
              <IconButton
                label={`Take step ${String(i + 1)} out`}
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
  };
  return (
    <table className="w-full text-left">
      <caption className="sr-only">Order of work, with the heat of what each step works</caption>
      <thead>
        <tr className="quiet text-sm">
          {COLUMNS.map(([title, seen]) => (
            <th
              key={title}
              scope="col"
              className={`pr-3 font-normal ${['at', 'for', 'then'].includes(title) ? 'text-right' : ''}`}
            >
              {seen ? title : <span className="sr-only">{title}</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{steps.map(row)}</tbody>
    </table>
  );
}
