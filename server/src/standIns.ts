// npm run stand-ins: the stand-ins by themselves, for whoever wants them to go on without the server, or to try a Modbus client on them.
import { parseArgs } from 'node:util';
import { DEMO_STAND_INS } from './demo/demoDevices';
import { startStandIns } from './boxes/standIns';

const HELP = `Stand-ins for two annealers (units 1 and 2) and a furnace (unit 3), Modbus TCP on 127.0.0.1

  --port N       port                      (default 1502; 0 takes a free one)
  --speed N      times faster than the clock, 1 to 3600
  --help         this text
`;

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '1502' },
    speed: { type: 'string', default: '1' },
    help: { type: 'boolean', default: false },
  },
});
const [port, speed] = [Number(values.port), Number(values.speed)];
if (values.help) process.stdout.write(HELP);
else if (!/^\d{1,5}$/.test(values.port) || port > 65535) {
  process.stderr.write(`The port is "${values.port}"; it may be 0 to 65535.\n`);
  process.exitCode = 1;
} else if (!(speed >= 1 && speed <= 3600)) {
  process.stderr.write(`The speed is "${values.speed}"; it may be 1 to 3600.\n`);
  process.exitCode = 1;
} else
  startStandIns(DEMO_STAND_INS, port, speed).then(
    (s) => process.stdout.write(`Stand-ins answer at 127.0.0.1:${String(s.port)}, units 1 to 3.\n`),
    (error: unknown) => {
      process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
      process.exitCode = 1;
    },
  );
