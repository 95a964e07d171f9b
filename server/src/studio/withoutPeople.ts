// A making as it may leave the studio: without who made it, and without what they wrote down.
import type { MakingDocument, MakingEvent } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { withChanges } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';

type Crew = NonNullable<MakingDocument['begin']['crew']>;

/** Named by their place alone. */
const unnamed = (crew: Crew): Crew => crew.map((p, i) => ({ ...p, name: tr`person ${i + 1}` }));

function quiet(document: PieceDocument): PieceDocument {
  const making = withChanges(document.making, { gatherer: undefined });
  const { sequence } = document;
  return {
    ...document,
    notes: '',
    making,
    ...(sequence && {
      sequence: { ...sequence, ...(sequence.crew && { crew: unnamed(sequence.crew) }) },
    }),
  };
}

/** An event without words of anybody's own; nothing where it was only words. */
function silent(e: MakingEvent): MakingEvent[] {
  switch (e.kind) {
    case 'note':
    case 'call':
      return [];
    case 'mishap':
    case 'photo':
    case 'flaw':
      return [withChanges(e, { says: undefined })];
    case 'boxed':
      return [withChanges(e, { where: undefined })];
    default:
      return [e];
  }
}

/** Names become “person 1”, notes and calls stay behind. */
export const withoutPeople = ({ begin, events, ...file }: MakingDocument): MakingDocument => ({
  ...file,
  begin: {
    ...begin,
    document: quiet(begin.document),
    ...(begin.crew && { crew: unnamed(begin.crew) }),
  },
  events: events.flatMap(silent),
});

/** Without its pictures. */
export const withoutPhotos = (making: MakingDocument): MakingDocument => ({
  ...making,
  events: making.events.filter((e) => e.kind !== 'photo'),
});
