// The order of work of a piece, in variants, and who is there. Times s.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, number, oneOf, ownId, strict, type Kept } from '../words';

const skill = () => oneOf(['gaff', 'gather', 'bit', 'blow', 'shield', 'door', 'torch']);

/** The name of a kind of step. */
export const kindName = (description: string) =>
  Type.String({ pattern: '^[a-zA-Z]{1,20}$', description });

/** One step of the order of work. */
export const StepSchema = Type.Object(
  {
    id: ownId(),
    kind: kindName('a kind of the catalogue, or own'),
    name: Type.Optional(Type.String({ maxLength: 60 })),
    part: ownId('id of the part worked'),
    seconds: number(LIMITS.stepSeconds, 's'),
    zone: Type.Optional(oneOf(['all', 'base', 'middle', 'top'])),
    needs: Type.Optional(oneOf(['runny', 'soft', 'workable', 'stiff', 'set'])),
    pinned: Type.Optional(Type.Boolean({ description: 'placing heats leaves it' })),
    to: Type.Optional(ownId('joined to the part of this id')),
    seal: Type.Optional(oneOf(['hot', 'cold', 'glue'])),
    who: Type.Optional(ownId()),
    note: Type.Optional(Type.String({ maxLength: 300 })),
    like: Type.Optional(kindName('the kind an own step is most like')),
  },
  strict,
);

const stations = () => Type.Optional(count(LIMITS.stations));

/** A crew's plan, kept with the steps it was made for: one start and the people of each. */
const CrewPlanSchema = Type.Object(
  {
    starts: Type.Array(number(LIMITS.stepStart, 's from the first gather; less than 0 is ahead'), {
      maxItems: 400,
    }),
    hands: Type.Array(Type.Array(ownId(), { maxItems: 8 }), { maxItems: 400 }),
  },
  strict,
);

/** The order of work, in variants, and who is there. */
export const SequenceSchema = Type.Object(
  {
    chosen: Type.Integer({ minimum: 0, maximum: 7 }),
    helpers: Type.Boolean({ description: 'bits are made beside the main part' }),
    lead: Type.Optional(
      ownId('id of the part everything else is put onto; the vessel when left out'),
    ),
    variants: Type.Array(
      Type.Object(
        {
          name: Type.String({ minLength: 1, maxLength: 40 }),
          steps: Type.Array(StepSchema, { maxItems: 400 }),
          plan: Type.Optional(CrewPlanSchema),
        },
        strict,
      ),
      { maxItems: 8, description: 'none: drafted from the form' },
    ),
    crew: Type.Optional(
      Type.Array(
        Type.Object(
          {
            id: ownId(),
            name: Type.String({ minLength: 1, maxLength: 40, description: 'a role' }),
            skills: Type.Array(skill(), { maxItems: 7 }),
          },
          strict,
        ),
        { maxItems: 8 },
      ),
    ),
    stations: Type.Optional(
      Type.Object(
        { 'glory hole': stations(), bench: stations(), torch: stations() },
        { ...strict, description: 'how many of each there are; one where left out' },
      ),
    ),
  },
  strict,
);

/** A step as a piece keeps it. */
export type PieceStep = Kept<typeof StepSchema>;
/** The orders a piece keeps. */
export type PieceSequence = Kept<typeof SequenceSchema>;
/** One of what hands can do. */
export type Skill = Person['skills'][number];
/** Which end of a part a step works. */
export type Zone = NonNullable<PieceStep['zone']>;
/** Someone of the crew, by role. */
export type Person = NonNullable<PieceSequence['crew']>[number];
/** A crew’s plan as a piece keeps it: each step’s start, s, and its people by id. */
export type NamedPlan = NonNullable<PieceSequence['variants'][number]['plan']>;
