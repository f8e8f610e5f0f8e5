import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  dialogSlotRecipe,
  globalCss,
  inputRecipe,
  keyframes,
  layerStyles,
  nativeSelectSlotRecipe,
  semanticTokens,
  textareaRecipe,
  textStyles,
  tokens,
} from '@chakra-ui/react/theme';

/** Colours by meaning; Dusk is the dark one, Day its twin for print and sunlight. */
const colours = {
  ground: ['#1b191d', '#f3efe7'],
  panel: ['#242126', '#fbf8f2'],
  hairline: ['#3b363d', '#d6cec0'],
  rule: ['#7d746f', '#8d8275'],
  ink: ['#f1e9dc', '#26221e'],
  quiet: ['#a79d96', '#5e564e'],
  plaster: ['#37322f', '#e4dccd'],
  floor: ['#141217', '#b7ac9a'],
  floorInk: ['#b9afa6', '#26221e'],
  tape: ['#eadcb8', '#fffaee'],
  tapeInk: ['#3a3122', '#3a3122'],
  tapeQuiet: ['#6b5e45', '#6b5e45'],
  lamp: ['#f5c55f', '#7d5100'],
  onLamp: ['#1b191d', '#1b191d'],
  lampFill: ['#f5c55f', '#e0a52c'],
  within: ['#8fd1ad', '#17683f'],
  edge: ['#f0b648', '#7d4f00'],
  out: ['#ff8163', '#ab3413'],
  onVerdict: ['#1b191d', '#fbf8f2'],
} as const;

export type Paint = keyof typeof colours;

/** A colour token for SVG attributes. */
export const paint = (name: Paint) =>
  `var(--chakra-colors-${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)})`;

/** What the components of the library call their colours, in ours. */
const aliases = {
  border: 'rule',
  bg: 'ground',
  'bg.panel': 'panel',
  fg: 'ink',
  'fg.muted': 'quiet',
  'fg.subtle': 'quiet',
} as const satisfies Record<string, Paint>;

const semantic = Object.fromEntries(
  Object.entries(colours).map(([name, [dusk, day]]) => [
    name,
    { value: { base: dusk, _dark: dusk, _light: day } },
  ]),
);

/** The library's own look, of the components that the pages use. */
const library = defineConfig({
  cssVarsPrefix: 'chakra',
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss,
  theme: {
    breakpoints,
    keyframes,
    tokens,
    semanticTokens,
    textStyles,
    layerStyles,
    animationStyles,
    recipes: {
      button: buttonRecipe,
      input: inputRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: { dialog: dialogSlotRecipe, nativeSelect: nativeSelectSlotRecipe },
  },
});

export const system = createSystem(
  defaultBaseConfig,
  library,
  defineConfig({
    preflight: true,
    globalCss: {
      'html, body, #root': { height: '100%' },
      body: {
        bg: 'ground',
        color: 'ink',
        fontFamily: 'body',
        fontSize: '15px',
        lineHeight: '1.35',
        fontVariantNumeric: 'tabular-nums',
      },
      '[role=dialog][role=dialog]': { fontSize: '15px' },
      '::selection': { bg: 'lampFill', color: 'onLamp' },
      ':focus-visible': { outline: '2px solid', outlineColor: 'lamp', outlineOffset: '2px' },
      '.dark': { colorScheme: 'dark' },
      '.light': { colorScheme: 'light' },
      '*': {
        '@media (prefers-reduced-motion: reduce)': {
          transitionDuration: '0s !important',
          animationDuration: '0s !important',
        },
      },
    },
    theme: {
      tokens: {
        fonts: {
          body: { value: "'Barlow', sans-serif" },
          heading: { value: "'Barlow Semi Condensed', 'Barlow', sans-serif" },
          scale: { value: "'Barlow Condensed', 'Barlow', sans-serif" },
        },
      },
      semanticTokens: {
        colors: {
          ...semantic,
          border: { DEFAULT: { value: `{colors.${aliases.border}}` } },
          bg: {
            DEFAULT: { value: `{colors.${aliases.bg}}` },
            panel: { value: `{colors.${aliases['bg.panel']}}` },
          },
          fg: {
            DEFAULT: { value: `{colors.${aliases.fg}}` },
            muted: { value: `{colors.${aliases['fg.muted']}}` },
            subtle: { value: `{colors.${aliases['fg.subtle']}}` },
          },
        },
      },
    },
  }),
);
