'use client';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import type { SheetDrawing } from '@/core/yield';
import { cardPages, layoutPages, pageOfSheet, PAPERS, type TemplateOf, type TemplatePage } from '@/formats/template-pages';
import { templateSvg } from '@/formats/template-svg';
import { buttonClass } from '../../kit/Button';

type Kind = {
  readonly name: string;
  readonly file: string;
  readonly pages: (template: TemplateOf, page: Page) => TemplatePage[];
};
type Page = { readonly width_mm: number; readonly height_mm: number };
const KINDS: readonly Kind[] = [
  { name: 'Cutter card', file: 'cutter', pages: cardPages },
  { name: 'Whole sheet', file: 'sheet', pages: layoutPages },
];
const ITEM = 'block w-full cursor-pointer rounded-lg px-3 py-1 text-left data-[focus]:bg-crunch-pale';

type TemplateMenuProps = { readonly name: string; readonly drawn: SheetDrawing; readonly thickness_mm: number };

/** The cutter or the whole sheet at true size, as PDF for the printer or SVG for a drawing program. */
export function TemplateMenu(template: TemplateMenuProps): ReactNode {
  const pdf = async ({ file, pages }: Kind, page: Page): Promise<void> => {
    const { templatePdf } = await import('@/formats/template-pdf');
    const bytes = await templatePdf(pages(template, page), `${template.name}: ${file} template`);
    save(new Blob([bytes.slice().buffer], { type: 'application/pdf' }), `${file}-template.pdf`);
  };
  const svg = ({ file, pages }: Kind): void => {
    const page = file === 'sheet' ? pageOfSheet(template) : PAPERS.a4;
    save(new Blob([templateSvg(pages(template, page)[0])], { type: 'image/svg+xml' }), `${file}-template.svg`);
  };
  return (
    <Menu>
      <MenuButton className={buttonClass('small')}>
        <Printer aria-hidden size={14} /> Template at true size
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="z-30 rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink outline-none [--anchor-gap:4px]"
      >
        {KINDS.flatMap((kind) => [
          ...Object.values(PAPERS).map((paper) => (
            <MenuItem key={`${kind.file} ${paper.name}`}>
              <button type="button" className={ITEM} onClick={() => void pdf(kind, paper)}>
                {kind.name}, PDF on {paper.name}
              </button>
            </MenuItem>
          )),
          <MenuItem key={`${kind.file} svg`}>
            <button type="button" className={ITEM} onClick={() => svg(kind)}>
              {kind.name}, SVG in mm
            </button>
          </MenuItem>,
        ])}
      </MenuItems>
    </Menu>
  );
}

function save(blob: Blob, name: string): void {
  const link = window.document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
