import { Box, Flex, Grid } from '@chakra-ui/react';
import type { FeedPage, FeedWish } from '../api/client';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { PlainButton } from '../ui/buttons';
import { Choice } from '../settings/fields';
import { FUNCTIONS, LEVEL_WORDS, nextLevel, usualWishes, WISHED, withWish } from '../circuit/words';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

export type LowStays = '' | 'yes' | 'no';

const LOW_STAYS: readonly (readonly [LowStays, string])[] = [
  ['', feedWords.notTriedYet()],
  ['no', feedWords.itGoesOut()],
  ['yes', feedWords.itStaysLit()],
];

/** What the lamps should do: a table to fill in, one function after the other. */
export function WishGrid({
  page,
  wishes,
  set,
  lowStays,
  setLowStays,
}: {
  page: FeedPage;
  wishes: FeedWish[];
  set: (wishes: FeedWish[]) => void;
  /** What the vehicle's low beam does on main beam; empty while nobody tried. */
  lowStays: LowStays;
  setLowStays: (answer: LowStays) => void;
}) {
  const chosen = FUNCTIONS.map(([of]) => of).filter((of) =>
    wishes.some((wish) => wish.function === of),
  );
  const words = (state: string) => page.states.find((one) => one.state === state)?.words ?? state;
  return (
    <Box>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px">
        {feedWords.whatShouldTheLampsDo()}
      </Box>
      <Box color="quiet" pb="8px">
        {feedWords.pickTheLampsThenPressA()}
      </Box>
      <ChoiceButtons
        label={appWords.lamps()}
        options={FUNCTIONS}
        chosen={chosen}
        onToggle={(of) =>
          set(
            chosen.includes(of)
              ? wishes.filter((wish) => wish.function !== of)
              : [...wishes, ...usualWishes([of])],
          )
        }
      />
      {chosen.map((of) => (
        <Box key={of} pt="14px">
          <Box fontFamily="heading" fontWeight="600" pb="6px">
            {FUNCTIONS.find(([one]) => one === of)?.[1]}
          </Box>
          <Grid templateColumns="repeat(auto-fill, minmax(148px, 1fr))" gap="6px">
            {WISHED[of].map((state) => {
              const level = wishes.find(
                (wish) => wish.function === of && wish.state === state,
              )?.level;
              return (
                <PlainButton
                  key={state}
                  borderRadius="6px"
                  h="60px"
                  px="8px"
                  bg={level === 'FULL' ? 'lampFill' : 'panel'}
                  color={level === 'FULL' ? 'onLamp' : 'ink'}
                  borderColor={level ? 'lamp' : 'hairline'}
                  borderStyle={level === 'REDUCED' ? 'dashed' : 'solid'}
                  onClick={() => set(withWish(wishes, { function: of, state }, nextLevel(level)))}
                >
                  <Flex direction="column" lineHeight="1.15">
                    <Box fontWeight="400" fontSize="13.5px" whiteSpace="normal">
                      {words(state)}
                    </Box>
                    <Box fontSize="16px">{level ? LEVEL_WORDS[level] : feedWords.eitherWay()}</Box>
                  </Flex>
                </PlainButton>
              );
            })}
          </Grid>
        </Box>
      ))}
      <Box pt="16px" maxW="320px">
        <Choice
          label={feedWords.whatDoesTheLowBeamDo()}
          value={lowStays}
          set={setLowStays}
          options={LOW_STAYS}
        />
      </Box>
    </Box>
  );
}
