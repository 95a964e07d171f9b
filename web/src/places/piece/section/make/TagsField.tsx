// Words a piece is found by on the shelf: typed with commas, those the shelf has already offered.
import { tr } from '@zanfirico/core/words';
import { MOST_TAGS, TAG_LETTERS } from '@zanfirico/contract/piece';
import { useId, useState } from 'react';
import { useTags } from '../../../../api/queries';
import { changePiece } from '../../../../stores/draft';

/** The tags in a text, each once; a sentence where one of them is none. */
export function readTags(text: string): readonly string[] | string {
  const tags = [
    ...new Set(
      text
        .split(',')
        .map((t) => t.trim().replace(/\s+/g, ' '))
        .filter((t) => t !== ''),
    ),
  ];
  const bad = tags.find((t) => t.length > TAG_LETTERS);
  if (bad !== undefined)
    return tr`“${bad}” is ${bad.length} letters long; a tag has at most ${TAG_LETTERS}.`;
  return tags.length > MOST_TAGS
    ? tr`${tags.length} tags; a piece has at most ${MOST_TAGS}.`
    : tags;
}

export function TagsField({ tags }: { readonly tags: readonly string[] }) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const offered = useTags().filter((t) => !tags.includes(t.tag));
  const id = useId();
  const keep = (next: readonly string[]): void => {
    changePiece({ tags: next.length > 0 ? [...next] : undefined });
    setTyped(undefined);
    setProblem(undefined);
  };
  const take = (): void => {
    if (typed === undefined) return;
    const read = readTags(typed);
    if (typeof read === 'string') setProblem(read);
    else keep(read);
  };
  return (
    <div className="mt-4">
      <label className="flex flex-col">
        <span className="quiet text-sm">{tr`Tags, with commas between`}</span>
        <input
          className="input"
          aria-invalid={problem !== undefined}
          aria-describedby={problem === undefined ? undefined : id}
          data-typed={typed === undefined ? 'no' : undefined}
          placeholder={tr`gift, autumn fair`}
          value={typed ?? tags.join(', ')}
          onChange={(e) => {
            setTyped(e.target.value);
          }}
          onBlur={take}
          onKeyDown={(e) => {
            if (e.key === 'Enter') take();
            if (e.key === 'Escape') {
              setTyped(undefined);
              setProblem(undefined);
            }
          }}
        />
      </label>
      {problem !== undefined && (
        <p id={id} role="alert" className="text-error text-sm">
          {problem}
        </p>
      )}
      {offered.length > 0 && (
        <p className="mt-1 flex flex-wrap gap-1">
          {offered.slice(0, 8).map(({ tag }) => (
            <button
              key={tag}
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={tr`Tag it ${tag}`}
              onClick={() => {
                keep([...tags, tag].slice(0, MOST_TAGS));
              }}
            >
              + {tag}
            </button>
          ))}
        </p>
      )}
    </div>
  );
}
