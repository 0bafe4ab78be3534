'use client';
import type { FedRecipe } from '@/contract/dogs';
import { useState, type ReactNode } from 'react';
import { training } from '@/core/feeding';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { mass } from '../format/units';

type TrainingPlanProps = { readonly name: string; readonly at: number; readonly recipes: readonly FedRecipe[] };

/** How small a bit must be for so many in so many sessions, and how many of this recipe that makes. */
export function TrainingPlan({ name: dogName, at, recipes }: TrainingPlanProps): ReactNode {
  const smallest = recipes.reduce<FedRecipe | null>((least, one) => (least && least.piece_g <= one.piece_g ? least : one), null);
  const [chosen, setChosen] = useState(smallest?.id ?? '');
  const [sessions, setSessions] = useState(2);
  const [bits, setBits] = useState(20);
  const recipe = recipes.find(({ id }) => id === chosen) ?? smallest;
  if (!recipe) return null;
  const { treats_kcal } = recipe.verdicts[at].allowance;
  const plan = training(treats_kcal, recipe.kcal_per_piece / recipe.piece_g, { sessions, bits, bit_g: recipe.piece_g });
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-hair pt-2 text-[14.5px]">
      <strong>Training {dogName}</strong>
      <Choice
        label="with"
        value={recipe.id}
        options={recipes.map(({ id, name }) => ({ value: id, name }))}
        onChange={setChosen}
      />
      <NumberField label="in" unit="sessions" value={sessions} min={1} max={12} width="w-6" onChange={setSessions} />
      <NumberField label="of" unit="bits" value={bits} min={1} max={200} width="w-8" onChange={setBits} />
      <p role="status">
        A bit may weigh <strong>{mass(plan.g_per_bit, 2)}</strong>; whole pieces of {mass(recipe.piece_g, 1)} make{' '}
        <strong>{plan.bits_per_session}</strong> a session.
      </p>
    </div>
  );
}
