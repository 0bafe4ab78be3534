const FIELDS = 'input:not([type=range], [type=checkbox], [type=radio]), textarea, select, [contenteditable]';
/** Lists and menus find what begins with a letter that is struck; a dialog is no part of the page under it. */
const LISTS = '[role=listbox], [role=combobox], [role=menu], [role=option], [role=dialog], [aria-haspopup=listbox]';

/** Whether what has the focus takes single keys itself, so that they must do nothing else. */
export const ownsKeys = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches(FIELDS) || target.closest(LISTS) !== null);
