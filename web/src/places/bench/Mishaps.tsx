// What went wrong, one tap each, as the trade calls it.
import { MISHAPS, type MakingEvent } from '@zanfirico/contract';

export function Mishaps({
  onPick,
  onGiveUp,
}: {
  readonly onPick: (what: Extract<MakingEvent, { kind: 'mishap' }>['what']) => void;
  readonly onGiveUp: () => void;
}) {
  return (
    <section
      aria-label="What went wrong"
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
          {m}
        </button>
      ))}
      <button type="button" className="btn btn-error h-14 text-lg" onClick={onGiveUp}>
        Give it up
      </button>
    </section>
  );
}
