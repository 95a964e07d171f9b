// Is it a picture this program keeps?

/** What a JPEG begins with. */
const JPEG = [0xff, 0xd8, 0xff];

/** Whether bytes begin as a JPEG does. */
export const isJpeg = (bytes: Uint8Array): boolean => JPEG.every((b, i) => bytes[i] === b);
