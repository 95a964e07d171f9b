// Changes of the piece on the board that may shorten its night: each derived as the piece it would become, to be tried and to be made.
import { wouldHelp } from '@zanfirico/core/edits';
import { printText, type DisplayUnits } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import type { HelpChange } from '../../../night/Helps';
import { deriveDocument } from '../../../derived/deriveDocument';
import { useDisplay } from '../../../stores/display';
import { useDraft } from '../../../stores/draft';
import { usePiece, type StandingPiece } from '../usePiece';

/** Worked out when it is called: the changes of the piece as it stands. */
export function useChanges(): (() => readonly HelpChange[]) | undefined {
  const { document, last, facts } = usePiece();
  const units = useDisplay((s) => s.units);
  return useMemo(() => {
    if (!last) return undefined;
    return () =>
      wouldHelp(document, last.parts).flatMap(({ id, says, piece }): HelpChange[] => {
        const derived = deriveDocument(piece, facts)?.derived;
        return derived?.ok === true
          ? [
              {
                id,
                says,
                looks: looksOf(last, derived, units),
                input: derived.night,
                make: () => {
                  useDraft.getState().change(() => piece);
                },
              },
            ]
          : [];
      });
  }, [document, last, facts, units]);
}

/** What a change does to the look: weight, height, what it holds; that it keeps its form where none of them moves. */
function looksOf(
  { whole: was }: Pick<StandingPiece, 'whole'>,
  { whole: is }: Pick<StandingPiece, 'whole'>,
  units: DisplayUnits,
): string {
  const moved = [
    { what: 'lighter', other: 'heavier', by: was.mass - is.mass, kind: 'mass', least: 1e-3 },
    { what: 'lower', other: 'taller', by: was.height - is.height, kind: 'length', least: 1e-4 },
    {
      what: 'holds less',
      other: 'holds more',
      by: was.capacity - is.capacity,
      kind: 'volume',
      least: 1e-6,
    },
  ] as const;
  const says = moved.flatMap(({ what, other, by, kind, least }) =>
    Math.abs(by) < least
      ? []
      : [`${printText(Math.abs(by), kind, units)} ${trWord(by > 0 ? what : other)}`],
  );
  return says.length > 0 ? says.join(', ') : tr`its form stays`;
}
