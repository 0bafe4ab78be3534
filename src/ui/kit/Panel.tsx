import type { ReactNode } from 'react';

type PlateProps = { readonly label: string; readonly id?: string; readonly className?: string; readonly children: ReactNode };

/** An enamel tray: flat face, thin dark rim. Every panel of the product is one. */
export function Panel({ label, id, className = '', children }: PlateProps): ReactNode {
  return (
    <section id={id} aria-label={label} className={`panel rounded-[18px] border-[1.6px] border-rim bg-face ${className}`}>
      {children}
    </section>
  );
}
