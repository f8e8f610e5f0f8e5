import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { FrontEdit } from '../api/client';
import { readLength, useRuleSets } from '../api/queries';
import { useUnits } from '../ui/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { faithfulLength, shownLength } from '../entry/typed';
import { YesNo } from '../settings/fields';
import { TAPE_MM, USUAL_FITTING_MM } from '../vehicle/shapes';
import { placeWords } from '../words/page/place';

/** The rule sets that the front is judged by, several at once, and what they are held against. */
export function RulesForm({
  front,
  onChange,
}: {
  front: FrontEdit;
  onChange: (changed: Partial<FrontEdit>) => void;
}) {
  const units = useUnits();
  const chosen = front.ruleSets;
  const rules = useRuleSets();
  const sets = rules.data?.filter((set) => set.place.length > 0) ?? [];
  const fitting = shownLength(front.fittingMm ?? USUAL_FITTING_MM, units);
  const readTo = faithfulLength(front.readToMm ?? TAPE_MM, units);
  const width = shownLength(front.widthMm, units);
  return (
    <Box>
      {rules.isPending && <Box color="quiet">{placeWords.theRuleSetsAreLoading()}</Box>}
      {sets.map((set) => (
        <Box key={set.id} borderTopWidth="1px" borderColor="hairline" py="6px">
          <YesNo
            label={set.title}
            value={chosen.includes(set.id)}
            set={(on) =>
              onChange({
                ruleSets: on ? [...chosen, set.id] : chosen.filter((one) => one !== set.id),
              })
            }
          />
          <Box color="quiet" pl="36px">
            {set.scope}
          </Box>
        </Box>
      ))}
      <Row
        words={placeWords.widthOfTheVehicleWithoutMirrors()}
        more={front.widthGuessed ? placeWords.aGuessAlone() : ''}
      >
        <MeasuredEntry
          label={placeWords.widthOfTheVehicleWidth({ width })}
          shown={width}
          onKeep={async (typed) =>
            onChange({ widthMm: await readLength(typed, units), widthGuessed: undefined })
          }
        />
      </Row>
      <Row words={placeWords.tapeReadingAccuracyOnThisFront()} more="">
        <MeasuredEntry
          label={placeWords.readToReadTo({ readTo })}
          shown={`± ${readTo}`}
          onKeep={async (typed) => onChange({ readToMm: await readLength(typed, units) })}
        />
      </Row>
      <Row words={placeWords.roomTheNearestGoodPlaceKeeps()} more="">
        <MeasuredEntry
          label={placeWords.fittingAllowanceFitting({ fitting })}
          shown={fitting}
          onKeep={async (typed) => onChange({ fittingMm: await readLength(typed, units) })}
        />
      </Row>
    </Box>
  );
}

function Row({ words, more, children }: { words: string; more: string; children: ReactNode }) {
  return (
    <Flex align="center" gap="12px" borderTopWidth="1px" borderColor="hairline" minH="56px">
      <Box flex="1">
        {words}
        {more && (
          <Box as="span" color="edge">
            {' '}
            · {more}
          </Box>
        )}
      </Box>
      {children}
    </Flex>
  );
}
