// Sentences in the person's units: what is a measure is turned, what is not is left.
import { inWords } from './inWords';

const F = { temperature: 'F', length: 'in', mass: 'lb' } as const;
const C = { temperature: 'C', length: 'mm', mass: 'g' } as const;

describe('a sentence', () => {
  it.each([
    ['The lip is stiff (788 °C).', 'The lip is stiff (1450 °F).'],
    ['piece about 590–650 °C.', 'piece about 1094–1202 °F.'],
    ['The faces differ by 380 K.', 'The faces differ by 684 °F.'],
    ['it sinks 25.4 mm before', 'it sinks 1.00 in before'],
    ['step 3 of 12, 45 s', 'step 3 of 12, 45 s'],
    ['Nothing measured here.', 'Nothing measured here.'],
  ])('%p reads %p', (from, to) => {
    expect(inWords(from, F)).toBe(to);
  });
  it('is left alone where it is in the person’s units already', () => {
    const text = 'at 788 °C, 590–650 °C, 12 mm and 240 g, 40 K apart';
    expect(inWords(text, C)).toBe(text);
  });
  it('of weights names them as the person weighs', () => {
    expect(inWords('About 454 g clear to the clean bucket.', F)).toMatch(/1\.00 lb clear/);
  });
});
