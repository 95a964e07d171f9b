// The exercise: the target, who is in pairs at which bench, where each tool lives, the teacher's words.
import { tr } from '@zanfirico/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { dropClass } from '../../class/asks';
import { useKeepClass } from '../../class/useClass';
import { useNotices } from '../../stores/notices';
import { troubled } from '../../stores/troubled';
import { useOfClass } from './ClassPlace';
import type { ClassChange } from './exercise/change';
import { Pairs } from './exercise/Pairs';
import { Target } from './exercise/Target';
import { Tools } from './exercise/Tools';
import { Words } from './exercise/Words';

export function ExerciseSheet() {
  const { lesson } = useOfClass();
  const keep = useKeepClass();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const change: ClassChange = (some) => {
    keep({ ...lesson, ...some });
  };
  return (
    <div className="mt-2 grid gap-x-12 *:min-w-0 lg:grid-cols-2">
      <div>
        <Target change={change} />
        <Pairs change={change} />
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-6"
          onClick={() => {
            dropClass(lesson.id).then(() => {
              void queries.invalidateQueries({ queryKey: ['classes'], exact: true });
              void navigate('/class');
              useNotices.getState().say(tr`The class is taken away; what was made in it is kept.`, {
                label: tr`Undo`,
                run: () => {
                  keep(lesson);
                },
              });
            }, troubled);
          }}
        >
          {tr`Take this class away`}
        </button>
      </div>
      <div>
        <Tools change={change} />
        <Words change={change} />
      </div>
    </div>
  );
}
