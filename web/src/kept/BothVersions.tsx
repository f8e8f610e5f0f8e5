import { Box } from '@chakra-ui/react';
import { appWords } from '../words/page/app';

/** A line of two versions: what it is, and how each has it. */
export interface Line {
  what: string;
  their: string;
  my: string;
}

/** The lines in which two versions differ, from both told as words by name. */
export function differing(theirs: Record<string, string>, mine: Record<string, string>): Line[] {
  return [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
    .map((what) => ({
      what,
      their: theirs[what] || appWords.nothing(),
      my: mine[what] || appWords.nothing(),
    }))
    .filter(({ their, my }) => their !== my);
}

/** Two versions side by side, line by line where they differ. */
export function BothVersions({ theirName, lines }: { theirName: string; lines: Line[] }) {
  return (
    <Box as="table" w="100%" fontSize="16px">
      <thead>
        <tr>
          <td />
          <Box as="th" textAlign="left" color="quiet">
            {theirName}
          </Box>
          <Box as="th" textAlign="left" color="quiet">
            {appWords.you()}
          </Box>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ what, their, my }) => (
          <tr key={what}>
            <Box as="th" textAlign="left" fontWeight="500" py="6px" pr="12px">
              {what}
            </Box>
            <td>{their}</td>
            <td>{my}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
