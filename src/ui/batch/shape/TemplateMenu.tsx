'use client';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Printer } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import { PAPERS, TEMPLATES, pageOfSheet, type Paper, type Template, type TemplateOf } from '@/formats/template-pages';
import { Alert } from '../../kit/Alert';
import { buttonClass } from '../../kit/Button';
import { callFile, wrongWith } from '../../kit/api';
import { saveFile } from '../../kit/save-file';

const KINDS: ReadonlyArray<readonly [template: Template, name: string]> = [
  ['cutter', 'Cutter card'],
  ['sheet', 'Whole sheet'],
];
const ITEM = 'block w-full cursor-pointer rounded-lg px-3 py-1 text-left data-[focus]:bg-crunch-pale';

type TemplateMenuProps = TemplateOf & { readonly document: BatchDocument };

/** The cutter or the whole sheet at true size, as PDF for the printer or SVG for a drawing program. */
export function TemplateMenu({ document, ...drawing }: TemplateMenuProps): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const pdf = async (template: Template, paper: Paper): Promise<void> => {
    const printed = await callFile('/api/templates', { document, template, paper });
    setTrouble(wrongWith(printed));
    if (printed.ok) saveFile(printed.value, `${template}-template.pdf`);
  };
  const svg = async (template: Template): Promise<void> => {
    const { templateSvg } = await import('@/formats/template-svg');
    const page = template === 'sheet' ? pageOfSheet(drawing) : PAPERS.a4;
    const [first] = TEMPLATES[template](drawing, page);
    saveFile(new Blob([templateSvg(first)], { type: 'image/svg+xml' }), `${template}-template.svg`);
  };
  return (
    <>
      <Menu>
        <MenuButton className={buttonClass('small')}>
          <Printer aria-hidden size={14} /> Template at true size
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-30 rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink outline-none [--anchor-gap:4px]"
        >
          {KINDS.flatMap(([template, name]) => [
            ...(Object.keys(PAPERS) as Paper[]).map((paper) => (
              <MenuItem key={`${template} ${paper}`}>
                <button type="button" className={ITEM} onClick={() => void pdf(template, paper)}>
                  {name}, PDF on {PAPERS[paper].name}
                </button>
              </MenuItem>
            )),
            <MenuItem key={`${template} svg`}>
              <button type="button" className={ITEM} onClick={() => void svg(template)}>
                {name}, SVG at true size
              </button>
            </MenuItem>,
          ])}
        </MenuItems>
      </Menu>
      <Alert look="line">{trouble}</Alert>
    </>
  );
}
