import NextLink from 'next/link';
import type { ComponentProps, ReactNode } from 'react';

/**
 * A way to another page, which is asked for when somebody takes it. What could be had of it before is its frame only, and a list asks for one
 * with every line: twenty questions to the server at each page, while it is being opened.
 */
export const Link = (props: ComponentProps<typeof NextLink>): ReactNode => <NextLink prefetch={false} {...props} />;
