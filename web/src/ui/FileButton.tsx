import { useId } from 'react';
import { PlainButton } from './buttons';

/** A button that picks files, or takes a picture where the machine has a camera. */
export function FileButton({
  words,
  accept,
  multiple = false,
  camera = false,
  onPick,
}: {
  words: string;
  accept: string;
  multiple?: boolean;
  camera?: boolean;
  onPick: (files: FileList | null) => void;
}) {
  const id = useId();
  return (
    <PlainButton asChild px="14px" _focusWithin={{ outline: '2px solid', outlineColor: 'lamp' }}>
      <label htmlFor={id}>
        {words}
        <input
          id={id}
          type="file"
          multiple={multiple}
          accept={accept}
          capture={camera ? 'environment' : undefined}
          style={{ position: 'absolute', opacity: 0, width: 1, height: 1 }}
          onChange={(event) => {
            onPick(event.target.files);
            event.target.value = '';
          }}
        />
      </label>
    </PlainButton>
  );
}
