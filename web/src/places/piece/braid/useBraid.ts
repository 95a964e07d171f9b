// The order of work of the piece in hand: its steps, their clock, the heat through them, and what the rules say.
import type { PieceSequence, PieceStep } from '@zanfirico/contract';
import {
  byId,
  byNumber,
  checkOrder,
  draftInput,
  draftWork,
  heatOfWork,
  heatParts,
  inHand,
  inTurn,
  redrafted,
  ruleParts,
  withHelpers,
  withSteps,
  withVariant,
  type DraftInput,
  type Finding,
  type HeatPart,
  type Skill,
  type WorkHeat,
  type WorkStep,
} from '@zanfirico/core';
import { useMemo } from 'react';
import { changePiece } from '../../../stores/draft';
import type { CrewResult } from '../../../workers/braidWork';
import { usePiece } from '../usePiece';

export interface Braid {
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly parts: readonly HeatPart[];
  readonly heat: WorkHeat;
  readonly findings: readonly Finding[];
  readonly main: number;
  /** What an order is drafted from. */
  readonly draft: DraftInput;
  readonly helpers: boolean;
  /** Drafted from the form just now; nothing of it is kept until it is changed. */
  readonly drafted: boolean;
  readonly sequence: PieceSequence | undefined;
  readonly change: (steps: readonly WorkStep[]) => void;
  readonly setSequence: (change: Partial<PieceSequence>) => void;
  /** An order kept as a variant of its own, and taken in hand. */
  readonly addVariant: (name: string, steps: readonly WorkStep[]) => void;
  /** The order drafted anew, in place of the variant in hand. */
  readonly afresh: () => void;
}

/** A plan, and the steps it was made for. */
export interface Planned {
  readonly steps: readonly WorkStep[];
  readonly people: PieceSequence['crew'];
  readonly stations: PieceSequence['stations'];
  readonly result: CrewResult;
}

/** Undefined while the form cannot be made. A crew's plan gives the clock for as long as its steps are the ones in hand. */
export function useBraid(planned: Planned | undefined): Braid | undefined {
  const { document, last } = usePiece();
  const { form, way, parts, bits } = document;
  const { ironDiameter } = document.making;
  const { sequence } = document;
  const named = sequence?.variants[inHand(sequence)]?.steps;
  // A memo of the names alone: a drag makes new parts, not new orders.
  const idText = parts.map((p) => p.id).join(' ');
  const ids = useMemo(() => idText.split(' '), [idText]);
  const kept = useMemo(() => named && byNumber(named, ids), [named, ids]);
  const helpers = sequence?.helpers ?? true;
  const crew = sequence?.crew;
  const stations = sequence?.stations;
  // Of what is drawn, not of its night: what was worked out of it stands when the night has been checked.
  const plan = last?.parts;
  const main = last?.main.index;
  const drawn = useMemo(() => {
    if (!plan || main === undefined) return undefined;
    const draft = draftInput(
      {
        form,
        way,
        parts: plan,
        bits: bits ?? [],
        main,
      },
      parts.map((p) => p.colours),
    );
    return {
      main,
      draft,
      drafted: draftWork(draft),
      parts: heatParts(plan),
      rules: ruleParts(plan, ironDiameter),
    };
  }, [plan, main, form, way, parts, bits, ironDiameter]);
  return useMemo(() => {
    if (!drawn) return undefined;
    const { main, draft, drafted, parts, rules } = drawn;
    const steps = kept ?? drafted;
    const starts =
      planned?.steps === steps && planned.people === crew && planned.stations === stations
        ? planned.result.plan.starts
        : helpers
          ? withHelpers(steps, main)
          : inTurn(steps);
    const skills = crew && new Set<Skill>(crew.flatMap((p) => p.skills));
    const asKept = (list: readonly WorkStep[]): PieceStep[] =>
      structuredClone(byId<PieceStep>(list, ids));
    const setSequence = (change: Partial<PieceSequence>): void => {
      changePiece({
        sequence: {
          chosen: 0,
          helpers: true,
          variants: [],
          ...sequence,
          ...change,
        },
      });
    };
    return {
      steps,
      starts,
      parts,
      heat: heatOfWork(parts, steps, starts),
      findings: checkOrder({ way: document.way, steps, parts: rules, main, skills }),
      main,
      draft,
      helpers,
      drafted: kept === undefined,
      sequence,
      setSequence,
      addVariant: (name, fresh) => {
        setSequence(withVariant(sequence, asKept(steps), name, asKept(fresh)));
      },
      afresh: () => {
        setSequence(redrafted(sequence, asKept(drafted)));
      },
      change: (next) => {
        setSequence(withSteps(sequence, asKept(next)));
      },
    };
  }, [drawn, kept, helpers, crew, stations, sequence, ids, document.way, planned]);
}
