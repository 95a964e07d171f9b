// What is wanted by when: an order of so many of a piece by a day, with what was put on days by hand.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, strict, type Kept } from '../words';

const day = (description: string) =>
  Type.String({ pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$', description });

/** One order. */
export const WantedSchema = Type.Object(
  {
    id: Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'its own' }),
    piece: Type.String({ pattern: '^[0-9a-f-]{36}$', description: 'id of a piece of the shelf' }),
    count: count(LIMITS.pieces, 'good ones'),
    done: Type.Optional(
      count({ minimum: 0, maximum: LIMITS.pieces.maximum }, 'of which so many are there'),
    ),
    due: day('out of the box by'),
    from: Type.Optional(day('not before')),
    says: Type.Optional(
      Type.String({ minLength: 1, maxLength: 120, pattern: '\\S', description: 'what for' }),
    ),
    pinned: Type.Optional(
      Type.Record(
        day('a day'),
        count({ minimum: 0, maximum: 1000 }, 'attempts put on it by hand'),
        { ...strict, maxProperties: 200 },
      ),
    ),
  },
  strict,
);
/** An order of a customer's, as it is kept. */
export type WantedDocument = Kept<typeof WantedSchema>;
