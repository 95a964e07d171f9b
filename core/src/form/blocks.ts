// A long line in blocks with boxes round them: whoever asks only for what is near passes over most of it.

/** Sides in a block. */
export const BLOCK = 12;

/** Boxes round every `BLOCK` sides of a line: lowest r, highest r, lowest z, highest z, one after another. NaN breaks a line. */
export function blocksOf(r: ArrayLike<number>, z: ArrayLike<number>): Float64Array {
  const sides = r.length - 1;
  const boxes = new Float64Array(4 * Math.max(0, Math.ceil(sides / BLOCK)));
  for (let b = 0; 4 * b < boxes.length; b += 1) {
    let [r0, r1, z0, z1] = [Infinity, -Infinity, Infinity, -Infinity];
    const end = Math.min(sides, (b + 1) * BLOCK);
    for (let k = b * BLOCK; k <= end; k += 1) {
      const pr = r[k] as number;
      const pz = z[k] as number;
      if (pr < r0) r0 = pr;
      if (pr > r1) r1 = pr;
      if (pz < z0) z0 = pz;
      if (pz > z1) z1 = pz;
    }
    boxes[4 * b] = r0;
    boxes[4 * b + 1] = r1;
    boxes[4 * b + 2] = z0;
    boxes[4 * b + 3] = z1;
  }
  return boxes;
}

/** Is a place further than `reach` from a block's box, one way or the other? */
export const beyond = (
  boxes: Float64Array,
  block: number,
  r: number,
  z: number,
  reach: number,
): boolean =>
  (boxes[4 * block] as number) - r > reach ||
  r - (boxes[4 * block + 1] as number) > reach ||
  (boxes[4 * block + 2] as number) - z > reach ||
  z - (boxes[4 * block + 3] as number) > reach;
