// A box or furnace with a controller that can be asked: where it answers, what its registers mean; what is sent to it and read from it.
import { Type } from '@sinclair/typebox';
import { LIMITS } from '../limits';
import { count, number, oneOf, ownId, shopName, strict, type Kept } from '../words';

const address = (description: string) => count({ minimum: 0, maximum: 65535 }, description);

/** Where a controller keeps what, one word each but where it is said; a word that is left out it does not have. */
export const RegistersSchema = Type.Object(
  {
    scale: count({ minimum: 1, maximum: 1000 }, 'units of a word to the degree: 10 for tenths'),
    read: oneOf(['input', 'holding'], { description: 'which table what is read lies in' }),
    temperature: address('now'),
    lower: Type.Optional(address('of a second, colder place')),
    setPoint: Type.Optional(address('what it goes by now')),
    output: Type.Optional(address('of its power, in thousandths')),
    state: Type.Optional(address('0 idle, 1 runs, 2 held, 3 done, 4 faulty')),
    step: Type.Optional(address('which step runs, the first is 1')),
    faults: Type.Optional(address('a bit each: thermocouple, element, door, power was away')),
    elapsed: Type.Optional(
      address('since its programme was begun, s, two words, the high one first'),
    ),
    /** Holding registers, written to. */
    command: Type.Optional(address('1 start, 2 hold, 3 go on, 4 stop')),
    standAt: Type.Optional(address('a temperature to be held until told otherwise')),
    steps: Type.Optional(
      address(
        'how many steps; three words each follow: to, rate an hour (0 as fast as it can), hold in minutes',
      ),
    ),
    mostSteps: Type.Optional(count({ minimum: 1, maximum: 40 }, 'so many steps fit')),
    log: Type.Optional(
      Type.Object(
        {
          count: address('how many minutes its own log has'),
          page: address('a holding register: which page of the log is shown'),
          from: address('its temperatures, a minute each, the newest first'),
          each: count({ minimum: 1, maximum: 120 }, 'minutes a page'),
        },
        strict,
      ),
    ),
  },
  strict,
);
/** Where a controller keeps what: its map of registers. */
export type Registers = Kept<typeof RegistersSchema>;

/** Where everything lies in the stand-in, and in a device until it is said otherwise. */
export const ORDINARY_REGISTERS: Registers = {
  scale: 10,
  read: 'input',
  temperature: 0,
  setPoint: 1,
  output: 2,
  state: 3,
  step: 4,
  faults: 5,
  lower: 6,
  elapsed: 7,
  command: 0,
  standAt: 1,
  steps: 10,
  mostSteps: 30,
  log: { count: 11, page: 2, from: 100, each: 120 },
};

/** A device as the studio set it up. */
export const DeviceSchema = Type.Object(
  {
    id: ownId('what its readings call it'),
    kind: oneOf(['annealer', 'furnace']),
    of: shopName('name of the annealer, or id of the pot, it heats'),
    host: Type.String({
      minLength: 1,
      maxLength: 253,
      pattern: '^[A-Za-z0-9.:-]+$',
      description:
        'a name or an address in the studio’s own network; “stand-in” for one that ships with this',
    }),
    port: count({ minimum: 1, maximum: 65535 }),
    unit: count({ minimum: 0, maximum: 247 }, 'unit id'),
    fahrenheit: Type.Boolean({ description: 'its controller is set to °F' }),
    every: count({ minimum: 1, maximum: 300 }, 'read every so many s'),
    registers: RegistersSchema,
  },
  strict,
);
/** A device as it is set up. */
export type DeviceDocument = Kept<typeof DeviceSchema>;

/** A host of a device that is one of the stand-ins this server runs. */
export const STAND_IN = 'stand-in';

