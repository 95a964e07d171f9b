// Which of the shop's annealers tonight is about.
import { useTonight } from '../../stores/tonight';
import type { Annealer } from './useTonightBox';

interface Props {
  readonly all: readonly Annealer[];
  readonly chosen: Annealer | undefined;
}

export function AnnealerChoice({ all, chosen }: Props) {
  const set = useTonight((s) => s.set);
  return (
    <label className="flex flex-col">
      <span className="quiet text-sm">Annealer</span>
      <select
        className="line-field"
        value={chosen?.name ?? ''}
        onChange={(e) => {
          set({ annealer: e.target.value });
        }}
      >
        {all.map((b) => (
          <option key={b.name}>{b.name}</option>
        ))}
      </select>
    </label>
  );
}
