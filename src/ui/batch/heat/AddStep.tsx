import type { KitAppliance } from '@/contract/batch';
import { Menu, MenuButton, MenuItem, MenuItems, MenuSection, MenuHeading } from '@headlessui/react';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { type ApplianceKind, applianceRecord, type HeatStep } from '@/core/catalogue';
import { type BatchDocument } from '@/core/document';
import { buttonClass } from '../../kit/Button';
import { duration } from '../../format/units';
import { atKnownPace } from './known-pace';
import { addTimed, insertEvent, kindAt, moveOn, type ProgrammeEvent, type TimedStep } from './programme-edits';

type Offer<S extends HeatStep> = { readonly name: string; readonly says: string; readonly step: S };

/** What can be added at a moment. */
const MOMENTS: ReadonlyArray<Offer<ProgrammeEvent>> = [
  { name: 'turn', says: 'underside up', step: { do: 'turn' } },
  { name: 'stir', says: 'loose bits, sides free', step: { do: 'stir' } },
  { name: 'brush', says: 'wash or glaze: adds water', step: { do: 'brush', grams: 30 } },
  { name: 'score', says: 'cut through, left lying', step: { do: 'score' } },
  { name: 'snap apart', says: 'along the score', step: { do: 'snap-apart' } },
  { name: 'cut apart', says: 'and laid out with a gap', step: { do: 'cut' } },
  { name: 'turn out', says: 'of the pan, on to a rack', step: { do: 'turn-out' } },
  { name: 'rotate trays', says: 'top one down, bottom one up', step: { do: 'rotate-trays' } },
  { name: 'look in', says: 'the door stands open', step: { do: 'check' } },
  { name: 'on to another tray', says: 'or a rack', step: { do: 'move', base: 'wire-rack' } },
];

/** What is done to a slab that lies in one piece. */
const OF_SLABS: ReadonlySet<HeatStep['do']> = new Set<HeatStep['do']>(['score', 'snap-apart', 'cut']);

/** What can be added as a stretch of time. */
const STRETCHES: ReadonlyArray<Offer<TimedStep>> = [
  { name: 'hold', says: 'at a setpoint', step: { do: 'hold', setpoint_c: 110, minutes: 30 } },
  { name: 'turn the dial slowly', says: 'evenly to another setpoint', step: { do: 'ramp', setpoint_c: 110, minutes: 20 } },
  { name: 'oven off', says: 'and leave in', step: { do: 'off', minutes: 40 } },
  { name: 'on the rack', says: 'cool in the kitchen', step: { do: 'cool', minutes: 30 } },
  { name: 'in the fridge', says: 'chill', step: { do: 'chill', minutes: 60 } },
  { name: 'in the freezer', says: 'freeze through', step: { do: 'freeze', minutes: 300 } },
  { name: 'freeze-dry', says: 'under vacuum', step: { do: 'freeze-dry', minutes: 1080 } },
];

type AddStepProps = {
  readonly heat: BatchDocument['heat'];
  readonly slab: boolean;
  readonly appliances: readonly KitAppliance[];
  /** Parts of the recipe that can be put on. */
  readonly parts: readonly string[];
  readonly minute: number;
  readonly onSteps: (steps: readonly HeatStep[]) => void;
};

/** What is frozen goes on into a machine that dries it so. */
const takesFrozen = (kind: ApplianceKind = 'static-oven'): boolean => applianceRecord(kind).does.includes('freeze-dry');

/** Everything that can still be done to the pieces: stretches of time, moments, and moves into other appliances. */
export function AddStep({ heat, slab, appliances, parts, minute, onSteps }: AddStepProps): ReactNode {
  const { steps } = heat;
  const kind = kindAt(heat, steps.length - 1);
  const can = applianceRecord(kind).does;
  const frozen = steps.some((step) => step.do === 'freeze') && !steps.some((step) => step.do === 'freeze-dry');
  const stretches = STRETCHES.filter(
    ({ step }) => can.includes(step.do) && (!frozen || step.do === 'freeze' || step.do === 'freeze-dry'),
  );
  const washes = parts.map((part): Offer<ProgrammeEvent> => ({
    name: `put on the ${part.toLowerCase()}`,
    says: 'a part of the recipe',
    step: { do: 'brush', part },
  }));
  const moments = [...washes, ...MOMENTS].filter(
    ({ step }) => can.includes(step.do) && (slab || !OF_SLABS.has(step.do)) && !frozen,
  );
  const others = appliances.filter(({ appliance }) => appliance.kind !== kind && (!frozen || takesFrozen(appliance.kind)));
  return (
    <Menu>
      <MenuButton className={buttonClass('small')}>
        <Plus aria-hidden size={14} /> Add a step
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="z-30 grid grid-cols-[auto_auto] items-start gap-x-3 rounded-xl border-[1.6px] border-rim bg-face p-2 text-[14.5px] text-ink outline-none [--anchor-gap:4px]"
      >
        <Section title="For a while">
          {stretches.map(({ name, says, step }) => (
            <Item key={name} name={name} says={says} onPick={() => onSteps(addTimed(steps, step))} />
          ))}
        </Section>
        <div>
          {moments.length > 0 && (
            <Section title={`At ${duration(minute)}`}>
              {moments.map(({ name, says, step }) => (
                <Item key={name} name={name} says={says} onPick={() => onSteps(insertEvent(steps, minute, step))} />
              ))}
            </Section>
          )}
          {others.length > 0 && (
            <Section title="Then move into">
              {others.map((other) => (
                <Item key={other.id} name={other.name} says="" onPick={() => onSteps(moveOn(steps, atKnownPace(other)))} />
              ))}
            </Section>
          )}
        </div>
      </MenuItems>
    </Menu>
  );
}

const Section = ({ title, children }: { readonly title: string; readonly children: ReactNode }): ReactNode => (
  <MenuSection className="pb-1">
    <MenuHeading className="px-3 pb-0.5 text-[13px] text-soft">{title}</MenuHeading>
    {children}
  </MenuSection>
);

type ItemProps = { readonly name: string; readonly says: string; readonly onPick: () => void };

const Item = ({ name, says, onPick }: ItemProps): ReactNode => (
  <MenuItem>
    <button
      type="button"
      className="block w-full cursor-pointer rounded-lg px-3 py-0.5 text-left data-[focus]:bg-crunch-pale"
      onClick={onPick}
    >
      <strong>{name}</strong> <span className="text-[13px] text-soft">{says}</span>
    </button>
  </MenuItem>
);
