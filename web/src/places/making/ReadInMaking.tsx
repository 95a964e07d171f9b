// A making from a file: another bench's, or one's own from before; kept once, however often it is read.
import { tr } from '@zanfirico/core/words';
import { MAKING_LIMIT } from '@zanfirico/contract/making';
import { useQueryClient } from '@tanstack/react-query';
import { FileUp } from 'lucide-react';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { readInMaking } from '../../api/client';
import { troubled } from '../../stores/troubled';

export function ReadInMaking() {
  const field = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const read = async (file: File): Promise<void> => {
    if (file.size > MAKING_LIMIT)
      throw new Error(
        tr`“${file.name}” is ${Math.round(file.size / 1e6)} MB; a making is at most ${MAKING_LIMIT / 1e6} MB.`,
      );
    const text = await file.text();
    if (!text.includes('"zanfirico.making"'))
      throw new Error(
        tr`“${file.name}” is no making: take the file “All of it (JSON)” gives where one is looked back at.`,
      );
    const { id } = await readInMaking(text);
    await queries.invalidateQueries({ queryKey: ['makings'] });
    await navigate(`/bench/${id}`);
  };
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        onClick={() => {
          field.current?.click();
        }}
      >
        <FileUp className="size-4" /> {tr`Read one in`}
      </button>
      <input
        ref={field}
        type="file"
        accept=".json,application/json"
        aria-label={tr`A making’s file`}
        className="hidden"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) read(file).catch(troubled);
        }}
      />
    </>
  );
}
