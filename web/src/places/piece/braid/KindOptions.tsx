// Every kind of step the trade has, by group, to be chosen from: those of the way of work at hand first.

import type { Way } from '@zanfirico/contract/piece';
import { KINDS_BY_WAY, offeredAs } from '../../../marks/braid/stepNames';

export const KindOptions = ({ way }: { readonly way: Way }) =>
  KINDS_BY_WAY[way].map(([group, ids]) => (
    <optgroup key={group} label={group}>
      {ids.map((id) => (
        <option key={id} value={id}>
          {offeredAs(id)}
        </option>
      ))}
    </optgroup>
  ));
