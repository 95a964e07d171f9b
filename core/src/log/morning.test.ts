// The morning after from its events: the last word holds, what is taken back never was, the same morning told on two tablets is one.
import type { MakingEvent } from '@zanfirico/contract/making';
import { lossesBy } from './losses';
import { morningOf } from './morning';

const T0 = 1_800_000_000_000;
let n = 0;
const tell = (what: object, s: number): MakingEvent =>
  ({ ...what, id: `e${String((n += 1)).padStart(3, '0')}`, at: T0 + 1000 * s }) as MakingEvent;

it('kept, then seen to be a second; how hot the box was stays', () => {
  const morning = morningOf([
    tell({ kind: 'opened', what: 'kept', door: 48 }, 0),
    tell({ kind: 'opened', what: 'second' }, 60),
  ]);
  expect(morning).toMatchObject({ outcome: 'second', opened: T0, door: 48 });
});

it('on two tablets, in any order: one morning', () => {
  const events = [
    tell({ kind: 'opened', what: 'kept' }, 0),
    tell({ kind: 'measured', of: 'height', value: 0.1 }, 5),
    tell({ kind: 'opened', what: 'kept' }, 6),
    tell({ kind: 'measured', of: 'height', value: 0.102 }, 9),
    tell({ kind: 'measured', of: 'wall', value: 0.003, up: 0.04 }, 10),
  ];
  const one = morningOf(events);
  expect(morningOf([...events.slice(2), ...events])).toEqual(one);
  expect(one.measured.map((m) => [m.of, m.value, m.up])).toEqual([
    ['height', 0.102, undefined],
    ['wall', 0.003, 0.04],
  ]);
});

it('broken days later, why, and the whole of it taken back', () => {
  const lost = tell({ kind: 'opened', what: 'lost' }, 3 * 86_400);
  const events = [
    tell({ kind: 'opened', what: 'kept' }, 0),
    lost,
    tell({ kind: 'broke', when: 'days later', face: 'in two' }, 3 * 86_400 + 5),
    tell({ kind: 'cause', what: 'misfit' }, 3 * 86_400 + 9),
  ];
  expect(morningOf(events)).toMatchObject({
    outcome: 'lost',
    broke: { when: 'days later', face: 'in two' },
    cause: 'misfit',
  });
  const back = morningOf([...events, tell({ kind: 'taken back', event: lost.id }, 4 * 86_400)]);
  expect(back.outcome).toBe('kept');
});

it('what the bench told is no part of it', () => {
  expect(morningOf([tell({ kind: 'step', what: 'done' }, 0)])).toMatchObject({
    outcome: undefined,
    undoable: undefined,
  });
});

describe('what is lost, by whatever one looks at', () => {
  const came = (of: string, lost: number, all: number) =>
    Array.from({ length: all }, (_, i) => ({ of, lost: i < lost, second: i === all - 1 }));

  it('shares with their intervals; who loses more than chance has it stands out', () => {
    const all = [...came('Monday', 9, 20), ...came('Tuesday', 1, 30), ...came('Friday', 2, 15)];
    const by = lossesBy(all, (m) => m.of);
    expect(by.map((l) => [l.of, l.lost, l.all, l.stands])).toEqual([
      ['Monday', 9, 20, 'more'],
      ['Friday', 2, 15, undefined],
      ['Tuesday', 1, 30, 'fewer'],
    ]);
    expect(by[0]?.share.of).toBe(0.45);
    expect(by[0]?.seconds).toBe(1);
  });

  it('of one group alone, and of few, nothing stands out', () => {
    expect(lossesBy(came('Monday', 3, 4), (m) => m.of)[0]?.stands).toBeUndefined();
    const few = lossesBy([...came('a', 1, 2), ...came('b', 0, 3)], (m) => m.of);
    expect(few.every((l) => l.stands === undefined)).toBe(true);
    expect(
      lossesBy(
        few.map(() => ({ lost: false, second: false })),
        () => undefined,
      ),
    ).toEqual([]);
  });
});
