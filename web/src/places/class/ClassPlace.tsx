// One class: the exercise, who makes it tonight, each student's sheet, the handout.
import { tr } from '@zanfirico/core/words';
import type { ClassDocument } from '@zanfirico/contract/class';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Derived } from '@zanfirico/core/piece';
import type { WorkStep } from '@zanfirico/core/work';
import { Link, Outlet, useOutletContext, useParams } from 'react-router';
import { sentenceOf } from '../../api/client';
import { useOpened } from '../../api/queries';
import { useClass } from '../../class/useClass';
import { useOrder } from '../../class/useOrder';
import { SheetLinks } from '../../shell/Tabs';
import { useShopHere } from '../../stores/useShopHere';

/** What its sheets are of. */
export interface OfClass {
  readonly lesson: ClassDocument;
  readonly document: PieceDocument;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  readonly steps: readonly WorkStep[] | undefined;
}

/** The class whose sheet this is. */
export const useOfClass = (): OfClass => useOutletContext<OfClass>();

export function ClassPlace() {
  const { id = '' } = useParams();
  useShopHere();
  const lesson = useClass(id);
  const piece = useOpened(lesson.data?.piece ?? '');
  const document = piece.data?.document;
  const { derived, steps } = useOrder(document);
  const failure = lesson.error ?? (lesson.data ? piece.error : null);
  if (failure)
    return (
      <p role="alert" className="px-6 py-16 text-center">
        {sentenceOf(failure)} <Link to="/class" className="link">{tr`All classes`}</Link>
      </p>
    );
  if (!lesson.data || !document)
    return <p className="quiet px-6 py-16">{tr`Fetching the class …`}</p>;
  const at = `/class/${id}`;
  const links = [
    { to: at, name: tr`Exercise`, end: true },
    { to: `${at}/tonight`, name: tr`Tonight` },
    { to: `${at}/sheets`, name: tr`Students’ sheets` },
    { to: `${at}/handout`, name: tr`Handout` },
  ];
  return (
    <div className="mx-auto w-full max-w-6xl px-6 py-5">
      <p className="quiet no-print">
        <Link to="/class" className="link">{tr`Class`}</Link>
      </p>
      <div className="no-print flex flex-wrap items-baseline gap-x-8">
        <h1 className="text-4xl">{lesson.data.name}</h1>
        <SheetLinks label={tr`In the class`} links={links} />
      </div>
      <Outlet context={{ lesson: lesson.data, document, derived, steps } satisfies OfClass} />
    </div>
  );
}
