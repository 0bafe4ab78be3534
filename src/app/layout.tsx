import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { themeOf } from '@/contract/theme';
import { readerWord } from '@/core/said';
import { viewRail } from '@/server/view-rail';
import { UndoNotice } from '@/ui/bin/UndoNotice';
import { preloadLetters } from '@/ui/shell/first-letters';
import { FocusOnMove } from '@/ui/shell/FocusOnMove';
import { PageAwake } from '@/ui/shell/PageAwake';
import { ServiceWorker } from '@/ui/shell/ServiceWorker';
import { BottomBar } from '@/ui/shell/BottomBar';
import { SignedOutNotice } from '@/ui/shell/SignedOutNotice';
import { TopNav } from '@/ui/shell/TopNav';
import './globals.css';

export const metadata: Metadata = {
  appleWebApp: { capable: true, title: 'Upbeat Oven' },
  icons: { icon: '/icon.svg', apple: '/icon-180.png' },
  description: 'From bowl to jar: scale, shape, bake, dry and keep dog treats, with the water followed all the way.',
};

export const viewport: Viewport = { themeColor: '#1d3b53', viewportFit: 'cover' };

export default async function Layout({ children }: { readonly children: ReactNode }): Promise<ReactNode> {
  preloadLetters();
  const theme = themeOf((await cookies()).get('theme')?.value);
  const rail = await viewRail();
  const closed = !rail.ok && rail.code === 'NOT_SIGNED_IN';
  return (
    <html
      lang="en-GB"
      data-theme={theme}
      data-kitchen={rail.ok ? rail.value.kitchen.id : undefined}
      data-role={rail.ok ? (rail.value.me?.role ?? undefined) : undefined}
      data-reader={rail.ok ? readerWord(rail.value.reads) : undefined}
    >
      <body className="short:pb-0! max-sm:pb-[calc(58px+env(safe-area-inset-bottom))] print:pb-0">
        <a
          href="#page"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:rounded-lg focus:bg-face focus:px-4 focus:py-2"
        >
          Skip to the page
        </a>
        <TopNav rail={rail.ok ? rail.value : null} night={theme === 'night'} closed={closed} />
        <SignedOutNotice />
        <div id="page" tabIndex={-1} className="outline-none">
          {children}
        </div>
        <PageAwake />
        <FocusOnMove />
        {!closed && <BottomBar openBatch={rail.ok ? rail.value.openBatch : null} />}
        <UndoNotice />
        <ServiceWorker />
      </body>
    </html>
  );
}
