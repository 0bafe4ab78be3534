import { Link } from '../../kit/Link';
import type { ReactNode } from 'react';

/** Where a rest can go. */
export function AlsoUsedIn({
  recipes,
}: {
  readonly recipes: ReadonlyArray<{ readonly id: string; readonly name: string }>;
}): ReactNode {
  if (recipes.length === 0) return null;
  return (
    <>
      , also used in{' '}
      {recipes.map(({ id, name }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link className="underline" href={`/recipes/${id}`}>
            {name}
          </Link>
        </span>
      ))}
    </>
  );
}
