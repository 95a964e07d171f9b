// Before the fire: what a piece's plan asks to be ready, who is here, what hole and pot really stand at; begun with glass or without.
import type { Person } from '@zanfirico/contract/order';
import type { MakingBegin } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { LIMITS } from '@zanfirico/contract';
import type { ShopDocument } from '@zanfirico/contract/shop';
import { ordinaryCrew } from '@zanfirico/core/crew';
import { byNumber, inHand } from '@zanfirico/core/edits';
import { inWords } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { Flame, Play } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { studioNow } from '../../api/server';
import { sentenceOf } from '../../api/client';
import { useOpened } from '../../api/queries';
import { useAnnealers } from '../../night/useTonightBox';
import { keepBegin } from '../../making/bench';
import { makingOf } from '../../making/beginMaking';
import { CountField } from '../../fields/CountField';
import { QuantityField } from '../../fields/QuantityField';
import { SelectField } from '../../fields/SelectField';
import { usePlacedDraft } from '../../order/placedDrafts';
import { useWorkOf } from '../../order/useWork';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/theShop';
import { NotHere } from './NotHere';
import { readyList, type Ready } from './readyList';
import { WhoIsHere } from './WhoIsHere';

const clock = (ms: number): string => format(ms, 'HH:mm');

export function BeginMaking() {
  const { id = '' } = useParams();
  const opened = useOpened(id);
  if (opened.error)
    return <NotHere title={tr`Not to the bench yet`} says={sentenceOf(opened.error)} />;
  if (!opened.data) return <Placing />;
  const { id: piece, revision, document } = opened.data;
  return <Before piece={piece} revision={revision} document={document} />;
}

/** Of a class, where it was begun from one. */
function lessonOf(asks: URLSearchParams): MakingBegin['lesson'] {
  const [lesson, student, bench] = ['class', 'student', 'bench'].map((k) => asks.get(k));
  if (lesson == null || student == null) return undefined;
  return { class: lesson, student, ...(bench != null && bench !== '' && { bench }) };
}

/** The crew it was planned for, or an ordinary one. */
const crewFor = ({ sequence, way }: PieceDocument): readonly Person[] =>
  sequence?.crew && sequence.crew.length > 0
    ? sequence.crew
    : ordinaryCrew(way, sequence?.helpers !== false);

/** What was read off, °C. */
interface HeatsSeen {
  readonly hole?: number;
  readonly pot?: number;
}

/** Its plan for who is here and what hole and pot stand at. */
function usePlannedFor(
  document: PieceDocument,
  people: readonly Person[],
  holes: ShopHoles,
  at: string | undefined,
  read: HeatsSeen,
) {
  // As it would be planned for who is here.
  const peopled = useMemo((): PieceDocument => {
    const { sequence } = document;
    return {
      ...document,
      sequence: {
        chosen: 0,
        helpers: people.length > 1,
        variants: [],
        ...sequence,
        crew: people.map((p) => ({ ...p, skills: [...p.skills] })),
      },
    };
  }, [document, people]);
  const work = useWorkOf(peopled);
  const derived = work.derived?.ok === true ? work.derived : undefined;
  const hole = holes.find((h) => h.name === at) ?? work.asked?.hole;
  const holeTemperature = read.hole ?? (at === undefined ? undefined : hole?.temperature);
  const asked = useMemo(
    () =>
      work.asked && {
        ...work.asked,
        fires: {
          ...work.asked.fires,
          ...(holeTemperature !== undefined && { gloryHole: holeTemperature }),
          ...(read.pot !== undefined && { pot: read.pot }),
        },
      },
    [work.asked, holeTemperature, read.pot],
  );
  const ids = useMemo(() => document.parts.map((p) => p.id), [document]);
  const variant = document.sequence?.variants[inHand(document.sequence)];
  const kept = useMemo(() => variant && byNumber(variant.steps, ids), [variant, ids]);
  const known = usePlacedDraft(kept ? undefined : asked);
  const fresh = kept ?? (known && 'answer' in known ? known.answer.steps : undefined);
  // While another is being placed the one before stays to be looked at; it is not begun with.
  const [before, setBefore] = useState(fresh);
  if (fresh && before !== fresh) setBefore(fresh);
  const steps = fresh ?? before;
  return { work, derived, hole, asked, variant, kept, known, fresh, steps };
}
type ShopHoles = NonNullable<ShopDocument['gloryHoles']>;

