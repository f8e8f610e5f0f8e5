import type { ReactNode } from 'react';
import { Key } from '../ui/Key';
import { ToolButton } from '../ui/ToolButton';
import { DrawingTools } from './StageFrame';

/** The views of a stage as tools of its drawing, each with its key. */
export function ViewTools<V extends string>({
  views,
  view,
  setView,
  px = '10px',
  children,
}: {
  /** Each view with its words and its key. */
  views: readonly (readonly [V, string, string, ...string[]])[];
  view: V;
  setView: (view: V) => void;
  px?: string;
  /** Tools beside the views. */
  children?: ReactNode;
}) {
  return (
    <DrawingTools>
      {views.map(([one, words, key]) => (
        <ToolButton key={one} px={px} on={view === one} onClick={() => setView(one)}>
          {words}
          <Key name={key} />
        </ToolButton>
      ))}
      {children}
    </DrawingTools>
  );
}
