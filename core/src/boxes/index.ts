// The face of this room: controllers and their stand-ins.
export { asItGoes, doorAt, sinceLastIn } from './asItGoes';
export { stepsCurve, stepsOf } from './programme';
export {
  longOf,
  programmeIn,
  programmeWords,
  signed,
  temperatureIn,
  temperatureWord,
  wordOf,
  WORDS_A_LINE,
} from './registers';
export {
  DEVICE_FAULTS,
  DEVICE_STATES,
  LOGGED,
  ORDINARY_SENSOR,
  SimulatedDevice,
  type DeviceFault,
  type DeviceState,
  type Happening,
  type Nature,
} from './simulated';
export { watched, type Deviation, type KilnReading } from './watch';
