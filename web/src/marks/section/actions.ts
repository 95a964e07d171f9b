// What the section asks for when it is pulled at.
import type { PieceBit, PieceDimension } from '@zanfirico/contract/piece';
import type { HandleTarget } from './Handles';

/** What the drawing asks for; the sheet carries it out. */
export interface SectionActions {
  readonly onSelect: (point: number) => void;
  /** Chooses points to go together: one more or less, or all from the one in hand to it. */
  readonly onChoose: (point: number, how: 'one' | 'through') => void;
  /** Lets go of all chosen but the one in hand. */
  readonly onLetGo: () => void;
  readonly onMove: (target: HandleTarget, reach: number) => void;
  /** Something is held by the pointer: all until it is let go is one step of undo. */
  readonly onGestureBegin: () => void;
  readonly onGestureEnd: () => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
  readonly onInsertNear: (to: { readonly height: number; readonly radius: number }) => void;
  readonly onTakePart: (part: number) => void;
  readonly onTakeBit: (bit: number) => void;
  /** Raises a part or bit; `reach` is how near a neighbour draws it, m (0 from the keyboard). */
  readonly onRaise: (
    what: { readonly part?: number; readonly bit?: number },
    by: number,
    reach: number,
  ) => void;
  readonly onBit: (change: Partial<PieceBit>) => void;
  readonly onFill: (line: number) => void;
  readonly onMeasured: (dimension: PieceDimension) => void;
  /** Two places of the picture under the drawing. */
  readonly onPicked: (places: PieceDimension) => void;
  /** Takes a measure off the drawing. */
  readonly onUnmeasure: (index: number) => void;
}
