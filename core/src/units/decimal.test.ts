import { inWords } from './inWords';
import { printForField, printText } from './print';
import { readQuantity } from './parse';
import { METRIC, type DisplayUnits } from './quantity';

const COMMA: DisplayUnits = { ...METRIC, decimal: ',' };
const INCHES: DisplayUnits = { temperature: 'F', length: 'in', mass: 'lb', decimal: ',' };

it('numbers are written with the person’s decimal sign, and read back', () => {
  expect(printText(0.0034, 'length', COMMA)).toBe('3,4 mm');
  expect(printText(0.96e6, 'stress', COMMA)).toBe('0,96 MPa');
  expect(printText(0.0034, 'length', INCHES)).toBe('0,134 in');
  expect(printText(0.0034, 'length', METRIC)).toBe('3.4 mm');
  const field = printForField(0.00345, 'length', COMMA);
  expect(field).toBe('3,45');
  const read = readQuantity(field, 'length', COMMA);
  expect(read.ok && read.value).toBeCloseTo(0.00345, 9);
});

it('so are those in sentences, turned into other units or not', () => {
  expect(inWords('It keeps 0.96 MPa of the 1.00 MPa; the wall is 3.4 mm.', COMMA)).toBe(
    'It keeps 0,96 MPa of the 1,00 MPa; the wall is 3,4 mm.',
  );
  expect(inWords('2.5–3.4 mm at 505.5 °C. End.', INCHES)).toBe('0,098–0,134 in at 942 °F. End.');
});
