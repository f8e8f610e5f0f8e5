import type { LampFunction } from '../api/client';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

export const FUNCTIONS = [
  ['DRL', appWords.daytimeRunningLamp()],
  ['FRONT_FOG', appWords.fogLamp()],
  ['DRIVING', appWords.drivingLamp()],
  ['DIPPED', appWords.lowBeam()],
  ['MAIN', appWords.mainBeam()],
  ['POSITION', placeWords.positionLamp()],
  ['TURN', appWords.turnSignal()],
  ['SIDE_MARKER', appWords.sideMarker()],
] as const satisfies readonly (readonly [LampFunction, string])[];
