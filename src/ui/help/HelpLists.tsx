import type { ReactNode } from 'react';
import { CautionShape } from '../kit/CautionMark';
import { HELP_KEYS, HELP_MARKS, HELP_WORDS } from './help-words';

type ListProps = { readonly title: string; readonly children: ReactNode };

const List = ({ title, children }: ListProps): ReactNode => (
  <section aria-label={title}>
    <h3 className="pb-1 text-[17px]">{title}</h3>
    <dl className="grid grid-cols-[max-content_1fr] gap-x-4 gap-y-1 text-[15px] max-sm:grid-cols-1 max-sm:gap-y-0.5">
      {children}
    </dl>
  </section>
);

/** What each mark, each key and each word of the house means. */
export const HelpLists = (): ReactNode => (
  <>
    <List title="Marks">
      {HELP_MARKS.map(([severity, name, means]) => (
        <div key={name} className="contents">
          <dt className="inline-flex items-center gap-1.5 font-semibold">
            <CautionShape severity={severity} /> {name}
          </dt>
          <dd className="max-sm:pb-1.5">{means}</dd>
        </div>
      ))}
      <div className="contents">
        <dt className="font-semibold">
          <span className="underline decoration-mind-fill decoration-dotted decoration-2 underline-offset-4">dotted line</span>
        </dt>
        <dd className="max-sm:pb-1.5">assumed, or a band that is still being drawn</dd>
      </div>
    </List>
    <List title="Keys">
      {HELP_KEYS.map(([keys, does]) => (
        <div key={keys} className="contents">
          <dt className="font-semibold">{keys}</dt>
          <dd className="max-sm:pb-1.5">{does}</dd>
        </div>
      ))}
    </List>
    <List title="Words">
      {HELP_WORDS.map(([word, means]) => (
        <div key={word} className="contents">
          <dt className="font-semibold">{word}</dt>
          <dd className="max-sm:pb-1.5">{means}</dd>
        </div>
      ))}
    </List>
  </>
);
