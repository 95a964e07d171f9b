// Loggers’ tables, as they come.
import { readLoggerCsv } from './log';

describe('logs', () => {
  it.each([
    { what: 'plain', text: 'time,temp_C\n0,500\n60,499\n120,498.5', last: 498.5, rows: 3 },
    {
      what: 'semicolons and commas',
      text: 'Zeit;Temp °C\n0;500,5\n60;499,25',
      last: 499.25,
      rows: 2,
    },
    {
      what: 'clock through midnight',
      text: 'time\ttemp (C)\n23:50\t500\n00:10\t480',
      last: 480,
      rows: 2,
    },
    {
      what: 'dated',
      text: 'date,kiln F\n2026-11-26 22:00,932\n2026-11-26 22:30:00,914',
      last: 490,
      rows: 2,
    },
    // A logger that writes powers of ten: 500 °C was read as 5.
    { what: 'exponents', text: 'time,temp_C\n0,5.00E+02\n60,4.9e2', last: 490, rows: 2 },
    { what: 'no head', text: '0,500\n60,490', last: 490, rows: 2 },
    { what: 'minutes', text: 'minutes,celsius\n0,500\n90,400', last: 400, rows: 2 },
  ])('$what', ({ text, last, rows }) => {
    const log = readLoggerCsv(text);
    if (!log.ok) throw new Error(log.says);
    expect(log.rows).toBe(rows);
    expect(log.curve.temperature[log.curve.temperature.length - 1]).toBeCloseTo(last, 6);
    if (text.startsWith('minutes')) expect(log.curve.time[1]).toBe(90 * 60);
    if (text.includes('23:50')) expect(log.curve.time[1]).toBe(20 * 60);
    if (text.startsWith('date')) expect(log.curve.time[1]).toBe(1800);
  });
  it('in °F with no unit is taken for it, and says so; the user has the last word', () => {
    const text = 'time,temp\n0,950\n60,940';
    const log = readLoggerCsv(text);
    if (!log.ok) throw new Error(log.says);
    expect(log.unit).toBe('F');
    expect(log.remarks.join(' ')).toContain('does not say its unit');
    expect(log.curve.temperature[0]).toBeCloseTo(510, 6);
    const told = readLoggerCsv(text, 'C');
    expect(told.ok && told.curve.temperature[0]).toBe(950);
  });
  it('doubled and backward times, unreadable rows and silences are told', () => {
    const log = readLoggerCsv('t,C\n0,500\n0,501\n60,500\n30,400\nwhat,ever\n9999,300');
    if (!log.ok) throw new Error(log.says);
    const said = log.remarks.join(' ');
    expect(said).toContain('came twice');
    expect(said).toContain('back in time');
    expect(said).toContain('could not be read');
    expect(said).toContain('half an hour');
    expect([...Array.from(log.curve.temperature)]).toEqual([501, 500, 300]);
  });
  it('nothing to read is said', () => {
    expect(readLoggerCsv('hello').ok).toBe(false);
    expect(readLoggerCsv('').ok).toBe(false);
  });
  it('of ten megabytes is read and thinned, its extremes kept', () => {
    const rows = Array.from(
      { length: 600_000 },
      (_, i) => `${String(i)},${i === 123_456 ? '777.7' : '500.00'}`,
    );
    const log = readLoggerCsv(`s,C\n${rows.join('\n')}`);
    if (!log.ok) throw new Error(log.says);
    expect(log.curve.time.length).toBeLessThanOrEqual(4000);
    expect(Math.max(...Array.from(log.curve.temperature))).toBe(777.7);
  });
});
