import { Box, Flex } from '@chakra-ui/react';
import type { FrontEdit, PlaceSheet, Verdict } from '../api/client';
import { BareButton } from '../ui/buttons';
import { VERDICT_WORD, VerdictShape } from '../finding/VerdictShape';
import { isOfPair } from '../finding/subject';
import { capital } from '../words/capital';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

const GRAVEST: Verdict[] = ['OUT', 'AT_EDGE', 'NOT_KNOWN', 'WITHIN'];

/** The lamps of this front, and what is in their way; each with where it stands. */
export function PairList({
  front,
  sheet,
  chosenId,
  onChoose,
  onAddLamp,
  onEditLamp,
  onKeepOuts,
  onRules,
  onHoles,
}: {
  front: FrontEdit;
  sheet: PlaceSheet;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
  onAddLamp: () => void;
  onEditLamp: () => void;
  onKeepOuts: () => void;
  onRules: () => void;
  onHoles: () => void;
}) {
  return (
    <>
      <Box as="ul" listStyleType="none" aria-label={appWords.lamps()}>
        {front.pairs.map((pair) => {
          const verdict = worstOf(sheet, pair.id);
          return (
            <li key={pair.id}>
              <Flex
                as="button"
                gap="12px"
                w="100%"
                minH="52px"
                py="5px"
                textAlign="left"
                align="flex-start"
                cursor="pointer"
                aria-pressed={pair.id === chosenId}
                onClick={() => onChoose(pair.id)}
              >
                <Box pt="1px">
                  <VerdictShape verdict={verdict} />
                </Box>
                <Box minW="0">
                  <Box
                    fontFamily="heading"
                    fontWeight="600"
                    fontSize="17px"
                    color={pair.id === chosenId ? 'lamp' : 'ink'}
                  >
                    {capital(
                      placeWords.pairNamed({
                        name: pair.name,
                        plural: pair.name.endsWith('s') ? 'yes' : 'no',
                      }),
                    )}
                  </Box>
                  <Box color="quiet">{summary(sheet, pair.id, verdict)}</Box>
                </Box>
              </Flex>
            </li>
          );
        })}
      </Box>
      <Flex direction="column" align="flex-start" mt="4px">
        {front.pairs.length > 0 && (
          <BareButton onClick={onEditLamp} px="0">
            {placeWords.changeThisLamp()}
          </BareButton>
        )}
        <BareButton onClick={onAddLamp} px="0">
          {placeWords.addALamp()}
        </BareButton>
        <BareButton onClick={onKeepOuts} px="0">
          {placeWords.inTheWayLength({ length: front.keepOuts.length || appWords.nothing() })}
        </BareButton>
        <BareButton onClick={onRules} px="0">
          {placeWords.rulesLength({ length: front.ruleSets.length })}
        </BareButton>
        <BareButton onClick={onHoles} px="0">
          {placeWords.holesOfABracket()}
        </BareButton>
      </Flex>
    </>
  );
}

const ofPair = (sheet: PlaceSheet, id: string) =>
  sheet.findings.filter((finding) => isOfPair(finding, id));

function worstOf(sheet: PlaceSheet, id: string): Verdict {
  const verdicts = new Set(ofPair(sheet, id).map((finding) => finding.verdict));
  return GRAVEST.find((verdict) => verdicts.has(verdict)) ?? 'NOT_KNOWN';
}

function summary(sheet: PlaceSheet, id: string, verdict: Verdict) {
  const all = ofPair(sheet, id);
  const such = all.filter((finding) => finding.verdict === verdict).length;
  return placeWords.suchOfLengthVerdict({
    such,
    length: all.length,
    verdict: VERDICT_WORD[verdict],
  });
}
