// A piece that is in the box is part of tonight's load, at its own time.
import { tr } from '@zanfirico/core/words';
import type { MakingBegin } from '@zanfirico/contract/making';
import { format } from 'date-fns';
import { useNotices } from '../stores/notices';
import { useTonight, withCount } from '../stores/tonight';

/** Puts it in, and says so. */
export function intoTonight({ piece, annealer }: Pick<MakingBegin, 'piece' | 'annealer'>): void {
  const { inBox, set } = useTonight.getState();
  const lastIn = format(new Date(), 'HH:mm');
  set({
    inBox: withCount(inBox, piece, (inBox[piece] ?? 0) + 1),
    lastIn,
    ...(annealer !== undefined && { annealer }),
  });
  useNotices.getState().say(tr`It is in tonight’s box: its night is under Night.`);
}
