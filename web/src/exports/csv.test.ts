// Tables as they leave: nothing in them is run by a spreadsheet, nothing is lost on the way back.
import * as fc from 'fast-check';
import Papa from 'papaparse';
import { unguarded } from '../imports/unguarded';
import { csvOf } from './csv';

const back = (text: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(text.trimEnd(), { header: true }).data;

describe('cells', () => {
  // OWASP, CSV Injection: cells that begin with = + - @ or a tab are taken for formulas.
  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '=HYPERLINK("http://x")', '\tx'])(
    '%p leaves guarded and comes back as it was',
    (note) => {
      const text = csvOf([{ name: 'a', note }]);
      expect(back(text)[0]?.['note']).toBe(`'${note}`);
      expect(unguarded(back(text)[0]?.['note'] ?? '')).toBe(note);
    },
  );
  it('numbers stay numbers, below nothing too', () => {
    expect(csvOf([{ step: -3.5, at: 0 }])).toBe('step,at\r\n-3.5,0\r\n');
  });
  it('plain words, apostrophes and all, are left alone', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[\w'’ ,;"äß]{1,30}$/), (note) => {
        expect(unguarded(back(csvOf([{ a: 1, note }]))[0]?.['note'] ?? '')).toBe(note);
      }),
    );
  });

  it('for spreadsheets that write commas, numbers have them and cells are parted by semicolons', () => {
    const text = csvOf([{ name: 'a;b', step: -3.5, at: 0, note: '=1.5' }], ',');
    expect(text).toBe('name;step;at;note\r\n"a;b";-3,5;0;"\'=1.5"\r\n');
  });
});
