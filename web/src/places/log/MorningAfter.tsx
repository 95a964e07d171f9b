// The morning after a making: what came out, and where it was lost, why.
import { trNodes } from '../../words/trNodes';
import type { Glass } from '@zanfirico/core/glass';
import {
  CAUSES,
  morningOf,
  type CauseId,
  type Evidence,
  type History,
  type Morning,
} from '@zanfirico/core/log';
import type { LookedBack } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { useQuery } from '@tanstack/react-query';
import { Camera, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { readCame } from '../../api/client';
import { PictureInput } from '../../making/PictureInput';
import type { Making } from '../../making/useMaking';
import { QuantityField } from '../../fields/QuantityField';
import { changedDocument, changeOf, reviseBy } from '../../log/changedPlan';
import { useEvidence } from '../../log/useEvidence';
import { useNotices } from '../../stores/notices';
import type { WorkAsked } from '../../order/workAsked';
import { BetweenPolarisers } from './BetweenPolarisers';
import { CameOutFields } from './CameOut';
import { FlawsOn } from './FlawsOn';
import { MeasuredFields } from './Measured';
import { WhyBroke } from './WhyBroke';
import { troubled } from '../../stores/troubled';

const COLD = 45;
const DAY = 86_400_000;
const WEEK = 7;

interface Props {
  readonly making: Making;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  readonly asked: WorkAsked | undefined;
  readonly went: LookedBack | undefined;
}

export function MorningAfter({ making, derived, asked, went }: Props) {
  const { events, happen, state } = making;
  const morning = useMemo(() => morningOf(events), [events]);
  const [door, setDoor] = useState(morning.door ?? COLD);
  const given = state.ended?.how === 'given up';
  const lost = morning.outcome === 'lost' || (given && morning.outcome === undefined);
  const { undoable } = morning;
  return (
    <section aria-label={tr`Out of the box`} className="no-print mt-4">
      {!given && (
        <div className="flex flex-wrap items-end gap-4">
          <CameOutFields
            of="it"
            came={morning.outcome}
            onTell={(what) => {
              happen({ kind: 'opened', what, door });
            }}
          />
          <div className="w-36">
            <QuantityField
              label={tr`Box opened at`}
              kind="temperature"
              value={door}
              within={LIMITS.recipeTemperature}
              onCommit={(t) => {
                setDoor(t);
                if (morning.outcome) happen({ kind: 'opened', what: morning.outcome, door: t });
              }}
            />
          </div>
          {undoable !== undefined && (
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => {
                happen({ kind: 'taken back', event: undoable });
              }}
            >
              <Undo2 className="size-4" /> {tr`Take that back`}
            </button>
          )}
        </div>
      )}
      {morning.outcome !== undefined && morning.outcome !== 'lost' && (
        <button
          type="button"
          className="link mt-2"
          onClick={() => {
            broke(happen, morning.opened);
          }}
        >
          {tr`It broke later, or came back broken`}
        </button>
      )}
      {morning.later !== undefined && (
        <p className="mt-2">{trNodes`Lost ${(<span className="num">{sinceText(morning.later)}</span>)} after it came out.`}</p>
      )}
      {derived && asked && went && (
        <Looked
          making={making}
          derived={derived}
          asked={asked}
          went={went}
          morning={morning}
          lost={lost}
        />
      )}
    </section>
  );
}

/** It came out well and was lost since. */
function broke(happen: Making['happen'], opened: number | undefined): void {
  happen({ kind: 'opened', what: 'lost' });
  const days = opened === undefined ? 0 : (Date.now() - opened) / DAY;
  if (days >= 1) happen({ kind: 'broke', when: days >= WEEK ? 'weeks later' : 'days later' });
}

/** "5 hours", "3 days", "2 weeks". */
const sinceText = (ms: number): string => {
  const days = ms / DAY;
  const [n, of] =
    days < 1 ? [days * 24, 'hour'] : days < 2 * WEEK ? [days, 'day'] : [days / WEEK, 'week'];
  const whole = Math.max(1, Math.round(n));
  return `${String(whole)} ${of}${whole === 1 ? '' : 's'}`;
};

