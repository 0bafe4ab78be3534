import type { ReactNode } from 'react';
import type { ApplianceKind } from '@/core/catalogue';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { MARKS, heatOfMark, heatWord, markOf, type Dial } from '../../format/dial-words';
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
        options={mark === null ? [{ value: 'none', name: heatWord(setpoint_c, dial, kind) }, ...options] : options}
        onChange={(next) => onChange(heatOfMark(next, kind) ?? setpoint_c)}
      />
    );
  }
  return (
    <NumberField
      label={label}
      shown={false}
      unit="°C"
      width="w-7"
      value={setpoint_c}
      min={LIMITS.setpoint_c[0]}
      max={LIMITS.setpoint_c[1]}
      step={5}
      onChange={onChange}
    />
  );
}
