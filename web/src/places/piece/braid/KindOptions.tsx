// Every kind of step the trade has, by group, to be chosen from.
import { STEPS } from '@zanfirico/core';
import { catalogue } from './stepNames';

const KINDS = catalogue();

export const KindOptions = () =>
  KINDS.map(([group, ids]) => (
    <optgroup key={group} label={group}>
      {ids.map((id) => (
        <option key={id} value={id}>
          {STEPS[id].name}
          {STEPS[id].place === 'torch' ? ', torch' : ''}
        </option>
      ))}
    </optgroup>
  ));
