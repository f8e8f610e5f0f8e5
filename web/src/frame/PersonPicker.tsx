import { Box, Dialog, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import { PickButton, PlainButton } from '../ui/buttons';
import { addPerson, useShop } from '../api/queries';
import { useSession } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { keepLanguage, LANGUAGES, languageFor, OFFERED, type Language } from '../words/language';
import { appWords } from '../words/page/app';
import { spoken } from '../words/say';
import { About } from './About';

/** The page says its words as it is loaded: for another language it is loaded again. */
function readIn(language: Language) {
  if (language !== spoken()) {
    location.reload();
  }
}

/** The languages on offer, each in its own; the choice is the person's. */
function Languages({ person }: { person: string }) {
  return (
    <Flex gap="8px" wrap="wrap" mt="16px">
      {LANGUAGES.filter(([language]) => OFFERED.includes(language)).map(([language, words]) => (
        <PickButton
          key={language}
          lang={language}
          aria-pressed={language === spoken()}
          onClick={() => {
            keepLanguage(person, language);
            readIn(language);
          }}
        >
          {words}
        </PickButton>
      ))}
    </Flex>
  );
}

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
    readIn(languageFor(picked, navigator.languages));
  };
  return (
    <>
      <PlainButton
        onClick={() => setOpen(true)}
        aria-label={person ? appWords.youArePersonChange({ person }) : appWords.pickYourName()}
      >
        {person || appWords.who()}
      </PlainButton>
      <DialogFrame open={open} close={() => setOpen(false)} size="sm">
        <DialogTitle>{appWords.whoAreYou()}</DialogTitle>
        <Dialog.Body pb="24px">
          <Box color="quiet" mb="12px">
            {appWords.eachReadingKeepsTheNameOf()}
          </Box>
          <Flex gap="8px" wrap="wrap" mb="16px">
            {shop.data?.people.map((one) => (
              <PickButton
                key={one.id}
                aria-pressed={one.name === person}
                onClick={() => pick(one.name)}
              >
                {one.name}
              </PickButton>
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
                aria-label={appWords.anotherName()}
                placeholder={appWords.anotherNameSmall()}
                maxLength={60}
                h="48px"
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
              <PlainButton type="submit" disabled={!name.trim()}>
                {appWords.thatsMe()}
              </PlainButton>
            </Flex>
          </form>
          <Refusal words={add.error?.message} mt="8px" />
          {OFFERED.length > 1 && <Languages person={person} />}
          <About />
        </Dialog.Body>
      </DialogFrame>
    </>
  );
}
