/*
 * The core: everything that is computed, with no interface, database, clock or chance of its own.
 */
export type * from './units/ids.js';
export { makeRng } from '@loyal-mane/engine';
export type { Rng } from '@loyal-mane/engine';
export { hashText } from './units/hash.js';
export { addDays, daysBetween, isLocalDay, wallMinutes, weekday } from './time/localDay.js';
export type { Instant, LocalDay, WallTime } from './time/localDay.js';
export { instantToMs, isZone, localDayOf, msToInstant, wallTimeOf, wallToInstant, wallToMs } from './time/zone.js';
export { SLOT_MIN, SLOT_MS, SlotGrid, slotsOf } from './time/slotGrid.js';
export { COAT_CLASSES, columnOf } from './coat/coatClass.js';
export type { CoatClass, CoatColumn } from './coat/coatClass.js';
export { ZONE_IDS, ZONE_REGIONS, hairShares } from './coat/zones.js';
export type { ZoneFacts, ZoneId, ZoneRegion, ZoneSide } from './coat/zones.js';
export { DEFAULT_BODY, bodyRow } from './outline/bodyRow.js';
export type { BodyRow, Hair, HairMap } from './outline/bodyRow.js';
export { closedSpline, signedArea } from './outline/spline.js';
export type { Point } from './outline/spline.js';
export { PART_IDS, frameOf, landmarksOf } from './outline/template.js';
export type { PartId } from './outline/template.js';
export { dogOutline, pathOf, silhouettePaths, viewIn } from './outline/dogOutline.js';
export type { DogOutline, View } from './outline/dogOutline.js';
export { zoneShapes } from './outline/zonePartition.js';
export type { ZoneShape } from './outline/zonePartition.js';
export { PLAN_SIDES, planView } from './outline/planViews.js';
export type { PlanSide, PlanView, PlanZone } from './outline/planViews.js';
export { LENS_PLACES, lensesOf } from './outline/lensZones.js';
export type { Lens, LensPlace, LensZone } from './outline/lensZones.js';
export { TRIM_MAP_IDS, mayCut } from './coat/trimMap.js';
export type { CutAnswer, CutFacts, CutKind, CutRefusal, Finish, TrimMap, TrimMapId } from './coat/trimMap.js';
export { REFERENCE_KG, REFERENCE_SURFACE_M2, bodySurfaceM2 } from './coat/bodySurface.js';
export {
  CHANGED_PARTS,
  COAT_COLORS,
  CONSENTS,
  DOG_STATES,
  DOG_MEASURES,
  IRREVERSIBLE_TRIMS,
  GROUNDS,
  PRACTICE_OUTCOMES,
  PRODUCT_IDS,
  ROLES,
  SETTLED,
  SKILLS,
  STATION_KINDS,
  STEP_IDS,
  TIGHTNESSES,
  TOOL_KINDS,
  USE_SCOPES,
  WORK_STATES,
  ZONE_TESTS,
} from './kennel/vocabulary.js';
export type * from './kennel/vocabulary.js';
export { RULES_OF_SHOWS, RULE_VALUES, SCHOOL_IDS, SIDES } from './kennel/choices.js';
export type * from './kennel/choices.js';
export { KENNEL_FORMAT, KENNEL_VERSION, KennelFileSchema } from './kennel/kennelFile.js';
export type * from './kennel/kennelFile.js';
export {
  KENNEL_LISTS,
  SETTINGS_ID,
  applyChanges,
  changedFields,
  changesBetween,
  fitChange,
  inverseOf,
  rowsOf,
  sameValue,
} from './kennel/rowChange.js';
export type { Fitted, KennelList, KennelRow, RowChange } from './kennel/rowChange.js';
export { removalOf } from './kennel/removal.js';
export { DogRecord } from './kennel/dogRecord.js';
export type { KennelDog } from './kennel/dogRecord.js';
export { PersonRecord } from './kennel/personRecord.js';
export type { KennelPerson } from './kennel/personRecord.js';
export { BreedRecord, IntervalChange, MethodsRecord, ProductChange, StepChange } from './kennel/methodsRecord.js';
export type * from './kennel/methodsRecord.js';
export { DogPartsSchema, MethodPartsSchema, PersonPartsSchema } from './kennel/recordParts.js';
export type { DogParts, DogRecordParts, MethodParts, Patch, PersonParts } from './kennel/recordParts.js';
export { kennelOnDay, shiftKennel } from './kennel/shiftKennel.js';
export type * from './programs/careLibrary.js';
export { cooperationFactor } from './programs/cooperation.js';
export { DEFAULT_FACTORS, DEFAULT_SPREAD, estimate, overgrownFactor } from './programs/estimate.js';
export type { Estimate, EstimateFacts } from './programs/estimate.js';
export {
  DEFAULT_DAY_SPREAD,
  DEFAULT_DOG_SPREAD,
  DEFAULT_ODD_SPREADS,
  DEFAULT_PERSON_SPREAD,
  learnPace,
} from './programs/pace.js';
export type { LearnedPace, Pace, PaceLog, PaceSpreads } from './programs/pace.js';
export { STRIPPING_AREAS, strippingArea } from './programs/stripping.js';
export { applyEdits, PROGRAM_PARTS } from './programs/programEdit.js';
export type { ProgramEdit, ProgramPart } from './programs/programEdit.js';
export { DEFAULT_USUAL_LENGTH, lengthFactor } from './programs/hairLength.js';
export { firstSide } from './programs/sideOrder.js';
export type { FirstSide } from './programs/sideOrder.js';
export { chooseSides, otherSide, refusalOf, usualSide } from './programs/schools.js';
export type { Chosen, ChosenBy, School, SchoolContext, SchoolRefusal, SchoolSide } from './programs/schools.js';
export { DEFAULT_DRYER_HOURS, UNKNOWN_RULES, dryerHours, ruleEdits, rulesOf, turnedHours } from './programs/ruleSet.js';
export type { RuleEdit, RuleSet } from './programs/ruleSet.js';
export { WASH_STEPS, dogProgram, standMinutesOf } from './programs/dogProgram.js';
export type { DogProgram, DropReason, DroppedStep, ProgramNote } from './programs/dogProgram.js';
export { DEFAULT_PRACTICE_DAYS, barOf, isIrreversible, needsOfCoat } from './programs/mayTrim.js';
export type { ToolNeed, TrimBar } from './programs/mayTrim.js';
export { DEFAULT_LEAST_TRIM_SHARE, trimDogOf, trimZonesOf, unlockedShare } from './programs/trimZones.js';
export type { TrimDog, TrimZones } from './programs/trimZones.js';
export { DEFAULT_SETTLE_AGREE, holdMinutes, settlesWhen, settlingEdits } from './programs/settling.js';
export { changedProgram, countsDays, nthStep } from './programs/programChange.js';
export { bodyLengthCm, breedFactsOf, withKennelBreeds } from './programs/kennelBreeds.js';
export {
  BATH_PURPOSES,
  DEFAULT_CLARIFY_DAYS,
  DEFAULT_WHITEN_GAP_DAYS,
  bathProducts,
  finishProducts,
  neatMl,
  removalList,
  zonesOfColor,
} from './programs/products.js';
export type {
  BathPurpose,
  Product,
  ProductAdvice,
  ProductDog,
  ProductWhy,
  ProductZones,
  Rinse,
} from './programs/products.js';
export { productFaults, withKennelProducts } from './programs/kennelProducts.js';
export type { ProductFault, Products } from './programs/kennelProducts.js';
export { allowedNoiseMin, noiseDosePercent } from './programs/noiseDose.js';
export {
  DEFAULT_PUPPY_DAYS,
  coatClassOf,
  estimateFacts,
  hasPaleRoots,
  holds,
  isCleanFaced,
  isPuppy,
  mayGoUnbathed,
  noEntry,
  undercoatLoad,
  undercoatLoadAt,
} from './programs/dogFacts.js';
export { stageOf } from './programs/dogFacts.js';
export { falsePregnancyAbout, isDropping, isIn, stateHolds, zonesLeftAlone } from './programs/dogStates.js';
export type { CoatStage, EntryFacts } from './programs/dogFacts.js';
export type * from './plan/plan.js';
export { comparePlans } from './plan/plan.js';
export { crewMinutes, planEffect } from './plan/suppose/planEffect.js';
export type { PlanEffect } from './plan/suppose/planEffect.js';
export type {
  TaskFields,
  Chain,
  ChainFields,
  ChainKind,
  ProblemDog,
  ProblemFields,
  ProblemPerson,
  ProblemStation,
} from './plan/problem.js';
export { DEFAULT_WEIGHTS, Problem, Task, aimAfter, dayOfSlot } from './plan/problem.js';
export { WorkingSchedule } from './plan/workingSchedule.js';
export { DEFAULT_ROUNDS, searchPlan } from './plan/search/searchPlan.js';
export type { SearchOptions, SearchProgress, SearchResult } from './plan/search/searchPlan.js';
export { idealStartIn, movesOf, roomInChain } from './plan/explain/moves.js';
export { BLOCKERS, explainPlace } from './plan/explain/explain.js';
export type { Blocker, SlotReason } from './plan/explain/explain.js';
export { RULES, validatePlan } from './plan/validate/validatePlan.js';
export type { Fault, RuleCode } from './plan/validate/validatePlan.js';
export { extraPerson, extraStations } from './plan/explain/supposedProblems.js';
export { whyNot } from './plan/explain/whyNot.js';
export type { SlotRemedy, SlotWhyNot } from './plan/explain/whyNot.js';
export { programFaults } from './plan/validate/programFaults.js';
export type { ProgramFault } from './plan/validate/programFaults.js';
export { latestStarts } from './plan/explain/spare.js';
export { HORIZON_DAYS, makePlanInput } from './plan/assemble/planInput.js';
export { assembleProblem } from './plan/assemble/assemble.js';
export type { Assembled } from './plan/assemble/assemble.js';
export { workedMs } from './plan/assemble/stepDrafts.js';
export { TaskWindows } from './plan/suppose/taskWindows.js';
export type { StartStretch, TaskStarts } from './plan/suppose/taskWindows.js';
export { overtimeMinutes, whatIf, withChange } from './plan/suppose/whatIf.js';
export type { OddsChange, WhatIf, WhatIfChange, WhatIfOptions, WhatIfSide } from './plan/suppose/whatIf.js';
export { DEFAULT_PLAYS, boundOfPlan, oddsOfPlan } from './plan/measure/measure.js';
export { DEFAULT_SEED, planKennel, taskRoom } from './plan/planKennel.js';
export { assembledFor, scheduleOf } from './plan/placedPlan.js';
export { chainWhy } from './plan/explain/unplacedChains.js';
export type { ChainWhy } from './plan/explain/unplacedChains.js';
export type { PlanOptions, TaskRoom } from './plan/planKennel.js';
export { WORK_COMMANDS, WORK_REFUSALS, applyWorkCommand } from './work/taskWork.js';
export type { WorkCommand, WorkOrder, WorkOutcome, WorkRefusal } from './work/taskWork.js';
export { coatAfter, gatedZones } from './work/coatAfter.js';
export type { CoatMarks } from './work/coatAfter.js';
export { REACHES_D, countBackScale, ticksOf } from './view/countBackScale.js';
export type { CountBackScale, Tick } from './view/countBackScale.js';
export { coatProgram, keepUpRows, programChain } from './view/programChain.js';
export type { ChainStep, KeepUpRow } from './view/programChain.js';
export { layoutCapsules } from './view/capsules.js';
export type { Capsule, StrandMark } from './view/capsules.js';
export { countdown } from './view/countdown.js';
export type {
  Countdown,
  CountdownDay,
  CountdownRow,
  MarkState,
  RoomKennel,
  RoomWork,
  StrandStep,
} from './view/countdown.js';
export { bundlesOf, daySheet } from './view/daySheet.js';
export type { Block, Bundle, DaySheet, Lane, SheetKennel, SheetWork, Span, StationLane } from './view/daySheet.js';
export { DOGS_PER_DAY, DOGS_PER_HOUR, ringTimeAt } from './ring/judgingRate.js';
