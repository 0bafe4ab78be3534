import type { ReactNode } from 'react';

type CheckProps = {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly title?: string;
  readonly children: ReactNode;
};

/** Yes or no. */
export const Check = ({ checked, onChange, title, children }: CheckProps): ReactNode => (
  <label className="inline-flex cursor-pointer items-center gap-1.5" title={title}>
    <input
      type="checkbox"
      className="my-1.5 size-4 accent-current pointer-coarse:size-5"
      checked={checked}
      onChange={({ target }) => onChange(target.checked)}
    />
    {children}
  </label>
);
