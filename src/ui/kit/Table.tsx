import type { ReactNode } from 'react';

/** A column's name, and which side it stands on; an empty name is a column that needs none. */
export type Head = string | { readonly name: string; readonly right: true };

type TableProps = {
  readonly label: string;
  readonly heads: readonly Head[];
  /** Rows, and a foot if there is one. */
  readonly children: ReactNode;
  readonly className?: string;
};

/** Things side by side in columns. Where they need more room than there is they scroll by themselves, also by key. */
export const Table = ({ label, heads, children, className = '' }: TableProps): ReactNode => (
  <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={label}>
    <table className={`stacked w-full border-collapse text-[14.5px] ${className}`}>
      <thead>
        <tr className="text-left text-[13.5px] text-soft">
          {heads.map((head, i) =>
            head === '' ? (
              <td key={i} />
            ) : (
              <th key={i} className={`pb-1 font-normal ${typeof head === 'string' ? 'pr-3' : 'pl-3 text-right'}`}>
                {typeof head === 'string' ? head : head.name}
              </th>
            ),
          )}
        </tr>
      </thead>
      {children}
    </table>
  </div>
);
