'use client';
import { useState, type ReactNode } from 'react';
import { FEEL_TARGETS, aimFor, crumbleEdge, gramsToReach, softness, type BowlState, type Feel } from '@/core/dough';
import type { DoughLine, Ingredient, Pantry } from '@/core/pantry';
import { FEEL_NAMES } from '../../format/words';
import { IngredientPicker } from '../../ingredients/IngredientPicker';
import type { Habits } from '../../ingredients/habits';
import { kitchenMeasure } from '../../ingredients/kitchen-measure';
import { CautionShape } from '../../kit/CautionMark';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { mass } from '../../format/units';

type Towards = 'aim' | keyof typeof FEEL_TARGETS;

type SteeringProps = {
  readonly lines: readonly DoughLine[];
  readonly planned: readonly DoughLine[];
  readonly bowl: BowlState;
  /** Feels that the way of shaping can work with, the best first. */
  readonly handles: readonly Feel[];
  readonly pantry: Pantry;
  readonly habits: Habits;
  readonly onAdd: (ingredient: string, mass_g: number) => void;
};

/** Nearer to the aim than this a dough is left alone [softness]. Source: ours, half of what a hand can tell. */
const CLOSE = 0.03;

/** What to add, of which ingredient, to reach the feel one wants. */
export function Steering({ lines, planned, bowl, handles, pantry, habits, onAdd }: SteeringProps): ReactNode {
  const [towards, setTowards] = useState<Towards>('aim');
  const [picked, setPicked] = useState<Ingredient | null>(null);
  const aim = aimFor(softness(planned, bowl).index, crumbleEdge(planned), handles);
  const now = softness(lines, bowl).index;
  const target = towards === 'aim' ? aim.index : FEEL_TARGETS[towards];
  const choices = picked ? [picked] : usualChoices(lines, pantry);
  const fixes = choices.map((ingredient) => ({ ingredient, fix: gramsToReach(lines, ingredient, target, bowl) }));
  const there = Math.abs(now - target) < CLOSE;
  return (
    <section aria-label="Steer the feel" className="rounded-2xl border border-hair px-4 py-2.5">
      <h3 className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[16px]">
        Steer it
        <Choice
          label="towards"
          value={towards}
          options={[
            {
              value: 'aim',
              name: `${aim.from === 'written' ? 'as planned' : 'as it must be to shape it so'} (${aim.index.toFixed(2)})`,
            },
            ...(Object.keys(FEEL_TARGETS) as Array<keyof typeof FEEL_TARGETS>).map((feel) => ({
              value: feel,
              name: `${FEEL_NAMES[feel].toLowerCase()} (${FEEL_TARGETS[feel].toFixed(2)})`,
            })),
          ]}
          onChange={setTowards}
        />
      </h3>
      {aim.fallsApart && (
        <p className="pt-1 text-mind">
          <CautionShape severity="mind" /> As written it falls apart: what is in it binds more than it wets.
        </p>
      )}
      {there ? (
        <p className="pt-1">It is there: leave it.</p>
      ) : (
        <ul className="flex flex-col gap-1 pt-1.5">
          {fixes.map(({ ingredient, fix }) => (
            <FixLine key={ingredient.id} {...{ ingredient, fix, habits, onAdd }} />
          ))}
        </ul>
      )}
      <p className="flex flex-wrap items-center gap-2 pt-2 text-[14px] text-soft">
        or with
        <IngredientPicker
          label="Steer with another ingredient"
          placeholder="another ingredient"
          pantry={pantry}
          onPick={setPicked}
        />
        {picked && (
          <Button look="quiet" onClick={() => setPicked(null)}>
            back to the usual ones
          </Button>
        )}
      </p>
    </section>
  );
}

/** The flours that are in it already, water and egg. */
function usualChoices(lines: readonly DoughLine[], pantry: Pantry): Ingredient[] {
  const flours = [...lines]
    .filter(({ ingredient }) => ingredient.category === 'flour/meal' && ingredient.bindsNow_g_per_g >= 0.3)
    .sort((a, b) => b.mass_g - a.mass_g)
    .slice(0, 1)
    .map(({ ingredient }) => ingredient);
  const usual = [...flours, pantry.get('water'), pantry.get('egg_whole')].flatMap((row) => row ?? []);
  return usual.filter((row, i) => usual.indexOf(row) === i);
}

type FixLineProps = {
  readonly ingredient: Ingredient;
  readonly fix: ReturnType<typeof gramsToReach>;
  readonly habits: Habits;
  readonly onAdd: SteeringProps['onAdd'];
};

function FixLine({ ingredient, fix, habits, onAdd }: FixLineProps): ReactNode {
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      {fix.kind === 'add' ? (
        <>
          <span>
            Add <strong>{mass(fix.mass_g, 0)}</strong> {ingredient.name.toLowerCase()}
            <span className="text-soft">
              {' '}
              · {kitchenMeasure(ingredient, fix.mass_g, habits)?.words ?? 'by the spoon'}, by the spoon
            </span>
          </span>
          <Button look="small" onClick={() => onAdd(ingredient.id, fix.mass_g)}>
            It is in
          </Button>
        </>
      ) : (
        <span className="text-soft">
          {ingredient.name}: {fix.kind === 'take-away' ? 'adding it only leads further away' : 'does not change the feel'}.
        </span>
      )}
    </li>
  );
}
