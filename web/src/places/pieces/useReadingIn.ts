// Piece files and bundles read in, chosen or let go on the shelf.
import { tr } from '@zanfirico/core/words';
import { BODY_LIMIT } from '@zanfirico/contract';
import { BUNDLE_LIMIT, type BundleRead } from '@zanfirico/contract/studio';
import { useNavigate } from 'react-router';
import { importPiece, newKey, readInBundle, sentenceOf } from '../../api/client';
import { shelfChanged } from '../../api/queries';
import { useNotices } from '../../stores/notices';
import { useRack } from '../../stores/theRack';

const isBundle = (file: File): boolean => /\.zip$/i.test(file.name) || file.type.includes('zip');
const many = (n: number, one: string, more: string): string =>
  n === 1 ? tr`one ${one}` : `${String(n)} ${more}`;

/** What came of a bundle, in a sentence. */
export function bundleSays(file: string, read: BundleRead): string {
  const parts = [
    tr`${many(read.pieces.length, tr`piece`, tr`pieces`)} on the shelf`,
    ...(read.there.length > 0
      ? [tr`${many(read.there.length, tr`was`, tr`were`)} here just so already`]
      : []),
    ...(read.entries.length > 0
      ? [tr`${many(read.entries.length, tr`entry`, tr`entries`)} on the rack`]
      : []),
    ...(read.renamed.length > 0
      ? [
          tr`${read.renamed.map((r) => r.to).join(', ')} under a new name, for the rack has another of the old one`,
        ]
      : []),
    ...(read.makings > 0 ? [tr`${many(read.makings, tr`making`, tr`makings`)} in the log`] : []),
    ...(read.photos > 0 ? [many(read.photos, tr`picture`, tr`pictures`)] : []),
    ...(read.shop === 'taken'
      ? [tr`the shop`]
      : read.shop === 'left'
        ? [tr`its shop was left: this studio has its own`]
        : []),
  ];
  return `“${file}”: ${parts.join('; ')}.`;
}

/** Reads files in, one after another; a single piece is opened, of several the shelf tells. */
export function useReadingIn(): (files: readonly File[]) => Promise<void> {
  const navigate = useNavigate();
  const { say, trouble } = useNotices();

  const one = async (file: File): Promise<string | undefined> => {
    const limit = isBundle(file) ? BUNDLE_LIMIT : BODY_LIMIT;
    if (file.size > limit)
      throw new Error(
        tr`it is ${Math.round(file.size / 1e3)} kB; a ${isBundle(file) ? 'bundle' : tr`piece file`} is at most ${limit / 1000} kB.`,
      );
    if (!isBundle(file)) return (await importPiece(await file.text(), newKey())).id;
    const read = await readInBundle(file);
    if (read.entries.length > 0) await useRack.getState().load();
    say(bundleSays(file.name, read));
    return undefined;
  };

  return async (files) => {
    const made: string[] = [];
    for (const file of files)
      try {
        const id = await one(file);
        if (id !== undefined) made.push(id);
      } catch (error) {
        trouble(tr`“${file.name}” was not read: ${sentenceOf(error)}`);
      }
    const [only] = made;
    if (files.length === 1 && only !== undefined) {
      await navigate(`/pieces/${only}/section`);
      return;
    }
    await shelfChanged();
    if (made.length > 0) say(tr`${many(made.length, tr`piece`, tr`pieces`)} read onto the shelf.`);
  };
}
