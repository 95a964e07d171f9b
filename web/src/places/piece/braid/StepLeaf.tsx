// The step in hand: what it is, for how long, on which end; how hot the glass is there, and what is wrong with it.
import { LIMITS } from '@zanfirico/contract';
import {
  factsOf,
  needOf,
  printText,
  STEPS,
  type StepId,
  type WorkStep,
  type CrewPlan,
  type Zone,
  waitsFor,
} from '@zanfirico/core';
import { ShieldAlert } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { Verdict } from '../../../marks/Verdict';
import { clockText } from '../../../marks/braid/strands';
import { sentenceOf } from '../../../api/client';
import { useNotices } from '../../../stores/notices';
import { useShop } from '../../../stores/theShop';
import { useDisplay } from '../../../stores/display';
import { KindOptions } from './KindOptions';
import { kindOf, stepName } from './stepNames';
import type { Braid } from './useBraid';

interface Props {
  readonly braid: Braid;
  readonly index: number;
  readonly onChange: (step: Partial<WorkStep>) => void;
  readonly reason: string | undefined;
  /** The crew's plan, once there is one. */
  readonly plan: CrewPlan | undefined;
}

const ZONES: Readonly<Record<Zone, string>> = {
  all: 'all of it',
  base: 'base',
  middle: 'middle',
  top: 'top',
};

