import { Box, Flex } from '@chakra-ui/react';
import { PlainButton } from './buttons';
import { Link } from 'react-router';
import { Header } from './Header';
import { VerdictShape } from '../finding/VerdictShape';

/** What is shown where there is nothing to show: that it is not there, or the sentence that says why. */
export function Nowhere({ what, sentence }: { what: string; sentence?: string }) {
  return (
    <>
      <Header title="Nothing here" />
      <Flex as="main" p="26px" gap="20px" align="center">
        <VerdictShape verdict="NOT_KNOWN" size={44} />
        <Box>
          <Box fontFamily="heading" fontSize="24px" fontWeight="600">
            {sentence ?? `There is no such ${what}.`}
          </Box>
          {sentence === undefined && (
            <Box color="quiet">The address may be mistyped, or it belongs to another workshop.</Box>
          )}
        </Box>
        <PlainButton asChild>
          <Link to="/">To the yard</Link>
        </PlainButton>
      </Flex>
    </>
  );
}

/** What is shown until something arrives. */
export function Waiting() {
  return (
    <Box p="26px" color="quiet" role="status">
      Fetching …
    </Box>
  );
}
