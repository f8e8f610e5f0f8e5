import { ViewTools } from '../frame/ViewTools';
import { useCommand } from '../ui/commands';
import { Key } from '../ui/Key';
import { ToolButton } from '../ui/ToolButton';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { VIEWS, type View } from './views';

/** Changes between the views, by hand or by their keys. */
export function FeedTools({
  view,
  setView,
  planned,
  wide,
  widen,
}: {
  view: View;
  setView: (view: View) => void;
  /** Whether there is a plan yet; without one there is little to view. */
  planned: boolean;
  wide: boolean;
  widen: () => void;
}) {
  useViewKeys(setView);
  useCommand('x', feedWords.theCircuitAloneOrWithIts(), widen);
  return (
    <ViewTools
      views={VIEWS.filter(([one]) => planned || one === 'wishes' || one === 'sources')}
      view={view}
      setView={setView}
      px="6px"
    >
      {view === 'circuit' && (
        <ToolButton px="6px" on={wide} hideBelow="lg" onClick={widen}>
          {feedWords.alone()}
          <Key name="x" />
        </ToolButton>
      )}
    </ViewTools>
  );
}

function useViewKeys(setView: (view: View) => void) {
  useCommand('1', feedWords.wishesAndThePlansThatMeet(), () => setView('wishes'));
  useCommand('2', feedWords.circuit(), () => setView('circuit'));
  useCommand('3', feedWords.orderAndCutList(), () => setView('lists'));
  useCommand('4', feedWords.sources(), () => setView('sources'));
  useCommand('5', feedWords.measured(), () => setView('measured'));
  useCommand('6', appWords.battery(), () => setView('battery'));
  useCommand('7', feedWords.routingOfTheHarness(), () => setView('routes'));
}
