import { useCommand } from '../ui/commands';
import { Key } from '../ui/Key';
import { DrawingTools } from '../frame/StageFrame';
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
    <DrawingTools>
      {VIEWS.filter(([one]) => planned || one === 'wishes' || one === 'sources').map(
        ([one, words, key]) => (
          <ToolButton
            px="6px"
            key={one}
            on={view === one}
            aria-pressed={view === one}
            onClick={() => setView(one)}
          >
            {words}
            <Key name={key} />
          </ToolButton>
        ),
      )}
      {view === 'circuit' && (
        <ToolButton px="6px" aria-pressed={wide} on={wide} hideBelow="lg" onClick={widen}>
          {feedWords.alone()}
          <Key name="x" />
        </ToolButton>
      )}
    </DrawingTools>
  );
}

function useViewKeys(setView: (view: View) => void) {
  useViewKey('1', feedWords.wishesAndThePlansThatMeet(), 'wishes', setView);
  useViewKey('2', feedWords.circuit(), 'circuit', setView);
  useViewKey('3', feedWords.orderAndCutList(), 'lists', setView);
  useViewKey('4', feedWords.sources(), 'sources', setView);
  useViewKey('5', feedWords.measured(), 'measured', setView);
  useViewKey('6', appWords.battery(), 'battery', setView);
  useViewKey('7', feedWords.routingOfTheHarness(), 'routes', setView);
}

function useViewKey(key: string, words: string, view: View, setView: (view: View) => void) {
  useCommand(key, words, () => setView(view));
}
