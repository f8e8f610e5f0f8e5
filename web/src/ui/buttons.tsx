import { chakra, defineRecipe } from '@chakra-ui/react';

/** What all buttons share: round ends, room for a gloved finger. */
const common = {
  display: 'inline-flex',
  alignItems: 'center',
  justifyContent: 'center',
  minH: '48px',
  borderRadius: 'full',
  fontFamily: 'heading',
  fontWeight: '600',
  // a phone has no room for two long labels side by side
  whiteSpace: { base: 'normal', md: 'nowrap' },
  lineHeight: { base: '1.1', md: 'inherit' },
  cursor: 'pointer',
  _disabled: { opacity: 0.5, cursor: 'not-allowed' },
} as const;

/** The next thing to do: one on a page. */
export const ActButton = chakra(
  'button',
  defineRecipe({
    base: {
      ...common,
      bg: 'lampFill',
      color: 'onLamp',
      fontSize: { base: '18px', md: '20px' },
      px: { base: '20px', md: '26px' },
      minH: { base: '48px', md: '56px' },
    },
  }),
);

/** Anything else that can be done. */
export const PlainButton = chakra(
  'button',
  defineRecipe({
    base: { ...common, color: 'ink', borderWidth: '1px', borderColor: 'rule', px: '16px' },
  }),
);

/** One of several, of which one holds. */
export const PickButton = chakra(
  'button',
  defineRecipe({
    base: {
      ...common,
      color: 'ink',
      borderWidth: '1px',
      borderColor: 'rule',
      px: '16px',
      _pressed: { borderColor: 'lamp', color: 'lamp' },
    },
  }),
);

/** Words or a figure that can be pressed. */
export const BareButton = chakra(
  'button',
  defineRecipe({
    base: {
      ...common,
      justifyContent: 'flex-start',
      borderRadius: '6px',
      color: 'ink',
      px: '6px',
      fontFamily: 'inherit',
      fontWeight: 'inherit',
      textDecoration: 'underline',
      textDecorationStyle: 'dotted',
      textUnderlineOffset: '3px',
    },
  }),
);
