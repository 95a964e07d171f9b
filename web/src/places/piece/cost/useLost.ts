// How often this piece is lost, by the log: of its own makings where there are enough, else of all the shop's.
import { wilson } from '@zanfirico/core';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { readCame } from '../../../api/client';

/** Fewer of its own say less than the shop's. */
const ENOUGH = 8;

export interface Lost {
  readonly of: number;
  readonly low: number;
  readonly high: number;
  readonly all: number;
  readonly own: boolean;
}

/** Undefined while the log is fetched, or has nothing. */
export function useLost(): Lost | undefined {
  const { id = '' } = useParams();
  const came = useQuery({ queryKey: ['log', 'came'], queryFn: readCame }).data;
  if (!came || came.length === 0) return undefined;
  const mine = came.filter((l) => l.piece === id);
  const own = mine.length >= ENOUGH;
  const of = own ? mine : came;
  const lost = of.filter((l) => l.outcome === 'lost').length;
  return { ...wilson(lost, of.length), all: of.length, own };
}
