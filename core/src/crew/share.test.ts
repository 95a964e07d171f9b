// Whose hands: who can, who was named, who leads, who brings.
import type { Person } from '@zanfirico/contract/order';
import type { WorkStep } from '../work/facts';
import type { StepId } from '../work/step';
import { share } from './share';

const step = (id: string, kind: StepId, part = 0, more: Partial<WorkStep> = {}): WorkStep => ({
  id,
  kind,
  part,
  seconds: 10,
  ...more,
});
const gaffer: Person = { id: 'g', name: 'gaffer', skills: ['gaff', 'gather'] };
const second: Person = { id: 's', name: 'second', skills: ['bit', 'blow', 'gather', 'door'] };
const third: Person = { id: 't', name: 'third', skills: ['bit', 'door', 'shield'] };
const who = (hands: readonly { person: string | undefined }[] | undefined): unknown[] =>
  (hands ?? []).map((h) => h.person);

describe('hands shared out', () => {
  it('go to whoever can: the leader leads, another blows for him', () => {
    const { hands, uncovered } = share([step('1', 'blow')], [gaffer, second], 'one leads');
    expect(hands[0]).toEqual([
      { skill: 'gaff', person: 'g' },
      { skill: 'blow', person: 's' },
    ]);
    expect(uncovered).toEqual([]);
  });

  it('nobody gives two hands to one step: what is missing is told by step and skill', () => {
    const allRound: Person = {
      id: 'a',
      name: 'alone',
      skills: ['gaff', 'blow', 'bit', 'gather', 'door'],
    };
    const { hands, uncovered } = share(
      [step('1', 'blow'), step('2', 'punty')],
      [allRound],
      'one leads',
    );
    expect(who(hands[0])).toEqual(['a', undefined]);
    expect(uncovered).toEqual([
      { step: '1', skill: 'blow' },
      { step: '2', skill: 'bit' },
    ]);
  });

  it('who was named does it, whatever else he has to do', () => {
    const order = [
      step('1', 'bit', 1),
      step('2', 'bit', 2, { who: 't' }),
      step('3', 'bit', 3, { who: 't' }),
    ];
    const { hands } = share(order, [gaffer, second, third], 'one leads');
    expect(who(hands[1])).toEqual(['t']);
    expect(who(hands[2])).toEqual(['t']);
  });

  it('whoever brings a part keeps it until it is joined, heats it, and brings nothing else meanwhile', () => {
    const order = [
      step('1', 'bit', 1),
      step('2', 'reheat', 1),
      step('3', 'bit', 2),
      step('4', 'attach', 1, { to: 0 }),
      step('5', 'attach', 2, { to: 0 }),
    ];
    const { hands } = share(order, [gaffer, second, third], 'one leads');
    const first = hands[0]?.[0]?.person;
    expect(first).toBeDefined();
    expect(hands[1]).toEqual([{ skill: 'bit', person: first }]);
    expect(hands[2]?.[0]?.person).not.toBe(first);
    expect(hands[3]?.find((h) => h.skill === 'bit')?.person).toBe(first);
  });

  it('where each leads a part, what is brought to be joined is led by another who can', () => {
    const other: Person = { id: 'o', name: 'other gaffer', skills: ['gaff', 'bit'] };
    const order = [
      step('1', 'shapeBit', 1),
      step('2', 'attach', 1, { to: 0 }),
      step('3', 'open', 0),
    ];
    const one = share(order, [gaffer, other], 'one leads').hands;
    const each = share(order, [gaffer, other], 'each leads a part').hands;
    expect(who(one[0])).toEqual(['g']);
    expect(who(each[0])).toEqual(['o']);
    expect(who(each[2])).toEqual(['g']);
  });

  it('steps that go by themselves take nobody', () => {
    const { hands, uncovered } = share(
      [step('1', 'warmIron'), step('2', 'warmColour')],
      [],
      'one leads',
    );
    expect(hands).toEqual([[], []]);
    expect(uncovered).toEqual([]);
  });
});
