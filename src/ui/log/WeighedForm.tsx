'use client';
import { fieldUnit } from '@/core/said';
import { readerHere } from '../format/reader-here';
import { typedExamples, typedNumber } from '@/core/written';
import { counted } from '@/core/quantities';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { call } from '../kit/api';

/** What the form holds; null where nothing was entered. */
export type WeighedValues = {
  readonly pieces: number | null;
  /** The same by the portions of a bowl that is shared out. */
  readonly portions: ReadonlyArray<{ readonly portion: string; readonly pieces: number }>;
  readonly tray_g: number;
  readonly before_g: number | null;
  readonly after_g: number | null;
  readonly texture: string | null;
  readonly note: string;
  readonly minutes: number | null;
  readonly thickness_mm: number | null;
  readonly colour: string | null;
  readonly dogs: ReadonlyArray<{ readonly dog: string; readonly verdict: string }>;
};

type WeighedFormProps = {
  readonly id: string;
  readonly revision: number;
  readonly first: WeighedValues;
  readonly textures: readonly string[];
  readonly colours: readonly string[];
  readonly verdicts: readonly string[];
  readonly dogs: readonly string[];
  /** Portions of the bowl, each counted by itself; none where it is not shared out. */
  readonly portions: readonly string[];
};

const NUMBERS: ReadonlyArray<{
  readonly key: 'pieces' | 'tray_g' | 'before_g' | 'after_g' | 'minutes' | 'thickness_mm';
  readonly label: string;
  readonly unit: string;
  readonly hint: string;
}> = [
  { key: 'pieces', label: 'Pieces counted', unit: '', hint: 'whole ones, as they come off the rack' },
  { key: 'tray_g', label: 'Empty tray', unit: 'g', hint: '0 if the scale was set to zero with it' },
  { key: 'before_g', label: 'Tray before baking', unit: 'g', hint: 'with its raw pieces' },
  { key: 'after_g', label: 'Same tray after', unit: 'g', hint: 'when cold' },
  { key: 'minutes', label: 'In the heat', unit: 'min', hint: 'if not as planned' },
  { key: 'thickness_mm', label: 'Raw thickness', unit: 'mm', hint: 'measure three' },
];

/** A number as it stands in its field; empty where nothing was entered. */
function standing(value: number | null, unit: string): string {
  const as = fieldUnit(readerHere(), unit);
  return value === null ? '' : as.text(as.shown(value));
}

/** Enters what scale and eye said after baking. What was typed stays when it cannot be saved. */
export function WeighedForm({
  id,
  revision: firstRevision,
  first,
  textures,
  colours,
  verdicts,
  dogs,
  portions,
}: WeighedFormProps): ReactNode {
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(NUMBERS.map(({ key, unit }) => [key, standing(first[key], unit)])),
  );
  const [counts, setCounts] = useState<Record<string, string>>(() =>
    Object.fromEntries(first.portions.map(({ portion, pieces }) => [portion, String(pieces)])),
  );
  const [texture, setTexture] = useState(first.texture);
  const [note, setNote] = useState(first.note);
  const [colour, setColour] = useState(first.colour);
  const [said, setSaid] = useState(first.dogs);
  const entry = useEntry(id, firstRevision);

  const save = (event: FormEvent): void => {
    event.preventDefault();
    const numbers = readNumbers(typed);
    const byPortion = readCounts(counts, portions);
    if (typeof numbers === 'string') entry.refuse(numbers);
    else if (typeof byPortion === 'string') entry.refuse(byPortion);
    else void entry.save({ ...numbers, portions: byPortion, texture, note, colour, dogs: said });
  };

  return (
    <form onSubmit={save} className="flex flex-col gap-4">
      <PortionCounts portions={portions} typed={counts} onType={setCounts} />
      <Weights typed={typed} onType={setTyped} counted={portions.length === 0} />
      <Chips legend="Break one, cold. It is" name="texture" words={textures} value={texture} onChange={setTexture} hue="crunch" />
      <Chips legend="Its edge is" name="colour" words={colours} value={colour} onChange={setColour} hue="heat" />
      <DogsSaid dogs={dogs} verdicts={verdicts} said={said} onSaid={setSaid} />
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
      <Alert look="line">{entry.wrong}</Alert>
      {entry.left && (
        <p role="status" className="text-[14.5px] text-mind">
          {entry.left}
        </p>
      )}
      <div>
        <Button type="submit" look="main" disabled={entry.saving}>
          {entry.saving ? 'Saving …' : entry.revision === 0 ? 'Enter in the log' : 'Correct the entry'}
        </Button>
      </div>
    </form>
  );
}

