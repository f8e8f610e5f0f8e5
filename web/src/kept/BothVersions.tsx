import { Box } from '@chakra-ui/react';
import type { Difference } from '../api/client';
import { SentenceText } from '../finding/SentenceText';
import { appWords } from '../words/page/app';

/** Two versions of a document side by side, line by line where they differ. */
export function BothVersions({
  conflict,
}: {
  conflict: { changedBy: string; differences: Difference[] };
}) {
  return (
    <Box as="table" w="100%" fontSize="16px">
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
        {conflict.differences.map((one, at) => (
          <tr key={at}>
            <Box as="th" textAlign="left" fontWeight="500" py="6px" pr="12px">
              <SentenceText sentence={one.what} />
            </Box>
            <Box as="td" pr="12px">
              <SentenceText sentence={one.theirs} />
            </Box>
            <td>
              <SentenceText sentence={one.mine} />
            </td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
