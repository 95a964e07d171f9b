// The piece document: what is saved, exported and read back. Lengths m, temperatures °C, times s.
import { Type, type Static } from '@sinclair/typebox';
import { PIECE_FORMAT, PIECE_VERSION } from './format';

const strict = { additionalProperties: false } as const;
const clock = (description: string) =>
  Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$', description });

/** One point of the outside line, base to lip. */
export const ProfilePointSchema = Type.Object(
  {
    height: Type.Number({ minimum: -2, maximum: 2, description: 'above the table, m' }),
    radius: Type.Number({ minimum: 0, maximum: 2, description: 'outer radius, m; 0 on the axis' }),
    wall: Type.Number({
      minimum: 0.0003,
      maximum: 0.5,
      description: 'wall thickness square to the outside, m',
    }),
    corner: Type.Optional(Type.Boolean({ description: 'a crisp edge at this point' })),
  },
  strict,
);

/** A part: for now a piece has one, its body. */
export const PartSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 40 }),
    profile: Type.Array(ProfilePointSchema, { minItems: 3, maxItems: 200 }),
  },
  strict,
);

/** A whole piece. */
export const PieceSchema = Type.Object(
  {
    format: Type.Literal(PIECE_FORMAT),
    version: Type.Literal(PIECE_VERSION),
    name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }),
    notes: Type.String({ maxLength: 4000 }),
    form: Type.Union(
      (['tumbler', 'bowl', 'bottle', 'ball', 'plate'] as const).map((form) => Type.Literal(form)),
    ),
    way: Type.Union([Type.Literal('furnace'), Type.Literal('torch')]),
    glass: Type.String({ pattern: '^[a-z0-9-]{1,40}$', description: 'id of a glass in the rack' }),
    parts: Type.Array(PartSchema, { minItems: 1, maxItems: 1 }),
    making: Type.Object(
      {
        potTemperature: Type.Number({ minimum: 700, maximum: 1500, description: '°C' }),
        ironDiameter: Type.Number({ minimum: 0.004, maximum: 0.08, description: 'm' }),
        dipDepth: Type.Number({ minimum: 0.01, maximum: 0.3, description: 'm' }),
        allowance: Type.Number({ minimum: 0, maximum: 1, description: 'share for moil and trim' }),
        tube: Type.Object(
          {
            outerDiameter: Type.Number({ minimum: 0.002, maximum: 0.3, description: 'm' }),
            wall: Type.Number({ minimum: 0.0003, maximum: 0.05, description: 'm' }),
          },
          strict,
        ),
      },
      strict,
    ),
    firing: Type.Object(
      {
        practice: Type.Union([Type.Literal('fine'), Type.Literal('studio'), Type.Literal('plain')]),
        holdTemperature: Type.Union([
          Type.Number({ minimum: 300, maximum: 800, description: '°C' }),
          Type.Null({ description: 'the glass’s annealing point' }),
        ]),
        firstIn: clock('first piece in, HH:MM'),
        lastIn: clock('last piece in, HH:MM'),
        boxCoolingTime: Type.Number({
          minimum: 600,
          maximum: 604800,
          description: 'time constant of the box with the power off, s',
        }),
        doorTemperature: Type.Number({ minimum: 30, maximum: 200, description: '°C' }),
      },
      strict,
    ),
  },
  {
    ...strict,
    $id: 'https://zanfirico.invalid/schemas/piece-1.json',
    title: 'Zanfirico piece',
    description: 'A planned glass piece. Lengths in metres, temperatures in °C, times in seconds.',
  },
);

export type PieceDocument = Static<typeof PieceSchema>;
export type PiecePoint = Static<typeof ProfilePointSchema>;
