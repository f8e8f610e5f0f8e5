import { Box, Dialog, Flex, Input } from '@chakra-ui/react';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { appWords } from '../words/page/app';
import { DialogFrame, DialogTitle } from './DialogFrame';
import { Key } from './Key';

/** Something that can be done by a key, and found in the list of keys. */
export interface Command {
  key: string;
  title: string;
  run: () => void;
}

interface Register {
  add: (command: Command) => () => void;
}

const RegisterContext = createContext<Register | undefined>(undefined);
const LIST_KEY = '?';

function isTyping(target: EventTarget | null) {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** Space and Enter work the control that has the focus, so they are no shortcuts there. */
function worksControl(event: KeyboardEvent) {
  return (
    (event.key === ' ' || event.key === 'Enter') &&
    event.target instanceof HTMLElement &&
    event.target.closest('button, a, [role=slider], summary') !== null
  );
}

export function CommandProvider({ children }: { children: ReactNode }) {
  const commands = useRef(new Map<string, Command>());
  const [listed, setListed] = useState<Command[]>();

  const add = useCallback((command: Command) => {
    const key = command.key.toLowerCase();
    const all = commands.current;
    all.set(key, command);
    return () => {
      if (all.get(key) === command) {
        all.delete(key);
      }
    };
  }, []);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return;
      }
      // a key that is held down moves things on; it says and records nothing again
      if (event.repeat && !event.key.startsWith('Arrow')) {
        return;
      }
      if (worksControl(event) || document.querySelector('[role=dialog][data-state=open]')) {
        return;
      }
      if (event.key === LIST_KEY) {
        event.preventDefault();
        setListed([...commands.current.values()]);
        return;
      }
      const command = commands.current.get(event.key.toLowerCase());
      if (command) {
        event.preventDefault();
        command.run();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  const register = useMemo(() => ({ add }), [add]);
  return (
    <RegisterContext.Provider value={register}>
      {children}
      <CommandList
        open={listed !== undefined}
        close={() => setListed(undefined)}
        commands={listed ?? []}
      />
    </RegisterContext.Provider>
  );
}

/** Offers a command while the component is shown; it runs what was given at the last drawing. */
export function useCommand(key: string, title: string, run: () => void) {
  const register = useContext(RegisterContext);
  if (!register) {
    throw new Error('CommandProvider is missing');
  }
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(
    () => register.add({ key, title, run: () => latest.current() }),
    [register, key, title],
  );
}

function CommandList({
  open,
  close,
  commands,
}: {
  open: boolean;
  close: () => void;
  commands: Command[];
}) {
  const [text, setText] = useState('');
  // what was typed is looked for in what is shown
  // eslint-disable-next-line no-restricted-syntax
  const found = commands.filter((one) => one.title.toLowerCase().includes(text.toLowerCase()));
  const run = (command: Command | undefined) => {
    setText('');
    close();
    command?.run();
  };
  return (
    <DialogFrame open={open} close={() => run(undefined)} size="sm">
      <DialogTitle>{appWords.whatYouCanDoHere()}</DialogTitle>
      <Dialog.Body>
        <Input
          aria-label={appWords.findACommand()}
          placeholder={appWords.typeAFewLettersEnterRuns()}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && run(found[0])}
          h="48px"
          mb="8px"
        />
        {found.map((command) => (
          <Flex
            as="button"
            key={command.key}
            w="100%"
            minH="48px"
            align="center"
            justify="space-between"
            borderTopWidth="1px"
            borderColor="hairline"
            cursor="pointer"
            onClick={() => run(command)}
          >
            <span>{command.title}</span>
            <Key name={command.key} />
          </Flex>
        ))}
        {found.length === 0 && <Box color="quiet">{appWords.noCommandByThatName()}</Box>}
      </Dialog.Body>
    </DialogFrame>
  );
}