const PICTURES = ['hot', 'cold', 'between polarisers'] as const;
const pictureOf = (says: string): string => `picture-${says.replace(' ', '-')}`;

/** What is known of a piece once it is cold, and where it was lost, why. */
function Looked({
  making,
  derived,
  asked,
  went,
  morning,
  lost,
}: Required<{ [K in keyof Props]: NonNullable<Props[K]> }> & {
  readonly morning: Morning;
  readonly lost: boolean;
}) {
  const { begin, events, happen } = making;
  const evidence = useEvidence({ making, derived, asked, went, morning });
  return (
    <>
      {lost && (
        <Why
          making={making}
          morning={morning}
          evidence={evidence}
          main={asked.working.main}
          glass={derived.main.glass}
        />
      )}
      {(morning.outcome !== undefined || lost) && (
        <div className="mt-6 grid gap-x-10 gap-y-6 *:min-w-0 lg:grid-cols-[22rem_1fr]">
          <div>
            <FlawsOn derived={derived} morning={morning} onHappen={happen} />
            <section aria-label={tr`Pictures of it`} className="mt-6">
              <h2 className="text-xl">{tr`Pictures`}</h2>
              <div className="mt-1 flex flex-wrap gap-2">
                {PICTURES.map((says) => (
                  <span key={says}>
                    <button
                      type="button"
                      className="btn btn-outline btn-sm"
                      onClick={() => document.getElementById(pictureOf(says))?.click()}
                    >
                      <Camera className="size-4" /> {trWord(says)} …
                    </button>
                    <PictureInput id={pictureOf(says)} making={making} says={says} />
                  </span>
                ))}
              </div>
              {!events.some((e) => e.kind === 'photo') && (
                <p className="quiet mt-1 text-sm">{tr`None yet. They are drawn anew, upright and smaller, without where and when.`}</p>
              )}
            </section>
          </div>
          <div>
            <MeasuredFields
              derived={derived}
              morning={morning}
              ovality={begin.document.closure?.ovality ?? 0}
              onHappen={happen}
            />
            <div className="mt-6">
              <BetweenPolarisers
                derived={derived}
                morning={morning}
                night={evidence.night}
                onHappen={happen}
              />
            </div>
          </div>
        </div>
      )}
    </>
  );
}

function Why({
  making,
  morning,
  evidence,
  main,
  glass,
}: {
  readonly making: Making;
  readonly morning: Morning;
  readonly evidence: Evidence;
  readonly main: number;
  readonly glass: Glass;
}) {
  const { begin, happen } = making;
  const go = useNavigate();
  const change = async (cause: CauseId): Promise<void> => {
    let says = '';
    const kept = await reviseBy(begin.piece, (document) => {
      const wanted = changeOf(cause, document, begin.steps, main, glass);
      says = wanted.says;
      return changedDocument(document, wanted, tr`After no. ${begin.number}`);
    });
    happen({ kind: 'note', says: tr`${says} Kept as revision ${kept.revision}.` });
    useNotices
      .getState()
      .say(tr`${says} Kept as revision ${kept.revision} of “${kept.document.name}”.`, {
        label: tr`Open it`,
        run: () => {
          void go(`/pieces/${begin.piece}/section`);
        },
      });
  };
  const came = useQuery({ queryKey: ['came'], queryFn: readCame });
  const history = useMemo((): History => {
    const counts: Partial<Record<CauseId, number>> = {};
    for (const { id, cause } of came.data ?? []) {
      const known = CAUSES.find((c) => c.id === cause)?.id;
      // Its own verdict is no reason for it.
      if (known && id !== making.begin.id) counts[known] = (counts[known] ?? 0) + 1;
    }
    return counts;
  }, [came.data, making.begin.id]);
  return (
    <WhyBroke
      morning={morning}
      evidence={evidence}
      history={history}
      onHappen={happen}
      changeOf={(cause) => changeOf(cause, begin.document, begin.steps, main, glass)}
      onChange={(cause) => {
        change(cause).catch(troubled);
      }}
    />
  );
}
