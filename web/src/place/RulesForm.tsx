import { Box } from '@chakra-ui/react';
import { useRuleSets } from '../app/api/queries';
import { YesNo } from '../settings/fields';

/** The rule sets that the front is judged by, several at once. */
export function RulesForm({
  chosen,
  onChange,
}: {
  chosen: string[];
  onChange: (ids: string[]) => void;
}) {
  const sets = useRuleSets().data?.filter((set) => set.place.length > 0) ?? [];
  return (
    <Box>
      {sets.map((set) => (
        <Box key={set.id} borderTopWidth="1px" borderColor="hairline" py="6px">
          <YesNo
            label={set.title}
            value={chosen.includes(set.id)}
            set={(on) =>
              onChange(on ? [...chosen, set.id] : chosen.filter((one) => one !== set.id))
            }
          />
          <Box color="quiet" pl="36px">
            {set.scope}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
