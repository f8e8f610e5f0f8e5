import type { Adjuster, Job, Vehicle } from '../app/api/client';

export const UNITS = [
  ['METRIC', 'millimetres'],
  ['IMPERIAL', 'inches'],
] as const;

export const TRAFFIC = [
  ['RIGHT', 'on the right'],
  ['LEFT', 'on the left'],
] as const;

export const SIDES = [
  ['LEFT', 'left'],
  ['RIGHT', 'right'],
] as const;

export const EDGES = [
  ['UPPER', 'upper edge'],
  ['MIDDLE', 'middle'],
  ['LOWER', 'lower edge'],
] as const satisfies readonly (readonly [Job['markEdge'], string])[];

export const ORIGINS = [
  ['MEASURED', 'measured up from the floor'],
  ['TRANSFERRED', 'transferred: axes taped at the wall, then reversed'],
] as const satisfies readonly (readonly [Job['markOrigin'], string])[];

export const DIPPED = [
  ['UN_DIPPED', 'UN dipped beam, stepped cutoff'],
  ['SAE_VOL', 'SAE, VOL: aimed on the left part'],
  ['SAE_VOR', 'SAE, VOR: aimed on the right part'],
  ['DIPPED_UNREAD', 'not known yet'],
] as const satisfies readonly (readonly [Vehicle['dipped'], string])[];

export const FOG = [
  ['', 'none aimed'],
  ['FOG_B', 'UN class B'],
  ['FOG_F3', 'UN class F3'],
  ['FOG_SAE', 'SAE fog'],
] as const;

export const AXES = [
  ['VERTICAL', 'vertical'],
  ['HORIZONTAL', 'horizontal'],
  ['TO_BE_TRIED', 'to be found by trying'],
] as const satisfies readonly (readonly [Adjuster['axis'], string])[];

export const REACHES = [
  ['NOT_KNOWN', 'not known yet'],
  ['ALWAYS', 'always'],
  ['FRONT_OPEN_ONLY', 'only with the front open'],
] as const satisfies readonly (readonly [Adjuster['reach'], string])[];

export const CLASSES = [
  ['', 'not looked up'],
  ['M1', 'M1: people, up to 8 seats beside the driver’s'],
  ['M2', 'M2: people, more seats, up to 5 t'],
  ['M3', 'M3: people, more seats, above 5 t'],
  ['N1', 'N1: goods, up to 3.5 t'],
  ['N2', 'N2: goods, up to 12 t'],
  ['N3', 'N3: goods, above 12 t'],
] as const satisfies readonly (readonly [NonNullable<Vehicle['vehicleClass']> | '', string])[];

export const BODIES = [
  ['', 'not said'],
  ['HATCH', 'hatchback'],
  ['ESTATE', 'estate'],
  ['ROADSTER', 'roadster'],
  ['OFF_ROADER', 'off-roader'],
  ['PICKUP', 'pickup'],
  ['VAN', 'van'],
  ['BUS', 'bus'],
] as const satisfies readonly (readonly [NonNullable<Vehicle['body']> | '', string])[];
