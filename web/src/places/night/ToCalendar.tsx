// Nights taken away as calendar entries; what writes them is fetched when it is asked for.
import { CalendarDays } from 'lucide-react';
import { sentenceOf } from '../../api/client';
import { download } from '../../exports/download';
import type { NightEntry } from '../../exports/nightEntry';
import { useNotices } from '../../stores/notices';

interface Props {
  readonly says: string;
  readonly file: string;
  readonly entries: () => readonly NightEntry[];
}

export function ToCalendar({ says, file, entries }: Props) {
  const write = async (): Promise<void> => {
    try {
      const { weekIcs } = await import('../../exports/nightIcs');
      download(file, 'text/calendar', weekIcs(entries()));
    } catch (error) {
      useNotices.getState().trouble(sentenceOf(error));
    }
  };
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm no-print mt-2"
      onClick={() => void write()}
    >
      <CalendarDays className="size-4" /> {says}
    </button>
  );
}
