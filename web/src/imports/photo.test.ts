// Pictures that cannot be taken are refused in a sentence that names the file and the remedy.
import { decodePhoto } from './photo';

const bitmaps: string[] = [];
const fake = (width: number, height: number): ImageBitmap => ({
  width,
  height,
  close: () => bitmaps.push(`closed ${String(width)}`),
});

it('one of 60 MB is refused before it is decoded', async () => {
  globalThis.createImageBitmap = () => Promise.reject(new Error('must not be asked'));
  const huge = new File([new Uint8Array(60_000_000)], 'kiln.jpg', { type: 'image/jpeg' });
  await expect(decodePhoto(huge)).rejects.toThrow(
    '“kiln.jpg” is 60 MB; a photo may be at most 40 MB. Take it smaller or crop it.',
  );
});

it('a text called .jpg, and one of more pixels than the browser takes, are no pictures', async () => {
  globalThis.createImageBitmap = () => Promise.reject(new DOMException('undecodable'));
  await expect(decodePhoto(new File(['dear reader'], 'cup.jpg'))).rejects.toThrow(
    '“cup.jpg” is no picture this browser can read; take a JPEG, PNG, WebP or AVIF.',
  );
});

it('a large one is shrunk on its longer side, upright, and the whole of it let go', async () => {
  const asked: unknown[] = [];
  globalThis.createImageBitmap = ((_: unknown, how: ImageBitmapOptions) => {
    asked.push(how);
    return Promise.resolve(
      how.resizeWidth === undefined
        ? fake(40_000, 8000)
        : fake(how.resizeWidth, how.resizeHeight ?? 0),
    );
  }) as typeof createImageBitmap;
  const small = await decodePhoto(new File(['x'], 'long.jpg'), 1600);
  expect([small.width, small.height]).toEqual([1600, 320]);
  expect(asked[0]).toEqual({ imageOrientation: 'from-image' });
  expect(bitmaps).toContain('closed 40000');
});