export function StepLeaf({ braid, index, onChange, reason, plan }: Props) {
  const units = useDisplay((s) => s.units);
  const step = braid.steps[index];
  if (!step)
    return <p className="quiet">Take a step in hand: click it, or walk with the arrow keys.</p>;
  const kind = STEPS[kindOf(step)];
  const facts = factsOf(step);
  const heat = braid.heat.steps[index];
  const found = braid.findings.filter((f) => f.step === step.id);
  const needs = needOf(step);
  const crew = braid.sequence?.crew ?? [];
  const degrees = (t: number): string => printText(t, 'temperature', units);
  return (
    <section aria-label={`Step ${String(index + 1)}`}>
      <h3 className="text-2xl">
        <span className="num quiet mr-2 text-lg">{index + 1}</span>
        {stepName(step)}
      </h3>
      <p className="leading-snug">{step.note ?? kind.says}</p>
      {kind.caution !== undefined && (
        <p className="text-warning mt-1 flex items-start gap-1.5 text-sm leading-tight">
          <ShieldAlert className="mt-0.5 size-4 shrink-0" aria-label="Caution" /> {kind.caution}
        </p>
      )}
      {heat && !Number.isNaN(heat.to) && (
        <p className="mt-2">
          <span className="num text-xl font-semibold">
            {Number.isNaN(heat.from) ? '' : `${degrees(heat.from)} → `}
            {degrees(heat.to)}
          </span>{' '}
          <span className="quiet">
            {heat.band}
            {needs !== undefined && `; wants ${needs} glass`}
          </span>
        </p>
      )}
      {plan && <Hands braid={braid} plan={plan} index={index} />}
      {reason !== undefined && <p className="quiet mt-1 leading-snug">Placed because: {reason}</p>}
      <div className="mt-1 flex flex-col gap-1">
        {heat?.verdict && <Verdict verdict={heat.verdict} />}
        {found.map((f) => (
          <Verdict key={f.rule} verdict={f.verdict} />
        ))}
      </div>
      <div className="mt-3 grid grid-cols-2 gap-x-4 gap-y-2">
        <label className="col-span-2 flex flex-col">
          <span className="quiet text-sm">Kind</span>
          <select
            className="select"
            value={step.kind}
            onChange={(e) => {
              const next = e.target.value as StepId | 'own';
              onChange({
                kind: next,
                seconds: next === 'own' ? step.seconds : factsOf({ kind: next }).seconds,
                zone: undefined,
                like: next === 'own' ? kindOf(step) : undefined,
                name: next === 'own' ? stepName(step) : undefined,
              });
            }}
          >
            <KindOptions />
            <option value="own">A kind of our own</option>
          </select>
        </label>
        {step.kind === 'own' && (
          <div className="col-span-2 flex flex-col">
            <span className="quiet text-sm">Called</span>
            <input
              className="input"
              aria-label="Called"
              maxLength={60}
              value={step.name ?? ''}
              onChange={(e) => {
                onChange({ name: e.target.value });
              }}
            />
            <KeepOwn step={step} />
          </div>
        )}
        <label className="flex flex-col">
          <span className="quiet text-sm">Part</span>
          <select
            className="select"
            value={step.part}
            onChange={(e) => {
              onChange({ part: Number(e.target.value) });
            }}
          >
            {!braid.parts[step.part] && <option value={step.part}>no part</option>}
            {braid.parts.map((p, i) => (
              <option key={i} value={i}>
                {i + 1} {p.name}
              </option>
            ))}
          </select>
        </label>
        <CountField
          label="Seconds"
          value={step.seconds}
          min={1}
          max={LIMITS.stepSeconds.maximum}
          onCommit={(seconds) => {
            onChange({ seconds });
          }}
        />
        <label className="flex flex-col">
          <span className="quiet text-sm">Where on it</span>
          <select
            className="select"
            value={step.zone ?? facts.zone}
            onChange={(e) => {
              onChange({ zone: e.target.value as Zone });
            }}
          >
            {(Object.keys(ZONES) as Zone[]).map((z) => (
              <option key={z} value={z}>
                {ZONES[z]}
              </option>
            ))}
          </select>
        </label>
        {crew.length > 0 && (
          <label className="flex flex-col">
            <span className="quiet text-sm">Who</span>
            <select
              className="select"
              value={step.who ?? ''}
              onChange={(e) => {
                onChange({ who: e.target.value === '' ? undefined : e.target.value });
              }}
            >
              <option value="">as it falls</option>
              {crew.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          </label>
        )}
        {facts.does === 'join' && (
          <>
            <label className="flex flex-col">
              <span className="quiet text-sm">Joined to</span>
              <select
                className="select"
                value={step.to ?? ''}
                onChange={(e) => {
                  onChange({ to: e.target.value === '' ? undefined : Number(e.target.value) });
                }}
              >
                <option value="">nothing yet</option>
                {braid.parts.map((p, i) =>
                  i === step.part ? null : (
                    <option key={i} value={i}>
                      {i + 1} {p.name}
                    </option>
                  ),
                )}
              </select>
            </label>
            <label className="flex flex-col">
              <span className="quiet text-sm">By</span>
              <select
                className="select"
                value={step.seal ?? 'hot'}
                onChange={(e) => {
                  onChange({ seal: e.target.value as 'hot' | 'cold' | 'glue' });
                }}
              >
                <option value="hot">hot seal, for good</option>
                <option value="cold">cold seal, to break away</option>
                <option value="glue">glue bit</option>
              </select>
            </label>
          </>
        )}
        <label className="col-span-2 flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={step.pinned === true}
            onChange={(e) => {
              onChange({ pinned: e.target.checked ? true : undefined });
            }}
          />
          pinned: placing heats leaves it as it is
        </label>
        <label className="col-span-2 flex flex-col">
          <span className="quiet text-sm">Note</span>
          <input
            className="input"
            maxLength={300}
            value={step.note ?? ''}
            onChange={(e) => {
              onChange({ note: e.target.value === '' ? undefined : e.target.value });
            }}
          />
        </label>
      </div>
    </section>
  );
}

/** Who does it in the plan, when, and what it waits for. */
function Hands({
  braid,
  plan,
  index,
}: {
  readonly braid: Braid;
  readonly plan: CrewPlan;
  readonly index: number;
}) {
  const named = (id: string | undefined): string =>
    braid.sequence?.crew?.find((p) => p.id === id)?.name ?? 'nobody';
  const who = [...new Set((plan.hands[index] ?? []).map((h) => named(h.person)))];
  const wait = waitsFor(braid.steps, plan, index);
  const after = wait ? braid.steps.findIndex((s) => s.id === wait.after) : -1;
  const step = braid.steps[after];
  return (
    <p className="mt-1 leading-snug">
      <span className="num">{clockText(plan.starts[index] ?? 0)}</span>{' '}
      {who.length > 0 ? who.join(' and ') : 'no hands'}
      {wait && step && (
        <span className="quiet">
          , once{' '}
          {wait.cause === 'glass'
            ? ''
            : wait.cause === 'hand'
              ? `the ${named(wait.of)} has finished `
              : `the ${wait.of ?? ''} is free after `}
          {after + 1} {stepName(step)}
          {wait.cause === 'glass' && ' is done'}
        </span>
      )}
      .
    </p>
  );
}

/** An own kind kept for every piece of the shop, or dropped from there. */
function KeepOwn({ step }: { readonly step: WorkStep }) {
  const { shop, save } = useShop();
  const { say, trouble } = useNotices.getState();
  const name = step.name?.trim() ?? '';
  const kept = shop?.document.ownSteps ?? [];
  const there = kept.some((k) => k.name === name);
  if (!shop || name === '') return null;
  const put = (): void => {
    const others = kept.filter((k) => k.name !== name);
    const ownSteps = there
      ? others
      : [...others, { name, like: kindOf(step), seconds: step.seconds }];
    save({ ...shop.document, ownSteps }).then(
      () => {
        say(
          there
            ? `“${name}” is no longer offered; orders that have it keep it.`
            : `“${name}” is offered under “+ a step” in every piece.`,
        );
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  return (
    <button type="button" className="btn btn-ghost btn-xs mt-1 self-start" onClick={put}>
      {there ? 'No longer keep this kind' : 'Keep this kind for the shop'}
    </button>
  );
}
