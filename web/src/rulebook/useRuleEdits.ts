import { useQueryClient } from '@tanstack/react-query';
import type { RuleSet } from '../api/client';
import { putLocalSet, ruleSetFile } from '../api/queries';
import { fileText, type ChangeJson, type SetJson } from './ruleFile';
import { appWords } from '../words/page/app';
import { rulebookWords } from '../words/page/rulebook';

/** Keeps local sets, and fetches the files that a set stands on. */
export function useRuleEdits(sets: RuleSet[]) {
  const client = useQueryClient();
  const take = (fresh: RuleSet[]) => client.setQueryData(['rule-sets'], fresh);

  const keepText = async (id: string, text: string) => {
    const there = sets.find((set) => set.id === id);
    take(await putLocalSet(id, there?.local ? there.version : 0, text));
  };
  return {
    take,
    keep: (change: ChangeJson) => keepText(change.id, fileText(change)),
    /** Takes a file in; its short name says which set it is. */
    takeIn: async (text: string) => {
      let id: unknown;
      try {
        id = (JSON.parse(text) as { id?: unknown } | null)?.id;
      } catch {
        throw new Error(appWords.thisIsntAJSONFile());
      }
      if (typeof id !== 'string') {
        throw new Error(rulebookWords.thisIsntARuleSetId());
      }
      await keepText(id, text);
      return id;
    },
    /** The set's own file and those below it, the nearest first. */
    files: async (set: RuleSet): Promise<SetJson[]> => {
      const files: SetJson[] = [];
      let id: string | undefined = set.id;
      while (id !== undefined && files.length < 20) {
        const file: SetJson = await ruleSetFile(id);
        files.push(file);
        id = file.over;
      }
      return files;
    },
  };
}
