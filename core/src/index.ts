/*
 * The core: everything that is computed, with no interface, database, clock or chance of its own.
 */
export type * from './units/ids.js';
export { makeRng } from '@loyal-mane/engine';
export type { Rng } from '@loyal-mane/engine';
export { EVENT_KINDS } from './kennel/eventKind.js';
export type { EventKind } from './kennel/eventKind.js';
export { addDays, daysBetween, isLocalDay, wallMinutes, weekday } from './time/localDay.js';
export type { Instant, LocalDay, WallTime } from './time/localDay.js';
export { instantToMs, isZone, localDayOf, msToInstant, wallTimeOf, wallToMs } from './time/zone.js';
export { COAT_CLASSES, columnOf } from './coat/coatClass.js';
export type { CoatClass, CoatColumn } from './coat/coatClass.js';
export { ZONE_IDS, hairShares } from './coat/zones.js';
export type { ZoneFacts, ZoneId, ZoneRegion } from './coat/zones.js';
export { bodyRow } from './outline/bodyRow.js';
export type { BodyRow, HairMap } from './outline/bodyRow.js';
export { closedSpline } from './outline/spline.js';
export type { Point } from './outline/spline.js';
export { PART_IDS, frameOf } from './outline/template.js';
export type { PartId } from './outline/template.js';
export { dogOutline, pathOf, silhouettePaths, viewIn } from './outline/dogOutline.js';
export type { DogOutline, View } from './outline/dogOutline.js';
export { zoneShapes } from './outline/zonePartition.js';
export type { ZoneShape } from './outline/zonePartition.js';
export { planView } from './outline/planViews.js';
export type { PlanView } from './outline/planViews.js';
export { lensesOf } from './outline/lensZones.js';
export type { Lens, LensPlace } from './outline/lensZones.js';
export { daysUntilMm, grownMm, learnGrowth, ungrownMm } from './outline/hairGrowth.js';
export type { Growth, GrowthPrior, MeasuredHair } from './outline/hairGrowth.js';
export { stationsOf, tipAt } from './outline/stations.js';
export type { Station } from './outline/stations.js';
export { MOST_MOVEMENTS, MOST_OUTLINES } from './kennel/dogRecord.js';
export { coatDepthsOn, outlineProblem, solveOutline } from './outline/outlineModel.js';
export type { OutlineAnswer, OutlineAsk } from './outline/outlineModel.js';
export { areasBetween, bodyRings, coatRings, ringPath, roughRings, tipLines } from './outline/outlineDrawing.js';
export { outlineDataOf, outlineSvg } from './outline/outlineSvg.js';
export { outlineFaults } from './kennel/outlineFile.js';
export type { OutlineFault, OutlineFile } from './kennel/outlineFile.js';
export { BODY_FAULTS, bodyFaults } from './outline/bodyFaults.js';
export type { BodyFault } from './outline/bodyFaults.js';
export { solvePoses } from './outline/twoPoses.js';
export { tracePhoto } from './outline/photoTrace.js';
export type { PhotoTrace, Pixels } from './outline/photoTrace.js';
export { zoneDifferences } from './outline/compareOutlines.js';
export { stationCuts, zoneCuts } from './outline/outlineCuts.js';
export type { MmRange, ZoneCut } from './outline/outlineCuts.js';
export { DEFAULT_PULLS } from './outline/balanceRows.js';
export { MOST_LINE_MM, OUTLINE_LINES, lineStations } from './outline/outlineLines.js';
export type { LineEnds, OutlineLine, SetLines } from './outline/outlineLines.js';
export { TIP_LOWERED, WIDTH_VIEWS, widthMarks, widthSide } from './outline/widthViews.js';
export type { ThroatV, WidthPlace, WidthView } from './outline/widthViews.js';
export { outlineFit } from './outline/outlineFit.js';
export type { OutlineFit } from './outline/outlineFit.js';
export { liftsOf } from './outline/lift.js';
export type { ZoneLift } from './outline/lift.js';
export { CORRECTION_IDS } from './outline/corrections.js';
export type { CorrectionAmounts, CorrectionId } from './outline/corrections.js';
export { NUDGED_MEASURES, OUTLINE_MEASURES, dogBody, measureOf } from './outline/dogBody.js';
export type { OutlineMeasure } from './outline/dogBody.js';
export { outlineProportions } from './outline/proportions.js';
export { cutList } from './outline/cutList.js';
export type { CutAsk, CutRow } from './outline/cutList.js';
export { combTilt, cutAcross, cutWith } from './outline/cutTools.js';
export type { Blade, CutWith } from './outline/cutTools.js';
export { TRIM_MAP_IDS, mayCut } from './coat/trimMap.js';
export type { CutKind, Finish, TrimMap, TrimMapId } from './coat/trimMap.js';
export { REFERENCE_KG, bodySurfaceM2 } from './coat/bodySurface.js';
export {
  BODY_SIDES,
  CARE_JOBS,
  CHANGED_PARTS,
  CONSENTS,
  COURSES,
  DILUTION_WAYS,
  DOG_STATES,
  DOG_MEASURES,
  IRREVERSIBLE_TRIMS,
  NOTE_KINDS,
  GROUNDS,
  INSPECTION_POINTS,
  MOVEMENTS,
  PRACTICE_OUTCOMES,
  PRODUCT_IDS,
  ROLES,
  SEVERITIES,
  SKIN_STATES,
  SETTLED,
  SKILLS,
  STATION_KINDS,
  STEP_IDS,
  TIGHTNESSES,
  TOOL_KINDS,
  USE_SCOPES,
  WEAK_LEGS,
  PAUSE_CAUSES,
  TRIM_BEGINNINGS,
  WORK_STATES,
  ZONE_TESTS,
} from './kennel/vocabulary.js';
export type * from './kennel/vocabulary.js';
export { RULES_OF_SHOWS, RULE_VALUES, SCHOOL_IDS, SIDES } from './kennel/choices.js';
export type * from './kennel/choices.js';
export { KENNEL_FORMAT, KENNEL_VERSION, KennelFileSchema, TOOL_PATTERN } from './kennel/kennelFile.js';
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
export type { KennelList, KennelRow, RowChange } from './kennel/rowChange.js';
export { removalOf } from './kennel/removal.js';
export { DogRecord } from './kennel/dogRecord.js';
export type { KennelDog } from './kennel/dogRecord.js';
export { LOAD_CONSTANT_KG, tubLiftIndex } from './units/lifting.js';
export type { WorkLimits } from './kennel/limits.js';
export { DEFAULT_SCISSOR_MIN, DEFAULT_WORK_LIMITS, workLimits } from './kennel/limits.js';
export type { KennelPerson } from './kennel/personRecord.js';
export { BreedRecord } from './kennel/methodsRecord.js';
export type * from './kennel/methodsRecord.js';
export { DogPartsSchema, MethodPartsSchema, PersonPartsSchema } from './kennel/recordParts.js';
export type { DogParts, DogRecordParts, MethodParts, Patch, PersonParts } from './kennel/recordParts.js';
export { kennelOnDay, shiftKennel } from './kennel/shiftKennel.js';
export { withShiftEnded } from './kennel/shiftEnd.js';
export type * from './programs/careLibrary.js';
export type * from './programs/careProgram.js';
export { cooperationFactor } from './programs/cooperation.js';
export { DEFAULT_FACTORS, estimate, overgrownFactor } from './programs/estimate.js';
export type { EstimateFacts } from './programs/estimate.js';
export { BATHS, BLADES, WET_RUN as WET_STEPS } from './programs/stepGroups.js';
export { borneWork, borneZones } from './programs/learnedCooperation.js';
export type { BorneWork, BorneZone, CooperationTrend } from './programs/learnedCooperation.js';
export { learnPace, workKind } from './programs/pace.js';
export type { PaceLog } from './programs/pace.js';
export { STRIPPING_AREAS, strippingArea } from './programs/stripping.js';
export { applyEdits } from './programs/programEdit.js';
export type { ProgramEdit } from './programs/programEdit.js';
export { FEATHER_ZONES, lengthFactor } from './programs/hairLength.js';
export { firstSide } from './programs/sideOrder.js';
export type { FirstSide } from './programs/sideOrder.js';
export { chooseSides, usualSide } from './programs/schools.js';
export type { Chosen, School, SchoolRefusal, SchoolSide } from './programs/schools.js';
export { UNKNOWN_RULES, dryerHours, rulesOf, turnedHours } from './programs/ruleSet.js';
export type { RuleSet } from './programs/ruleSet.js';
export { dogProgram, standCapMin, standMinutesOf } from './programs/dogProgram.js';
export { bathAtSite } from './programs/bathAtSite.js';
export { DEFAULT_MAT_CM, matSkill, matsTogether } from './programs/matMinutes.js';
export type { DropReason, ProgramNote } from './programs/dogProgram.js';
export type { BathPlace } from './plan/assemble/ways.js';
export { BATH_PLACES } from './plan/assemble/ways.js';
export { barOf, needsOfCoat } from './programs/mayTrim.js';
export type { ToolNeed } from './programs/mayTrim.js';
export { linesOf, outlineMeasures, outlineOfDog, zoneAsks } from './programs/outlineOfDog.js';
export type { OutlineOfDog } from './programs/outlineOfDog.js';
export { outlineFactor } from './programs/outlineMinutes.js';
export { DEFAULT_LEAST_TRIM_SHARE, trimDogOf, trimZonesOf, unlockedShare } from './programs/trimZones.js';
export { holdMinutes, settlesWhen } from './programs/settling.js';
export { changedProgram, countsDays } from './programs/programChange.js';
export { bodyLengthCm, breedFactsOf, withKennelBreeds } from './programs/kennelBreeds.js';
export {
  BATH_PURPOSES,
  FIRM_HOLDS,
  bathProducts,
  finishProducts,
  neatMl,
  removalList,
  washCount,
  washVolumes,
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
export {
  DEFAULT_PUPPY_DAYS,
  coatClassOf,
  estimateFacts,
  isMet,
  isCleanFaced,
  mayGoUnbathed,
  noEntry,
  undercoatLoad,
  undercoatLoadAt,
} from './programs/dogFacts.js';
export { isHere, stageOf } from './programs/dogFacts.js';
export { falsePregnancyAbout, isDropping } from './programs/dogStates.js';
export type { CoatStage, EntryFacts } from './programs/dogFacts.js';
export type * from './plan/plan.js';
export { comparePlans } from './plan/plan.js';
export { planEffect } from './plan/suppose/planEffect.js';
export type { PlanEffect } from './plan/suppose/planEffect.js';
export { LEAD_CODES, leadReport } from './plan/measure/leadReport.js';
export type { LeadCode, LeadExample, LeadLine } from './plan/measure/leadReport.js';
export { Problem } from './plan/problem.js';
export { WorkingSchedule } from './plan/workingSchedule.js';
export { idealStartIn } from './plan/explain/moves.js';
export { BLOCKERS } from './plan/explain/explain.js';
export type { Blocker } from './plan/explain/explain.js';
export { HAND_OVER_CAUSES } from './plan/explain/handedOver.js';
export type { HandOverCause } from './plan/explain/handedOver.js';
export { validatePlan } from './plan/validate/validatePlan.js';
export { BREAK_CODES, planBreaks } from './plan/hold/planBreaks.js';
export type { BreakCode, PlanBreak, ToldBreak } from './plan/hold/planBreaks.js';
export { programFaults } from './plan/validate/programFaults.js';
export type { ProgramFault } from './plan/validate/programFaults.js';
export { makePlanInput } from './plan/assemble/planInput.js';
export { recordFields } from './programs/recordFields.js';
export type { RecordFields } from './programs/recordFields.js';
export { breedStyles, fringesOf } from './programs/breedStyles.js';
export { composePage, concerns, isTold } from './pages/composePage.js';
export type { PageOwner } from './pages/composePage.js';
export { pageFacts } from './pages/pageFacts.js';
export type { PageDay } from './pages/pageFacts.js';
export type { PageFact, PageFacts } from './pages/pageFact.js';
export { SEQUENCE_IDS } from './pages/pageLine.js';
export type { PageLine, PageWhen, SequenceId, StepLines } from './pages/pageLine.js';
export { assembleProblem } from './plan/assemble/assemble.js';
export { workedMs } from './plan/assemble/stepDrafts.js';
export { TaskWindows } from './plan/suppose/taskWindows.js';
export type { Doer, StartStretch, TaskStarts } from './plan/suppose/taskWindows.js';
export { checkChain, checkRemedies } from './plan/suppose/checkRemedies.js';
export type { ChainCheck, CheckedRemedy } from './plan/suppose/checkRemedies.js';
export { withRemedy } from './plan/suppose/withRemedy.js';
export { overtimeMinutes, whatIf, withChange } from './plan/suppose/whatIf.js';
export type { DogShaped, OddsChange, WhatIf, WhatIfChange } from './plan/suppose/whatIf.js';
export { DEFAULT_SEED, planKennel, taskSlack } from './plan/planKennel.js';
export { assembledFor, scheduleOf } from './plan/placedPlan.js';
export { chainWhy } from './plan/explain/unplacedChains.js';
export type { ChainWhy } from './plan/explain/unplacedChains.js';
export type { PlanOptions, TaskSlack } from './plan/planKennel.js';
export { applyWorkCommand, withPauseCause } from './work/taskWork.js';
export type { WorkCommand, WorkRefusal } from './work/taskWork.js';
export type { KnownMat } from './programs/matMinutes.js';
export { MAT_RUNGS, burnGuard, isSkinUpset, matLadder } from './mats/matLadder.js';
export type { BurnGuard, MatRung, Rung } from './mats/matLadder.js';
export { USUAL_AIR, airFactor, dryingIn, minutesByZone } from './drying/dryingCurve.js';
export { dampFactor, dryingShares, withDampFinds } from './drying/dampZones.js';
export type { Drying, DryingPoint, WetDog } from './drying/dryingCurve.js';
export type { RoomAir } from './drying/moistAir.js';
export { lineCount } from './brushing/lineCount.js';
export { shortBrush } from './brushing/halfTime.js';
export { KNOT_DAYS, knotForecast } from './brushing/knotForecast.js';
export type { KnotDog, ZoneRisk } from './brushing/knotForecast.js';
export { lastBrushedByZone } from './brushing/zoneDays.js';
export { MAT_VERDICTS, MOST_MAT_MIN, MOST_ONE_MAT_MIN, SOLID_LARGE_CM, matBudget } from './mats/matBudget.js';
export { isKept, keptUntil } from './mats/keptMats.js';
export type { MatAsk, MatBudget, MatDay, MatLimit, MatVerdict } from './mats/matBudget.js';
export { labelNumber, mixture, waterParts } from './bath/dilution.js';
export { DEFAULT_BATCH, batchesOf, mixParts, shareOf } from './bath/mixList.js';
export { withUses, withoutUses } from './bath/productUses.js';
export type { ProductUse } from './bath/productUses.js';
export type { Batch, MixBath, MixPart, MixTables } from './bath/mixList.js';
export { drawsFrom, isExpired, orderList, runOuts, usableBottles } from './bath/stock.js';
export type { BottleDraw, DayNeed, RunOut } from './bath/stock.js';
export { cautionTick, MOST_TICKS, partTick, tickedProducts, usedTick, withTick } from './work/ticks.js';
export { isOpenSoak, openSoaks, soakAt, withSoak, withSoakEnded, withSoaksEnded } from './work/soaks.js';
export type { OpenSoak, SoakNow, SoakPhase } from './work/soaks.js';
export { noiseMinutesLeft, noiseToday, scissorMinutes, stoodMinutes } from './work/dayMeters.js';
export {
  EXIT_CHECKS,
  conditionerAfter,
  exitChecks,
  exitTick,
  openChecks,
  ticksBeforeFinish,
} from './work/exitChecks.js';
export type { ExitCheck } from './work/exitChecks.js';
export { DEFAULT_LOOK_MIN, TOWEL_SET_MIN, TOWEL_ZONES, lookTick, openTowels, towelAt } from './drying/towelSet.js';
export type { OpenTowel } from './drying/towelSet.js';
export { ORDER_WHYS, openBefore } from './work/openBefore.js';
export type { OrderWhy } from './work/openBefore.js';
export {
  coatAfter,
  gatedZones,
  isMatAt,
  matsOver,
  mattedZones,
  upsetZones,
  withFinds,
  withFoundDays,
} from './work/coatAfter.js';
export type { CoatMarks, MatPlace } from './work/coatAfter.js';
export {
  isLookDue,
  lastLooked,
  missedDays,
  openObservations,
  withInspected,
  withLook,
  withObservation,
  withObservationClosed,
} from './work/inspection.js';
export type { Observation } from './work/inspection.js';
export { caredTools, toolJobs, toolKey } from './work/toolCare.js';
export type { CareRule, CaredKind, ToolJob, ToolWork } from './work/toolCare.js';
export { REACHES_D, countBackScale, ticksOf } from './view/countBackScale.js';
export type { CountBackScale } from './view/countBackScale.js';
export { coatProgram, keepUpRows, programChain } from './view/programChain.js';
export type { ChainStep, KeepUpRow } from './view/programChain.js';
export { breakGroups } from './view/breakGroups.js';
export type { BreakGroup } from './view/breakGroups.js';
export type { CareRound, RoundKind } from './view/careRounds.js';
export { careRounds } from './view/careRounds.js';
export { dayFacts } from './view/dayFacts.js';
export type { DayFacts } from './view/dayFacts.js';
export { kennelGaps, loadersBegin, withGapFilled, withGapsFilled } from './view/kennelGaps.js';
export type { KennelGap } from './view/kennelGaps.js';
export { loadsOf } from './view/loads.js';
export type { LoadRow, Loads } from './view/loads.js';
export { draftChanges } from './view/draftChanges.js';
export type { DraftDog, DraftMove } from './view/draftChanges.js';
export { layoutCapsules } from './view/capsules.js';
export { countdown } from './view/countdown.js';
export type { CountdownDay, CountdownRow, MarkState, StrandStep } from './view/countdown.js';
export { bundlesOf, daySheet } from './view/daySheet.js';
export type { Block, Bundle, DaySheet, Lane } from './view/daySheet.js';
export { DOGS_PER_HOUR, ringTimeAt } from './ring/judgingRate.js';
