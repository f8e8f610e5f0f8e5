import { Box, Flex } from '@chakra-ui/react';
import { useSyncExternalStore, type ReactNode } from 'react';
import { Link } from 'react-router';
import { BareButton } from '../ui/buttons';
import { keptWords } from '../words/page/kept';
import { recordWords } from '../words/page/record';
import { outbox, type Waiting } from './outbox';

/** What waits to be sent of a job or bay. */
export function useWaiting(of: string): Waiting[] {
  return useSyncExternalStore(outbox.subscribe, outbox.all).filter((one) => one.of === of);
}

/** What each line is struck by that waits and was not refused, by the id of what it strikes. */
export function strikersOf(waiting: Waiting[]): Map<string, string> {
  return new Map(
    waiting
      .filter((one) => one.body.strikes && !one.refused)
      .map((one) => [String(one.body.strikes), one.id]),
  );
}

/** What waits of a tape's page, newest first; what was refused says why, and can be dropped. */
export function WaitingLines({ waiting }: { waiting: Waiting[] }) {
  return waiting.toReversed().map((one) => (
    <TapeLine
      key={one.id}
      foot={one.refused ?? keptWords.waitsForTheNetwork()}
      person={one.person}
      act={
        one.refused && (
          <BareButton color="tapeInk" px="0" my="-10px" onClick={() => outbox.drop(one.id)}>
            {keptWords.dropIt()}
          </BareButton>
        )
      }
    >
      {one.words}
    </TapeLine>
  ));
}

/** One line of a tape. */
export function TapeLine({
  struck = false,
  foot,
  then,
  person,
  act,
  children,
}: {
  struck?: boolean;
  foot: string;
  /** Where the page is shown as it stood right after the line. */
  then?: string;
  person: string;
  act?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box
      as="li"
      py="7px"
      borderBottomWidth="1px"
      borderStyle="dashed"
      borderColor="tapeQuiet"
      opacity={struck ? 0.75 : 1}
    >
      <Box fontFamily="heading" fontWeight="600" lineHeight="1.25">
        <Box as="span" textDecoration={struck ? 'line-through' : 'none'}>
          {children}
        </Box>
      </Box>
      <Flex justify="space-between" align="center" gap="8px" fontSize="13.5px" color="tapeQuiet">
        {then ? (
          <Box
            asChild
            py="13px"
            my="-13px"
            textDecoration="underline dotted"
            textUnderlineOffset="3px"
          >
            <a href={then} title={recordWords.asItStoodThen()}>
              {foot}
            </a>
          </Box>
        ) : (
          <span>{foot}</span>
        )}
        {act}
        <span>{person}</span>
      </Flex>
    </Box>
  );
}

/** A list that is written down as on a tape, newest first. */
export function TapeFrame({
  title,
  jobId,
  children,
}: {
  title: string;
  /** Of a job's tape: leads to its whole record. */
  jobId?: string;
  children: ReactNode;
}) {
  return (
    <Box
      as="section"
      aria-label={title}
      color="tapeInk"
      h="100%"
      overflowY="auto"
      tabIndex={0}
      pl="30px"
      pr="14px"
      pt="14px"
      css={RULED}
    >
      <Flex justify="space-between" align="baseline" columnGap="8px" wrap="wrap" mb="4px">
        <Box fontFamily="scale" fontWeight="600" fontSize="14px" color="tapeQuiet">
          {title}
        </Box>
        {jobId && (
          <BareButton asChild color="tapeInk" fontSize="15px" px="0" my="-12px">
            <Link to={`/jobs/${jobId}/record`}>{keptWords.wholeRecord()}</Link>
          </BareButton>
        )}
      </Flex>
      {children}
    </Box>
  );
}

const RULED = {
  backgroundColor: 'var(--chakra-colors-tape)',
  backgroundImage:
    'repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 8px), repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 40px)',
  backgroundSize: '8px 100%, 16px 100%',
  backgroundRepeat: 'no-repeat',
  backgroundAttachment: 'local',
};
