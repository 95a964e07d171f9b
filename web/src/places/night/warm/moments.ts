// Local days and clocks as moments.

/** A local day, so many after another, as a field of days has it. */
export const dayOf = (from: Date, after = 0): string => {
  const d = new Date(from.getFullYear(), from.getMonth(), from.getDate() + after);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${String(d.getFullYear())}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
};

/** A clock of a local day; undefined where that is none. */
export const momentAt = (day: string, clock: string): Date | undefined => {
  const at = new Date(`${day}T${clock}`);
  return Number.isNaN(at.getTime()) ? undefined : at;
};
