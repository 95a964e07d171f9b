// A photo taken at the bench as it is kept: upright, shrunk, drawn anew without the place and time its file carries.
import { tr } from '@zanfirico/core/words';
import { PHOTO_LIMIT } from '@zanfirico/contract/making';
import { decodePhoto, onPaper } from './photo';

/** px a side. */
const MOST_SIDE = 1600;
const QUALITIES = [0.85, 0.6, 0.35];

/** A JPEG; throws a sentence where the file is no picture, or cannot be made small enough. */
export async function photoToKeep(file: File): Promise<Blob> {
  const canvas = onPaper(await decodePhoto(file, MOST_SIDE));
  for (const quality of QUALITIES) {
    const picture = await new Promise<Blob | null>((yes) => {
      canvas.toBlob(yes, 'image/jpeg', quality);
    });
    if (picture && picture.size <= PHOTO_LIMIT) return picture;
  }
  throw new Error(tr`“${file.name}” stays too large however coarse; crop it.`);
}
