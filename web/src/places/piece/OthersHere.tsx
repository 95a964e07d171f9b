// A line where somebody else is in the piece too: who, and what becomes of what both draw.
import { tr } from '@zanfirico/core/words';
import { Users } from 'lucide-react';
import { useDraft } from '../../stores/draft';
import { useOthersHere } from './useOthersHere';

export function OthersHere() {
  const id = useDraft((s) => s.id);
  const base = useDraft((s) => s.baseRevision);
  const unsaved = useDraft((s) => s.document !== s.saved);
  const here = useOthersHere(id);
  if (!here) return null;
  const { others, revision, by } = here;
  const newer = revision > base && unsaved;
  if (others.length === 0 && !newer) return null;
  const names = [...new Set(others.map((o) => o.name))];
  return (
    <p
      role="status"
      className="no-print border-base-300 flex items-center gap-2 border-b px-5 py-1"
    >
      <Users className="text-accent size-4 shrink-0" />
      {names.length > 0 &&
        tr`${names.join(tr` and `)} ${names.length > 1 ? tr`are` : tr`is`} in this piece too. `}
      {newer &&
        tr`${by ?? tr`Somebody`} saved revision ${revision}: saved, yours is put together with it.`}
    </p>
  );
}
