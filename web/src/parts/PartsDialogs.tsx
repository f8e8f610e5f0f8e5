import type { PartEdit, PartsEdit, PartsPage, PlugEdit } from '../api/client';
import { Sheet } from '../ui/Sheet';
import { partsWords } from '../words/page/parts';
import { PartForm, type PartIdentity } from './PartForm';
import { CandidatesForm } from './CandidatesForm';
import { idFor, withOne, withTicks } from './parts';
import { PlugForm } from './PlugForm';

/** Which dialog stands over the page. */
export type Shown =
  | { what: 'part'; part?: PartEdit }
  | { what: 'plug'; plug?: PlugEdit }
  | { what: 'candidates' | 'findings' | 'both' }
  | undefined;

/** The forms that stand over the page: a part, a connector, and what could be ordered. */
export function PartsDialogs({
  page,
  content,
  shown,
  close,
  change,
  onPart,
}: {
  page: PartsPage;
  content: PartsEdit;
  shown: Shown;
  close: () => void;
  change: (part: Partial<PartsEdit>) => void;
  /** A part was entered, or changed. */
  onPart: (part: PartIdentity) => void;
}) {
  return (
    <>
      <Sheet
        title={
          shown?.what === 'part' && shown.part ? partsWords.thePart() : partsWords.aPartForThisJob()
        }
        open={shown?.what === 'part'}
        close={close}
      >
        {shown?.what === 'part' && (
          <PartForm
            part={shown.part}
            job={page.job}
            newId={(name) =>
              idFor(
                name,
                content.parts.map((part) => part.id),
              )
            }
            onDone={onPart}
            onRemove={
              shown.part &&
              (() => {
                change({ parts: content.parts.filter((part) => part.id !== shown.part?.id) });
                close();
              })
            }
          />
        )}
      </Sheet>
      <Sheet title={partsWords.aConnectorOfTheKit()} open={shown?.what === 'plug'} close={close}>
        {shown?.what === 'plug' && (
          <PlugForm
            plug={shown.plug}
            others={content.plugs.filter((plug) => plug.id !== shown.plug?.id)}
            newId={(label) =>
              idFor(
                label,
                content.plugs.map((plug) => plug.id),
              )
            }
            onDone={(plug) => {
              change({ plugs: withOne(content.plugs, withTicks(content.plugs, plug)) });
              close();
            }}
            onRemove={
              shown.plug &&
              (() => {
                const gone = shown.plug?.id;
                change({
                  plugs: content.plugs
                    .filter((plug) => plug.id !== gone)
                    .map((plug) =>
                      plug.matesWith === gone ? { ...plug, matesWith: undefined } : plug,
                    ),
                });
                close();
              })
            }
          />
        )}
      </Sheet>
      <Sheet
        title={partsWords.whatCouldBeOrdered()}
        open={shown?.what === 'candidates'}
        close={close}
        size="xl"
      >
        <CandidatesForm parts={content} onChange={change} />
      </Sheet>
    </>
  );
}
