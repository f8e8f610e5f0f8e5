import { Box, Dialog, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { DialogFrame } from '../ui/DialogFrame';
import type { JobPage } from '../api/client';
import { PickButton } from '../ui/buttons';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';
import { JobForm } from './JobForm';
import { ScrewForm } from './ScrewForm';
import { VehicleForm } from './VehicleForm';

const PARTS = {
  job: appWords.job(),
  vehicle: appWords.vehicle(),
  screws: settingsWords.adjusters(),
};

type Part = keyof typeof PARTS;

/** What is settled rather than read: the job, the vehicle, and its screws. */
export function SettingsDialog({
  page,
  open,
  close,
}: {
  page: JobPage;
  open: boolean;
  close: () => void;
}) {
  const [part, setPart] = useState<Part>('job');
  return (
    <DialogFrame open={open} close={close} size="xl" scrollBehavior="inside">
      <Dialog.Header pr="64px">
        <Flex gap="8px" align="center" wrap="wrap">
          <Dialog.Title fontFamily="heading" fontSize="22px" mr="14px">
            {page.vehicle.name}
          </Dialog.Title>
          {(Object.keys(PARTS) as Part[]).map((one) => (
            <PickButton key={one} aria-pressed={one === part} onClick={() => setPart(one)}>
              {PARTS[one]}
            </PickButton>
          ))}
        </Flex>
      </Dialog.Header>
      <Dialog.Body pb="24px">
        {part === 'job' && <JobForm page={page} />}
        {part === 'vehicle' && <VehicleForm job={page.job} vehicle={page.vehicle} />}
        {part === 'screws' && (
          <Box>
            <Box color="quiet" mb="8px">
              {settingsWords.whichWayAnAdjusterWorksDiffers()}
            </Box>
            {page.adjusters.map((screw) => (
              <ScrewForm key={screw.id} page={page} screw={screw} />
            ))}
          </Box>
        )}
      </Dialog.Body>
    </DialogFrame>
  );
}
