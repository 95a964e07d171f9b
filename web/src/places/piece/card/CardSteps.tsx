// The order of work on the card: two columns, cautions in their place.
import type { OrderedStep } from '@zanfirico/core';

export function CardSteps({ order }: { readonly order: readonly OrderedStep[] }) {
  return (
    <section className="mt-3">
      <h3 className="border-b border-black text-xl">Order of work</h3>
      <ol className="mt-1 columns-2 gap-6 text-[0.82rem] leading-tight">
        {order.map((s) => (
          <li key={s.number} className="mb-1 break-inside-avoid">
            <span className="num font-semibold">{s.number}</span>{' '}
            <strong>{s.which !== undefined ? `${s.which} ${s.name.toLowerCase()}` : s.name}</strong>{' '}
            ({s.place}){s.fire ? ' ~fire~' : ''}
            {s.caution !== undefined && <em className="block pl-5">! {s.caution}</em>}
          </li>
        ))}
      </ol>
    </section>
  );
}
