import { Box, Flex } from '@chakra-ui/react';
import type { PlugEdit } from '../app/api/client';
import { BareButton, PlainButton } from '../app/buttons';
import { VerdictShape } from '../finding/VerdictShape';
import { said } from '../takein/words';
import { placesOf, stateAt, TICK_WORDS, ticked } from './parts';
import { USES } from './words';

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
      aria-label="Plug map"
      h="100%"
      overflowY="auto"
      tabIndex={0}
      bg="panel"
      px="14px"
      py="10px"
    >
      <Flex justify="space-between" align="baseline">
        <Box color="quiet" fontSize="15px">
          Plug map
        </Box>
        <BareButton onClick={onAdd}>Add a plug</BareButton>
      </Flex>
      {plugs.length === 0 && (
        <Box py="8px">
          Map every plug of the kit before starting: what it mates with, which adapter, which stay
          unused.
        </Box>
      )}
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
                plug.gender !== 'NOT_SAID' && plug.gender.toLowerCase(),
                plug.adapter && `adapter: ${plug.adapter}`,
                plug.matesWith &&
                  `mates with ${plugs.find((one) => one.id === plug.matesWith)?.label}`,
              ]
                .filter(Boolean)
                .join(', ')}
            </Box>
          </Box>
          <Flex gap="6px" pt="4px">
            {placesOf(plug).map((place) => {
              const state = stateAt(plug, place);
              const where = place?.toLowerCase() ?? 'once';
              return (
                <PlainButton
                  key={where}
                  flex="1"
                  px="6px"
                  gap="7px"
                  fontSize="15px"
                  aria-label={`${where}: ${state ? TICK_WORDS[state] : 'not ticked'}, ${plug.label}`}
                  onClick={() => onChange(ticked(plug, place))}
                >
                  <VerdictShape verdict={state ? 'WITHIN' : 'NOT_KNOWN'} size={16} />
                  {where}
                  {state === 'PARTED' && ': parted'}
                </PlainButton>
              );
            })}
          </Flex>
        </Box>
      ))}
    </Box>
  );
}