/** What is to be ready, each ticked once it is. */
function BeforeList({
  lines,
  since,
  onSince,
}: {
  readonly lines: readonly Ready[];
  readonly since: ReadonlyMap<string, number>;
  readonly onSince: (since: ReadonlyMap<string, number>) => void;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <section aria-label={tr`Before the fire`}>
      <h2 className="text-2xl">{tr`Before the fire`}</h2>
      <ul className="mt-2 text-lg">
        {lines.map((r) => (
          <ReadyLine
            key={r.id}
            ready={r}
            says={inWords(r.says, units)}
            since={since.get(r.id)}
            onTick={(on) => {
              const next = new Map(since);
              if (on) next.set(r.id, studioNow());
              else next.delete(r.id);
              onSince(next);
            }}
          />
        ))}
      </ul>
      <p className="quiet mt-2 text-sm leading-snug">{tr`Eyes, clothes, air and water first; the supplier’s sheet and the house’s rules before this list.`}</p>
    </section>
  );
}

/** Which hole it is made at, and what hole and pot really stand at. */
function HeatsRead({
  hole,
  holes,
  fires,
  onHole,
  onRead,
}: {
  readonly hole: { readonly name: string } | undefined;
  readonly holes: ShopHoles;
  readonly fires: { readonly gloryHole: number; readonly pot: number };
  readonly onHole: (name: string) => void;
  readonly onRead: (what: HeatsSeen) => void;
}) {
  return (
    <>
      {hole && (
        <div className="mt-2">
          <SelectField label={tr`At the glory hole`} value={hole.name} onChange={onHole}>
            {holes.map((h) => (
              <option key={h.name} value={h.name}>
                {h.name}
              </option>
            ))}
          </SelectField>
        </div>
      )}
      <div className="mt-2 grid grid-cols-2 gap-x-4">
        <QuantityField
          label={tr`Hole`}
          kind="temperature"
          value={fires.gloryHole}
          within={LIMITS.gloryHeat}
          onCommit={(t) => {
            onRead({ hole: t });
          }}
        />
        <QuantityField
          label={tr`Pot`}
          kind="temperature"
          value={fires.pot}
          within={LIMITS.potTemperature}
          onCommit={(t) => {
            onRead({ pot: t });
          }}
        />
      </div>
    </>
  );
}

/** Which of how many alike. */
function WhichOne({
  number,
  of,
  onNumber,
  onOf,
}: {
  readonly number: number;
  readonly of: number;
  readonly onNumber: (number: number) => void;
  readonly onOf: (of: number) => void;
}) {
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-4">
      <CountField label={tr`Which one`} value={number} within={LIMITS.pieces} onCommit={onNumber} />
      <CountField
        label={tr`of how many`}
        value={Math.max(of, number)}
        within={LIMITS.pieces}
        onCommit={onOf}
      />
    </div>
  );
}

