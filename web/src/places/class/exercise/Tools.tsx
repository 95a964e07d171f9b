// The tools the order needs, and where each lives.
import { tr } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import { IconButton } from '../../../shell/IconButton';
import { useOfClass } from '../ClassPlace';
import { LessonText } from '../TextField';
import type { ClassChange } from './change';

export function Tools({ change }: { readonly change: ClassChange }) {
  const { lesson } = useOfClass();
  const { tools } = lesson;
  return (
    <section aria-label={tr`Tools, and where each lives`} className="mt-4">
      <h2 className="text-2xl">{tr`Tools, and where each lives`}</h2>
      <ul>
        {tools.map((t, i) => (
          <li key={i} className="flex items-end gap-3 py-0.5">
            <LessonText
              label={tr`Tool ${i + 1}`}
              bare
              value={t.name}
              most={80}
              onCommit={(name) => {
                change({ tools: tools.map((o, k) => (k === i ? { ...o, name } : o)) });
              }}
            />
            <LessonText
              label={tr`Where it lives: ${t.name}`}
              bare
              empty={tr`where it lives`}
              value={t.lives}
              most={80}
              onCommit={(lives) => {
                change({ tools: tools.map((o, k) => (k === i ? { ...o, lives } : o)) });
              }}
            />
            <IconButton
              small
              label={tr`Leave out: ${t.name}`}
              onClick={() => {
                change({ tools: tools.filter((_, k) => k !== i) });
              }}
            >
              <X className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        disabled={tools.length >= 60}
        onClick={() => {
          change({ tools: [...tools, { name: tr`a tool`, lives: '' }] });
        }}
      >
        <Plus className="size-4" /> {tr`A tool`}
      </button>
    </section>
  );
}
