// Answers that are dear to work out, kept by what they are made of: alike questions are asked once, whoever asks, and all see the one answer.
import { create } from 'zustand';
import { sentenceOf } from '../api/client';
import { Overtaken } from '../workers/remote';

/** What is known of a question: its answer, or why there is none. */
export type Known<Answer> = { readonly answer: Answer } | { readonly says: string };

interface AnswersKept<Question, Answer> {
  /** A question as text: alike questions have alike text. */
  readonly contentOf: (question: Question) => string;
  /**
   * The answer: known already, being worked out, or asked for now, of `by` where it is named. Rejects with a sentence, or as overtaken,
   * of which nothing is kept.
   */
  readonly ask: (
    question: Question,
    by?: (question: Question) => Promise<Answer>,
  ) => Promise<Answer>;
  /** What is known now, as a hook. */
  readonly useKnown: (question: Question | undefined) => Known<Answer> | undefined;
}

/** A keeper of answers; of more than `most` the one not looked at for longest goes first. */
export function answersKept<Question extends object, Answer>(
  work: (question: Question) => Promise<Answer>,
  write: (question: Question) => string,
  most: number,
): AnswersKept<Question, Answer> {
  const useAll = create<{ readonly byContent: ReadonlyMap<string, Known<Answer>> }>()(() => ({
    byContent: new Map(),
  }));
  const asked = new Map<string, Promise<Answer>>();
  const texts = new WeakMap<Question, string>();
  const contentOf = (question: Question): string => {
    const known = texts.get(question) ?? write(question);
    texts.set(question, known);
    return known;
  };
  const keep = (key: string, known: Known<Answer>): void => {
    const next = new Map(useAll.getState().byContent);
    next.delete(key);
    next.set(key, known);
    for (const oldest of next.keys()) {
      if (next.size <= most) break;
      next.delete(oldest);
    }
    useAll.setState({ byContent: next });
  };
  const ask = (question: Question, by = work): Promise<Answer> => {
    const key = contentOf(question);
    const known = useAll.getState().byContent.get(key);
    if (known && 'answer' in known) return Promise.resolve(known.answer);
    const under = asked.get(key);
    if (under) return under;
    const working = by(question);
    asked.set(key, working);
    working
      .then(
        (answer) => {
          keep(key, { answer });
        },
        (error: unknown) => {
          if (!(error instanceof Overtaken)) keep(key, { says: sentenceOf(error) });
        },
      )
      .finally(() => {
        asked.delete(key);
      });
    return working;
  };
  return {
    contentOf,
    ask,
    useKnown: (question) => useAll((s) => question && s.byContent.get(contentOf(question))),
  };
}
