// What a new piece starts from: a form, a glass, a name.
import { FORMS, glyphOf, measurePart, startingParts } from '@zanfirico/core';
import { useState } from 'react';
import { useForm, useWatch, type UseFormRegister } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { createPiece, newKey, sentenceOf } from '../../api/client';
import { GlassOptions } from '../../fields/GlassField';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useRack } from '../../stores/theRack';
import { useShop } from '../../stores/theShop';
import { freshDocument, type Answers } from './freshDocument';

const SHAPES = FORMS.map((form) => {
  const shapes = startingParts(form).flatMap((part) => {
    const reading = measurePart(part);
    return reading.ok ? [reading.shape] : [];
  });
  const lowest = Math.min(...shapes.map((s) => s.lowest));
  const room = {
    lowest,
    height: Math.max(...shapes.map((s) => s.lowest + s.height)) - lowest,
    widest: Math.max(...shapes.map((s) => s.widest)),
  };
  return { form, glyph: glyphOf(shapes, [], room) };
});

interface Starting {
  readonly register: UseFormRegister<Answers>;
  readonly form: string;
  readonly failure: string | undefined;
  /** Makes the piece and opens it; a refusal is told in `failure`. */
  readonly start: () => void;
}

/** The answers, and starting from them: one piece, however often it is asked for. */
export function useStarting(): Starting {
  const [failure, setFailure] = useState<string>();
  const navigate = useNavigate();
  // One piece a dialog, however often it is asked for.
  const [key] = useState(newKey);
  const { register, handleSubmit, control } = useForm<Answers>({
    defaultValues: { name: '', form: 'tumbler', glass: 'soft-batch-96' },
  });
  const form = useWatch({ control, name: 'form' });

  const start = async (answers: Answers): Promise<void> => {
    const line = useRack.getState().rack.line(answers.glass);
    try {
      const ours = useShop.getState().shop?.document.learnt?.allowance?.factor;
      const piece = await createPiece(
        freshDocument(answers, line?.glass, line?.entry.forms, ours),
        key,
      );
      await navigate(`/pieces/${piece.id}/section`);
    } catch (error) {
      setFailure(sentenceOf(error));
    }
  };

  return { register, form, failure, start: () => void handleSubmit(start)() };
}

export function StartFields({ register, form, failure }: Starting) {
  return (
    <>
      <fieldset className="mt-5">
        <legend className="quiet">
          Which form is nearest? Everything can be pulled about afterwards.
        </legend>
        <div className="mt-2 flex flex-wrap items-stretch">
          {SHAPES.map(({ form: f, glyph }) => (
            <label
              key={f}
              className={`has-focus-visible:outline-primary flex min-w-20 flex-1 cursor-pointer flex-col has-focus-visible:outline-2 ${f === form ? '' : 'group'}`}
            >
              <input type="radio" className="sr-only" value={f} {...register('form')} />
              <span
                className={`flex h-36 items-end justify-center px-2 ${f === form ? '' : 'opacity-60 group-hover:opacity-100'}`}
              >
                <PieceGlyph glyph={glyph} scale={440} title={`${f}, section`} />
              </span>
              <span className={f === form ? 'bg-primary block h-2' : 'plank block !h-2'} />
              <span
                className={`font-display py-1 text-center text-lg ${f === form ? 'text-primary' : ''}`}
              >
                {f}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-4 grid grid-cols-2 gap-8">
        <label className="flex flex-col">
          <span className="quiet text-sm">Glass</span>
          <select className="select" {...register('glass')}>
            <GlassOptions value={undefined} />
          </select>
        </label>
        <label className="flex flex-col">
          <span className="quiet text-sm">Name</span>
          <input
            className="input"
            maxLength={80}
            placeholder={`New ${form}`}
            {...register('name')}
          />
        </label>
      </div>
      {failure !== undefined && (
        <p role="alert" className="alert alert-error mt-4">
          {failure}
        </p>
      )}
    </>
  );
}
