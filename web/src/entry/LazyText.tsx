import { Input, Textarea } from '@chakra-ui/react';
import { useState } from 'react';

/** A text that is handed on once one leaves it or presses Enter, not at each letter. */
export function LazyText({
  label,
  value,
  onDone,
  placeholder,
  maxLength = 120,
  lines = 1,
}: {
  label: string;
  value: string;
  onDone: (value: string) => void;
  placeholder?: string;
  maxLength?: number;
  lines?: number;
}) {
  const [typed, setTyped] = useState<string>();
  const done = () => {
    if (typed !== undefined && typed !== value) {
      onDone(typed);
    }
    setTyped(undefined);
  };
  const common = {
    'aria-label': label,
    autoComplete: 'off',
    placeholder,
    maxLength,
    borderColor: 'rule',
    fontSize: '17px',
    value: typed ?? value,
    onBlur: done,
  };
  return lines > 1 ? (
    <Textarea {...common} rows={lines} onChange={(event) => setTyped(event.target.value)} />
  ) : (
    <Input
      {...common}
      h="48px"
      onChange={(event) => setTyped(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && done()}
    />
  );
}
