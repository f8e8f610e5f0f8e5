import { Box, CloseButton, Dialog, Flex, Portal } from '@chakra-ui/react';
import { useState } from 'react';
import type { JobPage } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { JobForm } from './JobForm';
import { ScrewForm } from './ScrewForm';
import { VehicleForm } from './VehicleForm';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';

const PARTS = [appWords.job(), appWords.vehicle(), settingsWords.adjusters()] as const;

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
  const [part, setPart] = useState<(typeof PARTS)[number]>(appWords.job());
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(c) => !c.open && close()}
      size="xl"
      scrollBehavior="inside"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="panel" color="ink">
            <Dialog.Header pr="64px">
              <Flex gap="8px" align="center" wrap="wrap">
                <Dialog.Title fontFamily="heading" fontSize="22px" mr="14px">
                  {page.vehicle.name}
                </Dialog.Title>
                {PARTS.map((one) => (
                  <PlainButton
                    key={one}
                    aria-pressed={one === part}
                    borderColor={one === part ? 'lamp' : 'hairline'}
                    onClick={() => setPart(one)}
                  >
                    {one}
                  </PlainButton>
                ))}
              </Flex>
            </Dialog.Header>
            <Dialog.Body pb="24px">
              {part === 'Job' && <JobForm page={page} />}
              {part === 'Vehicle' && <VehicleForm job={page.job} vehicle={page.vehicle} />}
              {part === 'Screws' && (
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
            <Dialog.CloseTrigger asChild>
              <CloseButton size="xl" color="ink" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
