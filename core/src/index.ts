// The public face of the core: the glass science and the planning.
export { PRACTICES, type Practice } from './anneal/practice';
export type { Schedule } from './anneal/scheduleInput';
export {
  billetFor,
  canesRound,
  pulledFrom,
  ribAfter,
  ribSpacing,
  turnsFor,
  twistAfter,
  twistAngle,
} from './cane/pickUp';
export { formAt, judgePart, type PartFit, type PlaceFit } from './fit/along';
export { bulkOf, lookThrough, type LightBulk } from './fit/bulk';
export {
  BLACK,
  depthRemark,
  lightOf,
  hexOf,
  luminance,
  over,
  stackOver,
  throughAt,
  WHITE,
  seenFrom,
  toLinear,
  type Light,
  type Seen,
} from './fit/colourDepth';
export type { Colour, ColourForm, GlassForm } from './fit/colour';
export { LEAF, REPRESENTATIVE_COLOURS } from './rack/colours';
export { judgeInclusion } from './fit/inclusion';
export {
  baseOf,
  GOOD_TENSION,
  judgeStack,
  MOST_TENSION,
  NUMBER_TOLERANCE,
  remedies,
  setFall,
  type FitLayer,
  type Remedy,
  type FitGlass,
  type Schools,
  type StackFit,
} from './fit/judgeStack';
export {
  amountVolume,
  asFitGlass,
  layWall,
  stackAt,
  type Amount,
  type LaidColour,
  type WallShare,
} from './fit/lay';
export { judgeOverlays, type BuildUp, type OverlayFit } from './fit/overlays';
export { movesFirst, reaction, reactionFamily } from './fit/reactions';
export { readExpansion } from './fit/reading';
export { bowFor } from './fit/thread';
export { ENOUGH_WEIGH_INS, learnLayer, type Learned, type WeighIn } from './gather/learnLayer';
export type { GatherPlan } from './gather/gatherPlan';
export type { Stage } from './gather/stages';
export { bandSpans, consistency, type BandSpan } from './glass/consistency';
export type { Family, Glass } from './glass/glass';
export { findGlass, REPRESENTATIVE_GLASSES } from './rack/glasses';
export { fitVft, logViscosity, strainOf } from './glass/viscosity';
export { withChanges, type Changes } from './edits/changed';
export { clashKey, merged, type Choices, type Clash } from './edits/merge';
export { scaledPart, scaledWhole, type Walls } from './edits/scale';
export { addBit, bitOn, copyBit, removeBit, sculptureOn } from './edits/bits';
export {
  byId,
  byNumber,
  inHand,
  redraftedSteps,
  namedPlan,
  withPlan,
  withSteps,
  withVariant,
  type KeptOrder,
  type NamedStep,
} from './edits/order';
export { addPart, copyPart, removePart } from './edits/parts';
export { takeIn } from './edits/takenIn';
export { scaledTo, uprighted } from './edits/reference';
export {
  insertAfter,
  insertNear,
  inwardAt,
  mirrorAfter,
  mirrorUpper,
  movePoint,
  raisedPart,
  removePoint,
  setPull,
  setWall,
} from './edits/profile';
export { changeStep, insertStep, moveStep, removeStep, repeatStep } from './edits/steps';
export {
  copiedPoints,
  moveSeveral,
  pastePoints,
  removeSeveral,
  thickenSeveral,
} from './edits/severalPoints';
export { copiedSteps, moveSteps, pasteSteps, removeSteps } from './edits/severalSteps';
export { acrossProblem, cutOf, RAYS, type Across } from './shape/across';
export { CUTS, cutFor, presetOf, type CutPreset } from './shape/cutPresets';
export type { WallHole as WallHole } from './shape/holes';
export { widestAt } from './shape/widestAt';
export {
  bodyOf,
  bodyShells,
  lookOf,
  type GlassBody,
  type PartShell,
  type ShellLook,
} from './piece/body';
export { holdingSeconds, minutesOfDay } from './piece/clock';
export {
  boxFor,
  derive,
  NO_SHOP,
  type Derived,
  type PieceInput,
  type PieceProblem,
  type PlannedBit,
  type PlannedPart,
  type ShopFacts,
} from './piece/derive';
export { ORDINARY_FIRING, ORDINARY_MAKING, ORDINARY_SHOP } from './piece/ordinary';
export { readPart, type Part } from './piece/part';
export { readBit, type BitInput } from './piece/bits';
export type { Remark } from './piece/joins';
export type { Whole } from './piece/whole';
export type { Bit, BitPlace, BitShape } from './shape/bit';
export { bitMesh } from './shape/bitMesh';
export { silhouettes, type Silhouette } from './shape/silhouette';
export {
  LEAST_POINTS,
  LEAST_WALL,
  MOST_LENGTH,
  MOST_POINTS,
  MOST_WALL,
  type ShapeProblem,
} from './shape/checkProfile';
export { lineWithin } from './shape/inner';
export { LEAST_BLANK, MOST_BLANK, shrunkBlank } from './shape/blank';
export { bezierSpans, tangentAt } from './shape/curve';
export {
  arcAt,
  carry,
  flattened,
  onSkin,
  type Carried,
  type PatternFigure as DrawnFigure,
  type OnForm,
  type OnSkin,
} from './shape/figure';
export {
  fitsAnnealer,
  fitsGloryHole,
  OVAL_REJECT,
  type Annealer,
  type ClosureFit,
  type GloryHole,
} from './shape/fits';
export { FORMS, startingParts, startingProfile, type Form } from './shape/forms';
export { measurePart, measureShape, type Shape } from './shape/measure';
export {
  joinedMesh,
  measureMesh,
  openEdges,
  turnedMesh,
  weldedMesh,
  type Mesh,
} from './shape/mesh';
export { ON_AXIS, profileSpan, type Line, type Profile, type ProfilePoint } from './shape/profile';
export {
  BIT_PRESETS,
  newBit,
  newPart,
  PART_PRESETS,
  type BitPreset,
  type PartPreset,
} from './shape/presets';
export { restOn, snapTo } from './shape/snap';
export { across, stretchMap, type StretchMap } from './shape/stretchMap';
export { doubtsOf } from './rack/doubts';
export { checkEntry, type EntryProblem } from './rack/checkEntry';
export {
  QUANTITIES,
  type Given,
  type Quantity,
  type RackEntry,
  type RackFamily,
  type StockLine,
} from './rack/entry';
export { rackLine, rackOf, SHIPPED_RACK, type Rack, type RackLine } from './rack/rack';
export { SPEAKERS, type Speaker, type Spoken } from './rack/resolve';
export { amountKindsFor, stockFor } from './rack/stockFor';
export {
  expectedHalo,
  testedDifference,
  type ChipReading,
  type FitTest,
  type TestGlass,
  type ThreadReading,
} from './rack/fitTest';
export { cutList, type StockCut, type CutList } from './stock/cutList';
export {
  bubbleGlass,
  bubbleWall,
  cylinderGlass,
  discGlass,
  lengthForPull,
  pull,
  stockLength,
  type Stock,
} from './stock/moves';
export { hasBore, type StockPlan } from './stock/stockPlan';
export {
  begins,
  factsOf,
  onTheClock,
  SKILLS,
  type Skill,
  type WorkStep,
  type Zone,
} from './work/facts';
export { ruleParts, workOf } from './piece/workPlan';
export { GLYPH_UNIT, glyphOf, type Glyph, type GlyphLine } from './piece/glyph';
export { shelfFacts, type ShelfFacts } from './piece/shelfFacts';
export { annealerIn, ANYBODY, learnedBy, madeIn, ofHand, shopFacts } from './piece/shopFacts';
export { assemblyOrders } from './sequence/assemblyOrders';
export { draftPlaced, type Drafted, type Stopped } from './sequence/draftPlaced';
export { placeOnClock } from './heat/placeOnClock';
export { firesFor, potFor, STUDIO_FIRES, type Fires } from './heat/surroundings';
export { beginsAt } from './work/clock';
export { IN_FIRE } from './work/heatPlace';
export { inWords } from './units/inWords';
export { piecesFires, type NamedHole } from './piece/fires';
export { INSTEAD } from './crew/instead';
export { ordinaryCrew, ordinaryCrews } from './crew/ordinaryCrews';
export { ourSeconds, secondsOf, type PaceOfKinds } from './work/durations';
export { lyingBits } from './piece/followed';
export { assess, garageWaits, RISK_WEIGHTS, type Assembly } from './sequence/assembly';
export type { DraftInput } from './sequence/draftInput';
export { draftWork } from './sequence/draftWork';
export { checkOrder, RULES, type Finding } from './sequence/rules';
export { STEPS } from './work/steps';
export { toolName, TOOLS, toolsOf } from './work/tools';
export type { StepId, Way } from './work/step';
export { planCrew, type CrewPlan } from './crew/crew';
export { planPlaced, type CrewPlanned, type ToPlan } from './crew/planPlaced';
export type { Stations } from './crew/stations';
export type { Person } from './crew/share';
export { waitsFor } from './crew/waits';
export { glow } from './heat/glow';
export { heatOfWork, type HeatTrack, type WorkHeat } from './heat/ofWork';
export { needOf } from './heat/trouble';
export { clockOf, inTurn, withHelpers } from './work/clock';
export { areOne, eachApart, joinOf, partsTogether, unite } from './work/joined';
export type { PlacedHeats } from './heat/placeHeats';
export type { Working } from './heat/passing';
export type { HeatPart } from './heat/hotShop';
export { readQuantity } from './units/parse';
export { writtenWith, printDuration, printForField, printQuantity, printText } from './units/print';
export {
  displayUnit,
  fromSI,
  METRIC,
  type DisplayUnits,
  type QuantityKind,
  type TypedKind,
  METRES_PER_INCH,
} from './units/quantity';
export { GRADE, type Figure, type Verdict, type Why } from './units/why';
export {
  checkedSchedule,
  firstGuess,
  NIGHT_SOLVER,
  seenAs,
  type CheckedNight,
  type Watching,
} from './anneal/checked';
export { shortestNight, type ShorterNight } from './anneal/shortest';
export { passesWhere, putThrough, type Assumed, type Outcome } from './anneal/outcome';
export {
  asRecipe,
  boxLeaves,
  recipeCurve,
  recipeProblems,
  type Recipe,
  type RecipeLine,
} from './anneal/recipe';
export { follow, type Mishap } from './anneal/kiln';
export { learnBox, type LearntBox } from './anneal/learnBox';
export { putAtPlace, putInBox, type InBox } from './anneal/unevenBox';
export { judgeCurve, type Begun, type JudgedAccident } from './anneal/accident';
export { whatHelps, type Helped, type Tried } from './anneal/helps';
export { wouldHelp, type WouldHelp } from './edits/wouldHelp';
export { nightMargins, type Margin, type NightMargins } from './anneal/margins';
export { warming, type Warming } from './anneal/warming';
export { readLoggerCsv, type ReadLog } from './anneal/log';
export { boxOf, climbAt, lossOf, settlesAt, STUDIO_BOX, type Box } from './anneal/box';
export { CLOSE, IN_HAND, MAY_PASS, SAFETY, WORKING_STRESS } from './anneal/practice';
export { ARRIVES_UNEVEN } from './anneal/soak';
export type { Body } from './conduction/lattice';
export { RESTRAINT, type CoolingWall } from './anneal/allow';
export { LIQUID_RATIO, NONLINEARITY, STRUCTURE_SLOWER } from './anneal/relaxing/relaxation';
export type { ScheduleInput, Tuned } from './anneal/scheduleInput';
export type { WallTrace } from './anneal/recorder';
export type { KilnCurve } from './anneal/relaxing/walkCurve';
export {
  annealed,
  loadNight,
  stand,
  type PieceInside,
  type Loaded,
  type LoadNight,
  type LoadPiece,
  type StandingInside,
} from './anneal/load';
export { annealingSchedule } from './anneal/schedule';
export {
  planWeek,
  type Week,
  type WeekAnnealer,
  type WeekLoad,
  type WeekPiece,
} from './anneal/week';
export { customaryHolds } from './anneal/customaryHolds';
export { customaryNight } from './anneal/customaryNight';
export { flowsAt, sinks, sinksSaid, type Gives } from './anneal/sinking';
export { exchangeAt, filledWith, heatStep, latticeOf } from './conduction/lattice';
export { KILN_EXCHANGE } from './anneal/relaxing/exchange';
export {
  grown,
  isNarrow,
  meshOfSection,
  ORDINARY_STANDING,
  seesOf,
  sightOf,
  type RealSection,
  type SectionStanding,
  type SectionStands,
} from './anneal/section/realSection';
export { MeshProblem, type SectionMesh } from './anneal/section/mesh';
export { sectionNight, type Moment, type SectionNight } from './anneal/section/night';
export {
  meshProblem,
  putSection,
  NightStopped,
  type ArrivingBody,
  type DrawnSection,
  type SectionOutcome,
  type Somewhere,
} from './anneal/section/putSection';
export { elasticBalance } from './anneal/section/elastic';
export { placeName } from './anneal/section/placeName';
export { seenThrough, type SeenThrough } from './anneal/section/polarised';
export { interferenceColour, TINT_PLATE } from './fit/interference';
export { realSectionOf } from './piece/realSection';
export { arrivingFrom } from './piece/arriving';
export {
  fireNow,
  makingState,
  ranFor,
  takenSeconds,
  type Happened,
  type MakingState,
  type PlannedStep,
  type StepStands,
} from './making/makingState';
export { HEAT_SPREAD, heatNow, type GlassNow } from './making/makingHeat';
export { forecast, type Forecast, type Held, type PlanClock } from './making/forecast';
export { holding } from './making/holding';
export { madeState, type MadePlan } from './making/made';
export { takenOnTime } from './making/onTime';
export { benchPlan, type BenchPlan } from './making/benchPlan';
export { heatWanted, type HeatWanted } from './making/heatWanted';
export { oddities } from './making/oddities';
export { paceOf, tookOf, type Pace, type TookOnce } from './making/ours';
export { lookedBack, type LookedBack } from './making/lookedBack';
export { REMEDIES } from './making/remedies';
export { CAUSES, causeSays, FACE, WHEN, WHERE, type BreakSeen, type CauseId } from './log/breaks';
export { diagnose, type Diagnosis, type History } from './log/diagnose';
export { type Evidence } from './log/evidence';
export { lossesBy, timesBy, type Losses, type Times } from './log/losses';
export { changeIn, runsOf } from './log/runs';
export { mirrorStress } from './log/mirror';
export {
  FLAWS,
  MEASURES,
  morningOf,
  OUTCOMES,
  type CameOut,
  type Flaw,
  type Measure,
  type Morning,
} from './log/morning';
export { against, drawnOf, BY_SHARE, LET_PASS, type Against } from './log/against';
export { COLOURS_SEEN, stressSeen } from './log/seen';
export { whereOn } from './log/whereOn';
export { besideSteps, besideSum } from './log/beside';
export { fairHole, type AtHole, type Turn } from './teach/fairHole';
export { outTooLong, type OutToo } from './teach/tooLong';
export { AT_THE_GATHER, gathersTaken, type GatherTaken } from './teach/halves';
export { holdAgainst, limitsOf, type HeldAgainst, type Tolerance } from './teach/exercise';
export { nextTime, type NextTime } from './teach/nextTime';
export { TWO_WORDS } from './teach/twoWords';
export { comesNearer, howNear } from './teach/overWeeks';
export { biases, ENOUGH_PIECES, type MadeAgainst } from './log/biases';
export { robust, type Robust } from './stats/robust';
export { grouped } from './stats/grouped';
export { leadOf, plannedSeconds } from './making/begun';
export { fitExchange, skinAt, type ReadAt, type ReadMaking } from './log/exchangeFit';
export type { AirExchange } from './heat/surroundings';
export { planChange, type PlanChange } from './log/change';
export { asMade } from './making/asMade';
export { asDone } from './making/happened';
export { neckRead, recordOf } from './log/recordOf';
export { wilson } from './log/wilson';
export { cook, CHARGED, MELT_HEAT, MELTING, SEED, type Charged, type Cooked } from './pot/charge';
export { potDepth, potMass, potRadius, type PotForm } from './pot/form';
export { entriesOf, ledger } from './pot/ledger';
export { daysLeft, levelAt, usedADay } from './pot/level';
export { ORDINARY_POT } from './pot/ordinary';
export { spoilt } from './pot/spoilt';
export { asItGoes, doorAt, sinceLastIn } from './device/asItGoes';
export { stepsCurve, stepsOf } from './device/programme';
export {
  longOf,
  programmeIn,
  programmeWords,
  signed,
  temperatureIn,
  temperatureWord,
  wordOf,
  WORDS_A_LINE,
} from './device/registers';
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
} from './device/simulated';
export { watched, type Deviation, type KilnReading } from './device/watch';
export {
  attemptsFor,
  benchHour,
  cheaper,
  costOf,
  type Attempt,
  type Cheaper,
  type CostLine,
  type CostPart,
} from './cost/cost';
export { pricesOf, type ShopPrices } from './cost/ordinary';
export {
  planDays,
  type OrderOutcome,
  type PotFor,
  type DaysAsked,
  type DaysPlan,
  type WantedPiece,
} from './wanted/planDays';
export { givenBack, takesOf, type Takes } from './cost/takes';
export { howMany } from './wanted/howMany';
export { buckets } from './pot/scrap';
export { stiffens } from './pot/stiffens';
export { firingLines, settlesAtHeight } from './kiln/firing';
export { rounds, type Fuse } from './kiln/flow';
export {
  areaOf,
  outlineBounds,
  cutAt,
  outlineOf,
  LAID_KINDS,
  SOLID,
  standsAt,
  volumeOf,
  type LaidCut,
  type Laid,
  type LaidAs,
  type LaidShape,
  type ShelfSpot,
} from './kiln/laid';
export {
  mouldDepth,
  mouldProblem,
  MOULDS,
  sheetFor,
  type Mould,
  type MouldKind,
} from './kiln/mould';
export { castFor, firePiece, type FiredOnce, type FiredPiece, type Hung } from './kiln/firedPiece';
export { AIMS, type Aim, type KilnFiring, type KilnWork } from './kiln/kilnWork';
export { flowFor, flowOf, hotStretch, PROCESS, processFor } from './kiln/process';
export { warmTogether, type ToWarm, type WarmsTogether } from './kiln/warmTogether';
export { formPart, kilnWall } from './piece/fromKiln';
export { PACKED_SHARE, reservoirTall, type Packed } from './kiln/cast';
export { hangsAt, slid, slump } from './kiln/slump';
export { meetings, type Meeting } from './kiln/neighbours';
export { judgeFiring, type FiringRemark } from './kiln/judgeFiring';
export {
  freshFiring,
  freshKiln,
  KILN_STARTS,
  ORDINARY_MOULD,
  ORDINARY_SHEETS,
  SHEET,
  type KilnStart,
} from './kiln/fresh';
export {
  cutSheets,
  KEEPS,
  stockAfter,
  type SheetBlank,
  type CutSheet,
  type StockSheet,
} from './kiln/sheets';
export { isPlain, mark, messageOf, speak, tr, trSense, trWord, type Tongue } from './words/tr';
