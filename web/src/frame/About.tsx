import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { appWords } from '../words/page/app';
import { api, unwrap } from '../api/client';

const LICENCES = [
  ['/licences/jars.txt', appWords.licencesOfTheServer()],
  ['/licences/page.txt', appWords.licencesOfThePage()],
] as const;

/** Which version this is, and what it is built from. */
export function About() {
  const { data } = useQuery({
    queryKey: ['about'],
    queryFn: () => unwrap(api.GET('/api/about')),
    staleTime: Infinity,
  });
  return (
    <Flex mt="18px" wrap="wrap" columnGap="14px" align="center" color="quiet" fontSize="14px">
      {data && (
        <Box w="100%" data-version>
          {data.name} {data.version}
        </Box>
      )}
      {LICENCES.map(([address, words]) => (
        <Box key={address} asChild py="14px" textDecoration="underline dotted">
          <a href={address} target="_blank" rel="noreferrer">
            {words}
          </a>
        </Box>
      ))}
    </Flex>
  );
}
