'use client';
import { Upload } from 'lucide-react';
import { useId, useState, type DragEvent, type ReactNode } from 'react';
import { buttonClass } from '../../kit/Button';

type OwnOutlineProps = { readonly onPath: (path: string) => void };
type Told = { readonly wrong: boolean; readonly text: string };

/** Takes an SVG file by a click or a drop, mends what can be mended and says so, or says why it cannot be cut. */
export function OwnOutline({ onPath }: OwnOutlineProps): ReactNode {
  const id = useId();
  const [told, setTold] = useState<Told | null>(null);
  const [over, setOver] = useState(false);
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const [{ outlineOfSvg }, { outlineOfPath }] = await Promise.all([import('@/formats/svg-outline'), import('@/core/shaping')]);
    const path = outlineOfSvg(await file.text());
    const outline = path.ok ? outlineOfPath(path.value) : path;
    if (!path.ok || !outline.ok) return setTold({ wrong: true, text: outline.ok ? '' : outline.message });
    const { mended } = outline.value;
    setTold({ wrong: false, text: mended.length > 0 ? `Taken in; ${mended.join(', ')}.` : 'Taken in as drawn.' });
    onPath(path.value);
  };
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setOver(false);
    void take(event.dataTransfer.files[0]);
  };
  return (
    <span
      className="inline-flex items-center gap-2"
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <label
        htmlFor={id}
        className={`${buttonClass('small')} cursor-pointer focus-within:outline-2 ${over ? 'border-dashed border-rim bg-crunch-pale' : ''}`}
      >
        <Upload aria-hidden size={14} /> {over ? 'Drop it here' : 'Own outline'}
        <input
          id={id}
          type="file"
          accept=".svg,image/svg+xml"
          className="sr-only"
          onChange={({ target }) => void take(target.files?.[0])}
        />
      </label>
      {told && (
        <span role={told.wrong ? 'alert' : 'status'} className={`max-w-72 text-[13px] ${told.wrong ? 'text-stop' : 'text-soft'}`}>
          {told.text}
        </span>
      )}
    </span>
  );
}
