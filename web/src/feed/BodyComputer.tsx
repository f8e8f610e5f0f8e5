import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { actingName, api, unwrap, type FeedEdit } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { feedWords } from '../words/page/feed';

type Setting = FeedEdit['settings'][number];

const WRITING_VOLTS = 12.6;

function written(settings: Setting[]) {
  return settings
    .filter((one) => one.taken)
    .map((one) => ({ parameter: one.parameter, value: one.after }));
}

/** The body computer's lamp functions, and a log of what was set in it. */
export function BodyComputer({
  feed,
  connected,
  onChange,
}: {
  feed: FeedEdit;
  connected: boolean;
  onChange: (settings: Setting[]) => void;
}) {
  const now = useQuery({
    queryKey: ['body-computer', feed.settings],
    queryFn: () =>
      unwrap(
        api.POST('/api/standin/body-computer', {
          body: { written: written(feed.settings), volts: WRITING_VOLTS },
        }),
      ),
    placeholderData: (before) => before,
  });
  const write = useMutation({
    mutationFn: ({ parameter, value }: { parameter: string; value: string }) =>
      unwrap(
        api.POST('/api/standin/body-computer', {
          body: {
            written: written(feed.settings),
            write: { parameter, value },
            volts: connected ? WRITING_VOLTS : 0,
          },
        }),
      ),
    onSuccess: ({ outcome }, { parameter, value }) => {
      if (outcome) {
        onChange([
          ...feed.settings,
          {
            parameter,
            before: outcome.before,
            after: value,
            result: outcome.says,
            taken: outcome.taken,
            person: actingName(),
            at: new Date().toISOString(),
          },
        ]);
      }
    },
  });
  /** A parameter or one of its values as it is called; what the menu no longer has, as it was. */
  const wordsOf = (name: string, value?: string) => {
    const parameter = now.data?.parameters.find((one) => one.name === name);
    return value === undefined
      ? (parameter?.words ?? name)
      : (parameter?.values.find((one) => one.value === value)?.words ?? value);
  };
  return (
    <Box maxW="860px" pt="18px">
      <Box fontFamily="heading" fontWeight="600" fontSize="19px">
        {feedWords.bodyComputer()}
      </Box>
      <Box color="quiet">{feedWords.aSimulatedOneStandsInFor()}</Box>
      <Refusal words={(write.error ?? now.error)?.message} />
      {now.data?.parameters.map((parameter) => (
        <Flex
          key={parameter.name}
          align="center"
          gap="10px"
          wrap="wrap"
          borderTopWidth="1px"
          borderColor="hairline"
          py="2px"
          role="group"
          aria-label={parameter.words}
        >
          <Box flex="1" minW="180px">
            {parameter.words}
          </Box>
          {parameter.values.map(({ value, words }) => (
            <PlainButton
              key={value}
              px="12px"
              aria-pressed={parameter.value === value}
              bg={parameter.value === value ? 'lampFill' : undefined}
              color={parameter.value === value ? 'onLamp' : 'ink'}
              disabled={write.isPending}
              onClick={() => write.mutate({ parameter: parameter.name, value })}
            >
              {words}
            </PlainButton>
          ))}
        </Flex>
      ))}
      {feed.settings.map((one, index) => (
        <Flex key={`${one.at} ${index}`} gap="12px" py="4px" fontSize="14px">
          <Box w="52px" color="quiet">
            {one.at.slice(11, 16)}
          </Box>
          <Box flex="1" color={one.taken ? 'ink' : 'out'}>
            {wordsOf(one.parameter)}: {wordsOf(one.parameter, one.before)} →{' '}
            {wordsOf(one.parameter, one.after)}. {one.result}
            <Box as="span" color="quiet">
              {' '}
              · {one.person}
            </Box>
          </Box>
        </Flex>
      ))}
    </Box>
  );
}
