import { Box, Flex, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { PlainButton } from '../ui/buttons';
import type { Units } from '../api/client';
import { useCommand } from '../ui/commands';
import { Key } from '../ui/Key';
import { useSession, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { NextTimer } from '../timers/Bell';
import { appWords } from '../words/page/app';
import { PersonPicker } from './PersonPicker';
import { EarlierLine } from './EarlierLine';

/** The product's name, alike in every language. */
const BRAND = ['mellow', 'horizon'] as const;

/** The top line of every page: whose it is, where one is, and what flips everywhere. */
export function Header({
  title,
  subtitle,
  children,
}: {
  title: ReactNode;
  subtitle?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <>
      <EarlierLine />
      <Grid
        as="header"
        alignItems="center"
        columnGap={{ base: '10px', lg: '20px' }}
        rowGap="4px"
        px={{ base: '14px', lg: '26px' }}
        minH={{ base: '56px', lg: '60px' }}
        py={{ base: '2px', lg: '4px' }}
        templateColumns={{ base: 'auto minmax(0, 1fr) auto', md: 'auto minmax(0, 1fr) auto auto' }}
        templateAreas={{
          base: '"brand title person" "tools tools tools"',
          md: '"brand title tools person"',
        }}
      >
        <Box gridArea="brand">
          <Link to="/" aria-label={appWords.productToTheYard({ product: BRAND.join(' ') })}>
            <Brand />
          </Link>
        </Box>
        <Flex
          gridArea="title"
          align="center"
          columnGap="10px"
          minW="0"
          wrap={{ base: 'wrap', xl: 'nowrap' }}
        >
          <Box
            as="h1"
            lineHeight="30px"
            fontFamily="heading"
            fontSize={{ base: '20px', lg: '22px' }}
            fontWeight="600"
            whiteSpace="nowrap"
            overflow="hidden"
            textOverflow="ellipsis"
            data-shortened
            title={typeof title === 'string' ? title : undefined}
            maxW="100%"
            flexShrink={{ base: 1, lg: 0 }}
          >
            {title}
          </Box>
          {subtitle && (
            <Box
              hideBelow="lg"
              color="quiet"
              fontSize="15px"
              lineHeight="1.2"
              pt="3px"
              minW="0"
              css={{ textWrap: 'balance' }}
            >
              {subtitle}
            </Box>
          )}
        </Flex>
        <Flex
          gridArea="tools"
          gap="8px"
          align="center"
          wrap={{ base: 'wrap', md: 'nowrap' }}
          justify={{ base: 'stretch', md: 'flex-end' }}
        >
          {children}
          <NextTimer />
          <ThemeButton />
        </Flex>
        <Box gridArea="person" ml={{ lg: '-12px' }}>
          <PersonPicker />
        </Box>
      </Grid>
    </>
  );
}

/** The name, or on a small screen its half sun on the horizon. */
function Brand() {
  return (
    <>
      <Box
        hideBelow="lg"
        fontFamily="heading"
        fontSize="17px"
        fontWeight="700"
        letterSpacing="0.02em"
        whiteSpace="nowrap"
        py="12px"
      >
        <Box as="span" color="quiet">
          {BRAND[0]}
        </Box>{' '}
        <Box as="span" color="lamp">
          {BRAND[1]}
        </Box>
      </Box>
      <Flex hideFrom="lg" w="48px" h="48px" align="center" justify="flex-start">
        <svg width="30" height="30" viewBox="0 0 24 24" aria-hidden="true">
          <path d="M4 15a8 8 0 0 1 16 0z" fill={paint('lampFill')} />
          <path d="M1 16.5h22" stroke={paint('ink')} strokeWidth="2" />
        </svg>
      </Flex>
    </>
  );
}

function ThemeButton() {
  const { theme, flipTheme } = useSession();
  useCommand('d', appWords.flipBetweenDuskAndDay(), flipTheme);
  return (
    <PlainButton onClick={flipTheme} hideBelow="md">
      {theme === 'dusk' ? appWords.dusk() : appWords.day()}
      <Key name="d" />
    </PlainButton>
  );
}

/** Flips millimetres and inches everywhere. */
export function UnitsButton() {
  const units: Units = useUnits();
  const { flipUnits } = useSession();
  const flip = () => flipUnits(units);
  useCommand('u', appWords.flipBetweenMillimetresAndInches(), flip);
  return (
    <PlainButton onClick={flip}>
      <Box as="span" hideFrom="lg">
        {units === 'METRIC' ? 'mm' : 'in'}
      </Box>
      <Box as="span" hideBelow="lg">
        {units === 'METRIC' ? appWords.millimetres() : appWords.inches()}
      </Box>
      <Key name="u" />
    </PlainButton>
  );
}
