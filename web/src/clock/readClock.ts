// Reading a time of day as people type it.

/** "17:30", "1730", "17.30", "5.30 pm", "5pm" as "HH:MM"; undefined when it is none. */
export function readClock(text: string): string | undefined {
  const match = /^\s*(\d{1,2})(?:[:.h ]?([0-5]\d))?\s*(am|pm)?\s*$/i.exec(text);
  if (!match) return undefined;
  const half = match[3]?.toLowerCase();
  let hour = Number(match[1]);
  if (half !== undefined) {
    if (hour < 1 || hour > 12) return undefined;
    hour = (hour % 12) + (half === 'pm' ? 12 : 0);
  }
  if (hour > 23) return undefined;
  return `${String(hour).padStart(2, '0')}:${match[2] ?? '00'}`;
}
