// A moment as a person says it: the day and the time, as their browser writes them.
export const dayWords = (at: number): string =>
  new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(at);
