// The layers as they are laid, outside at the top as the wall is looked at; under them what is set in as pieces.
import type { PieceColour } from '@zanfirico/contract/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { X } from 'lucide-react';
import { IconButton } from '../../../shell/IconButton';
import { changePart } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { LayerRow } from './LayerRow';
import type { Colouring } from './useColouring';
import { TroubleLine } from '../../../marks/TroubleLine';

export function StackEditor({ colouring }: { readonly colouring: Colouring }) {
  const { part, index, laid, shares } = colouring;
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const gathers = part.gathers?.gathers.length ?? 1;
  const put = (colours: PieceColour[]): void => {
    changePart(index, { colours: colours.length > 0 ? colours : undefined });
  };
  const change = (k: number, layer: Partial<PieceColour>): void => {
    put(laid.map((l, i) => (i === k ? { ...l, ...layer } : l)));
  };
  const drop = (k: number): void => {
    put(laid.filter((_, n) => n !== k));
  };
  const move = (k: number, by: 1 | -1): void => {
    const a = laid[k];
    const b = laid[k + by];
    if (!a) return;
    // Past a neighbour of another gather it first joins that gather.
    if (b?.after !== a.after) {
      const after = Math.min(gathers, Math.max(1, a.after + by));
      change(k, { after });
      return;
    }
    const next = [...laid];
    next[k] = b;
    next[k + by] = a;
    put(next);
  };
  const walls = { thinnest: part.shape.thinnest.wall, thickest: part.shape.thickest.wall };
  const row = (k: number, share: (typeof shares)[number] | undefined) => {
    const layer = laid[k];
    const colour = layer && rack.colour(layer.colour);
    return (
      layer &&
      colour && (
        <LayerRow
          key={k}
          colour={colour}
          layer={layer}
          share={share}
          walls={walls}
          gathers={gathers}
          onChange={(next) => {
            change(k, next);
          }}
          onMove={(by) => {
            move(k, by);
          }}
          onDrop={() => {
            drop(k);
          }}
        />
      )
    );
  };
  const setIn = laid.flatMap((l, k) =>
    l.amount.kind === 'pieces' && rack.colour(l.colour) ? [k] : [],
  );
  const unknown = laid.flatMap((l, k) => (rack.colour(l.colour) ? [] : [{ id: l.colour, k }]));
  return (
    <>
      <p className="quiet text-sm">{tr`outside`}</p>
      <ol aria-label={tr`Layers, outside first`}>
        {[...shares].reverse().map((s, i) =>
          s.laid === undefined ? (
            <li
              key={`g${String(i)}`}
              className="border-base-300 quiet flex items-baseline justify-between border-b py-1.5"
            >
              <span>{part.glass.name}</span>
              <span className="num text-sm">{printText(s.mass, 'mass', units)}</span>
            </li>
          ) : (
            row(s.laid, s)
          ),
        )}
      </ol>
      <p className="quiet text-sm">{tr`inside`}</p>
      {setIn.length > 0 && <ol aria-label={tr`Set in`}>{setIn.map((k) => row(k, undefined))}</ol>}
      {unknown.map(({ id, k }) => (
        <TroubleLine key={k} className="flex items-center gap-2">
          <span className="flex-1">{tr`“${id}” is not in the rack; take it out or choose another.`}</span>
          <IconButton
            label={tr`Take ${id} out`}
            onClick={() => {
              drop(k);
            }}
          >
            <X className="size-4" />
          </IconButton>
        </TroubleLine>
      ))}
      {laid.length === 0 && (
        <p className="mt-2 leading-snug">{tr`All clear. Choose a colour from the rack below: it is laid after the first gather, under the rest.`}</p>
      )}
    </>
  );
}
