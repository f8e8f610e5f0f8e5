import { Box, Flex } from '@chakra-ui/react';
import type { FindPage, Hunt } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Key } from '../ui/Key';
import { findWords } from '../words/page/find';
import { Answers } from './Answers';
import { minutesText } from './checking';
import type { Checked } from './useHunt';

/** Why a check is next: what it splits, what it confirms, what nothing explains. */
export function whyWords({ why, check }: NonNullable<Hunt['next']>): string {
  if (why === 'AGAIN') {
    return findWords.whyAgain();
  }
  if (why === 'CONFIRMS') {
    return findWords.whyConfirms();
  }
  const count = check.splits.reduce((sum, one) => sum + one, 0);
  return check.splits.length > 1
    ? findWords.whySplits({ count, groups: check.splits.join(' · ') })
    : findWords.whyTells();
}

/** What has to be opened first, in words; empty where nothing has. */
export function opensWords(page: FindPage, opens: readonly string[]): string {
  const places = page.reaches.filter((one) => opens.includes(one.reach)).map((one) => one.words);
  return places.length > 0 ? findWords.opensFirst({ places: places.join(', ') }) : '';
}

/** The next check under the drawing: where, why, how long, and its answers. */
export function NextCheck({
  page,
  hunt,
  checked,
  onOther,
  onStandBack,
}: {
  page: FindPage;
  hunt: Hunt;
  checked: Checked;
  onOther: () => void;
  onStandBack: () => void;
}) {
  const { next } = hunt;
  return (
    <Box
      as="section"
      aria-label={findWords.nextCheck()}
      bg="panel"
      borderTopWidth="1px"
      borderColor="hairline"
      px={{ base: '14px', lg: '22px' }}
      pt="8px"
      pb={next ? '2px' : '8px'}
    >
      <Box display="flow-root">
        {/* afloat, so that a long check runs on under them instead of pushing the drawing away */}
        <Flex float="right" ml="12px" gap="8px" wrap="wrap" justify="flex-end">
          <PlainButton onClick={onOther}>
            {findWords.otherCheck()}
            <Key name="o" />
          </PlainButton>
          <PlainButton onClick={onStandBack}>
            {findWords.standBack()}
            <Key name="s" />
          </PlainButton>
        </Flex>
        {next && (
          <>
            <Box fontFamily="heading" fontWeight="600" fontSize="22px" lineHeight="1.2">
              {next.check.words}
            </Box>
            <Box color="quiet">
              {[minutesText(next.check.minutes), opensWords(page, next.check.opens), whyWords(next)]
                .filter(Boolean)
                .join(' · ')}
            </Box>
          </>
        )}
      </Box>
      {next && next.expected.length > 1 && (
        <Box
          color="quiet"
          fontSize="14px"
          lineClamp={1}
          data-shortened
          aria-label={findWords.whatCausesWouldShow()}
          role="note"
        >
          {next.expected
            .map((one) => findWords.wouldShow({ cause: one.cause, shows: one.shows }))
            .join(' · ')}
        </Box>
      )}
      {next && (
        <Box pt="8px">
          <Answers
            key={`${JSON.stringify(next.check.check)} ${String(hunt.lines.length)}`}
            jobId={page.job.id}
            hunt={hunt}
            check={next.check}
            checked={checked}
          />
        </Box>
      )}
    </Box>
  );
}
