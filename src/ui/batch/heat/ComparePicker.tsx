import { Menu, MenuButton, MenuHeading, MenuItem, MenuItems, MenuSection } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import { Alert } from '../../kit/Alert';
import { buttonClass } from '../../kit/Button';
import type { BenchProps } from '../bench-props';
import { call, wrongWith } from '../../kit/api';

type Listed = { readonly id: string; readonly name: string };

type ComparePickerProps = Pick<BenchProps, 'document' | 'nominal' | 'questions' | 'onCompare'>;

const ITEM = 'block w-full cursor-pointer rounded-lg px-3 py-0.5 text-left data-[focus]:bg-crunch-pale';

/** What to compare with: this batch as it is now, before it is changed, or any recipe of the book. */
export function ComparePicker({ document, nominal, questions, onCompare }: ComparePickerProps): ReactNode {
  const { book, trouble, open, take } = useBook({ document, questions, onCompare });
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

/** The recipes of the book, and taking one to compare with. */
function useBook({ document, questions, onCompare }: Pick<ComparePickerProps, 'document' | 'questions' | 'onCompare'>): {
  readonly book: readonly Listed[] | null;
  readonly trouble: string | null;
  readonly open: () => Promise<void>;
  readonly take: (listed: Listed) => Promise<void>;
} {
  const [book, setBook] = useState<readonly Listed[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = async (): Promise<void> => {
    if (book) return;
    const listed = await call<{ readonly recipes: readonly Listed[] }>('/api/recipes');
    setTrouble(wrongWith(listed));
    if (listed.ok) setBook(listed.value.recipes);
  };
  const take = async ({ id, name }: Listed): Promise<void> => {
    const file = await call<BatchDocument>(`/api/recipes/${id}/file`);
    if (!file.ok) return setTrouble(file.message);
    const other = file.value;
    // In this kitchen's air, or the comparison would be of kitchens.
    const answer = await questions.other({ ...other, ...(document.kitchen ? { kitchen: document.kitchen } : {}) });
    if (!answer) return;
    if (!answer.ok) return setTrouble(answer.message);
    setTrouble(null);
    const { prediction } = answer.value;
    onCompare({ name, document: other, prediction, timeline: prediction.heat.timeline, steps: other.heat.steps });
  };
  return { book, trouble, open, take };
}
