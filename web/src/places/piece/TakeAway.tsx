// Taking the piece elsewhere: document, section, solid form and schedule in open formats, and the card to print.
import { fileName } from '@zanfirico/contract';
import type { Schedule } from '@zanfirico/core/night';
import { bodyOf } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { createAgain, fusedStl, sentenceOf } from '../../api/client';
import { download } from '../../exports/download';
import { nightEntry } from '../../exports/nightEntry';
import { pieceJson } from '../../exports/pieceJson';
import { profileCsv } from '../../exports/profileCsv';
import { scheduleCsv } from '../../exports/scheduleCsv';
import { sectionSvg } from '../../exports/sectionSvg';
import { useDraft } from '../../stores/draft';
import { useBoard } from '../../stores/board';
import { useNotices } from '../../stores/notices';
import { checkedNight } from '../../night/nights';
import { meshFile } from '../../workers/workers';
import { Menu } from '../../shell/Menu';
import { TakeBundle } from '../../shell/TakeBundle';
import type { OnBoard } from './usePiece';

/** Files that take a while: meshes, and the night as it was checked. */
function useFiles({ document: piece, derived }: OnBoard) {
  const { say, trouble } = useNotices();
  const name = fileName(piece.name);

  const mesh = async (format: 'glb' | 'stl'): Promise<void> => {
    if (!derived.ok) return;
    say(tr`Making the ${format.toUpperCase()} …`);
    try {
      const bytes = await meshFile(bodyOf(derived, piece.bits ?? []), format);
      download(`${name}.${format}`, format === 'glb' ? 'model/gltf-binary' : 'model/stl', bytes);
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };

  const fused = async (): Promise<void> => {
    say(tr`Fusing the parts …`);
    try {
      download(`${name}.fused.stl`, 'model/stl', await fusedStl(piece));
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };

  /** Only the checked night leaves: what is fired by is not a guess. */
  const night = async (
    write: (schedule: Schedule) => Promise<readonly [string, string, string]>,
  ): Promise<void> => {
    if (!derived.ok) return;
    try {
      const { schedule } = await checkedNight(derived.night);
      const [ending, type, text] = await write(schedule);
      download(`${name}.${ending}`, type, text);
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };
  const { lastIn } = piece.firing;
  const csv = (schedule: Schedule) =>
    Promise.resolve(['night.csv', 'text/csv', scheduleCsv(schedule, lastIn, new Date())] as const);
  // The calendar's package is fetched when somebody wants a calendar.
  const ics = async (schedule: Schedule) => {
    const { weekIcs } = await import('../../exports/nightIcs');
    const id = useDraft.getState().id ?? fileName(piece.name);
    const of = { id, name: piece.name, annealer: piece.firing.annealer };
    const entry = nightEntry(of, lastIn, schedule.total.value, new Date());
    return ['night.ics', 'text/calendar', weekIcs([entry])] as const;
  };
  return { mesh, fused, night, csv, ics };
}

export function TakeAway({ board }: { readonly board: OnBoard }) {
  const navigate = useNavigate();
  const { say, trouble } = useNotices();
  const inHand = useBoard((s) => s.part);
  const { document: piece, derived } = board;
  const name = fileName(piece.name);
  const part = piece.parts[Math.min(inHand, piece.parts.length - 1)];

  const { mesh, fused, night, csv, ics } = useFiles(board);

  /** What another studio can read: the newest revision, the entries of the rack it is of, and what was made of it. */
  const [bundling, setBundling] = useState<string>();
  const bundle = (): void => {
    const { id, document: now, saved } = useDraft.getState();
    if (now !== saved) say(tr`What is not saved is not in the bundle.`);
    setBundling(id);
  };

  /** A new piece on the shelf, drawn as this one is now; this one stays as it was saved. */
  const another = async (): Promise<void> => {
    try {
      const made = await createAgain(piece);
      await navigate(`/pieces/${made.id}/section`);
      say(tr`“${made.document.name}” is on the shelf.`);
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };

  return (
    <>
      {bundling !== undefined && (
        <TakeBundle
          name={name}
          ids={[bundling]}
          onClose={() => {
            setBundling(undefined);
          }}
        />
      )}
      <Menu
        end
        label={
          <>
            <Download className="size-4" /> {tr`Take away`}
          </>
        }
        items={[
          {
            says: tr`The piece, as JSON`,
            run: () => {
              download(`${name}.piece.json`, 'application/json', pieceJson(piece));
            },
          },
          {
            says: tr`As saved, with its rack entries, as a bundle …`,
            run: bundle,
          },
          {
            says: tr`The section, as SVG 1 : 1`,
            disabled: !derived.ok,
            run: () => {
              if (derived.ok)
                download(`${name}.section.svg`, 'image/svg+xml', sectionSvg(piece, derived));
            },
          },
          {
            says: tr`The profile of ${part?.name ?? tr`the part`}, as CSV`,
            run: () => {
              if (part)
                download(`${name}.${fileName(part.name)}.csv`, 'text/csv', profileCsv(part));
            },
          },
          {
            says: tr`The parts as they are, as GLB`,
            disabled: !derived.ok,
            run: () => void mesh('glb'),
          },
          {
            says: tr`The parts as they are, as STL`,
            disabled: !derived.ok,
            run: () => void mesh('stl'),
          },
          {
            says: tr`The glass fused to one skin, as STL`,
            disabled: !derived.ok,
            run: () => void fused(),
          },
          {
            says: tr`Tonight’s schedule, as CSV`,
            disabled: !derived.ok,
            run: () => void night(csv),
          },
          {
            says: tr`Last in and door, as iCalendar`,
            disabled: !derived.ok,
            run: () => void night(ics),
          },
          {
            says: tr`Another piece from this one`,
            run: () => void another(),
          },
          {
            says: tr`The card, to print`,
            run: () => void navigate('card'),
          },
        ]}
      />
    </>
  );
}
