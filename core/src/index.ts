// The public face of the core: the glass science and the planning.
export { PRACTICES, type Practice } from './night/practice';
export type { Schedule } from './night/scheduleInput';
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
export { acrossProblem, cutOf, RAYS, type Across } from './form/across';
export { CUTS, cutFor, presetOf, type CutPreset } from './form/cutPresets';
export type { WallHole as WallHole } from './form/holes';
export { widestAt } from './form/widestAt';
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
export type { Bit, BitPlace, BitShape } from './form/bit';
export { bitMesh } from './form/bitMesh';
export { silhouettes, type Silhouette } from './form/silhouette';
export {
  LEAST_POINTS,
  LEAST_WALL,
  MOST_LENGTH,
  MOST_POINTS,
  MOST_WALL,
  type ShapeProblem,
} from './form/checkProfile';
export { lineWithin } from './form/inner';
export { LEAST_BLANK, MOST_BLANK, shrunkBlank } from './form/blank';
export { bezierSpans, tangentAt } from './form/curve';
export {
  arcAt,
  carry,
  flattened,
  onSkin,
  type Carried,
  type PatternFigure as DrawnFigure,
  type OnForm,
  type OnSkin,
} from './form/figure';
export {
  fitsAnnealer,
  fitsGloryHole,
  OVAL_REJECT,
  type Annealer,
  type ClosureFit,
  type GloryHole,
} from './form/fits';
export { FORMS, startingParts, startingProfile, type Form } from './form/forms';
export { measurePart, measureShape, type Shape } from './form/measure';
export {
  joinedMesh,
  measureMesh,
  openEdges,
  turnedMesh,
  weldedMesh,
  type Mesh,
} from './form/mesh';
export { ON_AXIS, profileSpan, type Line, type Profile, type ProfilePoint } from './form/profile';
export {
  BIT_PRESETS,
  newBit,
  newPart,
  PART_PRESETS,
  type BitPreset,
  type PartPreset,
} from './form/presets';
export { restOn, snapTo } from './form/snap';
export { across, stretchMap, type StretchMap } from './form/stretchMap';
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
export { assemblyOrders } from './order/assemblyOrders';
export { draftPlaced, type Drafted, type Stopped } from './order/draftPlaced';
export { placeOnClock } from './iron/placeOnClock';
export { firesFor, potFor, STUDIO_FIRES, type Fires } from './iron/surroundings';
export { beginsAt } from './work/clock';
export { IN_FIRE } from './work/heatPlace';
export { inWords } from './units/inWords';
export { piecesFires, type NamedHole } from './piece/fires';
export { INSTEAD } from './crew/instead';
export { ordinaryCrew, ordinaryCrews } from './crew/ordinaryCrews';
export { ourSeconds, secondsOf, type PaceOfKinds } from './work/durations';
export { lyingBits } from './piece/followed';
export { assess, garageWaits, RISK_WEIGHTS, type Assembly } from './order/assembly';
export type { DraftInput } from './order/draftInput';
export { draftWork } from './order/draftWork';
export { checkOrder, RULES, type Finding } from './order/rules';
export { STEPS } from './work/steps';
export { toolName, TOOLS, toolsOf } from './work/tools';
export type { StepId, Way } from './work/step';
export { planCrew, type CrewPlan } from './crew/crew';
export { planPlaced, type CrewPlanned, type ToPlan } from './crew/planPlaced';
export type { Stations } from './crew/stations';
export type { Person } from './crew/share';
export { waitsFor } from './crew/waits';
export { glow } from './iron/glow';
export { heatOfWork, type HeatTrack, type WorkHeat } from './iron/ofWork';
export { needOf } from './iron/trouble';
export { clockOf, inTurn, withHelpers } from './work/clock';
export { areOne, eachApart, joinOf, partsTogether, unite } from './work/joined';
export type { PlacedHeats } from './iron/placeHeats';
export type { Working } from './iron/passing';
export type { HeatPart } from './iron/hotShop';
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
} from './night/checked';
export { shortestNight, type ShorterNight } from './night/shortest';
export { passesWhere, putThrough, type Assumed, type Outcome } from './night/outcome';
export {
  asRecipe,
  boxLeaves,
  recipeCurve,
  recipeProblems,
  type Recipe,
  type RecipeLine,
} from './night/recipe';
export { follow, type Mishap } from './night/kiln';
export { learnBox, type LearntBox } from './night/learnBox';
export { putAtPlace, putInBox, type InBox } from './night/unevenBox';
export { judgeCurve, type Begun, type JudgedAccident } from './night/accident';
export { whatHelps, type Helped, type Tried } from './night/helps';
export { wouldHelp, type WouldHelp } from './edits/wouldHelp';
export { nightMargins, type Margin, type NightMargins } from './night/margins';
export { warming, type Warming } from './night/warming';
export { readLoggerCsv, type ReadLog } from './night/log';
export { boxOf, climbAt, lossOf, settlesAt, STUDIO_BOX, type Box } from './night/box';
export { CLOSE, IN_HAND, MAY_PASS, SAFETY, WORKING_STRESS } from './night/practice';
export { ARRIVES_UNEVEN } from './night/soak';
export type { Body } from './conduction/lattice';
export { RESTRAINT, type CoolingWall } from './night/allow';
export { LIQUID_RATIO, NONLINEARITY, STRUCTURE_SLOWER } from './night/relaxing/relaxation';
export type { ScheduleInput, Tuned } from './night/scheduleInput';
export type { WallTrace } from './night/recorder';
export type { KilnCurve } from './night/relaxing/walkCurve';
export {
  annealed,
  loadNight,
  stand,
  type PieceInside,
  type Loaded,
  type LoadNight,
  type LoadPiece,
  type StandingInside,
} from './night/load';
export { annealingSchedule } from './night/schedule';
export {
  planWeek,
  type Week,
  type WeekAnnealer,
  type WeekLoad,
  type WeekPiece,
} from './night/week';
export { customaryHolds } from './night/customaryHolds';
export { customaryNight } from './night/customaryNight';
export { flowsAt, sinks, sinksSaid, type Gives } from './night/sinking';
export { exchangeAt, filledWith, heatStep, latticeOf } from './conduction/lattice';
export { KILN_EXCHANGE } from './night/relaxing/exchange';
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
} from './night/section/realSection';
export { MeshProblem, type SectionMesh } from './night/section/mesh';
export { sectionNight, type Moment, type SectionNight } from './night/section/night';
export {
  meshProblem,
  putSection,
  NightStopped,
  type ArrivingBody,
  type DrawnSection,
  type SectionOutcome,
  type Somewhere,
} from './night/section/putSection';
export { elasticBalance } from './night/section/elastic';
export { placeName } from './night/section/placeName';
export { seenThrough, type SeenThrough } from './night/section/polarised';
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
export { fairHole, type AtHole, type Turn } from './class/fairHole';
export { outTooLong, type OutToo } from './class/tooLong';
export { AT_THE_GATHER, gathersTaken, type GatherTaken } from './class/halves';
export { holdAgainst, limitsOf, type HeldAgainst, type Tolerance } from './class/exercise';
export { nextTime, type NextTime } from './class/nextTime';
export { TWO_WORDS } from './class/twoWords';
export { comesNearer, howNear } from './class/overWeeks';
export { biases, ENOUGH_PIECES, type MadeAgainst } from './log/biases';
export { robust, type Robust } from './stats/robust';
export { grouped } from './stats/grouped';
export { leadOf, plannedSeconds } from './making/begun';
export { fitExchange, skinAt, type ReadAt, type ReadMaking } from './log/exchangeFit';
export type { AirExchange } from './iron/surroundings';
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
export { asItGoes, doorAt, sinceLastIn } from './boxes/asItGoes';
export { stepsCurve, stepsOf } from './boxes/programme';
export {
  longOf,
  programmeIn,
  programmeWords,
  signed,
  temperatureIn,
  temperatureWord,
  wordOf,
  WORDS_A_LINE,
} from './boxes/registers';
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
} from './boxes/simulated';
export { watched, type Deviation, type KilnReading } from './boxes/watch';
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
} from './orders/planDays';
export { givenBack, takesOf, type Takes } from './cost/takes';
export { howMany } from './orders/howMany';
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
