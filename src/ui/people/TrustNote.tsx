import type { ReactNode } from 'react';

/** How a device learns to trust the line to this kitchen, and why. */
export const TrustNote = (): ReactNode => (
  <details className="rounded-2xl border-[1.4px] border-hair bg-enamel px-4 py-2 text-[14.5px]">
    <summary className="cursor-pointer font-semibold">The browser said that the connection is not private?</summary>
    <div className="flex flex-col gap-1.5 pt-1.5">
      <p>
        The connection is encrypted with a key that this kitchen made itself, which your device does not know yet. To be known, so
        that the page can be installed, may ring in the background and keeps the screen awake, have the device trust it once:
      </p>
      <ol className="list-decimal pl-5">
        <li>
          {/* oxlint-disable-next-line nextjs/no-html-link-for-pages -- a file, not a page */}
          <a href="/kitchen-authority.crt" className="font-semibold underline">
            Download the kitchen’s certificate
          </a>{' '}
          and compare its SHA-256 fingerprint with the one under People and devices.
        </li>
        <li>
          Android: Settings → Security → Encryption and credentials → Install a certificate → CA certificate. iPhone and iPad:
          open it, install the profile under Settings → General, then switch it on under General → About → Certificate Trust
          Settings. Computers: import it among the trusted authorities of the browser or the system.
        </li>
      </ol>
      <p>It can speak for addresses inside a house only, never for a bank. Taken off again, the device forgets it.</p>
    </div>
  </details>
);
