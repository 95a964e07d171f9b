// The step in hand: what it is, for how long, on which end; how hot the glass is there, and what is wrong with it.
import type { Changes } from '@zanfirico/core/edits';
import { waitsFor } from '@zanfirico/core/crew';
import { needOf } from '@zanfirico/core/iron';
import { inWords, printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { STEPS, type WorkStep } from '@zanfirico/core/work';
import { ShieldAlert } from 'lucide-react';
import { VerdictMark } from '../../../marks/Verdict';
import { clockText } from '../../../marks/braid/strands';
import { useDisplay } from '../../../stores/display';
import { StepFields } from './StepFields';
import { kindOf, stepName } from '../../../marks/braid/stepNames';
import type { Braid, KeptPlan } from './useBraid';

interface Props {
  readonly braid: Braid;
  readonly index: number;
  readonly onChange: (step: Changes<WorkStep>) => void;
  readonly reason: string | undefined;
}

export function StepLeaf({ braid, index, onChange, reason }: Props) {
  const units = useDisplay((s) => s.units);
  const step = braid.steps[index];
  if (!step)
    return (
      <p className="quiet">{tr`Take a step in hand: click it, or walk with the arrow keys.`}</p>
    );
  const kind = STEPS[kindOf(step)];
  const heat = braid.heat.steps[index];
  const found = braid.findings.filter((f) => f.step === step.id);
  const needs = needOf(step);
  const degrees = (t: number): string => printText(t, 'temperature', units);
  return (
    <section aria-label={tr`Step ${index + 1}`}>
      <h3 className="text-2xl">
        <span className="num quiet mr-2 text-lg">{index + 1}</span>
        {stepName(step)}
      </h3>
      <p className="leading-snug">{inWords(step.note ?? kind.says(), units)}</p>
      {kind.caution !== undefined && (
        <p className="text-warning mt-1 flex items-start gap-1.5 text-sm leading-tight">
          <ShieldAlert className="mt-0.5 size-4 shrink-0" aria-label={tr`Caution`} />{' '}
          {kind.caution()}
        </p>
      )}
      {heat && !Number.isNaN(heat.to) && (
        <p className="mt-2">
          <span className="num text-xl font-semibold">
            {Number.isNaN(heat.from) ? '' : `${degrees(heat.from)} → `}
            {degrees(heat.to)}
          </span>{' '}
          <span className="quiet">
            {trWord(heat.band)}
            {needs !== undefined && tr`; wants ${trWord(needs)} glass`}
          </span>
        </p>
      )}
      {braid.plan && <Hands braid={braid} plan={braid.plan} index={index} />}
      {reason !== undefined && (
        <p className="quiet mt-1 leading-snug">{tr`Placed because: ${inWords(reason, units)}`}</p>
      )}
      <div className="mt-1 flex flex-col gap-1">
        {heat?.verdict && <VerdictMark verdict={heat.verdict} />}
        {found.map((f) => (
          <VerdictMark key={f.rule} verdict={f.verdict} />
        ))}
      </div>
      <StepFields braid={braid} step={step} onChange={onChange} />
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
  readonly plan: KeptPlan;
  readonly index: number;
}) {
  const named = (id: string | undefined): string =>
    braid.sequence?.crew?.find((p) => p.id === id)?.name ?? tr`nobody`;
  const who = [...new Set((plan.hands[index] ?? []).map((h) => named(h.person)))];
  const wait = waitsFor(braid.steps, plan, index);
  const after = wait ? braid.steps.findIndex((s) => s.id === wait.after) : -1;
  const step = braid.steps[after];
  return (
    <p className="mt-1 leading-snug">
      <span className="num">{clockText(plan.starts[index] ?? 0)}</span>{' '}
      {who.length > 0 ? who.join(tr` and `) : tr`no hands`}
      {wait && step && (
        <span className="quiet">
          {tr`, once `}
          {wait.cause === 'glass'
            ? ''
            : wait.cause === 'hand'
              ? tr`the ${named(wait.of)} has finished `
              : tr`the ${wait.of ?? ''} is free after `}
          {after + 1} {stepName(step)}
          {wait.cause === 'glass' && tr` is done`}
        </span>
      )}
      .
    </p>
  );
}