const steps = () =>
  Type.Array(
    Type.Object(
      {
        to: number(LIMITS.recipeTemperature, '°C'),
        rate: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 10, description: 'K/s' })),
        hold: Type.Optional(number(LIMITS.recipeHold, 's')),
      },
      strict,
    ),
    { minItems: 1, maxItems: 40 },
  );

/** A programme to be sent, with what it is for: the load of a night, by piece and how many. */
export const SendBody = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' }),
    lines: steps(),
    lastIn: number({ minimum: 0, maximum: 31_622_400 }, 'of its start to the last piece in, s'),
    night: Type.Optional(
      Type.Object(
        {
          inBox: Type.Record(
            Type.String({ pattern: '^[0-9a-f-]{36}$' }),
            count({ minimum: 1, maximum: 1000 }),
            { ...strict, maxProperties: 200 },
          ),
          practice: oneOf(['fine', 'studio', 'plain']),
          inHand: number({ minimum: 0, maximum: 0.9 }),
          hold: Type.Optional(number(LIMITS.recipeTemperature, '°C')),
          door: number(LIMITS.recipeTemperature, '°C'),
        },
        strict,
      ),
    ),
  },
  strict,
);
/** A programme to be sent, and the night it is for. */
export type SendProgramme = Kept<typeof SendBody>;

/** One thing a device is told to do, by a person's key. */
export const DoBody = Type.Union([
  Type.Object({ what: oneOf(['start', 'hold', 'go on', 'stop']) }, strict),
  Type.Object(
    { what: Type.Literal('stand at'), celsius: number(LIMITS.recipeTemperature, '°C') },
    strict,
  ),
]);
/** What a controller is told to do. */
export type DeviceDo = Kept<typeof DoBody>;

/** Something made to happen to a stand-in. */
export const HappenBody = Type.Union([
  Type.Object(
    {
      kind: oneOf(['power off', 'door open']),
      seconds: number({ minimum: 1, maximum: 86_400 }, 's of its own time'),
    },
    strict,
  ),
  Type.Object({ kind: oneOf(['thermocouple breaks', 'all mended']) }, strict),
  Type.Object(
    { kind: Type.Literal('element ages'), left: number({ minimum: 0, maximum: 1 }) },
    strict,
  ),
  Type.Object(
    {
      kind: Type.Literal('speed'),
      times: number({ minimum: 1, maximum: 3600 }, 'times faster than the clock'),
    },
    strict,
  ),
]);
/** What is let happen to a stand-in. */
export type DeviceHappen = Kept<typeof HappenBody>;

/** A programme that was sent, read back and found the same. Moments in ms since 1970. */
export interface SentRun {
  readonly id: number;
  readonly device: string;
  readonly sentAt: number;
  readonly startedAt?: number | undefined;
  readonly endedAt?: number | undefined;
  readonly sent: SendProgramme;
}

/** One reading as it is kept: ms since 1970, °C, of one, s since its programme was begun. */
export interface DeviceReading {
  readonly at: number;
  readonly temperature?: number | undefined;
  readonly lower?: number | undefined;
  readonly setPoint?: number | undefined;
  readonly output?: number | undefined;
  readonly state?: string | undefined;
  readonly step?: number | undefined;
  readonly faults?: readonly string[] | undefined;
  readonly elapsed?: number | undefined;
}

/** A device now. */
export interface DeviceNow {
  readonly device: DeviceDocument;
  /** Whether it answered last; else why not. */
  readonly answers: boolean;
  readonly says?: string | undefined;
  readonly reading?: DeviceReading | undefined;
  readonly run?: SentRun | undefined;
  /** Its programme is no longer the one that was sent: somebody changed it at the controller, or another master did. */
  readonly changed?: boolean | undefined;
  /** Of a stand-in: times faster than the clock. */
  readonly speed?: number | undefined;
}

/** Readings gathered for a drawing: the lowest and the highest of each stretch. */
export interface ReadingStretch {
  readonly at: number;
  readonly low: number;
  readonly high: number;
  readonly mean: number;
}
