// Who this screen is, where it was let in; and the way out.
import { tr, trWord } from '@zanfirico/core/words';
import type { Me } from '@zanfirico/contract/door';
import { LogOut } from 'lucide-react';
import { leave } from '../api/door';
import { troubled } from '../stores/troubled';
import { IconButton } from './IconButton';

/** What each may, in words. */
export const MAY_WORDS = {
  lead: 'everything',
  hand: 'bench, log and readings',
  look: 'look at the walls',
} as const;

export function WhoIAm({ me }: { readonly me: Me | undefined }) {
  if (!me || me.here) return null;
  return (
    <span className="flex items-center gap-1">
      <span className="max-w-32 truncate" title={`${me.name}: ${trWord(MAY_WORDS[me.may])}`}>
        {me.name}
      </span>
      <IconButton
        label={tr`Leave: this screen is ${me.name} no more`}
        onClick={() => {
          leave().then(() => {
            location.assign('/enter');
          }, troubled);
        }}
      >
        <LogOut className="size-4" />
      </IconButton>
    </span>
  );
}
