import type { LightEdit, PartEdit, PlugEdit } from '../api/client';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';

export const OUTCOMES = [
  ['FITS', partsWords.fits()],
  ['ADAPTS', partsWords.adaptsWithSomething()],
  ['GOES_BACK', partsWords.goesBack()],
  ['MISSING', appWords.missing()],
] as const satisfies readonly (readonly [PartEdit['outcome'], string])[];

export const NEEDED_FOR = [
  ['PLACE', appWords.place()],
  ['FEED', appWords.feed()],
  ['APART', appWords.apart()],
  ['BENCH', appWords.bench()],
  ['PROVE', appWords.prove()],
  ['TOGETHER', appWords.together()],
  ['WALL', appWords.wall()],
] as const satisfies readonly (readonly [PartEdit['neededFor'], string])[];

export const PATTERNS = [
  ['NOT_SAID', appWords.notSaid()],
  ['DIPPED', appWords.lowBeam()],
  ['WIDE_FOG', partsWords.wideFog()],
  ['DRIVING', appWords.driving()],
  ['SPOT', partsWords.spot()],
  ['COMBINATION', partsWords.combination()],
  ['SIGNAL', partsWords.signalOrDaytimeRunningLamp()],
] as const satisfies readonly (readonly [LightEdit['pattern'], string])[];

export const COLOURS = [
  ['', partsWords.byItsTemperature()],
  ['WHITE', partsWords.white()],
  ['SELECTIVE_YELLOW', partsWords.selectiveYellow()],
  ['AMBER', partsWords.amber()],
  ['OTHER', partsWords.anotherColour()],
] as const satisfies readonly (readonly [NonNullable<LightEdit['bulb']> | '', string])[];

export const LENSES = [
  ['CLEAR', partsWords.clear()],
  ['YELLOW', partsWords.yellow()],
  ['AMBER', partsWords.amber()],
  ['OTHER', partsWords.anotherColour()],
] as const satisfies readonly (readonly [LightEdit['lens'], string])[];

export const GENDERS = [
  ['NOT_SAID', appWords.notSaid()],
  ['MALE', partsWords.male()],
  ['FEMALE', partsWords.female()],
] as const satisfies readonly (readonly [PlugEdit['gender'], string])[];

export const USES = [
  ['CONNECT', partsWords.isConnected()],
  ['INSULATE', partsWords.staysUnusedInsulated()],
  ['OPTION', partsWords.optionConnectedOrParted()],
] as const satisfies readonly (readonly [PlugEdit['use'], string])[];

export const SIDED = [
  ['', partsWords.noSide()],
  ['LEFT', appWords.left()],
  ['RIGHT', appWords.right()],
] as const;

export const THERE = [
  ['EACH_SIDE', partsWords.onEachSide()],
  ['ONCE', partsWords.once()],
  ['LEFT', partsWords.onTheLeftOnly()],
  ['RIGHT', partsWords.onTheRightOnly()],
] as const satisfies readonly (readonly [NonNullable<PlugEdit['there']>, string])[];

/** Kinds of parts; what is looked at follows from them. */
export const PART_KINDS = [
  ['LAMP', partsWords.aLamp()],
  ['FITTED', partsWords.fitsThisBodyBracketBezel()],
  ['ELECTRIC', partsWords.isPluggedInHarnessSwitch()],
  ['SUPPLIES', partsWords.suppliesWireTiesSealant()],
] as const satisfies readonly (readonly [NonNullable<PartEdit['kind']>, string])[];
