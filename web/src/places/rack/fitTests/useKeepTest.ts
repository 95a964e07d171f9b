// Keeping a test, and saying so with a way back.
import { tr } from '@zanfirico/core/words';
import type { NewTest } from '@zanfirico/contract/rack';
import { sentenceOf } from '../../../api/client';
import { useNotices } from '../../../stores/notices';
import { useRack } from '../../../stores/theRack';

/** Keeps a test of a pair. */
export function useKeepTest(): (test: NewTest) => void {
  const keepTest = useRack((s) => s.keepTest);
  const count = useRack((s) => s.count);
  const { say, trouble } = useNotices.getState();
  return (test) => {
    keepTest(test).then(
      (kept) => {
        say(tr`The test is kept; it outranks the numbers for this pair from now on.`, {
          label: tr`Set it aside`,
          run: () => {
            count(kept.id, false).catch((error: unknown) => {
              trouble(sentenceOf(error));
            });
          },
        });
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
}
