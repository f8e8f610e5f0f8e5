import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { HandOverPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { stagePath } from '../ui/stages';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import type { Worked } from '../finding/Working';
import { handoverWords } from '../words/page/handover';
import { fileAddress } from '../words/fileAddress';

/** What keeps it, what goes with it, and what came after. */
export function AfterIt({ page, onAsk }: { page: Page; onAsk: (worked: Worked) => void }) {
  const units = useUnits();
  const file = (name: string) => fileAddress(`/api/jobs/${page.job.id}/${name}`);
  const kept = page.closed?.findings ?? [];
  return (
    <Box
      h="100%"
      overflowY="auto"
      px="14px"
      py="10px"
      tabIndex={0}
      role="region"
      aria-label={handoverWords.withItAndAfterIt()}
    >
      <Flex gap="6px" wrap="wrap" pb="10px">
        {(
          [
            [handoverWords.packA4(), 'pack.pdf'],
            [handoverWords.packLetter(), 'pack.pdf?paper=LETTER'],
            [handoverWords.calendar(), 'follow-ups.ics'],
            [handoverWords.wholeJobZIP(), 'job.zip'],
          ] as const
        ).map(([words, name]) => (
          <PlainButton key={name} asChild px="14px">
            <a href={file(name)} download>
              {words}
            </a>
          </PlainButton>
        ))}
      </Flex>
      <Title>{page.closed ? handoverWords.wasOpenAndSignedFor() : handoverWords.open()}</Title>
      {page.above.length + kept.length === 0 && (
        <Box color="quiet">{handoverWords.nothingIsOpen()}</Box>
      )}
      {page.above.map((one) => (
        <Flex
          key={one.stage + one.finding.id}
          gap="8px"
          py="5px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Flex h="48px" align="center">
            <VerdictShape verdict={one.finding.verdict} size={18} />
          </Flex>
          <Box flex="1">
            <Box
              as="button"
              textAlign="left"
              minH="48px"
              cursor="pointer"
              onClick={() => onAsk({ kind: 'finding', finding: one.finding })}
            >
              <SentenceText sentence={one.finding.headline} />
            </Box>
            <Box fontSize="14px">
              <Link to={stagePath(page.job.id, one.stage)}>
                <Box
                  as="span"
                  color="quiet"
                  textDecoration="underline"
                  textDecorationStyle="dotted"
                >
                  {handoverWords.atWords({ words: one.words })}
                </Box>
              </Link>
            </Box>
          </Box>
        </Flex>
      ))}
      {kept.map((finding) => (
        <Flex key={finding.id} gap="8px" py="5px" borderTopWidth="1px" borderColor="hairline">
          <VerdictShape verdict={finding.verdict} size={18} />
          <SentenceText sentence={finding.headline} />
        </Flex>
      ))}
      <Afterwards page={page} />
      {page.minutes.length > 0 && (
        <>
          <Title>{handoverWords.timeExpectedAndTaken()}</Title>
          <Box as="table" w="100%">
            <tbody>
              {page.minutes.map((row) => (
                <Box as="tr" key={row.stage} borderTopWidth="1px" borderColor="hairline">
                  <Box as="th" textAlign="left" fontWeight="400" py="2px">
                    {row.words}
                  </Box>
                  <Box as="td" textAlign="right" color="quiet">
                    {row.expected ? figureText(row.expected, units) : '–'}
                  </Box>
                  <Box as="td" textAlign="right" fontWeight="600">
                    {row.taken ? figureText(row.taken, units) : '–'}
                  </Box>
                </Box>
              ))}
            </tbody>
          </Box>
        </>
      )}
    </Box>
  );
}

function Title({ children }: { children: string }) {
  return (
    <Box fontFamily="heading" fontWeight="600" fontSize="18px" pt="12px" pb="2px">
      {children}
    </Box>
  );
}

/** Whether it came back, and what was corrected since. */
function Afterwards({ page }: { page: Page }) {
  return (
    <>
      {page.comebackOf && (
        <>
          <Title>{handoverWords.comesBackWhatDiffers()}</Title>
          {page.comebackOf.differences.length === 0 && (
            <Box color="quiet">{handoverWords.nothingDiffersYetAsFarAs()}</Box>
          )}
          {page.comebackOf.differences.map((one) => (
            <Flex key={one.what} gap="8px" borderTopWidth="1px" borderColor="hairline" py="3px">
              <Box flex="1">{one.what}</Box>
              <Box color="quiet">{one.then}</Box>
              <Box fontWeight="600">{one.now}</Box>
            </Flex>
          ))}
          <Link to={`/jobs/${page.comebackOf.jobId}/hand-over`}>
            <Box as="span" textDecoration="underline" textDecorationStyle="dotted">
              {handoverWords.theJobThatItCameBack()}
            </Box>
          </Link>
        </>
      )}
      {page.comebacks.length > 0 && (
        <>
          <Title>{handoverWords.cameBack()}</Title>
          {page.comebacks.map((one) => (
            <Box key={one.jobId}>
              <Link to={`/jobs/${one.jobId}/hand-over`}>
                {one.at.slice(0, 10)}: {one.work}
              </Link>
            </Box>
          ))}
        </>
      )}
      {page.amendments.length > 0 && (
        <>
          <Title>{handoverWords.corrections()}</Title>
          {page.amendments.map((one) => (
            <Box key={one.id} py="4px" borderTopWidth="1px" borderColor="hairline">
              {one.words}
              <Box color="quiet" fontSize="14px">
                {one.why} · {one.by}, {one.at.slice(0, 10)}
              </Box>
            </Box>
          ))}
        </>
      )}
    </>
  );
}
