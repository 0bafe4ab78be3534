import { viewWeekIf } from '@/server/week-if';
import { answer } from '../answer';

/** The bake days of the coming week, as planned and with one thing otherwise. */
export const GET = async (): Promise<Response> => answer(await viewWeekIf());
