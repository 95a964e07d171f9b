// In Node: who does what when, on the candlestick, for as long as a person waits.
import type { Person } from '@zanfirico/contract/order';
import { planCrew, planPlaced, type CrewPlan } from '@zanfirico/core/crew';
import { candlestick } from './cases';
import { often, type Row } from './rows';

/** Looked for so long, ms. */
const LOOKS = often(2000, 50);

const gapOf = (c: CrewPlan): string =>
  `${c.lowerHere.toFixed(0)} to ${c.total.toFixed(0)} s (${(100 * (1 - c.lowerHere / c.total)).toFixed(1)} %${c.proven ? ', proven' : ''})`;

/** Measures them. */
export function measureCrew(): Row[] {
  const { parts: stickParts, working, fires: stickFires, placed } = candlestick();
  const rows: Row[] = [];
  const four: readonly Person[] = [
    { id: 'a', name: 'gaffer', skills: ['gaff', 'gather', 'blow'] },
    { id: 'b', name: 'second', skills: ['gaff', 'gather', 'bit', 'blow'] },
    { id: 'c', name: 'third', skills: ['gather', 'bit', 'blow', 'shield'] },
    { id: 'd', name: 'door', skills: ['blow', 'shield', 'door'] },
  ];
  let since = performance.now();
  const crew = planCrew(
    placed,
    stickParts,
    four,
    working,
    { 'glory hole': 2 },
    {
      enough: () => performance.now() - since > LOOKS,
    },
  );
  const crewTook = performance.now() - since;
  since = performance.now();
  const oneHole = planCrew(
    placed,
    stickParts,
    four,
    working,
    {},
    { enough: () => performance.now() - since > LOOKS },
  );

  rows.push({
    what: 'crew of four on the candlestick, two glory holes: from proven bound to best',
    measured: `${gapOf(crew)} in ${crewTook.toFixed(0)} ms, ${String(crew.late.length)} waits too long`,
    wanted: 'within 5 % in 2 s',
  });
  rows.push({
    what: 'the same with one glory hole, after 2 s',
    measured: `${gapOf(oneHole)}, ${String(oneHole.late.length)} waits too long`,
    wanted: 'within 5 %',
  });

  since = performance.now();
  const trio = planPlaced(
    { steps: placed, parts: stickParts, working, fires: stickFires },
    // Three hands: the gaffer, one who brings, one who blows and opens doors.
    [
      four[0] as Person,
      four[2] as Person,
      { ...(four[3] as Person), skills: ['bit', 'blow', 'shield', 'door'] },
    ],
    {},
    { enough: () => performance.now() - since > LOOKS },
  );
  rows.push({
    what: 'crew of three on the candlestick, one glory hole, heats placed for it',
    measured: `${gapOf(trio.plan)} in ${(performance.now() - since).toFixed(0)} ms, ${String(trio.wrong.length)} steps that will not do`,
    wanted: 'proven in 2 s',
  });
  return rows;
}
