// Which of the shop's annealers tonight is about.
import { useTonight } from '../../stores/tonight';
import { useTonightBox } from '../../annealing/useTonightBox';

export function AnnealerChoice() {
  const set = useTonight((s) => s.set);
  const { all, chosen } = useTonightBox();
  return (
    <label className="flex flex-col">
      <span className="quiet text-sm">Annealer</span>
      <select
        className="select"
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
