// A firing's lines as they are programmed.

import type { RecipeLine } from '@zanfirico/contract/shop';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { HeadRow } from '../../../marks/HeadRow';
import { useDisplay } from '../../../stores/display';

interface Props {
  readonly lines: readonly RecipeLine[];
  readonly caption?: string;
}

export function ProgrammeLines({ lines, caption }: Props) {
  const units = useDisplay((s) => s.units);
  return (
    <table className="w-full self-start">
      {caption !== undefined && <caption className="text-left text-lg">{caption}</caption>}
      <HeadRow columns={[tr`to`, tr`at`, tr`held`]} />
      <tbody>
        {lines.map((l, i) => (
          <tr key={i} className="border-base-300 border-b">
            <td className="num">{printText(l.to, 'temperature', units)}</td>
            <td className="num text-right">
              {l.rate === undefined ? tr`as the box can` : printText(l.rate, 'rate', units)}
            </td>
            <td className="num text-right">{l.hold ? printDuration(l.hold) : '–'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
