// Words for people with marks among them: trNodes`Made of ${<b>two</b>} parts`, in the language that is spoken.
import { isPlain, messageOf, trWord } from '@zanfirico/core/words';
import { createElement, Fragment, type ReactNode } from 'react';

/** Its values may be anything that can stand on a page; another language may put them in another order. */
export function trNodes(strings: TemplateStringsArray, ...values: readonly ReactNode[]): ReactNode {
  const parts: ReactNode[] = [];
  if (isPlain())
    strings.forEach((s, i) => {
      parts.push(s);
      if (i < values.length) parts.push(values[i]);
    });
  else
    trWord(messageOf(strings))
      .split(/\{(\d+)\}/)
      .forEach((s, i) => {
        parts.push(i % 2 === 0 ? s : values[Number(s)]);
      });
  return createElement(Fragment, null, ...parts);
}
