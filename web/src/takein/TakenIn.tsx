import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { TakeInEdit, TakeInPage } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { Key } from '../ui/Key';
import { ScrollRegion } from '../ui/ScrollRegion';
import { LazyText } from '../entry/LazyText';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';
import { FunctionGrid } from './FunctionGrid';
import { ACCESS, CHANGES, KINDS, said } from './words';

/** What was taken in: of whom, what is wanted and why, how the work is reached, what was changed. */
export function TakenIn({
  page,
  content,
  change,
  onVehicle,
  onFound,
}: {
  page: TakeInPage;
  content: TakeInEdit;
  change: (part: Partial<TakeInEdit>) => void;
  onVehicle: () => void;
  onFound: () => void;
}) {
  const { vehicle } = page;
  return (
    <ScrollRegion
      bg="plaster"
      px={{ base: '14px', lg: '22px' }}
      py="8px"
      label={takeinWords.whatWasTakenIn()}
    >
      <Flex direction="column" gap="8px">
        <Flex gap="10px" wrap="wrap" align="center">
          <Box flex="1" minW="220px">
            <LazyText
              label={takeinWords.customer()}
              placeholder={takeinWords.customerSmall()}
              value={content.customer}
              onDone={(customer) => change({ customer })}
            />
          </Box>
          <PlainButton onClick={onVehicle}>
            {[vehicle.name, vehicle.variant, vehicle.modelYear].filter(Boolean).join(', ')}
            <Key name="v" />
          </PlainButton>
          <PlainButton onClick={onFound}>
            {takeinWords.whatItFound()}
            <Key name="j" />
          </PlainButton>
        </Flex>
        <Line title={takeinWords.wanted()}>
          <ChoiceButtons
            label={appWords.whatIsWanted()}
            options={KINDS}
            chosen={content.kinds}
            onToggle={(kind) => change({ kinds: toggled(content.kinds, kind) })}
          />
        </Line>
        <Line title={appWords.why()}>
          <LazyText
            label={takeinWords.inTheCustomersWords()}
            placeholder={takeinWords.inTheCustomersWordsSmall()}
            value={content.wants}
            maxLength={600}
            onDone={(wants) => change({ wants })}
          />
        </Line>
        <Line title={takeinWords.access()}>
          <ChoiceButtons
            label={takeinWords.access()}
            options={ACCESS}
            chosen={[content.access]}
            onToggle={(access) => change({ access })}
          />
          <ChoiceButtons
            label={takeinWords.moreOnAccess()}
            options={MORE_ACCESS}
            chosen={MORE_ACCESS.map(([flag]) => flag).filter((flag) => content[flag])}
            onToggle={(flag) => change({ [flag]: !content[flag] })}
          />
          {page.plan.offered.length > 0 && (
            <Box color="lamp">
              {takeinWords.openAnyway({
                kinds: page.plan.offered.map((kind) => said(KINDS, kind)).join(', '),
              })}
            </Box>
          )}
        </Line>
        <Line title={takeinWords.changed()}>
          <ChoiceButtons
            label={takeinWords.changedBeforeItCame()}
            options={CHANGES}
            chosen={content.changes}
            onToggle={(one) => change({ changes: toggled(content.changes, one) })}
          />
          {(content.changes.length > 0 || content.changesNote) && (
            <Box flexBasis="100%">
              <LazyText
                label={takeinWords.whatWasChanged()}
                placeholder={takeinWords.whatWhenByWhom()}
                value={content.changesNote}
                maxLength={600}
                onDone={(changesNote) => change({ changesNote })}
              />
            </Box>
          )}
        </Line>
        <FunctionGrid checks={content.checks} onChange={(checks) => change({ checks })} />
        {content.checks.some(isAmiss) && (
          <Flex justify="center">
            <PlainButton asChild>
              <Link to={`/jobs/${page.job.id}/find`}>{appWords.findTheFault()}</Link>
            </PlainButton>
          </Flex>
        )}
      </Flex>
    </ScrollRegion>
  );
}

const isAmiss = ({ state }: TakeInEdit['checks'][number]) =>
  state !== 'WORKS' && state !== 'NOT_FITTED';

const MORE_ACCESS = [
  ['headlampsLoosened', takeinWords.headlampsComeLoose()],
  ['secondSet', takeinWords.secondSetBuiltMeanwhile()],
] as const;

function Line({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Flex columnGap="10px" align="flex-start">
      <Box w="84px" flexShrink={0} pt="13px" color="quiet">
        {title}
      </Box>
      <Flex flex="1" minW="0" gap="6px" wrap="wrap" align="center">
        {children}
      </Flex>
    </Flex>
  );
}
