import { aerobicBlower } from './aerobicBlower.ts';
import { windowFilm } from './windowFilm.ts';
import { weatherstrip } from './weatherstrip.ts';
import { roofCoating } from './roofCoating.ts';
import { filterOrder } from './filterOrder.ts';
import { fillSoil } from './fillSoil.ts';
import { emergencyStock } from './emergencyStock.ts';
import { caulk } from './caulk.ts';
import { alarmDistance } from './alarmDistance.ts';
import { coAlarm } from './coAlarm.ts';
import { concreteAge } from './concreteAge.ts';
import { condensateDose } from './condensateDose.ts';
import { doorPaper } from './doorPaper.ts';
import { faceVelocity } from './faceVelocity.ts';
import { filterCost } from './filterCost.ts';
import { filterGrade } from './filterGrade.ts';
import { flameToBlower } from './flameToBlower.ts';
import { foundationCrack } from './foundationCrack.ts';
import { furnaceStart } from './furnaceStart.ts';
import { gasDetector } from './gasDetector.ts';
import { gasFlame } from './gasFlame.ts';
import { lampSaving } from './lampSaving.ts';
import { leakArea } from './leakArea.ts';
import { neglectCost } from './neglectCost.ts';
import { oilSoot } from './oilSoot.ts';
import { ownWork } from './ownWork.ts';
import { plantLoad } from './plantLoad.ts';
import { poolWater } from './poolWater.ts';
import { radon } from './radon.ts';
import type { Reading } from './reading.ts';
import { runHours } from './runHours.ts';
import { scum } from './scum.ts';
import { secondChamber } from './secondChamber.ts';
import { sensibleCapacity } from './sensibleCapacity.ts';
import { showerFlow } from './showerFlow.ts';
import { sludge } from './sludge.ts';
import { smokeAlarm } from './smokeAlarm.ts';
import { softenerSalt } from './softenerSalt.ts';
import { storedTemperature } from './storedTemperature.ts';
import { summerIndoor } from './summerIndoor.ts';
import { tankSolids } from './tankSolids.ts';
import { tapTemperature } from './tapTemperature.ts';
import { temperatureSplit } from './temperatureSplit.ts';
import { ventClearance } from './ventClearance.ts';
import { ventilatedHumidity } from './ventilatedHumidity.ts';
import { ventilatorFilter } from './ventilatorFilter.ts';
import { ventilatorSetting } from './ventilatorSetting.ts';
import { flueCarbonDioxide } from './flueCarbonDioxide.ts';
import { saltLevel } from './saltLevel.ts';
import { waterPressure } from './waterPressure.ts';
import { winterHumidity } from './winterHumidity.ts';

/** Every reading and sum, in the order of the Bench. */
export const READINGS: readonly Reading[] = [
  temperatureSplit,
  sensibleCapacity,
  filterGrade,
  faceVelocity,
  filterOrder,
  furnaceStart,
  flameToBlower,
  gasFlame,
  oilSoot,
  winterHumidity,
  ventilatedHumidity,
  summerIndoor,
  ventilatorFilter,
  ventilatorSetting,
  runHours,
  tapTemperature,
  storedTemperature,
  showerFlow,
  softenerSalt,
  waterPressure,
  saltLevel,
  flueCarbonDioxide,
  poolWater,
  condensateDose,
  tankSolids,
  sludge,
  scum,
  secondChamber,
  aerobicBlower,
  plantLoad,
  leakArea,
  foundationCrack,
  concreteAge,
  doorPaper,
  ventClearance,
  windowFilm,
  caulk,
  weatherstrip,
  fillSoil,
  roofCoating,
  smokeAlarm,
  coAlarm,
  gasDetector,
  alarmDistance,
  radon,
  emergencyStock,
  ownWork,
  filterCost,
  lampSaving,
  neglectCost,
];

const BY_CODE: ReadonlyMap<string, Reading> = new Map(READINGS.map((one) => [one.code, one]));

export const readingOf = (code: string): Reading | undefined => BY_CODE.get(code);