function Before({
  piece,
  revision,
  document,
}: {
  readonly piece: string;
  readonly revision: number;
  readonly document: PieceDocument;
}) {
  const navigate = useNavigate();
  const units = useDisplay((s) => s.units);
  const annealers = useAnnealers();
  const holes = useShop((s) => s.shop?.document.gloryHoles) ?? [];
  const planned = document.sequence?.crew;
  const [people, setPeople] = useState(() => crewFor(document));
  const [asks] = useSearchParams();
  const asksFor = (key: string): number =>
    Math.min(LIMITS.pieces.maximum, Math.max(1, Math.floor(Number(asks.get(key))) || 1));
  const [number, setNumber] = useState(() => asksFor('number'));
  const [of, setOf] = useState(() => asksFor('of'));
  const [chosen, setChosen] = useState<string>();
  const [at, setAt] = useState<string>();
  const [read, setRead] = useState<HeatsSeen>({});
  const [since, setSince] = useState<ReadonlyMap<string, number>>(new Map());
  const { work, derived, hole, asked, variant, kept, known, fresh, steps } = usePlannedFor(
    document,
    people,
    holes,
    at,
    read,
  );
  if (known && 'says' in known)
    return <NotHere title={tr`Not to the bench yet`} says={known.says} />;
  if (work.derived && !derived)
    return (
      <NotHere
        title={tr`Not to the bench yet`}
        says={tr`Its drawing has to be mended first: open it on the shelf.`}
      />
    );
  if (!derived || !asked || !steps) return <Placing />;
  const annealer = chosen ?? document.firing.annealer ?? annealers[0]?.name ?? '';
  const begin = (rehearsal: boolean): void => {
    const plan = people === planned ? variant?.plan : undefined;
    const making: MakingBegin = makingOf({
      piece,
      revision,
      document,
      derived,
      asked,
      steps,
      drafted: kept === undefined,
      plan: plan?.starts.length === steps.length ? plan : undefined,
      people,
      number,
      of: Math.max(of, number),
      hole: hole?.name,
      annealer,
      ready: [...since].map(([what, when]) => ({ what, since: when })),
      rehearsal,
      lesson: lessonOf(asks),
    });
    keepBegin(making).then(
      () => navigate(`/bench/${making.id}`),
      (error: unknown) => {
        useNotices.getState().trouble(tr`It could not be begun: ${sentenceOf(error)}`);
      },
    );
  };
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <p className="quiet">
        <Link to="/bench" className="link">{tr`Bench`}</Link>
      </p>
      <h1 className="text-4xl">{tr`Make the ${document.name}`}</h1>
      <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-[1fr_18rem]">
        <BeforeList
          lines={readyList(steps, derived, document.firing, units)}
          since={since}
          onSince={setSince}
        />
        <div>
          <button
            type="button"
            className="btn btn-primary btn-lg w-full"
            disabled={!fresh}
            onClick={() => {
              begin(false);
            }}
          >
            <Flame /> {tr`Begin`}
          </button>
          <button
            type="button"
            className="btn btn-outline mt-3 w-full"
            disabled={!fresh}
            onClick={() => {
              begin(true);
            }}
          >
            <Play className="size-4" /> {tr`Rehearse without glass`}
          </button>
          <p role="status" className="quiet mb-2 min-h-6 text-sm">
            {!fresh && tr`The heats are placed anew …`}
          </p>
          <WhoIsHere
            planned={planned}
            torch={document.way === 'torch'}
            people={people}
            onChange={setPeople}
          />
          <WhichOne number={number} of={of} onNumber={setNumber} onOf={setOf} />
          {document.way === 'furnace' && (
            <HeatsRead
              hole={hole}
              holes={holes}
              fires={asked.fires}
              onHole={(name) => {
                setAt(name);
                setRead(({ pot }) => (pot === undefined ? {} : { pot }));
              }}
              onRead={(what) => {
                setRead((r) => ({ ...r, ...what }));
              }}
            />
          )}
          <div className="mt-2">
            <SelectField label={tr`Into the annealer`} value={annealer} onChange={setChosen}>
              {annealers.map((a) => (
                <option key={a.name} value={a.name}>
                  {a.name}
                </option>
              ))}
            </SelectField>
          </div>
        </div>
      </div>
    </div>
  );
}

function ReadyLine({
  ready,
  says,
  since,
  onTick,
}: {
  readonly ready: Ready;
  readonly says: string;
  readonly since: number | undefined;
  readonly onTick: (on: boolean) => void;
}) {
  return (
    <li className="border-base-300 border-b py-1">
      <label className="flex items-baseline gap-3">
        <input
          type="checkbox"
          className="checkbox checkbox-sm translate-y-1"
          checked={since !== undefined}
          onChange={(e) => {
            onTick(e.target.checked);
          }}
        />
        <span className="flex-1">{says}</span>
        {since !== undefined && (
          <span className="quiet num text-base">
            {ready.warms === undefined
              ? clock(since)
              : tr`since ${clock(since)}, ready ${clock(since + 1000 * ready.warms)}`}
          </span>
        )}
      </label>
    </li>
  );
}

const Placing = () => (
  <p className="quiet px-6 py-20 text-center">{tr`The order of work is being placed …`}</p>
);
