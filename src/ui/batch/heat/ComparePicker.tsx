import { Menu, MenuButton, MenuHeading, MenuItem, MenuItems, MenuSection } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Alert } from '../../kit/Alert';
import { buttonClass } from '../../kit/Button';
import type { BenchProps } from '../bench-props';
import { wrongWith } from '../../kit/api';
import { useBook, type Listed } from '../use-book';

type ComparePickerProps = Pick<BenchProps, 'document' | 'nominal' | 'questions' | 'onCompare'>;

const ITEM = 'block w-full cursor-pointer rounded-lg px-3 py-0.5 text-left data-[focus]:bg-crunch-pale';

/** What to compare with: this batch as it is now, before it is changed, or any recipe of the book. */
export function ComparePicker({ document, nominal, questions, onCompare }: ComparePickerProps): ReactNode {
  const { book, trouble, setTrouble, open, fileOf } = useBook();
  const take = async (listed: Listed): Promise<void> => {
    const file = await fileOf(listed);
    if (!file.ok) return setTrouble(file.message);
    const other = file.value;
    // In this kitchen's air, or the comparison would be of kitchens.
    const answer = await questions.other({ ...other, ...(document.kitchen ? { kitchen: document.kitchen } : {}) });
    if (!answer) return;
    setTrouble(wrongWith(answer));
    if (!answer.ok) return;
    const { prediction } = answer.value;
    const { steps } = other.heat;
    onCompare({ name: listed.name, document: other, prediction, timeline: prediction.heat.timeline, steps });
  };
  const pin = (): void => {
    const { prediction } = nominal;
    onCompare({ name: 'as it was', document, prediction, timeline: prediction.heat.timeline, steps: document.heat.steps });
  };
  return (
    <>
      <Menu>
        <MenuButton className={buttonClass('small')} onClick={() => void open()}>
          Compare with …
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-30 max-h-[60vh] overflow-y-auto rounded-xl border-[1.6px] border-rim bg-face p-1.5 text-[14.5px] text-ink outline-none [--anchor-gap:4px]"
        >
          <MenuItem>
            <button type="button" className={ITEM} onClick={pin}>
              <strong>this batch as it is now</strong> <span className="text-[13px] text-soft">then change something</span>
            </button>
          </MenuItem>
          <MenuSection>
            <MenuHeading className="px-3 pt-1 text-[13px] text-soft">
              {book ? 'A recipe of the book' : 'Opening the book …'}
            </MenuHeading>
            {book?.map((recipe) => (
              <MenuItem key={recipe.id}>
                <button type="button" className={ITEM} onClick={() => void take(recipe)}>
                  {recipe.name}
                </button>
              </MenuItem>
            ))}
          </MenuSection>
        </MenuItems>
      </Menu>
      <Alert look="line">{trouble}</Alert>
    </>
  );
}
