import type { ReactNode } from 'react';
import { Alert } from './Alert';
import { SearchField } from './SearchField';
import type { Planned } from './use-planned';

/** A field that finds planned batches where there are more than a list shows, and how many there are. */
export function PlannedSearch({ find, look, isLong, trouble, rows, total }: Planned): ReactNode {
  if (!isLong) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pb-1 text-[14.5px]">
      <SearchField label="Find a planned batch" placeholder="find by name …" value={find} onSearch={look} />
      <span className="text-soft" role="status">
        {rows.length < total ? `${rows.length} of ${total} planned batches` : `${total} found`}
      </span>
      <Alert>{trouble}</Alert>
    </div>
  );
}
