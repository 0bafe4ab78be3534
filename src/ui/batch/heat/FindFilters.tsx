import type { KitAppliance } from '@/contract/batch';
import type { ReactNode } from 'react';
import { type ApplianceKind, applianceRecord } from '@/core/catalogue';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { MARKS, heatOfMark, heatWord, markOf, type Dial } from '../../format/dial-words';
import { OptionalNumber } from '../../kit/OptionalNumber';
import { atKnownPace } from './known-pace';
import { AIMS, COLOURS, PREFERENCE_NAMES, SURENESS, aimOf, withAim, without, type Target } from './wishes';
import { TARGET } from '@/core/document';

type FindFiltersProps = {
  readonly target: Target;
  readonly appliances: readonly KitAppliance[];
  readonly kind: ApplianceKind;
  readonly dial: Dial;
  readonly onTarget: (target: Target) => void;
};

type Optional = 'keeps_days_min' | 'finish_within_minutes' | 'oven_within_minutes' | 'setpoint_min_c' | 'setpoint_max_c';
type SetOptional = (key: Optional, value: number | null, per?: number) => void;
const MIN_PER_H = 60;
const hours = (minutes: number | undefined): number | null =>
  minutes === undefined ? null : Math.round((100 * minutes) / MIN_PER_H) / 100;

/** What the programme shall reach, within what it must stay, and what matters most. */
export function FindFilters({ target, appliances, kind, dial, onTarget }: FindFiltersProps): ReactNode {
  const optional: SetOptional = (key, value, per = 1) =>
    onTarget(value === null ? without(target, key) : { ...target, [key]: value * per });
  const driers = applianceRecord(kind).drier
    ? []
    : appliances.filter(({ appliance }) => applianceRecord(appliance.kind ?? 'static-oven').drier);
  return (
    <div className="flex flex-col gap-2 rounded-2xl border border-hair bg-enamel px-4 py-2.5 text-[14.5px]">
      <ShallBe target={target} onTarget={onTarget} optional={optional} />
      <Row name="In">
        <Choice
          label="How many batches must get there"
          shown={false}
          value={String(target.sure_pct ?? TARGET.fields.sure_pct.default)}
          options={SURENESS}
          onChange={(sure) => onTarget({ ...target, sure_pct: Number(sure) })}
        />
        <span className="text-soft">the surer, the longer it stays</span>
      </Row>
      <Within target={target} kind={kind} dial={dial} onTarget={onTarget} optional={optional} />
      <BestIs target={target} driers={driers} onTarget={onTarget} />
    </div>
  );
}

const Row = ({ name, children }: { readonly name: string; readonly children: ReactNode }): ReactNode => (
  <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
    <strong className="w-16">{name}</strong>
    {children}
  </div>
);

type DialLimitProps = Pick<FindFiltersProps, 'dial' | 'kind'> & {
  readonly label: string;
  readonly limit_c: number | null;
  readonly onLimit: (limit_c: number | null) => void;
};

/** As far as the dial may be turned, in the words that this baker reads it in. */
function DialLimit({ label, limit_c, dial, kind, onLimit }: DialLimitProps): ReactNode {
  if (dial === 'gas') {
    const mark = limit_c === null ? 'any' : markOf(limit_c, kind);
    const marks = MARKS.map((value) => ({ value, name: `gas ${value}` }));
    const below = limit_c !== null && mark === null ? [{ value: 'below', name: heatWord(limit_c, dial, kind) }] : [];
    return (
      <Choice
        label={label}
        shown={false}
        value={mark ?? 'below'}
        options={[{ value: 'any', name: 'any' }, ...below, ...marks]}
        onChange={(next) => onLimit(next === 'any' ? null : next === 'below' ? limit_c : heatOfMark(next, kind))}
      />
    );
  }
  return <OptionalNumber label={label} unit="°C" value={limit_c} placeholder="any" max={260} onChange={onLimit} />;
}

/** A usual night, when sleep is first asked for [min after the start]. */
const NIGHT = { from_minutes: 240, to_minutes: 720 } as const;

/** When nobody can come. */
function Asleep({ target, onTarget }: Pick<FindFiltersProps, 'target' | 'onTarget'>): ReactNode {
  const { asleep } = target;
  const set = (key: 'from_minutes' | 'to_minutes') => (h: number) =>
    onTarget({ ...target, asleep: { ...(asleep ?? NIGHT), [key]: h * MIN_PER_H } });
  return (
    <span className="inline-flex items-center gap-2">
      <label className="inline-flex cursor-pointer items-center gap-1.5">
        <input
          type="checkbox"
          className="size-4 accent-current"
          checked={asleep !== undefined}
          onChange={() => onTarget(asleep ? without(target, 'asleep') : { ...target, asleep: NIGHT })}
        />
        nobody awake
      </label>
      {asleep && (
        <>
          <NumberField
            label="from"
            unit="h after the start"
            value={asleep.from_minutes / MIN_PER_H}
            min={0}
            max={TARGET.fields.asleep.fields.from_minutes.max / MIN_PER_H - 1}
            width="w-7"
            onChange={set('from_minutes')}
          />
          <NumberField
            label="to"
            unit="h"
            value={asleep.to_minutes / MIN_PER_H}
            min={0.5}
            max={TARGET.fields.asleep.fields.to_minutes.max / MIN_PER_H}
            width="w-7"
            onChange={set('to_minutes')}
          />
        </>
      )}
    </span>
  );
}

