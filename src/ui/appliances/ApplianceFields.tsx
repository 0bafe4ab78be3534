import type { ReactNode } from 'react';
import { APPLIANCE, applianceRecord, type Appliance, type ApplianceKind } from '@/core/catalogue';
import type { Chamber } from '@/core/heat';
import { USUAL_TRAY } from '@/core/yield';
import { NumberField } from '../kit/NumberField';
import { limits } from '../kit/limits';

/** An appliance, and how to change what is known of it. */
export type ApplianceFieldsProps = {
  readonly appliance: Appliance;
  readonly kind: ApplianceKind;
  /** Null where nothing is heated in closed air. */
  readonly chamber: Chamber | null;
  readonly set: (change: Partial<Appliance>) => void;
};

const FIELDS = APPLIANCE.fields;

/** What is asked of an appliance of this kind. */
export const ApplianceFields = (props: ApplianceFieldsProps): ReactNode => (
  <div className="flex flex-wrap gap-x-5 gap-y-2">
    <TrayFields {...props} />
    <ChamberFields {...props} />
    {props.kind === 'freeze-dryer' && <FreezeDryerFields {...props} />}
  </div>
);

const TrayFields = ({ appliance, kind, set }: ApplianceFieldsProps): ReactNode => (
  <>
    <NumberField
      label={kind === 'freezer' ? 'shelves' : 'trays at once'}
      value={appliance.shelves ?? applianceRecord(kind).shelves}
      {...limits(FIELDS.shelves)}
      width="w-8"
      onChange={(shelves) => set({ shelves })}
    />
    {(['width_mm', 'depth_mm'] as const).map((side) => (
      <NumberField
        key={side}
        label={side === 'width_mm' ? 'of' : 'by'}
        unit="mm"
        value={appliance.tray?.[side] ?? USUAL_TRAY[side]}
        {...limits(FIELDS.tray.fields[side])}
        width="w-10"
        onChange={(mm) => set({ tray: { ...USUAL_TRAY, ...appliance.tray, [side]: mm } })}
      />
    ))}
  </>
);

function ChamberFields({ appliance, chamber, set }: ApplianceFieldsProps): ReactNode {
  if (!chamber) return null;
  return (
    <>
      <NumberField
        label="the air is above its dial by"
        unit="K"
        value={appliance.thermostat_offset_c ?? 0}
        {...limits(FIELDS.thermostat_offset_c)}
        width="w-8"
        onChange={(thermostat_offset_c) => set({ thermostat_offset_c })}
      />
      <NumberField
        label="heater"
        unit="W"
        value={appliance.heater_w ?? chamber.heater_W}
        {...limits(FIELDS.heater_w)}
        width="w-14"
        onChange={(heater_w) => set({ heater_w })}
      />
      <NumberField
        label="vent open"
        unit="%"
        value={appliance.vent_pct ?? FIELDS.vent_pct.default}
        {...limits(FIELDS.vent_pct)}
        width="w-10"
        onChange={(vent_pct) => set({ vent_pct })}
      />
    </>
  );
}

const FreezeDryerFields = ({ appliance, set }: ApplianceFieldsProps): ReactNode => (
  <>
    <NumberField
      label="a tray takes"
      unit="g raw"
      value={appliance.tray_g ?? FIELDS.tray_g.default}
      {...limits(FIELDS.tray_g)}
      width="w-14"
      onChange={(tray_g) => set({ tray_g })}
    />
    <NumberField
      label="thaws between rounds"
      unit="min"
      value={appliance.defrost_minutes ?? FIELDS.defrost_minutes.default}
      {...limits(FIELDS.defrost_minutes)}
      width="w-10"
      onChange={(defrost_minutes) => set({ defrost_minutes })}
    />
  </>
);
