import { Box, Flex } from '@chakra-ui/react';
import { PlainButton } from '../ui/buttons';
import { Link } from 'react-router';
import { Header } from './Header';
import { VerdictShape } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';

/** What an address may name that is not there. */
export type Missing = 'page' | 'job' | 'bay' | 'lamp' | 'pair';

const NO_SUCH: Record<Missing, () => string> = {
  page: appWords.noSuchPage,
  job: appWords.noSuchJob,
  bay: appWords.noSuchBay,
  lamp: appWords.noSuchLamp,
  pair: appWords.noSuchPair,
};

/** What is shown where there is nothing to show: that it is not there, or the sentence that says why. */
export function Nowhere({ what, sentence }: { what: Missing; sentence?: string }) {
  return (
    <>
      <Header title={appWords.nothingHere()} />
      <Flex as="main" p="26px" gap="20px" align="center">
        <VerdictShape verdict="NOT_KNOWN" size={44} />
        <Box>
          <Box fontFamily="heading" fontSize="24px" fontWeight="600">
            {sentence ?? NO_SUCH[what]()}
          </Box>
          {sentence === undefined && (
            <Box color="quiet">{appWords.theAddressMayBeMistypedOr()}</Box>
          )}
        </Box>
        <PlainButton asChild>
          <Link to="/">{appWords.toTheYard()}</Link>
        </PlainButton>
      </Flex>
    </>
  );
}

/** What is shown until something arrives. */
export function Waiting() {
  return (
    <Box p="26px" color="quiet" role="status">
      {appWords.fetching()}
    </Box>
  );
}
