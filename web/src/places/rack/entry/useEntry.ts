// Changing one entry of the rack: every change is kept at once, a shipped entry becomes the shop's own, and Undo goes back.
import type { RackEntry } from '@zanfirico/contract/rack';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { checkEntry, rackLine, type RackLine } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import { Refused, sentenceOf } from '../../../api/client';
import { useNotices } from '../../../stores/notices';
import { useRack } from '../../../stores/theRack';

/** What can be done to an entry. */
export interface EntryActions {
  readonly change: (patch: Changes<RackEntry>) => void;
  /** Drops it, or retires it where pieces use it. */
  readonly drop: () => void;
  readonly retire: (retired: boolean) => void;
}

/** Changes an entry, kept as it is typed. */
export function useEntry(line: RackLine): EntryActions {
  const { keep, drop: dropKept } = useRack.getState();
  const { say, trouble } = useNotices.getState();
  const { entry, own } = line;
  const attempt = (work: Promise<void>, done?: () => void): void => {
    work.then(done, (error: unknown) => {
      trouble(sentenceOf(error));
    });
  };
  const back = {
    label: tr`Undo`,
    run: () => {
      attempt(own ? keep(entry) : dropKept(entry.id));
    },
  };
  const change = (patch: Changes<RackEntry>): void => {
    const next = withChanges(entry, patch);
    const [problem] = checkEntry(next, rackLine(next, true).spoken);
    if (problem) {
      trouble(`${next.name}: ${problem.message}`);
      return;
    }
    attempt(keep(next), () => {
      say(
        own ? tr`${next.name} is kept.` : tr`${next.name} is yours now, over the shipped one.`,
        back,
      );
    });
  };
  const retire = (retired: boolean): void => {
    attempt(keep({ ...entry, retired }), () => {
      say(
        tr`${entry.name} is ${retired ? tr`retired: pieces keep it` : tr`back in the rack`}.`,
        back,
      );
    });
  };
  return {
    change,
    retire,
    drop: () => {
      dropKept(entry.id).then(
        () => {
          say(tr`${entry.name} is gone from the rack.`, {
            label: tr`Undo`,
            run: () => {
              attempt(keep(entry, true));
            },
          });
        },
        (error: unknown) => {
          if (error instanceof Refused && error.body.uses)
            say(error.message, {
              label: tr`Retire it`,
              run: () => {
                retire(true);
              },
            });
          else trouble(sentenceOf(error));
        },
      );
    },
  };
}
