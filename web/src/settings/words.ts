import type { Adjuster, Job, Vehicle } from '../api/client';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';

export const UNITS = [
  ['METRIC', appWords.millimetres()],
  ['IMPERIAL', appWords.inches()],
] as const;

export const TRAFFIC = [
  ['RIGHT', settingsWords.onTheRight()],
  ['LEFT', settingsWords.onTheLeft()],
] as const;

export const SIDES = [
  ['LEFT', appWords.left()],
  ['RIGHT', appWords.right()],
] as const;

export const EDGES = [
  ['UPPER', appWords.upperEdge()],
  ['MIDDLE', appWords.middle()],
  ['LOWER', appWords.lowerEdge()],
] as const satisfies readonly (readonly [Job['markEdge'], string])[];

export const ORIGINS = [
  ['MEASURED', settingsWords.measuredUpFromTheFloor()],
  ['TRANSFERRED', settingsWords.transferredAxesTapedAtTheWall()],
] as const satisfies readonly (readonly [Job['markOrigin'], string])[];

export const DIPPED = [
  ['UN_DIPPED', settingsWords.uNLowBeamSteppedCutoff()],
  ['SAE_VOL', settingsWords.sAEVOLAimedOnTheLeft()],
  ['SAE_VOR', settingsWords.sAEVORAimedOnTheRight()],
  ['DIPPED_UNREAD', appWords.notKnownYet()],
] as const satisfies readonly (readonly [Vehicle['dipped'], string])[];

export const FOG = [
  ['', settingsWords.noneAimed()],
  ['FOG_B', settingsWords.uNClassB()],
  ['FOG_F3', settingsWords.uNClassF3()],
  ['FOG_SAE', settingsWords.sAEFog()],
] as const;

export const AXES = [
  ['VERTICAL', settingsWords.vertical()],
  ['HORIZONTAL', settingsWords.horizontal()],
  ['TO_BE_TRIED', settingsWords.toBeFoundByTrying()],
] as const satisfies readonly (readonly [Adjuster['axis'], string])[];

export const REACHES = [
  ['NOT_KNOWN', appWords.notKnownYet()],
  ['ALWAYS', settingsWords.always()],
  ['FRONT_OPEN_ONLY', settingsWords.onlyWithTheFrontOpen()],
] as const satisfies readonly (readonly [Adjuster['reach'], string])[];

export const CLASSES = [
  ['', settingsWords.notLookedUp()],
  ['M1', settingsWords.m1PassengersUpTo8Seats()],
  ['M2', settingsWords.m2PassengersMoreSeatsUpTo()],
  ['M3', settingsWords.m3PassengersMoreSeatsAbove5()],
  ['N1', settingsWords.n1GoodsUpTo35()],
  ['N2', settingsWords.n2GoodsUpTo12T()],
  ['N3', settingsWords.n3GoodsAbove12T()],
] as const satisfies readonly (readonly [NonNullable<Vehicle['vehicleClass']> | '', string])[];

export const BODIES = [
  ['', appWords.notSaid()],
  ['HATCH', settingsWords.hatchback()],
  ['ESTATE', settingsWords.estate()],
  ['ROADSTER', settingsWords.roadster()],
  ['OFF_ROADER', 'off-roader'],
  ['PICKUP', settingsWords.pickup()],
  ['VAN', settingsWords.van()],
  ['BUS', settingsWords.bus()],
] as const satisfies readonly (readonly [NonNullable<Vehicle['body']> | '', string])[];
