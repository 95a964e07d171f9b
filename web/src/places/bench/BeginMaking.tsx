// Before the fire: what a piece's plan asks to be ready, and the making begun from it with glass or without.
import type { MakingBegin, PieceStep } from '@zanfirico/contract';
import {
  byId,
  byNumber,
  clockOf,
  factsOf,
  inHand,
  inWords,
  printText,
  STEPS,
  type Derived,
  type WorkStep,
} from '@zanfirico/core';
import { Flame, Play } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { sentenceOf } from '../../api/client';
import { useOpened } from '../../api/queries';
import { useAnnealers } from '../../annealing/useTonightBox';
import { keepBegin } from '../../bench/bench';
import { deriveDocument } from '../../derived/deriveDocument';
import { useFacts } from '../../derived/useFacts';
import { CountField } from '../../fields/CountField';
import { SelectField } from '../../fields/SelectField';
import { usePlacedDraft } from '../../orders/placedDrafts';
import { workAsked } from '../../orders/workAsked';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/theShop';
import { stepName } from '../../marks/braid/stepNames';

const MOST = 999;

export function BeginMaking() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const opened = useOpened(id);
  const piece = opened.data;
  const document = piece?.document;
  const facts = useFacts(document?.making.gatherer, document?.glass);
  const units = useDisplay((s) => s.units);
  const holes = useShop((s) => s.shop?.document.gloryHoles);
  const annealers = useAnnealers();
  const [number, setNumber] = useState(1);
  const [chosen, setChosen] = useState<string>();
  const now = useMemo(() => document && deriveDocument(document, facts), [document, facts]);
  const derived = now?.derived.ok === true ? now.derived : undefined;
  const asked = useMemo(
    () => document && now && derived && workAsked(document, derived, now.glass, holes),
    [document, now, derived, holes],
  );
  const ids = useMemo(() => document?.parts.map((p) => p.id) ?? [], [document]);
  const variant = document?.sequence?.variants[inHand(document.sequence)];
  const kept = useMemo(() => variant && byNumber(variant.steps, ids), [variant, ids]);
  const known = usePlacedDraft(kept ? undefined : asked);
  const steps = kept ?? (known && 'answer' in known ? known.answer.steps : undefined);
  if (opened.error) return <Sorry says={sentenceOf(opened.error)} />;
  if (known && 'says' in known) return <Sorry says={known.says} />;
  if (document && now && !derived)
    return <Sorry says="Its drawing has to be mended first: open it on the shelf." />;
  if (!piece || !document || !derived || !asked || !steps)
    return <p className="quiet px-6 py-20 text-center">The order of work is being placed …</p>;
  const annealer = chosen ?? document.firing.annealer ?? annealers[0]?.name ?? '';
  const begin = (rehearsal: boolean): void => {
    // Irons and bars are warm before it, and what comes after the box is no bench work.
    const clock = clockOf(steps, asked.working);
    const atBench = steps
      .map((step, i) => ({ step, start: clock[i] ?? 0 }))
      .filter(({ step }) => !['ahead', 'after'].includes(factsOf(step).off ?? ''))
      .filter(({ step }) => factsOf(step).does !== 'box');
    const making: MakingBegin = {
      id: crypto.randomUUID(),
      piece: piece.id,
      revision: piece.revision,
      at: Date.now(),
      number,
      document,
      steps: structuredClone(
        byId<PieceStep>(
          atBench.map((s) => s.step),
          ids,
        ),
      ),
      starts: atBench.map((s) => s.start),
      ...(document.sequence?.crew && { crew: document.sequence.crew }),
      ...(asked.hole && { hole: asked.hole.name }),
      ...(annealer !== '' && { annealer }),
      ...(rehearsal && { rehearsal }),
    };
    keepBegin(making).then(
      () => navigate(`/bench/${making.id}`),
      (error: unknown) => {
        useNotices.getState().trouble(`It could not be begun: ${sentenceOf(error)}`);
      },
    );
  };
  const ready = readyList(steps, derived, document.firing, units);
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <p className="quiet">
        <Link to="/bench" className="link">
          Bench
        </Link>
      </p>
      <h1 className="text-4xl">Make the {document.name}</h1>
      <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-[1fr_18rem]">
        <section aria-label="Before the fire">
          <h2 className="text-2xl">Before the fire</h2>
          <ul className="mt-2 text-lg">
            {ready.map((r) => (
              <li key={r} className="border-base-300 border-b py-1">
                <label className="flex items-baseline gap-3">
                  <input type="checkbox" className="checkbox checkbox-sm translate-y-1" />
                  <span>{inWords(r, units)}</span>
                </label>
              </li>
            ))}
          </ul>
          <p className="quiet mt-2 text-sm leading-snug">
            Eyes, clothes, air and water first; the supplier’s sheet and the house’s rules before
            this list.
          </p>
        </section>
        <div>
          <CountField
            label="Which one of them"
            value={number}
            min={1}
            max={MOST}
            onCommit={setNumber}
          />
          <div className="mt-2">
            <SelectField label="Into the annealer" value={annealer} onChange={setChosen}>
              {annealers.map((a) => (
                <option key={a.name}>{a.name}</option>
              ))}
            </SelectField>
          </div>
          <p className="quiet mt-2">
            {asked.hole ? `At ${asked.hole.name}, ` : ''}
            <span className="num">{printText(asked.fires.gloryHole, 'temperature', units)}</span> in
            the hole, pot at{' '}
            <span className="num">{printText(asked.fires.pot, 'temperature', units)}</span>.
          </p>
          <button
            type="button"
            className="btn btn-primary btn-lg mt-5 w-full"
            onClick={() => {
              begin(false);
            }}
          >
            <Flame /> Begin
          </button>
          <button
            type="button"
            className="btn btn-outline mt-3 w-full"
            onClick={() => {
              begin(true);
            }}
          >
            <Play className="size-4" /> Rehearse without glass
          </button>
        </div>
      </div>
    </div>
  );
}

