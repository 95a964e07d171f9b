// What this very piece's record says about a break: its making's heat, its colours' fit, its night.
import { asFitGlass, judgePart, NUMBER_TOLERANCE } from '@zanfirico/core/fit';
import { neckRead, recordOf, stressSeen, type Evidence, type Morning } from '@zanfirico/core/log';
import { holding, type LookedBack } from '@zanfirico/core/making';
import { MAY_PASS } from '@zanfirico/core/night';
import type { Derived } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import type { Making } from '../making/useMaking';
import { useNight } from '../night/useNight';
import { useRack } from '../stores/theRack';
import type { WorkAsked } from '../order/workAsked';
import { useBoxRead } from './useBoxRead';

interface Of {
  readonly making: Pick<Making, 'begin' | 'events' | 'state'>;
  readonly derived: Extract<Derived, { ok: true }>;
  readonly asked: WorkAsked;
  readonly went: LookedBack;
  /** How hot the box was when it was opened, and what was seen between polarisers. */
  readonly morning: Pick<Morning, 'door' | 'polarised'>;
}

/** The evidence as far as it is known; the night's comes when it has been checked. */
export function useEvidence({ making, derived, asked, went, morning }: Of): Evidence {
  const { begin, events, state } = making;
  const { document } = begin;
  const night = useNight(derived.night);
  const boxed = holding(events).findLast((e) => e.kind === 'boxed');
  const read = useBoxRead(state, boxed?.annealer ?? begin.annealer, derived.night);
  const rack = useRack((s) => s.rack);
  const bench = useMemo(() => recordOf(asked.parts, asked.working.main, went), [asked, went]);
  const neck = useMemo(() => {
    const lengths = holding(events).flatMap((e) =>
      e.kind === 'reading' && e.of === 'length' ? [{ at: e.at, value: e.value }] : [],
    );
    return neckRead(state, lengths, document.making.ironDiameter);
  }, [events, state, document]);
  const fit = useMemo((): Pick<Evidence, 'fit' | 'clear'> => {
    const laid = derived.parts.filter((p) => p.layers.some((l) => l.colour));
    if (laid.length === 0) return { clear: true };
    const schools = {
      tolerance: document.fit?.tolerance ?? NUMBER_TOLERANCE,
      tested: (first: string, second: string) => rack.tested(first, second)?.value,
    };
    const worst = laid
      .map((p) => ({
        of: judgePart(p.shape, p.layers, asFitGlass(p.glass), schools),
        colour: p.layers.find((l) => l.colour)?.colour?.name ?? p.name,
      }))
      .map(({ of, colour }) => ({ tension: (of.places[of.worst]?.fit.tension ?? 0) / 1e6, colour }))
      .reduce((a, b) => (b.tension > a.tension ? b : a));
    return { fit: worst };
  }, [derived, document.fit, rack]);
  const { door, polarised } = morning;
  const optical = derived.main.glass.stressOptical;
  return useMemo(() => {
    const seen = polarised.map((p) => stressSeen(p.nm, p.through, optical) / 1e6);
    return {
      ...bench,
      ...fit,
      ...(neck && { neck }),
      ...(door !== undefined && { door }),
      // The night it had, where its box was read; else the one it was to have.
      ...(read
        ? { night: { share: read.worst / MAY_PASS, kept: read.kept / 1e6, read: true } }
        : night.state === 'checked' && {
            night: {
              share: night.checked.outcome.worst.stress / MAY_PASS,
              kept: night.checked.outcome.kept / 1e6,
            },
          }),
      ...(seen.length > 0 && { seen: Math.max(...seen) }),
    };
  }, [bench, fit, neck, door, night, read, polarised, optical]);
}
