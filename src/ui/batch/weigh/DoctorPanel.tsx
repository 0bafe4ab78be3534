'use client';
import { counted } from '@/core/quantities';
import { Radio, RadioGroup } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import { COMPLAINTS, doctor, doctorQuestions, type Complaint, type Remedy } from '@/core/dough';
import type { DoughLine, Pantry } from '@/core/pantry';
import { Button } from '../../kit/Button';
import { mass, sentence } from '../../format/units';

const COMPLAINT_NAMES: Readonly<Record<Complaint, string>> = {
  'too-sticky': 'too sticky',
  'too-dry': 'too dry',
  cracks: 'cracks at the edge',
  'will-not-hold': 'will not hold',
};

type DoctorPanelProps = {
  readonly lines: readonly DoughLine[];
  readonly pantry: Pantry;
  readonly kitchen_c: number;
  readonly onAdd: (ingredient: string, mass_g: number) => void;
};

/** The dough misbehaves in the hands: two questions, then grams or minutes. */
export function DoctorPanel({ lines, pantry, kitchen_c, onAdd }: DoctorPanelProps): ReactNode {
  const [complaint, setComplaint] = useState<Complaint | null>(null);
  const [stood, setStood] = useState<number | null>(null);
  const [does, setDoes] = useState<string | null>(null);
  const questions = complaint ? doctorQuestions(complaint) : null;
  const remedies =
    complaint && stood !== null && does !== null ? doctor({ complaint, stood_min: stood, does, lines, pantry, kitchen_c }) : null;
  return (
    <section aria-label="Doctor" className="rounded-2xl border border-hair px-4 py-2.5">
      <h3 className="text-[16px]">The dough is hard to handle</h3>
      <Chips
        label="What is wrong?"
        value={complaint}
        options={COMPLAINTS.map((value) => ({ value, words: COMPLAINT_NAMES[value] }))}
        onChange={(next) => {
          setComplaint(next);
          setDoes(null);
        }}
      />
      {questions && <Chips label={questions.stood.ask} value={stood} options={questions.stood.choices} onChange={setStood} />}
      {questions && <Chips label={questions.does.ask} value={does} options={questions.does.choices} onChange={setDoes} />}
      {remedies && (
        <div role="status">
          <ul className="flex flex-col gap-1 pt-2">
            {remedies.length === 0 && <li>Nothing to add: it should handle. Knead it once more and wait five minutes.</li>}
            {remedies.map((remedy, i) => (
              <RemedyLine
                key={remedy.kind === 'add' ? remedy.ingredient.id : remedy.kind}
                remedy={remedy}
                or={i > 0}
                onAdd={onAdd}
              />
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

type RemedyLineProps = {
  readonly remedy: Remedy;
  /** Another way to the same end. */
  readonly or: boolean;
  readonly onAdd: DoctorPanelProps['onAdd'];
};

function RemedyLine({ remedy, or, onAdd }: RemedyLineProps): ReactNode {
  if (remedy.kind !== 'add')
    return (
      <li>
        {remedy.kind === 'wait' ? 'Let it stand' : 'Let it warm up'} for <strong>{counted(remedy.minutes, 'minute')}</strong>.{' '}
        <span className="text-soft">{sentence(remedy.why)}</span>
      </li>
    );
  const { ingredient, mass_g, why } = remedy;
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      <span>
        {or ? 'Or add' : 'Add'} <strong>{mass(mass_g, 0)}</strong> {ingredient.name.toLowerCase()}:{' '}
        <span className="text-soft">{why}.</span>
      </span>
      <Button look="small" onClick={() => onAdd(ingredient.id, mass_g)}>
        It is in
      </Button>
    </li>
  );
}

type ChipsProps<T> = {
  readonly label: string;
  readonly value: T | null;
  readonly options: ReadonlyArray<{ readonly value: T; readonly words: string }>;
  readonly onChange: (value: T) => void;
};

function Chips<T extends string | number>({ label, value, options, onChange }: ChipsProps<T>): ReactNode {
  return (
    <RadioGroup<'div', T | ''>
      value={value ?? ''}
      onChange={(next) => next !== '' && onChange(next)}
      aria-label={label}
      className="flex flex-wrap items-center gap-1.5 pt-1.5 text-[14.5px]"
    >
      <span className="text-soft">{label}</span>
      {options.map((option) => (
        <Radio
          key={option.value}
          value={option.value}
          className="cursor-pointer rounded-full border border-hair px-2.5 py-0.5 data-[checked]:border-ink data-[checked]:bg-ink data-[checked]:text-face"
        >
          {option.words}
        </Radio>
      ))}
    </RadioGroup>
  );
}