const Sorry = ({ says }: { readonly says: string }) => (
  <div className="mx-auto max-w-2xl px-6 py-20">
    <h1 className="text-4xl">Not to the bench yet</h1>
    <p role="alert" className="my-4 text-xl">
      {says}
    </p>
    <Link to="/bench" className="link">
      Back to the bench
    </Link>
  </div>
);

/** Where work is done, and what everybody brings. */
const PLACES = new Set([
  'glory hole',
  'bench',
  'eye',
  'furnace',
  'annealer',
  'garage',
  'torch',
  'kiln',
]);

/** What the plan asks to be ready before the first gather, each once. */
function readyList(
  steps: readonly WorkStep[],
  derived: Extract<Derived, { ok: true }>,
  firing: { readonly holdTemperature: number | null },
  units: Parameters<typeof printText>[2],
): string[] {
  const ahead = steps
    .filter((s) => factsOf(s).off === 'ahead')
    .map((s) => {
      const part = derived.parts[s.part]?.name;
      return `${stepName(s)}${derived.parts.length > 1 && part !== undefined ? ` for the ${part}` : ''}`;
    });
  const blocks = derived.parts.flatMap((p) =>
    (p.gathers?.gathers ?? []).flatMap((g) => (g.block === undefined ? [] : [g.block])),
  );
  const calipers = derived.parts.flatMap((p) => {
    const last = p.gathers?.gathers.at(-1);
    return last ? [`${p.name} ${printText(last.diameter, 'length', units)}`] : [];
  });
  const tools = new Set(
    steps.flatMap((s) => (s.kind === 'own' ? [] : STEPS[s.kind].tool.split(/, | and /))),
  );
  const hold = firing.holdTemperature ?? derived.night.holdTemperature;
  return [
    ...new Set([
      ...ahead,
      ...(blocks.length > 0
        ? [
            `Blocks and paper wet: ${[...new Set(blocks)].map((b) => printText(b, 'length', units)).join(', ')}`,
          ]
        : []),
      ...(calipers.length > 0 ? [`Calipers for the gathers: ${calipers.join(', ')}`] : []),
      `To hand: ${[...tools].filter((t) => t !== '' && !PLACES.has(t)).join(', ')}`,
      `Garage hot, and the annealer at ${printText(hold, 'temperature', units)} with room on the shelf`,
      'Who does what is said aloud, and who calls',
    ]),
  ];
}
