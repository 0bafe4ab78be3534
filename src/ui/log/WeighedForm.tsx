'use client';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Button } from '../kit/Button';

/** What the form holds; null where nothing was entered. */
export type WeighedValues = {
  readonly pieces: number | null;
  readonly tray_g: number;
  readonly before_g: number | null;
  readonly after_g: number | null;
  readonly texture: string | null;
  readonly note: string;
};

type WeighedFormProps = {
  readonly id: string;
  readonly revision: number;
  readonly first: WeighedValues;
  readonly textures: readonly string[];
};
type Answer = { readonly revision?: number; readonly error?: { readonly message: string } };

const NUMBERS: ReadonlyArray<{
  readonly key: 'pieces' | 'tray_g' | 'before_g' | 'after_g';
  readonly label: string;
  readonly unit: string;
  readonly hint: string;
}> = [
  { key: 'pieces', label: 'Pieces counted', unit: '', hint: 'whole ones, as they come off the rack' },
  { key: 'tray_g', label: 'Empty tray', unit: 'g', hint: '0 if the scale was set to zero with it' },
  { key: 'before_g', label: 'Tray before baking', unit: 'g', hint: 'with its raw pieces' },
  { key: 'after_g', label: 'Same tray after', unit: 'g', hint: 'when cold' },
];

/** Enters what scale and eye said after baking. What was typed stays when it cannot be saved. */
export function WeighedForm({ id, revision: firstRevision, first, textures }: WeighedFormProps): ReactNode {
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(NUMBERS.map(({ key }) => [key, first[key] === null ? '' : String(first[key])])),
  );
  const [texture, setTexture] = useState(first.texture);
  const [note, setNote] = useState(first.note);
  const [wrong, setWrong] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);

  const save = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const numbers = readNumbers(typed);
    if (typeof numbers === 'string') return setWrong(numbers);
    setSaving(true);
    setWrong(null);
    try {
      const response = await fetch(`/api/batches/${id}/measurement`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ revision: firstRevision, ...numbers, texture, note }),
      });
      const answer = (await response.json()) as Answer;
      if (response.ok) return window.location.reload();
      setWrong(answer.error?.message ?? 'It could not be saved. Try again in a moment.');
    } catch {
      setWrong('There is no connection to the oven. What you typed stays here; save again when it is back.');
    }
    setSaving(false);
  };

  return (
    <form onSubmit={(event) => void save(event)} className="flex flex-col gap-4">
      <div className="grid gap-3 sm:grid-cols-4">
        {NUMBERS.map(({ key, label, unit, hint }) => (
          <label key={key} className="block">
            <span className="text-[14px] text-soft">{label}</span>
            <span className="flex items-baseline rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 focus-within:border-rim">
              <input
                name={key}
                inputMode="decimal"
                value={typed[key]}
                onChange={({ target }) => setTyped({ ...typed, [key]: target.value })}
                className="w-full bg-transparent text-[17px] font-semibold outline-none"
              />
              {unit && <span className="text-[14px] text-soft">{unit}</span>}
            </span>
            <span className="text-[13px] text-soft">{hint}</span>
          </label>
        ))}
      </div>
      <fieldset>
        <legend className="pb-1 text-[14px] text-soft">Break one, cold. It is</legend>
        <div className="flex flex-wrap gap-1.5">
          {textures.map((word) => (
            <label
              key={word}
              className="cursor-pointer rounded-full border-[1.4px] border-hair px-3 py-0.5 has-[:checked]:border-crunch-fill has-[:checked]:bg-crunch-pale has-[:checked]:font-semibold has-[:focus-visible]:outline-2"
            >
              <input
                type="radio"
                name="texture"
                value={word}
                checked={texture === word}
                onChange={() => setTexture(word)}
                className="sr-only"
              />
              {word}
            </label>
          ))}
        </div>
      </fieldset>
      <label className="block">
        <span className="text-[14px] text-soft">Note</span>
        <textarea
          value={note}
          maxLength={2000}
          rows={2}
          onChange={({ target }) => setNote(target.value)}
          className="w-full rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1.5"
        />
      </label>
      {wrong && (
        <p role="alert" className="text-stop">
          {wrong}
        </p>
      )}
      <div>
        <Button type="submit" look="main" disabled={saving}>
          {saving ? 'Saving …' : firstRevision === 0 ? 'Enter in the log' : 'Correct the entry'}
        </Button>
      </div>
    </form>
  );
}

/** The typed numbers, or a sentence about the one that is none. */
function readNumbers(typed: Readonly<Record<string, string>>): Omit<WeighedValues, 'texture' | 'note'> | string {
  const read: Record<string, number | null> = {};
  for (const { key, label } of NUMBERS) {
    const text = typed[key].trim().replace(',', '.');
    const value = text === '' ? null : Number(text);
    if (value !== null && !Number.isFinite(value))
      return `"${typed[key]}" is not a number. Type ${label.toLowerCase()} in figures.`;
    read[key] = value;
  }
  return { pieces: read.pieces, tray_g: read.tray_g ?? 0, before_g: read.before_g, after_g: read.after_g };
}
