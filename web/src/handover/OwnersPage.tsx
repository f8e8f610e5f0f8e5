import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { HandOverEdit, HandOverPage as Page } from '../api/client';
import { handoverWords } from '../words/page/handover';

/** The owner's page as it will be printed, and what was measured before and after. */
export function OwnersPage({ page, told }: { page: Page; told: HandOverEdit }) {
  return (
    <Flex
      flex="1"
      minH="0"
      bg="plaster"
      justify="center"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label={handoverWords.theOwnersPage()}
      py="18px"
      px={{ base: '10px', lg: '20px' }}
    >
      <Box
        lang={page.closed?.language}
        bg="tape"
        color="tapeInk"
        w="100%"
        maxW="560px"
        h="fit-content"
        minH="100%"
        px={{ base: '18px', md: '38px' }}
        py="26px"
        css={{ '--chakra-colors-hairline': 'var(--chakra-colors-tape-quiet)' }}
      >
        <Box as="h2" fontFamily="heading" fontWeight="600" fontSize="27px" lineHeight="1.1">
          {page.vehicle.name}, {page.vehicle.nickname}
        </Box>
        <Box color="tapeQuiet">{page.job.work}</Box>
        <Part title={page.headings.done}>
          {page.done.map((line) => (
            <p key={line}>{line}</p>
          ))}
          {page.done.length === 0 && <p>{handoverWords.enterAtTakeInWhatWas()}</p>}
        </Part>
        {told.note && <Part title={page.headings.note}>{told.note}</Part>}
        <Part title={page.headings.heed}>
          {page.heed.map((line) => (
            <p key={line}>{line}</p>
          ))}
        </Part>
        {told.fuses && <Part title={page.headings.fuses}>{told.fuses}</Part>}
        {page.followUps.length > 0 && (
          <Part title={page.headings.comeBack}>
            {page.followUps.map((one) => (
              <Flex key={one.what} gap="12px">
                <Box w="176px" flex="none">
                  {one.when}
                </Box>
                <Box>{one.what}</Box>
              </Flex>
            ))}
          </Part>
        )}
        {page.beforeAfter.length > 0 && (
          <Part title={page.headings.beforeAfter}>
            <Box as="table" w="100%">
              <tbody>
                {page.beforeAfter.map((row) => (
                  <Box as="tr" key={row.what} borderTopWidth="1px" borderColor="hairline">
                    <Box as="th" textAlign="left" fontWeight="400">
                      {row.what}
                    </Box>
                    <Box as="td" textAlign="right">
                      {row.before}
                    </Box>
                    <Box as="td" textAlign="right" fontWeight="600">
                      {row.after}
                    </Box>
                  </Box>
                ))}
              </tbody>
            </Box>
          </Part>
        )}
      </Box>
    </Flex>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box pt="14px" lineHeight="1.35" css={{ '& > p + p': { marginTop: '6px' } }}>
      <Box as="h3" fontFamily="heading" fontWeight="600" fontSize="18px">
        {title}
      </Box>
      {children}
    </Box>
  );
}
