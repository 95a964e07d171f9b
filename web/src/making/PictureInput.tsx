// A picture of a piece, out of the camera or a file: drawn anew, kept here first, and told as an event.
import { tr } from '@zanfirico/core/words';
import { keepPhoto } from './bench';
import type { Making } from './useMaking';
import { photoToKeep } from '../imports/photoToKeep';
import { useNotices } from '../stores/notices';
import { troubled } from '../stores/troubled';

interface Props {
  readonly id: string;
  readonly making: Making;
  /** What it is of: "hot", "cold", "between polarisers". */
  readonly says?: string;
}

/** Not seen: a button or a key presses it by its id. */
export function PictureInput({ id, making: { begin, happen }, says }: Props) {
  const take = async (file: File): Promise<void> => {
    const kept = await photoToKeep(file);
    const photo = crypto.randomUUID();
    await keepPhoto(begin.id, photo, kept);
    happen({ kind: 'photo', photo, ...(says !== undefined && { says }) });
    useNotices.getState().say(tr`The picture is kept with this making.`);
  };
  return (
    <input
      id={id}
      type="file"
      accept="image/*"
      capture="environment"
      aria-label={says === undefined ? tr`A picture of it` : tr`A picture of it, ${says}`}
      className="hidden"
      onChange={(e) => {
        const file = e.target.files?.[0];
        e.target.value = '';
        if (file) take(file).catch(troubled);
      }}
    />
  );
}
