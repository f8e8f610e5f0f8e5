import type { LightEdit, PartEdit, PlugEdit } from '../app/api/client';

export const OUTCOMES = [
  ['FITS', 'fits'],
  ['ADAPTS', 'adapts with …'],
  ['GOES_BACK', 'goes back'],
  ['MISSING', 'missing'],
] as const satisfies readonly (readonly [PartEdit['outcome'], string])[];

export const NEEDED_FOR = [
  ['PLACE', 'Place'],
  ['FEED', 'Feed'],
  ['APART', 'Apart'],
  ['BENCH', 'Bench'],
  ['PROVE', 'Prove'],
  ['TOGETHER', 'Together'],
  ['WALL', 'Wall'],
] as const satisfies readonly (readonly [PartEdit['neededFor'], string])[];

export const PATTERNS = [
  ['NOT_SAID', 'not said'],
  ['DIPPED', 'low beam'],
  ['WIDE_FOG', 'wide fog'],
  ['DRIVING', 'driving'],
  ['SPOT', 'spot'],
  ['COMBINATION', 'combination'],
  ['SIGNAL', 'signal or running lamp'],
] as const satisfies readonly (readonly [LightEdit['pattern'], string])[];

export const COLOURS = [
  ['', 'by its temperature'],
  ['WHITE', 'white'],
  ['SELECTIVE_YELLOW', 'selective yellow'],
  ['AMBER', 'amber'],
  ['OTHER', 'another colour'],
] as const satisfies readonly (readonly [NonNullable<LightEdit['bulb']> | '', string])[];

export const LENSES = [
  ['CLEAR', 'clear'],
  ['YELLOW', 'yellow'],
  ['AMBER', 'amber'],
  ['OTHER', 'another colour'],
] as const satisfies readonly (readonly [LightEdit['lens'], string])[];

export const GENDERS = [
  ['NOT_SAID', 'not said'],
  ['MALE', 'male'],
  ['FEMALE', 'female'],
] as const satisfies readonly (readonly [PlugEdit['gender'], string])[];

export const USES = [
  ['CONNECT', 'is connected'],
  ['INSULATE', 'stays unused, insulated'],
  ['OPTION', 'option: joined or parted'],
] as const satisfies readonly (readonly [PlugEdit['use'], string])[];

export const SIDED = [
  ['', 'no side'],
  ['LEFT', 'left'],
  ['RIGHT', 'right'],
] as const;

export const THERE = [
  ['EACH_SIDE', 'on each side'],
  ['ONCE', 'once'],
  ['LEFT', 'on the left only'],
  ['RIGHT', 'on the right only'],
] as const satisfies readonly (readonly [NonNullable<PlugEdit['there']>, string])[];

/** Kinds of parts; what is looked at follows from them. */
export const PART_KINDS = [
  ['LAMP', 'a lamp'],
  ['FITTED', 'fits this body: bracket, bezel'],
  ['ELECTRIC', 'is plugged: harness, switch'],
  ['SUPPLIES', 'supplies: wire, ties, sealant'],
] as const satisfies readonly (readonly [NonNullable<PartEdit['kind']>, string])[];
