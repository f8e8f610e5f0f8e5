import { Box, Flex } from '@chakra-ui/react';
import { Problem } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';

/** What somebody else made of a row that one was changing. */
export interface Conflict {
  changedBy: string;
  theirs: Record<string, unknown>;
}

/** The conflict that a problem reports, if it reports one. */
export function conflictOf(error: unknown): Conflict | undefined {
  if (!(error instanceof Problem) || error.status !== 409 || !error.more.current) {
    return undefined;
  }
  return {
    changedBy: String(error.more.changedBy),
    theirs: error.more.current as Record<string, unknown>,
  };
}

const WORDS: Record<string, string> = {
  work: 'Work',
  ruleSet: 'Rules',
  traffic: 'Traffic',
  units: 'Units',
  school: 'School',
  labelTyped: 'Label',
  stanceChanged: 'Stance changed',
  frontClosed: 'Front closed',
  markEdge: 'Edge of the tape',
  markOrigin: 'Marks',
  tapeWidthMm: 'Tape width',
  bayId: 'Bay',
  name: 'Name',
  note: 'Note',
  nickname: 'Called',
  variant: 'Variant',
  modelYear: 'Year',
  body: 'Body',
  vehicleClass: 'Class',
  drivingAimed: 'Driving lamps aimed',
  heightMm: 'Height',
  frontOverhangMm: 'Front overhang',
  rearOverhangMm: 'Rear overhang',
  driverSide: 'Driver',
  wheelbaseMm: 'Wheelbase',
  lampAheadMm: 'Lamps ahead of axle',
  widthMm: 'Width',
  dipped: 'Low beam',
  lensDipped: 'Low beam’s lens',
  lensFog: 'Fog lamps’ lens',
  fog: 'Fog lamps',
  axis: 'Axis',
  drive: 'Drive',
  place: 'Place',
  reach: 'Reach',
  rememberedRate: 'Rate',
};

/** Both versions side by side, and a choice; nothing is overwritten unseen. */
export function StaleChoice({
  conflict,
  mine,
  onTheirs,
  onMine,
}: {
  conflict: Conflict;
  mine: Record<string, unknown>;
  onTheirs: () => void;
  onMine: () => void;
}) {
  const differing = Object.keys(WORDS).filter(
    (key) =>
      key in { ...mine, ...conflict.theirs } &&
      String(mine[key] ?? '') !== String(conflict.theirs[key] ?? ''),
  );
  return (
    <Box role="alert" borderWidth="1px" borderColor="edge" p="14px">
      <Box fontFamily="heading" fontSize="20px" fontWeight="600">
        Changed meanwhile by {conflict.changedBy}
      </Box>
      <Box as="table" w="100%" my="8px">
        <thead>
          <tr>
            <td />
            <Box as="th" textAlign="left" color="quiet">
              {conflict.changedBy}
            </Box>
            <Box as="th" textAlign="left" color="quiet">
              You
            </Box>
          </tr>
        </thead>
        <tbody>
          {differing.map((key) => (
            <tr key={key}>
              <Box as="th" textAlign="left" fontWeight="500" py="4px">
                {WORDS[key]}
              </Box>
              <td>{show(conflict.theirs[key])}</td>
              <td>{show(mine[key])}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Flex gap="8px" wrap="wrap">
        <PlainButton type="button" onClick={onTheirs}>
          Keep theirs
        </PlainButton>
        <ActButton type="button" onClick={onMine}>
          Use mine
        </ActButton>
      </Flex>
    </Box>
  );
}

function show(value: unknown) {
  if (value === undefined || value === null || value === '') {
    return 'nothing';
  }
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
}
