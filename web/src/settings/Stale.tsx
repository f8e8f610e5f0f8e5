import { Box, Flex } from '@chakra-ui/react';
import { Problem } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';

/** What somebody else made of a row that one was changing. */
export interface Conflict {
  changedBy: string;
  /** The document as the server has it: of the kind that was sent. */
  theirs: unknown;
  /** Its version, where the document tells it. */
  version: number;
}

/** The conflict that a problem reports, if it reports one. */
export function conflictOf(error: unknown): Conflict | undefined {
  if (!(error instanceof Problem) || error.status !== 409 || !error.more.current) {
    return undefined;
  }
  return {
    changedBy: String(error.more.changedBy),
    theirs: error.more.current,
    version: Number((error.more.current as { version?: unknown }).version),
  };
}

const WORDS: Record<string, string> = {
  work: settingsWords.work(),
  ruleSet: appWords.rules(),
  traffic: settingsWords.traffic(),
  units: appWords.units(),
  school: appWords.wayOfAiming(),
  labelTyped: settingsWords.label(),
  stanceChanged: settingsWords.rideHeightChanged(),
  frontClosed: settingsWords.frontClosed(),
  markEdge: settingsWords.edgeOfTheTape(),
  markOrigin: appWords.marks(),
  tapeWidthMm: settingsWords.tapeWidth(),
  bayId: appWords.bay(),
  name: appWords.name(),
  note: appWords.note(),
  nickname: appWords.called(),
  variant: settingsWords.variant(),
  modelYear: settingsWords.year(),
  body: settingsWords.body(),
  vehicleClass: settingsWords.classText(),
  drivingAimed: settingsWords.drivingLampsAimed(),
  heightMm: appWords.height(),
  frontOverhangMm: appWords.frontOverhang(),
  rearOverhangMm: appWords.rearOverhang(),
  driverSide: settingsWords.driver(),
  wheelbaseMm: appWords.wheelbase(),
  lampAheadMm: settingsWords.lampsAheadOfAxle(),
  widthMm: settingsWords.width(),
  dipped: appWords.lowBeamTitle(),
  lensDipped: settingsWords.lowBeamsLens(),
  lensFog: settingsWords.fogLampsLens(),
  fog: appWords.fogLampsTitle(),
  axis: settingsWords.axis(),
  drive: settingsWords.drive(),
  place: appWords.place(),
  reach: settingsWords.reach(),
  rememberedRate: settingsWords.rate(),
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
  const theirs = conflict.theirs as Record<string, unknown>;
  const differing = Object.keys(WORDS).filter(
    (key) => key in { ...mine, ...theirs } && String(mine[key] ?? '') !== String(theirs[key] ?? ''),
  );
  return (
    <Box role="alert" borderWidth="1px" borderColor="edge" p="14px">
      <Box fontFamily="heading" fontSize="20px" fontWeight="600">
        {appWords.changedMeanwhileByChangedBy({ changedBy: conflict.changedBy })}
      </Box>
      <Box as="table" w="100%" my="8px">
        <thead>
          <tr>
            <td />
            <Box as="th" textAlign="left" color="quiet">
              {conflict.changedBy}
            </Box>
            <Box as="th" textAlign="left" color="quiet">
              {appWords.you()}
            </Box>
          </tr>
        </thead>
        <tbody>
          {differing.map((key) => (
            <tr key={key}>
              <Box as="th" textAlign="left" fontWeight="500" py="4px">
                {WORDS[key]}
              </Box>
              <td>{show(theirs[key])}</td>
              <td>{show(mine[key])}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Flex gap="8px" wrap="wrap">
        <PlainButton type="button" onClick={onTheirs}>
          {appWords.keepTheirs()}
        </PlainButton>
        <ActButton type="button" onClick={onMine}>
          {appWords.useMine()}
        </ActButton>
      </Flex>
    </Box>
  );
}

function show(value: unknown) {
  if (value === undefined || value === null || value === '') {
    return appWords.nothing();
  }
  return typeof value === 'boolean' ? (value ? appWords.yes() : appWords.no()) : String(value);
}
