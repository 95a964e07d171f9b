// A colour out of a photo: decoded upright, looked at in linear light, corrected by a white beside it.
import { toLinear, WHITE, type Light } from '@zanfirico/core/fit';
import { tr } from '@zanfirico/core/words';

/** Larger files are refused before decoding. */
const MOST_BYTES = 40e6;
/** Photos are looked at no larger than this, px. */
const MOST_SIDE = 900;

/** The photo as it stands upright (its own orientation kept to), shrunk to what is looked at: so many px a side. Throws a sentence. */
export async function decodePhoto(file: File, most = MOST_SIDE): Promise<ImageBitmap> {
  if (file.size > MOST_BYTES)
    throw new Error(
      tr`“${file.name}” is ${Math.round(file.size / 1e6)} MB; a photo may be at most ${MOST_BYTES / 1e6} MB. Take it smaller or crop it.`,
    );
  let whole: ImageBitmap;
  try {
    whole = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    throw new Error(
      tr`“${file.name}” is no picture this browser can read; take a JPEG, PNG, WebP or AVIF.`,
    );
  }
  const shrink = Math.min(1, most / Math.max(whole.width, whole.height));
  if (shrink === 1) return whole;
  const small = await createImageBitmap(whole, {
    resizeWidth: Math.max(1, Math.round(whole.width * shrink)),
    resizeHeight: Math.max(1, Math.round(whole.height * shrink)),
    resizeQuality: 'high',
  });
  whole.close();
  return small;
}

/** The same drawn anew on white, so that nothing else of its file comes along; what it leaves open is paper. */
export function onPaper(bitmap: ImageBitmap): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  const context = canvas.getContext('2d');
  if (!context) throw new Error(tr`This browser draws no pictures.`);
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas;
}

/** The mean light of a square of pixels (RGBA, sRGB) about a place; pixels outside the picture are left out. */
export function meanLight(
  { data, width, height }: Pick<ImageData, 'data' | 'width' | 'height'>,
  x: number,
  y: number,
  reach: number,
): Light {
  const sum = [0, 0, 0];
  let n = 0;
  for (let j = Math.max(0, y - reach); j <= Math.min(height - 1, y + reach); j += 1)
    for (let i = Math.max(0, x - reach); i <= Math.min(width - 1, x + reach); i += 1) {
      const at = 4 * (j * width + i);
      for (let c = 0; c < 3; c += 1) sum[c] = (sum[c] as number) + toLinear(data[at + c] as number);
      n += 1;
    }
  const mean = sum.map((v) => (n === 0 ? 0 : v / n));
  return [mean[0] as number, mean[1] as number, mean[2] as number];
}

/** The colour as it would be were the white beside it white paper; as it is when no white was picked. */
export function balanced(colour: Light, white: Light | undefined): Light {
  if (!white) return colour;
  const fixed = [0, 1, 2].map((c) =>
    Math.min(
      1,
      ((colour[c] as number) / Math.max(0.02, white[c] as number)) * (WHITE[c] as number),
    ),
  );
  return [fixed[0] as number, fixed[1] as number, fixed[2] as number];
}
