// Unsaved changes of a piece that other tabs left, or that cannot be read: each by its time, to take, to keep as a file, to drop.
import { tr } from '@zanfirico/core/words';
import { fileName } from '@zanfirico/contract';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { sentenceOf } from '../../api/client';
import { download } from '../../exports/download';
import { useDraft } from '../../stores/draft';
import { draftsOf, dropDraft, readDraft, type Draft } from '../../stores/drafts';
import { useNotices } from '../../stores/notices';
import { openTabs, thisTab } from '../../stores/thisTab';

interface Props {
  readonly piece: string;
  readonly onTaken: () => void;
}

interface Line {
  readonly draft: Draft;
  readonly open: boolean;
  readonly says: string | undefined;
}

export function Drafts({ piece, onTaken }: Props) {
  const { data: lines = [], refetch } = useQuery({
    queryKey: ['drafts', piece],
    queryFn: () => linesOf(piece),
    // Other tabs write there too: nothing is kept from one look to the next.
    gcTime: 0,
  });
  const { say, trouble } = useNotices.getState();

  const take = async (draft: Draft): Promise<void> => {
    const read = await readDraft(draft);
    if ('says' in read) return;
    useDraft.getState().change(() => read.document);
    say(tr`Those changes are on the board. Undo puts yours back; save makes them the newest.`);
    onTaken();
  };
  const drop = (draft: Draft): void => {
    dropDraft(draft).then(
      () => void refetch(),
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  if (lines.length === 0) return null;
  return (
    <section aria-label={tr`Unsaved changes elsewhere`} className="mt-3">
      <h3 className="text-lg">{tr`Not saved, from other tabs`}</h3>
      <ul>
        {lines.map(({ draft, open, says }) => (
          <li
            key={draft.tab}
            className="border-base-300 flex flex-wrap items-center gap-x-3 border-b py-1"
          >
            <span className="flex-1">
              {draft.name}{' '}
              <span className="quiet">
                {tr`${format(draft.at, 'd MMM yyyy, HH:mm')}, drawn on revision ${draft.baseRevision}`}
                {open && tr`, in a tab that is open`}
              </span>
              {says !== undefined && (
                <span className="text-error">{tr` Cannot be read: ${says}.`}</span>
              )}
            </span>
            {says === undefined && (
              <button
                type="button"
                className="btn btn-sm btn-outline"
                onClick={() => void take(draft)}
              >
                {tr`Put on the board`}
              </button>
            )}
            <button
              type="button"
              className="btn btn-sm btn-ghost"
              onClick={() => {
                download(
                  `${fileName(draft.name)}.unsaved.piece.json`,
                  'application/json',
                  JSON.stringify(draft.document, null, 1),
                );
              }}
            >
              {tr`As a file`}
            </button>
            {!open && (
              <button
                type="button"
                className="btn btn-sm btn-ghost"
                onClick={() => {
                  drop(draft);
                }}
              >
                {tr`Drop`}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** All but what this tab has on its board; its own that cannot be read is among them. */
async function linesOf(piece: string): Promise<readonly Line[]> {
  const [all, tab, open] = await Promise.all([draftsOf(piece), thisTab(), openTabs()]);
  const lines = await Promise.all(
    all.map(async (draft): Promise<Line> => {
      const read = await readDraft(draft);
      return {
        draft,
        open: draft.tab !== tab && open.has(draft.tab),
        says: 'says' in read ? read.says : undefined,
      };
    }),
  );
  return lines.filter((l) => l.draft.tab !== tab || l.says !== undefined);
}
