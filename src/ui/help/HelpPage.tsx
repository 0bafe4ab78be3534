import type { ReactNode } from 'react';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { PageTitle } from '../shell/PageTitle';
import { HelpLists } from './HelpLists';
import { PLACE_HELP } from './place-help';

/** All of the help on one page, for reading and for printing. */
export const HelpPage = (): ReactNode => (
  <main className="mx-auto flex max-w-[880px] flex-col gap-3 px-6 py-5 max-sm:px-4">
    <PageTitle>Help</PageTitle>
    <PageHead title="Help" says="every place, mark, key and word; ? opens the part that belongs to a page" />
    <Panel label="Places" className="space-y-3 px-5 py-4">
      {Object.values(PLACE_HELP).map(({ name, isFor, does }) => (
        <section key={name} aria-label={name}>
          <h2 className="text-[19px]">{name}</h2>
          <p className="text-[15.5px]">{isFor}</p>
          <ul className="list-disc pl-5 text-[15px] text-soft">
            {does.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
    </Panel>
    <Panel label="Marks, keys and words" className="space-y-4 px-5 py-4">
      <h2 className="text-[19px]">Marks, keys and words</h2>
      <HelpLists />
    </Panel>
    <Accessibility />
  </main>
);

/** What we hold ourselves to, what is tested, and where it falls short. */
const Accessibility = (): ReactNode => (
  <Panel label="Accessibility" className="space-y-2 px-5 py-4 text-[15.5px]">
    <h2 className="text-[19px]">Accessibility</h2>
    <p>
      Upbeat Oven is meant to meet WCAG 2.2 at level AA. A program tests every page, by day at one of the widths of a phone, a
      tablet and a desk, and by night at another. Such a program finds about half of what people meet; nobody outside has tested
      it.
    </p>
    <p>
      What is dragged can also be moved by arrow keys or typed. Single-letter keys can be switched off under Settings. Movement
      stops where your device asks for less of it. A colour never tells something alone.
    </p>
    <p>
      What falls short: charts have a title and say in words what they show, but no table stands behind them. In the lanes of a
      bake day short blocks are narrower than a finger; the numbered list beside them opens the same. The drawing of the heat is
      small on a phone; the steps above it can be typed. Pages were not yet looked at enlarged to 400 %.
    </p>
  </Panel>
);
