export { adviceFor } from './advice';
export { batchesOf, dosesOf, leftoverOf, lifeOf, recipeFor, sheetAsMixed, type BatchState } from './batch';
export {
  checkView,
  filmByCoat,
  filmOf,
  mostSpots,
  type CheckView,
  type CoatFound,
  type FaceSpot,
} from './check';
export { openDefects, type OpenDefects } from './opendefects';
export { cureStageOf, type CureNow } from './curestage';
export { cannotBe } from './cannot';
export { evidenceOf, type Evidence } from './evidence';
export { cleaningQuestion, type CleanStep, type CleanView } from './clean';
export { lastRecorded, setAgain } from './knobs';
export { solventOfBatch, solventOfCoat } from './solvent';
export { everyEntry, lastEntryAt, lastOf, liveEntries, moment, ofType } from './entries';
export { deadlinesOf, standsUntil } from './deadlines';
export { dayQuestion, midnightOf, usualPace, type DayQuestion } from './planned';
export { endBy, handledAfter } from './ready';
export { refusedThinners, thinnersOf, type RefusedLiquid } from './diluents';
export { pastCap, type PastCap } from './pastcap';
export { enough, potLeft, potNow, type PotLeft, type PotNow } from './potleft';
export { askedTogether } from './together';
export { endDoubt, type EndDoubt } from './enddoubt';
export { tickOf, type HandItem } from './handitems';
export { metalBelow, substrateOf } from './substrate';
export { missesOf, type LookedOver, type Miss, type Stop } from './lookedover';
export { sandMaps, type FaceSand } from './sandmaps';
export { walkOf, type FaceTouch, type Walk, type WalkStop } from './walk';
export { brushPlaces, type BrushPlace } from './keptfree';
export { alsoRead, doseUnread, ratioUnread, withRatioRead } from './ratioread';
export { actOf, safeWork, type Act, type SafeWork } from './safework';
export type { Standard } from './standard';
export { hasFlake, openFaces, type OpenFace } from './latepass';
export { measurableAt, partsCounted, runFrom, type Unproven } from './unproven';
export { mayWaive, type Permission, type PermissionItem, type ToldItem } from './permission';
export { filmOfCoat, filmWanted, ledgerOf, type FilmWanted } from './ledger';
export { batchComesTo, type MixView, type Opening, type PouringState, type Source } from './mix';
export { areaOf, transferOf, type CoatPlan, type Fitness, type PlanView } from './plan';
export { angleOf, evenSetup, flowLimits, landedNow, profileFor, type EvenSetup } from './even';
export { layerBegun, withLayerAgain, withLayerMoved, withLayerOnTop, withoutLayer } from './stackedits';
export { withApproach, withCoat, withCoats, withLayer } from './edits';
export { barelyOpen, type OperatingPoint } from './point';
export type { SettingFault } from './settingfault';
export type { Fitting } from './fittings';
export type { Proposal } from './proposal';
export type { SprayedLiquid } from './liquid';
export { fixesOf } from './fixes';
export { filmOnFace, layField, postedGun, type FilmOnFace } from './layfield';
export { laidReadings, type LaidReadings } from './against';
export type { SetView } from './set';
export { byHand, sprayedFaces } from './byhand';
export { firstRole, gritUnder } from './coatrole';
export { underCoats, type UnderCoat } from './under';
export { coatsLeft, layerInHand, layerOf, nextCoat } from './layers';
export { jobWorked, type LaidCoat, type Worked } from './worked';
export { slowness } from './recoat';
export { workDue, type WorkItem, type WorkState } from './between';
export { withLooked, type LookDue } from './looked';
export { stackOf, type MappedLayer } from './stackmap';
export { gunOf, gunsOf } from './guns';
export { spraying, type CoatState, type SprayView } from './spray';
export { usualLead, type StrokeGuide } from './strokes';
export type { CoatPoint } from './coatpoints';
export { type BandChoice, type BandSource } from './band';
export { cupBehind, cupOf, lastCheck } from './cups';
export type { Reading, StickReading, TemperatureLaw } from './readings';
export {
  thinCurve,
  usualPotStep,
  type CurvePoint,
  type DriftWatch,
  type ThinStep,
  type ThinView,
} from './thin';
export type { Foretold, Taught } from './replay';
export type { FaceFills, SupplyView } from './supply';
export { clockState, type Timer } from './timers';
export { coatWindows, type CoatWindow, type WindowState } from './windows';
export { jobView, stages, type Bearings, type JobView, type Stage } from './view';
