import { Box } from '@chakra-ui/react';
import type { Difference } from '../api/client';
import { SentenceText } from '../finding/SentenceText';

/** Two versions of a document side by side, line by line where they differ. */
export function TwoVersions({
  heads,
  differences,
}: {
  /** Over what each difference calls theirs, and over what it calls mine. */
  heads: readonly [string, string];
  differences: Difference[];
}) {
  return (
    <Box as="table" w="100%" fontSize="16px">
      <thead>
        <tr>
          <td />
          {heads.map((head) => (
            <Box as="th" key={head} textAlign="left" color="quiet">
              {head}
            </Box>
          ))}
        </tr>
      </thead>
      <tbody>
        {differences.map((one, at) => (
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
