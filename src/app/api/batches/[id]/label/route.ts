import { printLabel } from '@/server/label';
import { attachment, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** The label of a batch to print: `?as=pdf|svg&sheet=single|a4|letter&count=12`. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const printed = await printLabel((await params).id, query);
  if (!printed.ok) return refuse(printed);
  const { name, type, bytes } = printed.value;
  return attachment(bytes, `${name} label`, { ending: type === 'application/pdf' ? 'pdf' : 'svg', type });
}
