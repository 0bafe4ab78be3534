import type { BatchDocument } from '@/core/document';
import { fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { drawingOf, predict } from '@/core/prediction';
import { PAPERS, TEMPLATES, type Paper, type Template } from '@/formats/template-pages';
import type { Ask, Service } from '@/workers/protocol';

type OfTemplate = {
  readonly document: BatchDocument;
  readonly pantry: Pantry;
  readonly template: Template;
  readonly paper: Paper;
};

/** Templates set in type: the letters of the batch's name are embedded. */
export type TemplateJobs = { readonly templatePdf: Ask<OfTemplate, Result<Uint8Array>> };

export const TEMPLATE_JOBS: Service<TemplateJobs> = {
  templatePdf: async ({ document, pantry, template, paper }) => {
    const worked = predict(document, { pantry }, 'quick');
    if (!worked.ok) return worked;
    const drawn = drawingOf(worked.value).shape;
    if (drawn.kind !== 'sheet')
      return fail('BAD_VALUE', 'Only rolled dough has a template to cut by. Choose roll and cut.', 'shape.method');
    const { name, yield: out } = worked.value.prediction;
    const pages = TEMPLATES[template]({ name, drawn, thickness_mm: out.piece_thickness_mm }, PAPERS[paper]);
    const { templatePdf } = await import('@/formats/template-pdf');
    return succeed(await templatePdf(pages, `${name}: ${template} template`));
  },
};
