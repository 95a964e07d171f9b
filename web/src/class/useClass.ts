// A class and what was made in it, asked once for everyone who shows it; and keeping it.
import { tr } from '@zanfirico/core/words';
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking } from '@zanfirico/contract/making';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { keepClass, readClass, readClasses, readClassMakings } from './asks';
import { sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';

/** What is made tonight is looked for so often, ms. */
const EVERY = 4000;

/** All classes. */
export const useClasses = () => useQuery({ queryKey: ['classes'], queryFn: readClasses });

/** One class. */
export const useClass = (id: string) =>
  useQuery({ queryKey: ['classes', id], queryFn: () => readClass(id), enabled: id !== '' });

/** What is made in a class, asked again and again. */
export const useClassMakings = (id: string) =>
  useQuery({
    queryKey: ['classes', id, 'makings'],
    queryFn: () => readClassMakings(id),
    refetchInterval: EVERY,
    enabled: id !== '',
  });

/** Keeps it as it is now; what is shown is it at once. */
export function useKeepClass(): (fresh: ClassDocument) => void {
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: keepClass,
    onMutate: (fresh) => {
      queries.setQueryData(['classes', fresh.id], fresh);
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['classes'], exact: true }),
    onError: (error, fresh) => {
      useNotices.getState().trouble(tr`The class was not kept: ${sentenceOf(error)}`);
      void queries.invalidateQueries({ queryKey: ['classes', fresh.id] });
    },
  });
  return keep.mutate;
}

/** Makings that are going on: begun within so long. */
const TONIGHT_MS = 6 * 3_600_000;

/** Tonight's, one a bench: the newest of each, with who is at it. */
export function atBenches(
  { benches }: Pick<ClassDocument, 'benches'>,
  makings: readonly ClassMaking[],
  now: number,
): { readonly bench: string; readonly making: ClassMaking | undefined }[] {
  const tonight = makings.filter((m) => now - m.begunAt < TONIGHT_MS);
  return benches.map(({ name, pair }) => ({
    bench: name,
    making: tonight.find((m) =>
      m.bench === undefined ? pair.includes(m.student) : m.bench === name,
    ),
  }));
}
