import { Box, Flex } from '@chakra-ui/react';
import type { FeedPage, ProbedWire, SourceEdit } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { VerdictShape } from '../finding/VerdictShape';
import { KEYS, LIGHTS } from '../circuit/words';
import { feedWords } from '../words/page/feed';

/** The wires that were probed: what each is, or where to read next. */
export function Sources({
  page,
  onEdit,
  onAdd,
}: {
  page: FeedPage;
  onEdit: (wire: SourceEdit) => void;
  onAdd: () => void;
}) {
  return (
    <Box maxW="860px">
      <Flex align="center" gap="12px" wrap="wrap">
        <Box fontFamily="heading" fontWeight="600" fontSize="19px" flex="1">
          {feedWords.wiresFoundByProbing()}
        </Box>
        <PlainButton onClick={onAdd}>{feedWords.probeAWire()}</PlainButton>
      </Flex>
      <Box color="quiet">{feedWords.againstTheBatterysNegativePostEach()}</Box>
      {page.sources.length === 0 && <Box pt="14px">{feedWords.noWireWasProbedInThis()}</Box>}
      {page.sources.map((wire) => (
        <Wire key={wire.wire.id} wire={wire} onEdit={() => onEdit(wire.wire)} />
      ))}
      {page.known.length > 0 && (
        <>
          <Box fontFamily="heading" fontWeight="600" pt="18px">
            {feedWords.foundOnThisVehicleBefore()}
          </Box>
          {page.known.map((wire) => (
            <Wire key={wire.wire.id} wire={wire} />
          ))}
        </>
      )}
    </Box>
  );
}

function Wire({ wire, onEdit }: { wire: ProbedWire; onEdit?: () => void }) {
  const { place, colour, ground, readings, supplyVolts } = wire.wire;
  const next = wire.readNext;
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="10px">
      <Flex gap="10px" align="center">
        <VerdictShape verdict={wire.answer === 'IS' ? 'WITHIN' : 'NOT_KNOWN'} size={18} />
        <Box flex="1">
          <Box fontFamily="heading" fontWeight="600" fontSize="17px">
            {place}
            {colour && `, ${colour}`}: {wire.words}
          </Box>
          <Box color="quiet" fontSize="14px">
            {readings
              .map(
                (one) =>
                  `${KEYS.find(([key]) => key === one.key)?.[1] ?? ''}/${
                    LIGHTS.find(([lights]) => lights === one.lights)?.[1] ?? ''
                  } ${one.volts} V`,
              )
              .join(' · ') || feedWords.nothingReadYet()}
            {feedWords.batterySupplyVoltsVAgainstGround({ supplyVolts, ground })}
          </Box>
          {next && (
            <Box fontSize="14px">
              {feedWords.readNextWithTheKeyAt()}
              {KEYS.find(([key]) => key === next.key)?.[1]}
              {feedWords.andTheLightsAt()}
              {LIGHTS.find(([lights]) => lights === next.lights)?.[1]}”.
            </Box>
          )}
        </Box>
        {onEdit && <BareButton onClick={onEdit}>{feedWords.readOn()}</BareButton>}
      </Flex>
    </Box>
  );
}
