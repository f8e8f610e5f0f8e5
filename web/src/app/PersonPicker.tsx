import { Box, Dialog, Flex, Input, Portal } from '@chakra-ui/react';
import { PlainButton } from './buttons';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { addPerson, useShop } from './api/queries';
import { useSession } from './session';
import { Refusal } from './Refusal';

/** Who acts: a name picked here is kept with each entry. */
export function PersonPicker() {
  const { person, pickPerson } = useSession();
  const [open, setOpen] = useState(person === '');
  const [name, setName] = useState('');
  const shop = useShop();
  const client = useQueryClient();
  const add = useMutation({
    mutationFn: addPerson,
    onSuccess: (view) => {
      client.setQueryData(['shop'], view);
      pick(name.trim());
    },
  });
  const pick = (picked: string) => {
    pickPerson(picked);
    setOpen(false);
  };
  return (
    <>
      <PlainButton
        onClick={() => setOpen(true)}
        aria-label={person ? `You are ${person}; change` : 'Say who you are'}
      >
        {person || 'Who?'}
      </PlainButton>
      <Dialog.Root open={open} onOpenChange={(change) => setOpen(change.open)} size="sm">
        <Portal>
          <Dialog.Backdrop />
          <Dialog.Positioner>
            <Dialog.Content bg="panel" color="ink">
              <Dialog.Header>
                <Dialog.Title fontFamily="heading">Who are you?</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body pb="24px">
                <Box color="quiet" mb="12px">
                  Each reading keeps the name of whoever took it.
                </Box>
                <Flex gap="8px" wrap="wrap" mb="16px">
                  {shop.data?.people.map((one) => (
                    <PlainButton key={one.id} onClick={() => pick(one.name)}>
                      {one.name}
                    </PlainButton>
                  ))}
                </Flex>
                <form
                  onSubmit={(event) => {
                    event.preventDefault();
                    if (name.trim()) {
                      add.mutate(name.trim());
                    }
                  }}
                >
                  <Flex gap="8px">
                    <Input
                      aria-label="Another name"
                      placeholder="another name"
                      maxLength={60}
                      h="48px"
                      value={name}
                      onChange={(event) => setName(event.target.value)}
                    />
                    <PlainButton type="submit" disabled={!name.trim()}>
                      That’s me
                    </PlainButton>
                  </Flex>
                </form>
                <Refusal words={add.error?.message} mt="8px" />
              </Dialog.Body>
            </Dialog.Content>
          </Dialog.Positioner>
        </Portal>
      </Dialog.Root>
    </>
  );
}
