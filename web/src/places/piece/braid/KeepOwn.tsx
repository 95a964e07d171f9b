// An own kind of step, kept for every piece of the shop.
import { tr } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import { sentenceOf } from '../../../api/client';
import { useNotices } from '../../../stores/notices';
import { useShop } from '../../../stores/theShop';
import { kindOf } from '../../../marks/braid/stepNames';

/** An own kind kept for every piece of the shop, or dropped from there. */
export function KeepOwn({ step }: { readonly step: WorkStep }) {
  const { shop, save } = useShop();
  const { say, trouble } = useNotices.getState();
  const name = step.name?.trim() ?? '';
  const kept = shop?.document.ownSteps ?? [];
  const there = kept.some((k) => k.name === name);
  if (!shop || name === '') return null;
  const put = (): void => {
    const others = kept.filter((k) => k.name !== name);
    const ownSteps = there
      ? others
      : [...others, { name, like: kindOf(step), seconds: step.seconds }];
    save({ ...shop.document, ownSteps }).then(
      () => {
        say(
          there
            ? tr`“${name}” is no longer offered; orders that have it keep it.`
            : tr`“${name}” is offered under “+ a step” in every piece.`,
        );
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  return (
    <button type="button" className="btn btn-ghost btn-xs mt-1 self-start" onClick={put}>
      {there ? tr`No longer keep this kind` : tr`Keep this kind for the shop`}
    </button>
  );
}
