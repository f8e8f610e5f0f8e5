import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { Figure, RuleSet, Source } from '../app/api/client';
import { useRuleSets } from '../app/api/queries';
import { PlainButton } from '../app/buttons';
import { Header, UnitsButton } from '../app/Header';
import { figureText, UnitsProvider, useUnits } from '../app/session';
import { FUNCTIONS } from '../place/words';
import { DIPPED, FOG } from '../settings/words';

/** All rule sets as one readable view: limits, conditions, where they stand, and their mark. */
export function RulebookPage() {
  return (
    <UnitsProvider units="METRIC">
      <Rulebook />
    </UnitsProvider>
  );
}

function Rulebook() {
  const sets = useRuleSets();
  const [chosen, setChosen] = useState<string>();
  const set = sets.data?.find((one) => one.id === chosen) ?? sets.data?.[0];
  return (
    <>
      <Header title="Rulebook" subtitle="what lamps are judged by; the text in force decides">
        <UnitsButton />
      </Header>
      <Box as="main" px={{ base: '14px', md: '26px' }} pb="40px">
        {sets.error && (
          <Box role="alert" color="out">
            {sets.error.message}
          </Box>
        )}
        <Flex gap="8px" wrap="wrap" pb="14px" role="group" aria-label="Rule sets">
          {sets.data?.map((one) => (
            <PlainButton
              key={one.id}
              aria-pressed={one.id === set?.id}
              borderColor={one.id === set?.id ? 'lamp' : 'hairline'}
              onClick={() => setChosen(one.id)}
            >
              {one.title}
            </PlainButton>
          ))}
        </Flex>
        {set && <Rules set={set} />}
      </Box>
    </>
  );
}

function Rules({ set }: { set: RuleSet }) {
  return (
    <>
      <Box fontSize="17px" maxW="760px">
        {set.scope}{' '}
        <Box as="span" color="quiet">
          Version {set.version}, usually for traffic on the {set.usualTraffic.toLowerCase()}.
        </Box>
      </Box>
      {set.aim.length > 0 && (
        <Table title="Aim" heads={['Lamps', 'Condition', 'Allowed', 'Aim', 'Where it stands']}>
          {set.aim.map((rule) => (
            <tr key={rule.id}>
              <Cell>{rule.lamps.map(lampWords).join(', ')}</Cell>
              <Cell>
                <Condition rule={rule} />
              </Cell>
              <Cell>
                <Limits least={rule.lowest} most={rule.highest} />
              </Cell>
              <Cell>
                <FigureText figure={rule.aim} />
              </Cell>
              <Cell>
                <Where source={rule.source} />
              </Cell>
            </tr>
          ))}
        </Table>
      )}
      {set.place.length > 0 && (
        <Table title="Place" heads={['Lamps', 'What', 'Allowed', 'Vehicles', 'Where it stands']}>
          {set.place.map((rule) => (
            <tr key={rule.id}>
              <Cell>{rule.functions.map(functionWords).join(', ')}</Cell>
              <Cell>{rule.asksWords}</Cell>
              <Cell>
                <Limits least={rule.least} most={rule.most} />
              </Cell>
              <Cell>
                {rule.widthFrom || rule.widthBelow ? (
                  <>
                    {rule.widthFrom ? 'from ' : 'under '}
                    <FigureText figure={rule.widthFrom ?? rule.widthBelow} /> wide
                  </>
                ) : (
                  'all'
                )}
              </Cell>
              <Cell>
                <Where source={rule.source} />
              </Cell>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}

function Table({
  title,
  heads,
  children,
}: {
  title: string;
  heads: string[];
  children: ReactNode;
}) {
  return (
    <Box overflowX="auto" mt="20px" tabIndex={0} role="region" aria-label={title}>
      <Box fontFamily="heading" fontSize="20px" fontWeight="600" pb="6px">
        {title}
      </Box>
      <Box as="table" w="100%" minW="720px" fontSize="16px">
        <thead>
          <tr>
            {heads.map((head) => (
              <Box
                as="th"
                key={head}
                textAlign="left"
                color="quiet"
                fontWeight="500"
                fontSize="15px"
                pr="16px"
                pb="6px"
              >
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  );
}

function Cell({ children }: { children: ReactNode }) {
  return (
    <Box as="td" borderTopWidth="1px" borderColor="hairline" py="9px" pr="16px" verticalAlign="top">
      {children}
    </Box>
  );
}

function FigureText({ figure }: { figure: Figure | undefined }) {
  const units = useUnits();
  return (
    <Box as="span" fontFamily="heading" fontWeight="600" whiteSpace="nowrap">
      {figure && figureText(figure, units)}
    </Box>
  );
}

function Limits({ least, most }: { least: Figure | undefined; most: Figure | undefined }) {
  if (least && most) {
    return (
      <>
        <FigureText figure={least} /> to <FigureText figure={most} />
      </>
    );
  }
  return (
    <>
      {least ? 'at least ' : 'at most '}
      <FigureText figure={least ?? most} />
    </>
  );
}

function Condition({ rule }: { rule: RuleSet['aim'][number] }) {
  const of = rule.heightOf === 'CENTRE' ? 'centre' : 'lower edge';
  return (
    <>
      {rule.heightOf ? (
        <>
          {of}{' '}
          {rule.aboveHeight && (
            <>
              {rule.aboveIncluded ? 'from ' : 'over '}
              <FigureText figure={rule.aboveHeight} />{' '}
            </>
          )}
          {rule.belowHeight && (
            <>
              {rule.belowIncluded ? 'up to ' : 'under '}
              <FigureText figure={rule.belowHeight} />
            </>
          )}
        </>
      ) : (
        'any height'
      )}
      {rule.byMakersChoice && ', at the maker’s choice'}
    </>
  );
}

function Where({ source }: { source: Source }) {
  return (
    <>
      {source.reference}
      <Box
        fontSize="14px"
        fontWeight="600"
        color={source.mark === 'FROM_MEMORY' ? 'edge' : 'quiet'}
      >
        {source.words}
      </Box>
    </>
  );
}

const lampWords = (lamp: RuleSet['aim'][number]['lamps'][number]) =>
  [...DIPPED, ...FOG].find(([one]) => one === lamp)?.[1] ?? lamp;

const functionWords = (of: RuleSet['place'][number]['functions'][number]) =>
  FUNCTIONS.find(([one]) => one === of)?.[1] ?? of;
