import type { ReactNode } from 'react';
import { SignInPage } from '@/ui/people/SignInPage';

export const dynamic = 'force-dynamic';

type Props = { searchParams: Promise<{ to?: string | string[] }> };

/** Back where one came from, in this house only. */
const inThisHouse = (to: unknown): string => (typeof to === 'string' && /^\/(?![/\\])/.test(to) ? to : '/');

export default async function Page({ searchParams }: Props): Promise<ReactNode> {
  return <SignInPage to={inThisHouse((await searchParams).to)} />;
}
