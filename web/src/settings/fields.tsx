import { Box, Flex, Input, NativeSelect } from '@chakra-ui/react';
import type { ReactNode } from 'react';

function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box as="label" display="block" minW="0">
      <Box color="quiet" fontSize="15px" mb="2px">
        {label}
      </Box>
      {children}
    </Box>
  );
}

export function TextField({
  label,
  value,
  set,
  maxLength = 80,
  placeholder,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  maxLength?: number;
  placeholder?: string;
}) {
  return (
    <Labelled label={label}>
      <Input
        h="48px"
        autoComplete="off"
        maxLength={maxLength}
        placeholder={placeholder}
        value={value}
        onChange={(event) => set(event.target.value)}
      />
    </Labelled>
  );
}

export function Choice<T extends string>({
  label,
  value,
  set,
  options,
}: {
  label: string;
  value: T;
  set: (value: T) => void;
  options: readonly (readonly [T, string])[];
}) {
  return (
    <Labelled label={label}>
      <NativeSelect.Root>
        <NativeSelect.Field
          h="48px"
          value={value}
          onChange={(event) => set(event.target.value as T)}
          css={{ '& option': { background: 'var(--chakra-colors-panel)' } }}
        >
          {options.map(([option, words]) => (
            <option key={option} value={option}>
              {words}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Labelled>
  );
}

export function YesNo({
  label,
  value,
  set,
}: {
  label: string;
  value: boolean;
  set: (value: boolean) => void;
}) {
  return (
    <Flex as="label" align="center" gap="12px" minH="48px" cursor="pointer">
      <input
        type="checkbox"
        checked={value}
        onChange={(event) => set(event.target.checked)}
        style={{ width: 24, height: 24, accentColor: 'var(--chakra-colors-lamp-fill)' }}
      />
      <span>{label}</span>
    </Flex>
  );
}

export function Pairs({ children }: { children: ReactNode }) {
  return (
    <Box
      display="grid"
      gap="14px"
      gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}
      alignItems="end"
    >
      {children}
    </Box>
  );
}
