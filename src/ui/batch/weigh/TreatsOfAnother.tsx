import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { ReactNode } from 'react';
import type { RecipeLine } from '@/core/document';
import { Alert } from '../../kit/Alert';
import { buttonClass } from '../../kit/Button';
import { wrongWith } from '../../kit/api';
import type { BenchProps } from '../bench-props';
import { useBook, type Listed } from '../use-book';

type TreatsOfAnotherProps = Pick<BenchProps, 'document' | 'questions'> & {
  /** What they go into or on, for those who hear the page. */
  readonly into: string;
  readonly onLine: (line: RecipeLine) => void;
};

/** Takes the finished treats of another recipe into this one: biscuits round a cake, edible cups, crumbs. */
export function TreatsOfAnother({ document, questions, into, onLine }: TreatsOfAnotherProps): ReactNode {
  const { book, trouble, setTrouble, open, fileOf } = useBook();
  const take = async (listed: Listed): Promise<void> => {
    const file = await fileOf(listed);
    if (!file.ok) return setTrouble(file.message);
    const { kitchen } = document;
    const line = await questions.treats(listed.name, { ...file.value, ...(kitchen ? { kitchen } : {}) });
    if (!line) return;
    setTrouble(wrongWith(line));
    if (line.ok) onLine(line.value);
  };
  return (
    <>
      <Menu>
        <MenuButton
          className={buttonClass('small')}
          aria-label={`Baked treats of another recipe into the ${into}`}
          onClick={() => void open()}
        >
          + baked treats …
        </MenuButton>
        <MenuItems
          anchor="bottom start"
          className="z-30 max-h-[60vh] overflow-y-auto rounded-xl border-[1.6px] border-rim bg-face p-1.5 text-[14.5px] text-ink outline-none [--anchor-gap:4px]"
        >
          {book === null && <p className="px-3 py-1 text-soft">Opening the book …</p>}
          {book?.map((listed) => (
            <MenuItem key={listed.id}>
              <button
                type="button"
                className="block w-full cursor-pointer rounded-lg px-3 py-0.5 text-left data-[focus]:bg-crunch-pale"
                onClick={() => void take(listed)}
              >
                {listed.name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <Alert look="line">{trouble}</Alert>
    </>
  );
}
