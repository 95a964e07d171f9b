// What went wrong, one tap each, as the trade calls it.
import { tr, trWord } from '@zanfirico/core/words';
import { MISHAPS, type MakingEvent } from '@zanfirico/contract/making';

export function Mishaps({
  onPick,
  onGiveUp,
}: {
  readonly onPick: (what: Extract<MakingEvent, { kind: 'mishap' }>['what']) => void;
  readonly onGiveUp: () => void;
}) {
  return (
    <section
      aria-label={tr`What went wrong`}
      className="border-base-300 bg-base-100 flex flex-wrap gap-2 border-t p-3"
    >
      {MISHAPS.map((m) => (
        <button
          key={m}
          type="button"
          className="btn btn-outline h-14 text-lg"
          onClick={() => {
            onPick(m);
          }}
        >
          {trWord(m)}
        </button>
      ))}
      <button type="button" className="btn btn-error h-14 text-lg" onClick={onGiveUp}>
        {tr`Give it up`}
      </button>
    </section>
  );
}
