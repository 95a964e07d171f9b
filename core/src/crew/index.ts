// The face of this room: who does what when.
export { planCrew, type CrewPlan } from './crew';
export { INSTEAD } from './instead';
export { ordinaryCrew, ordinaryCrews } from './ordinaryCrews';
export { planPlaced, type CrewPlanned, type ToPlan } from './planPlaced';
export type { Stations } from './stations';
export { waitsFor } from './waits';
