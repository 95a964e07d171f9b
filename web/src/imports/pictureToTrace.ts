// A photo or a sketch as a picture to trace from: upright, shrunk, written anew, so that nothing else of the file comes along.
import { tr } from '@zanfirico/core/words';
import { PICTURE_LIMIT } from '@zanfirico/contract';
import { decodePhoto, onPaper } from './photo';

/** Written finer first, coarser until it is small enough to be kept with the piece. */
const QUALITIES = [0.8, 0.6, 0.4, 0.2];

/** A picture to trace from, as it was read. */
export interface Picture {
  readonly picture: string;
  /** Height against width. */
  readonly tall: number;
}

/** Throws a sentence where the file is no picture, or cannot be made small enough. */
export async function pictureToTrace(file: File): Promise<Picture> {
  const canvas = onPaper(await decodePhoto(file));
  for (const quality of QUALITIES) {
    const picture = canvas.toDataURL('image/jpeg', quality);
    if (picture.length <= PICTURE_LIMIT) return { picture, tall: canvas.height / canvas.width };
  }
  throw new Error(tr`“${file.name}” stays too large however coarse; crop it.`);
}
