// The tools the order needs, and where each lives.
import { tr } from '@zanfirico/core/words';
import { Rows } from '../../../fields/Rows';
import { useOfClass } from '../ClassPlace';
import { TextField } from '../../../fields/TextField';
import type { ClassChange } from './change';

export function Tools({ change }: { readonly change: ClassChange }) {
  const { lesson } = useOfClass();
  const { tools } = lesson;
  return (
    <section aria-label={tr`Tools, and where each lives`} className="mt-4">
      <h2 className="text-2xl">{tr`Tools, and where each lives`}</h2>
      <Rows
        items={tools}
        most={60}
        out={({ name }) => tr`Leave out: ${name}`}
        more={tr`A tool`}
        fresh={() => ({ name: tr`a tool`, lives: '' })}
        onChange={(to) => {
          change({ tools: to });
        }}
        row={(tool, i, put) => (
          <>
            <TextField
              needed
              label={tr`Tool ${i + 1}`}
              bare
              value={tool.name}
              most={80}
              onCommit={(name) => {
                put({ ...tool, name });
              }}
            />
            <TextField
              label={tr`Where it lives: ${tool.name}`}
              bare
              empty={tr`where it lives`}
              value={tool.lives}
              most={80}
              onCommit={(lives) => {
                put({ ...tool, lives });
              }}
            />
          </>
        )}
      />
    </section>
  );
}