type Entry = {
  readonly revision: number;
  readonly saving: boolean;
  /** Why it was not entered, and what the entry could not change; null where nothing is to be said. */
  readonly wrong: string | null;
  readonly left: string | null;
  readonly refuse: (why: string) => void;
  readonly save: (values: WeighedValues) => Promise<void>;
};

/** Puts an entry into the log, and draws the page anew once it is there. */
function useEntry(id: string, firstRevision: number): Entry {
  const [revision, setRevision] = useState(firstRevision);
  const [wrong, setWrong] = useState<string | null>(null);
  const [left, setLeft] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const save: Entry['save'] = async (values) => {
    setSaving(true);
    setWrong(null);
    setLeft(null);
    const here = window.location.pathname;
    const answer = await call<Measured>(`/api/batches/${id}/measurement`, { method: 'PUT', body: { revision, ...values } });
    if (answer.ok && answer.value.not_carried === 0) {
      // Whoever has gone on to another page meanwhile must not have that one reloaded.
      if (window.location.pathname === here) window.location.reload();
      return;
    }
    // What it could not do must be read before the page is drawn anew.
    if (answer.ok) {
      setRevision(answer.value.revision);
      setLeft(leftWords(answer.value.not_carried));
    } else setWrong(answer.message);
    setSaving(false);
  };
  return { revision, saving, wrong, left, refuse: setWrong, save };
}

/** What the server says of an entry: pieces that the packs hold beyond the new count, and that were used already. */
type Measured = { readonly revision: number; readonly not_carried: number };

const leftWords = (pieces: number): string =>
  `The entry is corrected. ${counted(pieces, 'piece')} of what is in the jars could not be taken out again: those packs were opened, moved or sold. Put them right in Jars.`;

type ChipsProps = {
  readonly legend: string;
  readonly name: string;
  readonly words: readonly string[];
  readonly value: string | null;
  readonly onChange: (word: string) => void;
  readonly hue: 'crunch' | 'heat';
};

const HUES = {
  crunch: 'has-[:checked]:border-crunch-fill has-[:checked]:bg-crunch-pale',
  heat: 'has-[:checked]:border-heat has-[:checked]:bg-heat-pale',
} as const;

