import Joi from 'joi';
import { at, type Result } from '@/core/failure';
import { PAPERS, TEMPLATES, type Paper, type Template } from '@/formats/template-pages';
import { checkBatch, checkWith } from '@/formats/read-batch';
import { computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import { withDatabase } from './with-database';

type TemplateRequest = { readonly document: object; readonly template: Template; readonly paper: Paper };
const TEMPLATE_REQUEST = Joi.object<TemplateRequest>({
  document: Joi.object().unknown().required(),
  template: Joi.string()
    .valid(...Object.keys(TEMPLATES))
    .required(),
  paper: Joi.string()
    .valid(...Object.keys(PAPERS))
    .required(),
});

/** A batch's cutter or sheet at true size as a PDF, as the batch stands on its page. */
export const printTemplate = (body: unknown, signal?: AbortSignal): Promise<Result<Uint8Array>> =>
  withDatabase('guest', async (db) => {
    const request = checkWith(TEMPLATE_REQUEST, body);
    if (!request.ok) return request;
    const { template, paper, document } = request.value;
    const checked = checkBatch(document);
    if (!checked.ok) return at(checked, 'document');
    return computeResult('templatePdf', { document: checked.value, pantry: await loadPantry(db), template, paper }, signal);
  });