type ShallBeProps = { readonly target: Target; readonly onTarget: FindFiltersProps['onTarget']; readonly optional: SetOptional };

/** What it shall be like, and for how long. */
function ShallBe({ target, onTarget, optional }: ShallBeProps): ReactNode {
  return (
    <Row name="Shall be">
      <Choice
        label="Shall be"
        shown={false}
        value={aimOf(target)}
        options={AIMS}
        onChange={(aim) => onTarget(withAim(target, aim))}
      />
      {target.snap_min !== undefined && (
        <NumberField
          label="Snap at least"
          value={target.snap_min}
          min={1}
          max={TARGET.fields.snap_min.max}
          step={TARGET.fields.snap_min.step}
          width="w-8"
          onChange={(snap_min) => onTarget({ ...target, snap_min })}
        />
      )}
      {target.snap_max !== undefined && (
        <NumberField
          label="Snap at most"
          value={target.snap_max}
          min={TARGET.fields.snap_max.min}
          max={9}
          step={TARGET.fields.snap_max.step}
          width="w-8"
          onChange={(snap_max) => onTarget({ ...target, snap_max })}
        />
      )}
      <span className="text-soft">and keep at least</span>
      <OptionalNumber
        label="Keeps at least"
        unit="days"
        value={target.keeps_days_min ?? null}
        placeholder="any"
        max={TARGET.fields.keeps_days_min.max}
        onChange={(days) => optional('keeps_days_min', days)}
      />
      <Choice
        label="edge no darker than"
        value={String(target.browning_max ?? 0.35)}
        options={COLOURS}
        onChange={(browning) => onTarget({ ...target, browning_max: Number(browning) })}
      />
    </Row>
  );
}

type WithinProps = {
  readonly target: Target;
  readonly kind: ApplianceKind;
  readonly dial: Dial;
  readonly onTarget: FindFiltersProps['onTarget'];
  readonly optional: SetOptional;
};

/** What time, oven and sleep leave room for. */
function Within({ target, kind, dial, onTarget, optional }: WithinProps): ReactNode {
  return (
    <Row name="Within">
      <span className="text-soft">all done in</span>
      <OptionalNumber
        label="All done in"
        unit="h"
        value={hours(target.finish_within_minutes)}
        placeholder="any"
        max={TARGET.fields.finish_within_minutes.max / MIN_PER_H}
        onChange={(h) => optional('finish_within_minutes', h, MIN_PER_H)}
      />
      <span className="text-soft">oven free in</span>
      <OptionalNumber
        label="Oven free in"
        unit="h"
        value={hours(target.oven_within_minutes)}
        placeholder="any"
        max={TARGET.fields.oven_within_minutes.max / MIN_PER_H}
        onChange={(h) => optional('oven_within_minutes', h, MIN_PER_H)}
      />
      <span className="text-soft">dial from</span>
      <DialLimit
        label="Dial from"
        limit_c={target.setpoint_min_c ?? null}
        {...{ dial, kind }}
        onLimit={(c) => optional('setpoint_min_c', c)}
      />
      <span className="text-soft">to</span>
      <DialLimit
        label="Dial to"
        limit_c={target.setpoint_max_c ?? null}
        {...{ dial, kind }}
        onLimit={(c) => optional('setpoint_max_c', c)}
      />
      <Asleep target={target} onTarget={onTarget} />
    </Row>
  );
}

type BestIsProps = {
  readonly target: Target;
  readonly driers: readonly KitAppliance[];
  readonly onTarget: FindFiltersProps['onTarget'];
};

/** What matters most, and whether a dryer may take over. */
function BestIs({ target, driers, onTarget }: BestIsProps): ReactNode {
  return (
    <Row name="Best is">
      <Choice
        label="Best is"
        shown={false}
        value={target.prefer ?? 'fastest'}
        options={PREFERENCE_NAMES}
        onChange={(prefer) => onTarget({ ...target, prefer })}
      />
      {driers.map((drier) => {
        const { id, name, appliance } = drier;
        const chosen = target.also?.some((also) => also.kind === appliance.kind) ?? false;
        return (
          <label key={id} className="inline-flex cursor-pointer items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4 accent-current"
              checked={chosen}
              onChange={() => onTarget(chosen ? without(target, 'also') : { ...target, also: [atKnownPace(drier)] })}
            />
            may move on into the {name.toLowerCase()}
          </label>
        );
      })}
    </Row>
  );
}
