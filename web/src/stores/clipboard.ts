// What was copied to be put in elsewhere: kept by the page, and given to the machine's clipboard for other windows.
import { tr } from '@zanfirico/core/words';
import type { PieceStep } from '@zanfirico/contract/order';
import { CLIP_FORMAT, ClipSchema, type Clip, type ProfilePoint } from '@zanfirico/contract/piece';
import { Value } from '@sinclair/typebox/value';
import { create } from 'zustand';

interface ClipboardState {
  readonly points: readonly ProfilePoint[] | undefined;
  readonly steps: readonly PieceStep[] | undefined;
}

/** What this page copied last, of each kind: what the buttons put in. */
export const useClipboard = create<ClipboardState>()(() => ({
  points: undefined,
  steps: undefined,
}));

/** Keeps copied points or steps, and tells the text other windows read. */
export function keepClip(what: { points: ProfilePoint[] } | { steps: PieceStep[] }): string {
  useClipboard.setState(what);
  return `${JSON.stringify({ format: CLIP_FORMAT, version: 1, ...what } satisfies Clip)}\n`;
}

/** Copied points or steps out of a text; undefined where it holds none. Throws where it says it does and does not. */
export function readClip(text: string): Clip | undefined {
  if (text.length > 1e6 || !text.includes(CLIP_FORMAT)) return undefined;
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    throw new Error(tr`What was copied is cut off: copy it again.`);
  }
  if (Value.Check(ClipSchema, found)) return found;
  const first = Value.Errors(ClipSchema, found).First();
  throw new Error(
    tr`What was copied cannot be put in: ${first?.path.slice(1).replaceAll('/', '.') ?? tr`it`} is not what it should be. Copy it again.`,
  );
}
