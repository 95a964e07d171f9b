// The order of work of a piece made in the kiln: cut, laid up or filled in, into the kiln. Common practice, no source.
import type { Add, DraftInput } from './draftInput';

/** Drafts it: what the hands do; the firings are the night's. */
export function kiln({ main, cast }: DraftInput, add: Add): void {
  if (cast === true) add('fillMould', main);
  else {
    add('cutSheet', main);
    add('layUp', main);
  }
  add('box', main);
}
