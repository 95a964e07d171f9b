// What came out of the box, with one tap: kept, second, lost.
import type { CameOut as Came } from '@zanfirico/contract/making';
import { OUTCOMES } from '@zanfirico/core/log';
import { tr, trWord } from '@zanfirico/core/words';
import { Check, CircleSlash, TriangleAlert } from 'lucide-react';

const ICONS = { kept: Check, second: TriangleAlert, lost: CircleSlash } as const;

interface Props {
  readonly of: string;
  readonly came: Came | undefined;
  readonly onTell: (what: Came) => void;
  readonly small?: boolean;
}

export function CameOutFields({ of, came, onTell, small = false }: Props) {
  return (
    <div role="group" aria-label={tr`How ${of} came out`} className="flex flex-wrap gap-2">
      {OUTCOMES.map((what) => {
        const Icon = ICONS[what];
        return (
          <button
            key={what}
            type="button"
            aria-pressed={came === what}
            className={`btn ${small ? 'btn-sm' : 'h-14 px-6 text-lg'} ${came === what ? 'btn-primary' : 'btn-outline'}`}
            onClick={() => {
              onTell(what);
            }}
          >
            <Icon className="size-4" /> {trWord(what)}
          </button>
        );
      })}
    </div>
  );
}
