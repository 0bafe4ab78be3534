import { useSyncExternalStore, type ReactNode } from 'react';
import { THEMES, type Theme } from '@/contract/theme';
import { Choice } from '../kit/Choice';
import { Panel } from '../kit/Panel';
import { chooseTheme, chosenTheme, onTheme } from '../kit/theme';
import { Setting } from './Setting';

const THEME_NAMES: Readonly<Record<Theme, string>> = {
  day: 'day, light',
  night: 'night, dark',
  device: 'as the device has it',
};

/** What is kept on the device in hand, for whoever uses it. */
export function DevicePanel(): ReactNode {
  const theme = useSyncExternalStore(onTheme, chosenTheme, () => 'day' as const);
  return (
    <Panel label="On this device" className="px-5 py-3">
      <h2 className="text-[19px]">On this device</h2>
      <Setting name="Colours" says="prints are always light">
        <Choice
          label="Colours"
          shown={false}
          value={theme}
          options={THEMES.map((value) => ({ value, name: THEME_NAMES[value] }))}
          onChange={chooseTheme}
        />
      </Setting>
    </Panel>
  );
}
