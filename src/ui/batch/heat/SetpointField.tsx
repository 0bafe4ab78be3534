import type { ReactNode } from 'react';
import type { ApplianceKind } from '@/core/catalogue';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { DIAL_NAMES, MARKS, fromDial, heatOfMark, markOf, onDial, type Dial } from '../../format/dial-words';
import { LIMITS } from './programme-edits';

type SetpointFieldProps = {
  readonly label: string;
  readonly setpoint_c: number;
  readonly kind: ApplianceKind;
  readonly dial: Dial;
  readonly onChange: (setpoint_c: number) => void;
};

/** A setpoint as the baker's dial shows it: degrees, or gas marks where there is one so low. */
export function SetpointField({ label, setpoint_c, kind, dial, onChange }: SetpointFieldProps): ReactNode {
  if (dial === 'gas') {
    const mark = markOf(setpoint_c, kind);
    const options = MARKS.map((value) => ({ value, name: `gas ${value}` }));
    return (
      <Choice
        label={label}
        shown={false}
        value={mark ?? 'none'}
        options={mark === null ? [{ value: 'none', name: `${setpoint_c} °C` }, ...options] : options}
        onChange={(next) => onChange(heatOfMark(next, kind) ?? setpoint_c)}
      />
    );
  }
  return (
    <NumberField
      label={label}
      shown={false}
      unit={DIAL_NAMES[dial]}
      width="w-7"
      value={onDial(setpoint_c, dial)}
      min={onDial(LIMITS.setpoint_c[0], dial)}
      max={onDial(LIMITS.setpoint_c[1], dial)}
      step={5}
      onChange={(value) => onChange(fromDial(value, dial))}
    />
  );
}
