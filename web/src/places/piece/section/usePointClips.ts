// Copying points of the part in hand, and putting them in: after the point in hand, in this part or another, of this piece or another.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { copiedPoints, pastePoints, removeSeveral } from '@zanfirico/core/edits';
import { MOST_POINTS } from '@zanfirico/core/form';
import { tr } from '@zanfirico/core/words';
import { sentenceOf } from '../../../api/client';
import { giveOut, useCopying } from '../../../shell/useCopying';
import { useBoard } from '../../../stores/board';
import { keepClip, readClip, useClipboard } from '../../../stores/clipboard';
import { setProfile, useDraft } from '../../../stores/draft';
import { useNotices } from '../../../stores/notices';

const inHand = (): {
  part: number;
  profile: readonly ProfilePoint[];
  chosen: readonly number[];
} => {
  const { part, point, several, bit } = useBoard.getState();
  const profile = useDraft.getState().document?.parts[part]?.profile ?? [];
  const chosen = several.length > 0 ? several : point === undefined ? [] : [point];
  return { part, profile, chosen: bit === undefined ? chosen : [] };
};

function copied(): string | undefined {
  const { profile, chosen } = inHand();
  const points = copiedPoints(profile, chosen);
  if (points.length === 0) return undefined;
  useNotices
    .getState()
    .say(points.length === 1 ? tr`One point copied.` : tr`${points.length} points copied.`);
  return keepClip({ points });
}

function put(points: readonly ProfilePoint[]): void {
  const { part, profile, chosen } = inHand();
  const after = chosen.length > 0 ? Math.max(...chosen) : profile.length - 1;
  const done = pastePoints(profile, after, points);
  if (!done)
    throw new Error(
      tr`A profile takes ${MOST_POINTS} points; this one has ${profile.length}, and ${points.length} were copied.`,
    );
  setProfile(part, done.points);
  useBoard.setState({
    point: done.from,
    several: points.length > 1 ? points.map((_, i) => done.from + i) : [],
  });
}

/** Takes the chosen points out; the ends stay. */
export function takeOut(): void {
  const { part, profile, chosen } = inHand();
  const left = removeSeveral(profile, chosen);
  if (!left) {
    useNotices.getState().say(tr`Nothing was taken out: the ends stay, and three points at least.`);
    return;
  }
  setProfile(part, left);
  useBoard.setState({ point: undefined, several: [] });
}

/** Copies the points in hand, for a button. */
export function copyPoints(): void {
  const text = copied();
  if (text !== undefined) giveOut(text);
}

/** Puts in what this page copied last, for a button. */
export function putPoints(): void {
  const { points } = useClipboard.getState();
  if (!points) return;
  try {
    put(points);
  } catch (error) {
    useNotices.getState().trouble(sentenceOf(error));
  }
}

/** The usual keys for copying, wherever on the Section sheet. */
export function usePointClips(): void {
  useCopying({
    copy: copied,
    cut: takeOut,
    paste: (text) => {
      const clip = readClip(text);
      if (!clip || !('points' in clip)) return false;
      put(clip.points);
      return true;
    },
  });
}
