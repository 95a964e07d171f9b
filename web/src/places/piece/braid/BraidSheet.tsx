// The order of work as one strand: level at the bench, dipping to the fire at each heat.
import { ShieldAlert } from 'lucide-react';
import type { OrderedStep } from '@zanfirico/core';
import { usePiece } from '../usePiece';

/** Height of a row beside the strand, px; the rows say the same in their class. */
const ROW = 62;
const STRAND = 150;
const BENCH_X = 46;
const FIRE_X = 116;

export function BraidSheet() {
  const { last, document } = usePiece();
  if (!last) return <p className="px-6 py-16">The order of work comes with the form.</p>;
  const { order } = last;
  return (
    <div className="@container mx-auto max-w-6xl px-6 py-5">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h2 className="text-3xl">Order of work</h2>
        <p className="quiet">
          {order.length} steps for a {document.form}{' '}
          {document.way === 'furnace' ? 'at the furnace' : 'at the torch'}.
          <span className="hidden @5xl:inline">
            {' '}
            The strand dips where the piece goes to the fire.
          </span>
        </p>
      </div>
      <div className="relative mt-4 flex">
        <Strand order={order} />
        <ol className="flex-1">
          {order.map((s) => (
            <Row key={s.number} step={s} />
          ))}
        </ol>
      </div>
    </div>
  );
}

function Strand({ order }: { readonly order: readonly OrderedStep[] }) {
  const at = order.map((s, i) => [s.fire ? FIRE_X : BENCH_X, i * ROW + ROW / 2] as const);
  const path = at
    .map(([x, y], i) => {
      const before = at[i - 1];
      if (!before) return `M${String(x)} ${String(y)}`;
      const middle = (before[1] + y) / 2;
      return `C${String(before[0])} ${String(middle)} ${String(x)} ${String(middle)} ${String(x)} ${String(y)}`;
    })
    .join('');
  return (
    <svg
      width={STRAND}
      height={order.length * ROW}
      className="hidden shrink-0 @5xl:block"
      role="img"
      aria-label={`Strand of work: ${String(order.filter((s) => s.fire).length)} of ${String(order.length)} steps at the fire`}
    >
      <defs>
        <linearGradient id="strand" gradientUnits="userSpaceOnUse" x1={BENCH_X} x2={FIRE_X}>
          <stop offset="0" stopColor="var(--color-secondary)" />
          <stop offset="1" stopColor="var(--color-primary)" />
        </linearGradient>
      </defs>
      <rect x={FIRE_X - 14} width={28} height="100%" fill="var(--color-primary)" opacity={0.1} />
      <path d={path} fill="none" stroke="var(--board)" strokeWidth={11} />
      <path d={path} fill="none" stroke="url(#strand)" strokeWidth={6} strokeLinecap="round" />
      {at.map(([x, y], i) => (
        <g key={i}>
          <circle cx={x} cy={y} r={12} fill="var(--color-base-200)" stroke="var(--chalk-dim)" />
          <text
            x={x}
            y={y + 4.5}
            textAnchor="middle"
            fontSize={12.5}
            className="num"
            fill="var(--chalk)"
          >
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}

function Row({ step }: { readonly step: OrderedStep }) {
  return (
    <li className="border-base-300 grid items-center gap-x-6 gap-y-1 border-b py-2 @5xl:h-[62px] @5xl:grid-cols-[15rem_1fr_19rem] @5xl:py-0">
      <div className="leading-tight">
        <h3 className="text-xl">
          <span className="num quiet mr-2 text-base @5xl:hidden">{step.number}</span>
          {step.which !== undefined ? `${step.which} ${step.name.toLowerCase()}` : step.name}
        </h3>
        <p className="quiet text-sm">
          {step.place === step.tool ? step.place : `${step.place} · ${step.tool}`}
        </p>
      </div>
      <p className="leading-tight">
        {step.says}
        {step.needs !== undefined && (
          <span className="quiet text-sm whitespace-nowrap"> Wants {step.needs} glass.</span>
        )}
      </p>
      {step.caution !== undefined && (
        <p className="text-warning flex items-start gap-1.5 text-sm leading-tight">
          <ShieldAlert className="mt-0.5 size-4 shrink-0" aria-label="Caution" /> {step.caution}
        </p>
      )}
    </li>
  );
}
