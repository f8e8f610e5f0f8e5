import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { uuidv7 } from 'uuidv7';
import type { Units } from '../api/client';
import { putBay, useBays } from '../api/queries';
import { ActButton } from '../ui/buttons';
import { Header } from '../frame/Header';
import { Refusal } from '../ui/Refusal';
import { Choice, Pairs, TextField } from '../settings/fields';
import { UNITS } from '../settings/words';
import { appWords } from '../words/page/app';
import { bayWords } from '../words/page/bay';

/** The places where lamps are aimed. */
export function BayList() {
  const bays = useBays();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const [units, setUnits] = useState<Units>('METRIC');
  const [id] = useState(uuidv7);
  const add = useMutation({
    mutationFn: () => putBay(id, { version: 0, name: name.trim(), note: note.trim(), units }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['bays'] });
      void navigate(`/bays/${id}`);
    },
  });
  return (
    <>
      <Header title={appWords.bays()} subtitle={bayWords.whereLampsAreAimedOneFloor()} />
      <Box as="main" px={{ base: '14px', md: '26px' }}>
        <Refusal words={bays.error?.message} pb="10px" />
        <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="hairline">
          {bays.data?.map((bay) => (
            <Box as="li" key={bay.id} borderBottomWidth="1px" borderColor="hairline">
              <Link to={`/bays/${bay.id}`}>
                <Flex minH="72px" align="center" gap="20px" _hover={{ bg: 'panel' }}>
                  <Box fontFamily="heading" fontSize="21px" fontWeight="600" minW="180px">
                    {bay.name}
                  </Box>
                  <Box color="quiet">{bay.note}</Box>
                </Flex>
              </Link>
            </Box>
          ))}
          {bays.data?.length === 0 && (
            <Box py="30px" fontSize="18px">
              {bayWords.noBayYetNameThePlace()}
            </Box>
          )}
        </Box>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            add.mutate();
          }}
        >
          <Box mt="26px" maxW="640px" display="flex" flexDirection="column" gap="14px">
            <Box fontFamily="heading" fontSize="20px" fontWeight="600">
              {bayWords.anotherBay()}
            </Box>
            <Pairs>
              <TextField label={appWords.name()} value={name} set={setName} maxLength={60} />
              <Choice label={appWords.units()} value={units} set={setUnits} options={UNITS} />
            </Pairs>
            <TextField
              label={bayWords.howItsFloorIsRead()}
              value={note}
              set={setNote}
              maxLength={300}
              placeholder={bayWords.waterLevelLaser()}
            />
            <Refusal words={add.error?.message} />
            <ActButton type="submit" alignSelf="flex-start" disabled={!name.trim()}>
              {bayWords.addTheBay()}
            </ActButton>
          </Box>
        </form>
      </Box>
    </>
  );
}
