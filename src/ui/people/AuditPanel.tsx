import type { AuditEntry } from '@/contract/people';
import type { ReactNode } from 'react';
import { clock, day } from '../format/units';
import { Panel } from '../kit/Panel';
import { localDay } from '../kit/local-day';

/** What was done to people, devices and settings; nobody can change it. */
export const AuditPanel = ({ audit }: { readonly audit: readonly AuditEntry[] }): ReactNode => (
  <Panel label="What was done" className="px-5 py-3">
    <h2 className="text-[19px]">What was done</h2>
    <ul className="text-[14.5px]">
      {audit.map(({ at, person, what, about }, index) => (
        <li key={`${at}-${index}`} className="flex flex-wrap gap-x-3 border-t border-hair py-1 first:border-0">
          <span className="w-44 text-soft" suppressHydrationWarning>
            {whenWords(at)}
          </span>
          <span className="font-semibold">{person}</span>
          <span>{what}</span>
          {about && <span className="text-soft">{about}</span>}
        </li>
      ))}
    </ul>
  </Panel>
);

function whenWords(iso: string): string {
  const at = new Date(iso);
  return `${day(localDay(at))}, ${clock(at.getHours() * 60 + at.getMinutes())}`;
}
