import type { ReactNode } from 'react';
import { day } from '../format/units';
import { Alert } from '../kit/Alert';
import { buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';

type CopyPanelProps = { readonly copiedAt: string | null; readonly isOld: boolean };

/** When everything was copied last, and how one copies it by hand. */
export const CopyPanel = ({ copiedAt, isOld }: CopyPanelProps): ReactNode => (
  <Panel label="Copies" className="px-5 py-3">
    <h2 className="text-[19px]">Copies</h2>
    {isOld && (
      <Alert>
        {copiedAt === null ? 'There is no copy of this house yet.' : 'Nothing was copied for a week.'} Run npm run backup, and
        look at what it says.
      </Alert>
    )}
    <p className="text-[15px] text-soft">
      {copiedAt !== null && `Everything was copied last on ${day(copiedAt)}. `}A copy is made once a day while the program runs,
      and before every change of the schema; the last fourteen days are kept. <code>npm run backup</code> makes one by hand,{' '}
      <code>npm run restore</code> brings one back.
    </p>
    <p className="flex flex-wrap items-center gap-3 pt-2 text-[15px]">
      <a className={buttonClass('small')} href="/api/kitchens/export" download>
        Export all of this kitchen (ZIP)
      </a>
      <span className="text-soft">
        recipes and batches as open files, lists as CSV, photos; brought in elsewhere it is the same kitchen
      </span>
    </p>
  </Panel>
);
