import type { ReactNode } from 'react';

type SettingProps = { readonly name: string; readonly says?: string; readonly children: ReactNode };

/** One thing that can be set: what it is on the left, how it stands on the right. */
export const Setting = ({ name, says, children }: SettingProps): ReactNode => (
  <div className="grid items-center gap-x-5 gap-y-1 border-t border-hair py-2 first-of-type:border-0 sm:grid-cols-[15rem_1fr]">
    <div>
      <h3 className="text-[15.5px] font-semibold">{name}</h3>
      {says && <p className="text-[13.5px] text-soft">{says}</p>}
    </div>
    <div className="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-2 text-[15px]">{children}</div>
  </div>
);
