// A photo or a sketch as a picture to trace from: upright, shrunk, written anew, so that nothing else of the file comes along.
import { PICTURE_LIMIT } from '@zanfirico/contract';
import { decodePhoto } from './photo';

/** Written finer first, coarser until it is small enough to be kept with the piece. */
const QUALITIES = [0.8, 0.6, 0.4, 0.2];

export interface Picture {
  readonly picture: string;
  /** Height against width. */
  readonly tall: number;
}

/** Throws a sentence where the file is no picture, or cannot be made small enough. */
export async function pictureToTrace(file: File): Promise<Picture> {
  const bitmap = await decodePhoto(file);
  const canvas = document.createElement('canvas');
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser draws no pictures.');
  // What a drawing leaves open is paper.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  for (const quality of QUALITIES) {
    const picture = canvas.toDataURL('image/jpeg', quality);
    if (picture.length <= PICTURE_LIMIT) return { picture, tall: canvas.height / canvas.width };
  }
  throw new Error(`“${file.name}” stays too large however coarse; crop it.`);
}
