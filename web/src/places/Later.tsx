// A place that comes later: says in one line what will be there.
import { tr } from '@zanfirico/core/words';
interface Props {
  readonly name: string;
  readonly will: string;
  /** Inside a piece, where the piece's own name is the page's heading. */
  readonly inside?: boolean;
}

export function Later({ name, will, inside }: Props) {
  const Heading = inside === true ? 'h2' : 'h1';
  return (
    <section className="mx-auto w-full max-w-3xl px-6 py-20">
      <Heading className="text-5xl">{name}</Heading>
      <div className="plank mt-4 mb-6 w-40" aria-hidden="true" />
      <p className="text-xl leading-relaxed">
        <span className="quiet">{tr`To come: `}</span>
        {will}
      </p>
    </section>
  );
}
