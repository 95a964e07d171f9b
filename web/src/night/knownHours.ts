// How long checked nights are, kept in the browser: a shelf says at once what was worked out before. By what they are made of, and by
// the solver they were checked with.
import { NIGHT_SOLVER } from '@zanfirico/core/night';

const KEY = 'zanfirico.hours';
/** Nights kept: some thousands of pieces, 20 bytes each. */
const MOST = 4000;

/** A text in 53 bits (cyrb53, public domain): enough that two nights of a shop never meet. */
function hashOf(text: string): string {
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let i = 0; i < text.length; i += 1) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 2654435761);
    b = Math.imul(b ^ c, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}

let read: Map<string, number> | undefined;
function all(): Map<string, number> {
  if (read) return read;
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as {
      readonly solver?: number;
      readonly hours?: Readonly<Record<string, number>>;
    };
    const hours = kept.solver === NIGHT_SOLVER ? Object.entries(kept.hours ?? {}) : [];
    read = new Map(hours.filter(([, v]) => typeof v === 'number' && v > 0));
  } catch {
    // What cannot be read is worked out again.
    read = new Map();
  }
  return read;
}

/** Forgets what was read: another browser. For tests. */
export const forgetHours = (): void => {
  read = undefined;
};

/** From the last piece in to the door, s; undefined where it is not known. `content` is what the night is made of. */
export const knownSeconds = (content: string): number | undefined => all().get(hashOf(content));

/** Keeps it. */
export function keepSeconds(content: string, seconds: number): void {
  const hours = all();
  const key = hashOf(content);
  hours.delete(key);
  hours.set(key, seconds);
  for (const oldest of hours.keys()) {
    if (hours.size <= MOST) break;
    hours.delete(oldest);
  }
  try {
    localStorage.setItem(
      KEY,
      JSON.stringify({ solver: NIGHT_SOLVER, hours: Object.fromEntries(hours) }),
    );
  } catch {
    // Full or forbidden: it is worked out again another time.
  }
}
