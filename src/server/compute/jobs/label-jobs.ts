import { succeed, type Result } from '@/core/failure';
import type { LabelText } from '@/core/labelling';
import type { LabelSheet } from '@/formats/label/label-pdf';
import type { Ask, Service } from '@/workers/protocol';

type OfLabel = { readonly text: LabelText; readonly width_mm: number; readonly height_mm: number };
type Sheets = { readonly count: number; readonly sheet: LabelSheet; readonly title: string };

/** Labels set in type; the letters that a label needs are measured and embedded. What knows letters is read by the first who asks. */
export type LabelJobs = {
  readonly labelSvg: Ask<OfLabel, Result<{ readonly svg: string; readonly xHeight_mm: number }>>;
  readonly labelPdf: Ask<OfLabel & Sheets, Result<Uint8Array>>;
};

export const LABEL_JOBS: Service<LabelJobs> = {
  labelSvg: async ({ text, width_mm, height_mm }) => {
    const { layLabel } = await import('@/formats/label/label-layout');
    const { labelSvg } = await import('@/formats/label/label-svg');
    const laid = layLabel(text, width_mm, height_mm);
    return laid.ok ? succeed({ svg: labelSvg(laid.value), xHeight_mm: laid.value.xHeight_mm }) : laid;
  },
  labelPdf: async ({ text, width_mm, height_mm, count, sheet, title }) => {
    const { layLabel } = await import('@/formats/label/label-layout');
    const { labelPdf } = await import('@/formats/label/label-pdf');
    const laid = layLabel(text, width_mm, height_mm);
    return laid.ok ? succeed(await labelPdf(laid.value, count, sheet, title)) : laid;
  },
};
