import { Box, Flex, Heading } from '@chakra-ui/react';
import { PlainButton } from './buttons';
import { useCallback, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Units } from './api/client';
import { useCommand } from './commands';
import { Key } from './Key';
import { PersonPicker } from './PersonPicker';
import { useSession, useUnits } from './session';
import { NextTimer } from '../timers/Bell';

/** The top line of every page: whose it is, where one is, and what flips everywhere. */
export function Header({
  title,
  subtitle,
  children,
}: {
  title: string;
  subtitle?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <Flex
      as="header"
      align="center"
      gap={{ base: '8px', md: '20px' }}
      px={{ base: '14px', md: '26px' }}
      minH="60px"
      py="4px"
      wrap={{ base: 'wrap', lg: 'nowrap' }}
    >
      <Link to="/" aria-label="mellow horizon, to the yard">
        <Box
          fontFamily="heading"
          fontSize="17px"
          fontWeight="700"
          letterSpacing="0.02em"
          whiteSpace="nowrap"
          py="12px"
        >
          <Box as="span" color="quiet">
            mellow
          </Box>{' '}
          <Box as="span" color="lamp">
            horizon
          </Box>
        </Box>
      </Link>
      <Flex
        align="center"
        columnGap="10px"
        minW={{ base: '100%', lg: '0' }}
        flex="1"
        order={{ base: 3, lg: 0 }}
        wrap={{ base: 'wrap', xl: 'nowrap' }}
      >
        <Heading
          as="h1"
          fontFamily="heading"
          fontSize="22px"
          fontWeight="600"
          whiteSpace="nowrap"
          overflow="hidden"
          textOverflow="ellipsis"
          maxW="100%"
          flexShrink={0}
        >
          {title}
        </Heading>
        {subtitle && (
          <Box
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
        gap="8px"
        align="center"
        ml="auto"
        wrap={{ base: 'wrap', lg: 'nowrap' }}
        justify="flex-end"
      >
        {children}
        <NextTimer />
        <ThemeButton />
        <PersonPicker />
      </Flex>
    </Flex>
  );
}

function ThemeButton() {
  const { theme, flipTheme } = useSession();
  useCommand('d', 'Flip between dusk and day', flipTheme);
  return (
    <PlainButton onClick={flipTheme} hideBelow="md">
      {theme === 'dusk' ? 'Dusk' : 'Day'}
      <Key name="d" />
    </PlainButton>
  );
}

/** Flips millimetres and inches everywhere. */
export function UnitsButton() {
  const units: Units = useUnits();
  const { flipUnits } = useSession();
  const flip = useCallback(() => flipUnits(units), [flipUnits, units]);
  useCommand('u', 'Flip between millimetres and inches', flip);
  return (
    <PlainButton onClick={flip}>
      {units === 'METRIC' ? 'millimetres' : 'inches'}
      <Key name="u" />
    </PlainButton>
  );
}
