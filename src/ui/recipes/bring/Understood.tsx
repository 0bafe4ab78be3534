'use client';
import { counted } from '@/core/quantities';
import { useState, type ReactNode } from 'react';
import { METHOD_NAMES, startingPoint, stillAssumed, type BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { answerKey } from '@/formats/recipe-draft';
import type { ReadRecipe } from '@/formats/recipe-text';
import type { Nominal } from '@/workers/prediction-protocol';
import { mass, sentence } from '../../format/units';
import { FEEL_NAMES, STORE_NAMES, ROLE_WORDS } from '../../format/words';
import { Button } from '../../kit/Button';
import { ChangeHeat } from './ChangeHeat';
import { ChangeShape } from './ChangeShape';
import { CupsQuestion } from './CupsQuestion';
import { DangerNotes } from './DangerNotes';
import { withoutDanger } from './without-danger';
import { LineRow } from './LineRow';
import { programmeWords, shapeWords } from './programme-words';
import type { Bring } from './use-bring';

type UnderstoodProps = {
  readonly bring: Bring;
  readonly reading: ReadRecipe;
  readonly document: BatchDocument | null;
  readonly nominal: Nominal | null;
  readonly pantry: Pantry;
};

/** What was understood, danger first, then part by part; questions are answered where they stand. */
export function Understood({ bring, reading, document, nominal, pantry }: UnderstoodProps): ReactNode {
  const { change } = bring;
  const assumed = new Set(document ? stillAssumed(document) : []);
  const assumes = (path: string): boolean =>
    [...assumed].some((one) => one === path || one.startsWith(`${path}.`) || one.startsWith(`${path}[`));
  const cupped = reading.ingredients.some(
    ({ unit }) => unit?.startsWith('cup') || unit?.startsWith('pint') || unit?.startsWith('fl-oz'),
  );
  return (
    <div className="flex flex-col gap-3">
      <DangerNotes
        cautions={reading.cautions}
        onPlain={bring.draft.file ? null : (caution) => change({ text: withoutDanger(bring.draft.text, caution) })}
      />
      <h2 className="text-[18px]">As understood</h2>
      <dl className="flex flex-col">
        <Row name="Name">{reading.name || <span className="text-mind">no name yet</span>}</Row>
        <Lines {...{ bring, reading, nominal, pantry }} part={null} />
        {reading.parts.map(({ name }) => (
          <Lines key={name} {...{ bring, reading, nominal, pantry }} part={name} />
        ))}
        <ShapeRow {...{ bring, reading, document }} assumed={assumes('shape')} />
        <HeatRow {...{ bring, reading, document }} assumed={assumes('heat')} />
        <Row name="Promises">{promises(reading)}</Row>
      </dl>
      <CupsQuestion cups={reading.cups} matters={cupped} onCups={(cups) => change({ cups })} />
    </div>
  );
}

function Row({ name, children }: { readonly name: string; readonly children: ReactNode }): ReactNode {
  return (
    <div className="grid grid-cols-[5.5rem_1fr] gap-2 border-t border-hair py-2 first:border-0">
      <dt className="text-[14px] text-soft">{name}</dt>
      <dd className="min-w-0">{children}</dd>
    </div>
  );
}

const dotted = (assumed: boolean): string =>
  assumed ? 'underline decoration-mind-fill decoration-dotted decoration-2 underline-offset-4' : '';

type LinesProps = Omit<UnderstoodProps, 'document'> & { readonly part: string | null };

/** The lines of one part: what they weigh together, and each of them with its question. */
function Lines({ bring, reading, nominal, pantry, part }: LinesProps): ReactNode {
  const numbers = reading.ingredients.flatMap((line, i) => (line.part === part ? [i] : []));
  const waiting = numbers.filter((i) => bring.waiting.includes(i));
  const asked = numbers.filter((i) => reading.ingredients[i].question !== null && !answered(bring, reading, i));
  const [open, setOpen] = useState(false);
  if (numbers.length === 0) return null;
  const shown = open || asked.length > 0;
  const grams = numbers.reduce((sum, i) => {
    const answer = bring.draft.answers[answerKey(reading.ingredients, i)];
    return sum + (answer?.out ? 0 : (answer?.grams ?? reading.ingredients[i].grams ?? 0));
  }, 0);
  const role = reading.parts.find(({ name }) => name === part)?.role;
  const feel = part === null && nominal ? nominal.prediction.dough.feel : null;
  return (
    <Row name={part === null ? 'Dough' : part.charAt(0).toUpperCase() + part.slice(1)}>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <strong className="font-display text-[17px]">
          {numbers.length - waiting.length} of {numbers.length}
        </strong>
        <span>lines in · {mass(grams)}</span>
        {feel && <strong className="text-dough">{FEEL_NAMES[feel].toLowerCase()}</strong>}
        {role && role !== 'dough' && <span className="text-soft">{ROLE_WORDS[role]}</span>}
        <span className="flex-1" />
        <Button
          look="small"
          aria-expanded={shown}
          aria-label={`${open ? 'Hide' : 'Show'} the lines of ${part ?? 'the dough'}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'hide' : 'show'}
        </Button>
      </p>
      {shown && (
        <ul className="text-[14.5px]" aria-label={`Lines of ${part ?? 'the dough'}`}>
          {(open ? numbers : asked).map((i) => {
            const key = answerKey(reading.ingredients, i);
            return (
              <LineRow
                key={key}
                line={reading.ingredients[i]}
                answer={bring.draft.answers[key]}
                waits={bring.waiting.includes(i)}
                pantry={pantry}
                onAnswer={(answer) => bring.change({ answers: { ...bring.draft.answers, [key]: answer } })}
              />
            );
          })}
        </ul>
      )}
    </Row>
  );
}

function answered(bring: Bring, reading: ReadRecipe, i: number): boolean {
  const answer = bring.draft.answers[answerKey(reading.ingredients, i)];
  return answer !== undefined && !bring.waiting.includes(i);
}

type RowProps = Pick<UnderstoodProps, 'bring' | 'reading' | 'document'> & { readonly assumed: boolean };

function ShapeRow({ bring, reading, document, assumed }: RowProps): ReactNode {
  const [open, setOpen] = useState(false);
  const shape = document?.shape ?? reading.shape?.shape ?? startingPoint(reading.method).shape;
  return (
    <Row name="Shape">
      <Changing open={open} onOpen={setOpen} what="the shape">
        <strong className={`text-crunch ${dotted(assumed)}`}>{shapeWords(shape)}</strong> {assumed && <Assumed />}
      </Changing>
      {assumed && reading.shape?.question && <p className="text-[14px] text-mind">{sentence(reading.shape.question)}</p>}
      {!reading.shape && <p className="text-[14px] text-mind">No words say how it is shaped.</p>}
      {open && <ChangeShape shape={shape} onShape={(next) => bring.change({ shape: next })} />}
    </Row>
  );
}

function HeatRow({ bring, reading, document, assumed }: RowProps): ReactNode {
  const [open, setOpen] = useState(false);
  const usual = startingPoint(reading.method).heat;
  const heat = document?.heat ?? usual;
  const { programme } = reading;
  return (
    <Row name="Heat">
      <Changing open={open} onOpen={setOpen} what="the heat">
        <strong className={`text-heat ${dotted(assumed)}`}>{programmeWords(heat)}</strong> {assumed && <Assumed />}
      </Changing>
      <p className="text-[13.5px] text-soft">
        {METHOD_NAMES[reading.method].toLowerCase()}
        {programme ? '' : ' · no words say how it is baked: this is ours'}
      </p>
      {programme?.question && !bring.draft.heat && <p className="text-[14px] text-mind">{sentence(programme.question)}</p>}
      {open && (
        <>
          <ChangeHeat heat={heat} onHeat={(next) => bring.change({ heat: next })} />
          <p className="flex flex-wrap gap-2 pt-2">
            {bring.draft.heat && (
              <Button look="small" onClick={() => bring.change({ heat: null })}>
                {programme ? 'Take it as written' : 'Take it back'}
              </Button>
            )}
            {programme && (
              <Button look="small" className="whitespace-normal! text-left" onClick={() => bring.change({ heat: usual })}>
                Take ours instead: {programmeWords(usual)}
              </Button>
            )}
          </p>
        </>
      )}
    </Row>
  );
}

const Assumed = (): ReactNode => <span className="text-[13px] text-mind">assumed in part</span>;

type ChangingProps = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly what: string;
  readonly children: ReactNode;
};

function Changing({ open, onOpen, what, children }: ChangingProps): ReactNode {
  return (
    <div className="flex items-start gap-2">
      <p className="min-w-0 flex-1">{children}</p>
      <Button
        look="small"
        aria-expanded={open}
        aria-label={`${open ? 'Done with' : 'Change'} ${what}`}
        onClick={() => onOpen(!open)}
      >
        {open ? 'done' : 'change'}
      </Button>
    </div>
  );
}

function promises({ makes, stores }: ReadRecipe): ReactNode {
  const said = [
    ...(makes === null ? [] : ['servings' in makes ? counted(makes.servings, 'serving') : counted(makes.pieces, 'piece')]),
    ...stores.map(({ store, days }) => `${counted(days, 'day')} ${STORE_NAMES[store]}`),
  ];
  return said.length > 0 ? said.join(' · ') : <span className="text-soft">nothing about how many or how long they keep</span>;
}
