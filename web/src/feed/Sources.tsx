import { Box, Flex } from '@chakra-ui/react';
import type { FeedPage, ProbedWire, SourceEdit } from '../app/api/client';
import { BareButton, PlainButton } from '../app/buttons';
import { VerdictShape } from '../finding/VerdictShape';
import { KEYS, LIGHTS } from './words';

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
          Wires found by probing
        </Box>
        <PlainButton onClick={onAdd}>Probe a wire</PlainButton>
      </Flex>
      <Box color="quiet">
        Against the battery’s own negative; each key position against each light position. Identify
        a wire by connector and cavity, not by its colour.
      </Box>
      {page.sources.length === 0 && <Box pt="14px">No wire was probed in this job yet.</Box>}
      {page.sources.map((wire) => (
        <Wire key={wire.wire.id} wire={wire} onEdit={() => onEdit(wire.wire)} />
      ))}
      {page.known.length > 0 && (
        <>
          <Box fontFamily="heading" fontWeight="600" pt="18px">
            Found on this vehicle before
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
              .join(' · ') || 'nothing read yet'}
            {` · battery ${supplyVolts} V · against ${ground}`}
          </Box>
          {next && (
            <Box fontSize="14px">
              Read next with the key at “{KEYS.find(([key]) => key === next.key)?.[1]}” and the
              lights at “{LIGHTS.find(([lights]) => lights === next.lights)?.[1]}”.
            </Box>
          )}
        </Box>
        {onEdit && <BareButton onClick={onEdit}>Read on</BareButton>}
      </Flex>
    </Box>
  );
}
