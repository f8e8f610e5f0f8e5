import { Box, Flex } from '@chakra-ui/react';
import type { PlugEdit } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { VerdictShape } from '../finding/VerdictShape';
import { said } from '../takein/words';
import { placesOf, stateAt, TICK_WORDS, ticked } from './parts';
import { GENDERS, USES } from './words';
import { partsWords } from '../words/page/parts';
import { sideWord } from '../words/terms';

/** Every plug of the kit, ticked one by one: a function test does not prove them. */
export function PlugMap({
  plugs,
  onChange,
  onEdit,
  onAdd,
}: {
  plugs: PlugEdit[];
  onChange: (plug: PlugEdit) => void;
  onEdit: (plug: PlugEdit) => void;
  onAdd: () => void;
}) {
  return (
    <Box
      as="section"
      aria-label={partsWords.connectorMap()}
      h="100%"
      overflowY="auto"
      tabIndex={0}
      bg="panel"
      px="14px"
      py="10px"
    >
      <Flex justify="space-between" align="baseline">
        <Box color="quiet" fontSize="15px">
          {partsWords.connectorMap()}
        </Box>
        <BareButton onClick={onAdd}>{partsWords.addAConnector()}</BareButton>
      </Flex>
      {plugs.length === 0 && <Box py="8px">{partsWords.mapEveryConnectorOfTheKit()}</Box>}
      {plugs.map((plug) => (
        <Box key={plug.id} py="8px" borderTopWidth="1px" borderColor="hairline">
          <Box
            as="button"
            w="100%"
            minH="48px"
            textAlign="left"
            cursor="pointer"
            onClick={() => onEdit(plug)}
          >
            <Box fontFamily="heading" fontWeight="600" fontSize="17px" lineHeight="1.2">
              {plug.label}
            </Box>
            <Box color="quiet" fontSize="14px" lineHeight="1.3">
              {[
                plug.use === 'CONNECT' ? plug.socket : said(USES, plug.use),
                plug.family,
                plug.gender !== 'NOT_SAID' && said(GENDERS, plug.gender),
                plug.adapter && partsWords.adapterAdapter({ adapter: plug.adapter }),
                plug.matesWith &&
                  partsWords.matesWithLabel({
                    label: plugs.find((one) => one.id === plug.matesWith)?.label ?? '',
                  }),
              ]
                .filter(Boolean)
                .join(', ')}
            </Box>
          </Box>
          <Flex gap="6px" pt="4px">
            {placesOf(plug).map((place) => {
              const state = stateAt(plug, place);
              const where = place ? sideWord(place) : partsWords.once();
              return (
                <PlainButton
                  key={where}
                  flex="1"
                  px="6px"
                  gap="7px"
                  fontSize="15px"
                  aria-label={`${where}: ${state ? TICK_WORDS[state] : partsWords.notTicked()}, ${plug.label}`}
                  onClick={() => onChange(ticked(plug, place))}
                >
                  <VerdictShape verdict={state ? 'WITHIN' : 'NOT_KNOWN'} size={16} />
                  {where}
                  {state === 'PARTED' && partsWords.parted()}
                </PlainButton>
              );
            })}
          </Flex>
        </Box>
      ))}
    </Box>
  );
}
