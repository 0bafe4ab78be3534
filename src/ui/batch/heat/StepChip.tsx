import type { KitAppliance } from '@/contract/batch';
import { DoorClosed, DoorOpen, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { type Appliance, type ApplianceKind, type HeatStep, STEPS } from '@/core/catalogue';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import type { Dial } from '../../format/dial-words';
import { BASES } from '../../format/words';
import { applianceOf, applianceOptions } from './appliance-choice';
import { SetpointField } from './SetpointField';
import { LIMITS, STEP_NAMES, isTimed } from './programme-edits';
import { limits } from '../../kit/limits';

type StepChipProps = {
  readonly step: HeatStep;
  readonly number: number;
  readonly kind: ApplianceKind;
  readonly dial: Dial;
  readonly appliances: readonly KitAppliance[];
  /** Parts of the recipe that can be put on. */
  readonly parts: readonly string[];
  readonly removable: boolean;
  readonly onRemove: () => void;
  readonly onValue: (key: string, value: unknown) => void;
};

/** One step of the programme as a chip: its name, and everything about it that can be typed. */
export function StepChip({
  step,
  number,
  kind,
  dial,
  appliances,
  parts,
  removable,
  onRemove,
  onValue,
}: StepChipProps): ReactNode {
  return (
    <li className="inline-flex max-w-full flex-wrap items-center gap-0.5 rounded-[18px] border border-hair bg-enamel py-0.5 pr-0.5 pl-2.5">
      <span className="mr-1 font-semibold">{STEP_NAMES[step.do]}</span>
      {'setpoint_c' in step && (
        <SetpointField
          label={`Setpoint of step ${number}`}
          setpoint_c={step.setpoint_c}
          kind={kind}
          dial={dial}
          onChange={(value) => onValue('setpoint_c', value)}
        />
      )}
      {isTimed(step) && (
        <NumberField
          label={`Minutes of step ${number}`}
          shown={false}
          unit="min"
          width={step.minutes >= 1000 ? 'w-9' : 'w-7'}
          value={step.minutes}
          min={LIMITS.minutes[0]}
          max={LIMITS.minutes[1]}
          onChange={(value) => onValue('minutes', value)}
        />
      )}
      <Particulars step={step} number={number} appliances={appliances} parts={parts} onValue={onValue} />
      {'setpoint_c' in step || step.do === 'off' ? (
        <DoorButton door={step.door ?? 'shut'} number={number} onDoor={(door) => onValue('door', door)} />
      ) : null}
      <button
        type="button"
        aria-label={`Take out step ${number}, ${STEP_NAMES[step.do]}`}
        disabled={!removable}
        className="grid size-6 place-items-center rounded-full text-soft hover:text-stop disabled:opacity-30"
        onClick={onRemove}
      >
        <X aria-hidden size={14} />
      </button>
    </li>
  );
}

type ParticularsProps = Pick<StepChipProps, 'step' | 'number' | 'appliances' | 'parts' | 'onValue'>;

type PutOnProps = Pick<StepChipProps, 'number' | 'parts' | 'onValue'> & {
  readonly step: Extract<HeatStep, { do: 'brush' | 'coat' }>;
};

/** Which part goes on; plain water by its grams. */
function PutOn({ step, number, parts, onValue }: PutOnProps): ReactNode {
  const water = step.do === 'brush' ? [{ value: '', name: 'water' }] : [];
  return (
    <>
      {parts.length > 0 && (
        <Choice
          label={`What goes on in step ${number}`}
          shown={false}
          value={step.part ?? ''}
          options={[...water, ...parts.map((name) => ({ value: name, name: name.toLowerCase() }))]}
          onChange={(part) => onValue('part', part === '' ? undefined : part)}
        />
      )}
      {step.part === undefined && <Grams number={number} value={step.grams ?? 1} onValue={onValue} />}
    </>
  );
}

/** What only one kind of step has. */
function Particulars({ step, number, appliances, parts, onValue }: ParticularsProps): ReactNode {
  switch (step.do) {
    case 'brush':
    case 'coat':
      return <PutOn step={step} number={number} parts={parts} onValue={onValue} />;
    case 'freeze':
      return (
        <Degrees
          label={`Freezer's air in step ${number}`}
          value={step.freezer_c ?? STEPS.freeze.fields.freezer_c.default}
          limits={[STEPS.freeze.fields.freezer_c.min, STEPS.freeze.fields.freezer_c.max]}
          onChange={(c) => onValue('freezer_c', c)}
        />
      );
    case 'chill':
      return (
        <Degrees
          label={`Fridge's air in step ${number}`}
          value={step.fridge_c ?? STEPS.chill.fields.fridge_c.default}
          limits={[STEPS.chill.fields.fridge_c.min, STEPS.chill.fields.fridge_c.max]}
          onChange={(c) => onValue('fridge_c', c)}
        />
      );
    case 'freeze-dry':
      return <Shelves step={step} number={number} onValue={onValue} />;
    case 'cool':
      return <CoolsOn step={step} number={number} onValue={onValue} />;
    case 'check':
      return <CheckSeconds step={step} number={number} onValue={onValue} />;
    case 'turn-out':
      return <OnTo step={step} number={number} onValue={onValue} />;
    case 'move':
      return step.appliance ? (
        <IntoChoice
          label={`Into, in step ${number}`}
          into={step.appliance}
          appliances={appliances}
          onInto={(into) => onValue('appliance', into)}
        />
      ) : (
        <OnTo step={step} number={number} onValue={onValue} />
      );
    case 'hold':
    case 'ramp':
    case 'off':
    case 'turn':
    case 'stir':
    case 'score':
    case 'cut':
    case 'dry-coat':
    case 'snap-apart':
    case 'rotate-trays':
      return null;
  }
}

type GramsProps = { readonly number: number; readonly value: number; readonly onValue: StepChipProps['onValue'] };

const Grams = ({ number, value, onValue }: GramsProps): ReactNode => (
  <NumberField
    label={`Grams brushed on in step ${number}`}
    shown={false}
    unit="g"
    width="w-7"
    value={value}
    {...limits(STEPS.brush.fields.grams)}
    onChange={(grams) => onValue('grams', grams)}
  />
);

type DegreesProps = {
  readonly label: string;
  readonly value: number;
  readonly limits: readonly [number, number];
  readonly onChange: (celsius: number) => void;
};

const Degrees = ({ label, value, limits: [min, max], onChange }: DegreesProps): ReactNode => (
  <NumberField label={label} shown={false} unit="°C" width="w-7" value={value} min={min} max={max} onChange={onChange} />
);

const DOORS = {
  shut: { next: 'ajar', says: 'The door is shut; leave it ajar' },
  ajar: { next: 'open', says: 'The door is ajar; open it wide' },
  open: { next: 'shut', says: 'The door is wide open; shut it' },
} as const;
type DoorState = keyof typeof DOORS;

/** The door: shut, ajar, wide open, and shut again. */
function DoorButton({
  door,
  number,
  onDoor,
}: {
  readonly door: DoorState;
  readonly number: number;
  readonly onDoor: (door: DoorState) => void;
}): ReactNode {
  const { next, says } = DOORS[door];
  return (
    <button
      type="button"
      className={`inline-flex h-6 items-center rounded-full px-1 ${door === 'shut' ? 'text-soft hover:text-ink' : 'bg-heat-pale text-heat'}`}
      aria-label={`Door ${door} in step ${number}`}
      title={says}
      onClick={() => onDoor(next)}
    >
      {door === 'shut' ? <DoorClosed aria-hidden size={15} /> : <DoorOpen aria-hidden size={15} />}
      {door === 'open' && <span className="pl-0.5 text-[12px]">wide</span>}
    </button>
  );
}

type IntoChoiceProps = {
  readonly label: string;
  readonly into: Appliance;
  readonly appliances: readonly KitAppliance[];
  readonly onInto: (into: Appliance) => void;
};

/** Which appliance of the kit the pieces are moved into; one that the kit does not have keeps the name of its kind. */
function IntoChoice({ label, into, appliances, onInto }: IntoChoiceProps): ReactNode {
  const { value, options } = applianceOptions(appliances, into);
  return (
    <Choice
      label={label}
      shown={false}
      value={value}
      options={options}
      onChange={(id) => {
        const next = applianceOf(id, appliances);
        if (next) onInto(next);
      }}
    />
  );
}

type ShelvesProps = {
  readonly step: Extract<HeatStep, { do: 'freeze-dry' }>;
  readonly number: number;
  readonly onValue: StepChipProps['onValue'];
};

function Shelves({ step, number, onValue }: ShelvesProps): ReactNode {
  return (
    <>
      <Degrees
        label={`Shelves in step ${number}`}
        value={step.shelf_c ?? STEPS['freeze-dry'].fields.shelf_c.default}
        limits={[STEPS['freeze-dry'].fields.shelf_c.min, STEPS['freeze-dry'].fields.shelf_c.max]}
        onChange={(c) => onValue('shelf_c', c)}
      />
      <Choice
        label={`Ice leaves in step ${number}`}
        shown={false}
        value={step.faces ?? STEPS['freeze-dry'].fields.faces.default}
        options={[
          { value: 'one', name: 'on trays' },
          { value: 'both', name: 'on mesh' },
        ]}
        onChange={(faces) => onValue('faces', faces)}
      />
    </>
  );
}

type OnToProps = {
  readonly step: Extract<HeatStep, { do: 'turn-out' | 'move' }>;
  readonly number: number;
  readonly onValue: StepChipProps['onValue'];
};

const OnTo = ({ step, number, onValue }: OnToProps): ReactNode => (
  <Choice
    label={`On to, in step ${number}`}
    shown={false}
    value={step.base ?? 'wire-rack'}
    options={BASES}
    onChange={(base) => onValue('base', base)}
  />
);

type CoolsOnProps = {
  readonly step: Extract<HeatStep, { do: 'cool' }>;
  readonly number: number;
  readonly onValue: StepChipProps['onValue'];
};

function CoolsOn({ step, number, onValue }: CoolsOnProps): ReactNode {
  return (
    <Choice
      label={`Where step ${number} cools`}
      shown={false}
      value={step.on ?? 'rack'}
      options={[
        { value: 'rack', name: 'rack' },
        { value: 'tray', name: 'its tray' },
      ]}
      onChange={(on) => onValue('on', on)}
    />
  );
}

type CheckSecondsProps = {
  readonly step: Extract<HeatStep, { do: 'check' }>;
  readonly number: number;
  readonly onValue: StepChipProps['onValue'];
};

function CheckSeconds({ step, number, onValue }: CheckSecondsProps): ReactNode {
  return (
    <NumberField
      label={`Seconds of step ${number}`}
      shown={false}
      unit="s"
      width="w-6"
      value={step.seconds ?? STEPS.check.fields.seconds.default}
      {...limits(STEPS.check.fields.seconds)}
      onChange={(seconds) => onValue('seconds', seconds)}
    />
  );
}