function Chips({ legend, name, words, value, onChange, hue }: ChipsProps): ReactNode {
  return (
    <fieldset>
      <legend className="pb-1 text-[14px] text-soft">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {words.map((word) => (
          <label
            key={word}
            className={`cursor-pointer rounded-full border-[1.4px] border-hair px-3 py-0.5 has-[:checked]:font-semibold has-[:focus-visible]:outline-2 ${HUES[hue]}`}
          >
            <input
              type="radio"
              name={name}
              value={word}
              checked={value === word}
              onChange={() => onChange(word)}
              className="sr-only"
            />
            {word}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

type Numbers = Pick<WeighedValues, 'pieces' | 'tray_g' | 'before_g' | 'after_g' | 'minutes' | 'thickness_mm'>;

/** The typed numbers, or a sentence about the one that is none. */
function readNumbers(typed: Readonly<Record<string, string>>): Numbers | string {
  const read: Record<string, number | null> = {};
  for (const { key, label, unit } of NUMBERS) {
    const empty = typed[key].trim() === '';
    const as = fieldUnit(readerHere(), unit);
    const value = empty ? null : typedNumber(typed[key], as.unit);
    if (value === null && !empty)
      return `"${typed[key]}" is not understood. Type ${label.toLowerCase()} as ${typedExamples(as.unit)}.`;
    read[key] = value === null ? null : as.canonical(value);
  }
  const { pieces, tray_g, before_g, after_g, minutes, thickness_mm } = read;
  return { pieces, tray_g: tray_g ?? 0, before_g, after_g, minutes, thickness_mm };
}

/** Pieces of each portion; none where not all were counted, or a sentence about the one that is no count. */
function readCounts(typed: Readonly<Record<string, string>>, portions: readonly string[]): WeighedValues['portions'] | string {
  const entered = portions.map((portion) => ({ portion, words: (typed[portion] ?? '').trim() }));
  if (entered.every(({ words }) => words === '')) return [];
  const missing = entered.find(({ words }) => words === '');
  if (missing) return `Count ${missing.portion} as well, or leave all of the counts empty.`;
  const read = entered.map(({ portion, words }) => ({ portion, pieces: typedNumber(words, ''), words }));
  const wrong = read.find(({ pieces }) => pieces === null);
  if (wrong) return `"${wrong.words}" is not understood. Type the count of ${wrong.portion} as ${typedExamples('')}.`;
  return read.map(({ portion, pieces }) => ({ portion, pieces: Math.round(pieces ?? 0) }));
}

type WeightsProps = {
  readonly typed: Readonly<Record<string, string>>;
  readonly onType: (typed: Record<string, string>) => void;
};

/** What was counted of each shape that the bowl gave. */
function PortionCounts({ portions, typed, onType }: WeightsProps & { readonly portions: readonly string[] }): ReactNode {
  if (portions.length === 0) return null;
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {portions.map((portion) => (
        <Entered
          key={portion}
          name={`portion ${portion}`}
          label={`${portion} counted`}
          unit=""
          hint="whole ones, as they come off the rack"
          value={typed[portion] ?? ''}
          onType={(words) => onType({ ...typed, [portion]: words })}
        />
      ))}
    </div>
  );
}

/** @param counted - whether all pieces are counted together */
function Weights({ typed, onType, counted: together }: WeightsProps & { readonly counted: boolean }): ReactNode {
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {NUMBERS.filter(({ key }) => together || key !== 'pieces').map(({ key, ...field }) => (
        <Entered key={key} name={key} {...field} value={typed[key]} onType={(words) => onType({ ...typed, [key]: words })} />
      ))}
    </div>
  );
}

type EnteredProps = {
  readonly name: string;
  readonly label: string;
  readonly unit: string;
  readonly hint: string;
  readonly value: string;
  readonly onType: (words: string) => void;
};

function Entered({ name, label, unit, hint, value, onType }: EnteredProps): ReactNode {
  return (
    <label className="block">
      <span className="text-[14px] text-soft">{label}</span>
      <span className="flex items-baseline rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 focus-within:border-rim">
        <input
          name={name}
          inputMode="text"
          value={value}
          onChange={({ target }) => onType(target.value)}
          className="w-full bg-transparent text-[17px] font-semibold outline-none"
        />
        {unit && <span className="text-[14px] text-soft">{fieldUnit(readerHere(), unit).unit}</span>}
      </span>
      <span className="text-[13px] text-soft">{hint}</span>
    </label>
  );
}

type DogsSaidProps = {
  readonly dogs: readonly string[];
  readonly verdicts: readonly string[];
  readonly said: WeighedValues['dogs'];
  readonly onSaid: (said: WeighedValues['dogs']) => void;
};

function DogsSaid({ dogs, verdicts, said, onSaid }: DogsSaidProps): ReactNode {
  if (dogs.length === 0) return null;
  return (
    <fieldset>
      <legend className="pb-1 text-[14px] text-soft">The dogs</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-1.5">
        {dogs.map((dog) => (
          <Choice
            key={dog}
            label={dog}
            value={said.find((one) => one.dog === dog)?.verdict ?? ''}
            options={[{ value: '', name: 'had none' }, ...verdicts.map((verdict) => ({ value: verdict, name: verdict }))]}
            onChange={(verdict) => {
              const others = said.filter((one) => one.dog !== dog);
              onSaid(verdict === '' ? others : [...others, { dog, verdict }]);
            }}
          />
        ))}
      </div>
    </fieldset>
  );
}
