'use client';
import { Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { type RecipeStep, RECIPE_STEP } from '@/core/document';
import { Button } from '../kit/Button';
import { OptionalNumber } from '../kit/OptionalNumber';
import { WrappingField } from '../kit/WrappingField';

type StepsEditorProps = {
  readonly steps: readonly RecipeStep[];
  readonly onText: (step: number, text: string) => void;
  readonly onSteps: (next: (steps: readonly RecipeStep[]) => readonly RecipeStep[]) => void;
};

/** What is done by hand before the oven, with its time and tool. */
export function StepsEditor({ steps, onText, onSteps }: StepsEditorProps): ReactNode {
  const change = (at: number, part: Partial<RecipeStep>): void =>
    onSteps((now) => now.map((step, i) => (i === at ? withoutNothing({ ...step, ...part }) : step)));
  return (
    <ol className="flex flex-col gap-1.5">
      {steps.map((step, i) => (
        <li key={i} className="flex flex-wrap items-center gap-2">
          <span className="w-5 font-display text-[16px] font-semibold text-dough">{i + 1}</span>
          <WrappingField
            aria-label={`Step ${i + 1}`}
            value={step.text}
            maxLength={1000}
            onChange={({ target }) => onText(i, target.value)}
            className="min-w-56 flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 focus:border-rim"
          />
          <OptionalNumber
            label={`Minutes of step ${i + 1}`}
            unit="min"
            placeholder="–"
            max={RECIPE_STEP.fields.minutes.max}
            value={step.minutes ?? null}
            onChange={(minutes) => change(i, { minutes: minutes ?? undefined } as Partial<RecipeStep>)}
          />
          <WrappingField
            aria-label={`Tool of step ${i + 1}`}
            value={step.tool ?? ''}
            maxLength={200}
            placeholder="tool"
            onChange={({ target }) => change(i, { tool: target.value || undefined } as Partial<RecipeStep>)}
            className="w-36 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 focus:border-rim"
          />
          <Button
            look="quiet"
            aria-label={`Take step ${i + 1} out`}
            onClick={() => onSteps((now) => now.filter((_, at) => at !== i))}
          >
            <Trash2 aria-hidden size={16} />
          </Button>
        </li>
      ))}
      <li>
        <Button look="small" onClick={() => onSteps((now) => [...now, { text: 'Mix' }])}>
          <Plus aria-hidden size={14} /> Add a step
        </Button>
      </li>
    </ol>
  );
}

/** A part that was emptied is gone, not undefined: files have no such word. */
const withoutNothing = (step: RecipeStep): RecipeStep =>
  Object.fromEntries(Object.entries(step).filter(([, value]) => value !== undefined)) as RecipeStep;
