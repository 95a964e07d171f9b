// One of the shop's lists: its title, what it is for, and a way to add to it.
import { tr } from '@zanfirico/core/words';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { MOST, type List, type ShopLists } from './useShopLists';

interface Props {
  readonly title: string;
  readonly says: string;
  readonly count: number;
  readonly most: number;
  readonly onAdd: () => void;
  readonly children: ReactNode;
}

export function ShopSection({ title, says, count, most, onAdd, children }: Props) {
  return (
    <section className="mt-7" aria-label={title}>
      <div className="flex items-baseline gap-3 max-sm:flex-wrap">
        <h2 className="text-2xl">{title}</h2>
        <p className="quiet">{says}</p>
        <button
          type="button"
          className="btn btn-ghost btn-sm ml-auto"
          disabled={count >= most}
          aria-label={tr`Add to: ${title}`}
          onClick={onAdd}
        >
          <Plus className="size-4" /> {tr`Add`}
        </button>
      </div>
      {children}
      {count === 0 && <p className="quiet">{tr`None yet.`}</p>}
    </section>
  );
}

/** One of the lists of named rows. */
export function ShopListRows({
  lists,
  list,
  title,
  says,
  children,
}: {
  readonly lists: ShopLists;
  readonly list: List;
  readonly title: string;
  readonly says: string;
  readonly children: ReactNode;
}) {
  return (
    <ShopSection
      title={title}
      says={says}
      count={lists.document[list].length}
      most={MOST[list]}
      onAdd={() => {
        lists.add(list);
      }}
    >
      <ul className="mt-1">{children}</ul>
    </ShopSection>
  );
}
