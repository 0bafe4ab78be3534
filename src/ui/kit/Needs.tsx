import type { ReactNode } from 'react';
import type { Role } from '@/core/people';
import { mayHere, roleHere } from './role-here';

type NeedsProps = {
  readonly role: Role;
  /** Said above it to those who may not: what it is that others do. Left out where it has been said. */
  readonly told?: string;
  readonly children: ReactNode;
};

/** What asks for a role: for others it is there to be read, and says who may. */
export function Needs({ role, told, children }: NeedsProps): ReactNode {
  if (mayHere(role)) return children;
  return (
    <>
      {told !== undefined && (
        <p className="rounded-2xl border-[1.4px] border-hair bg-enamel px-4 py-1.5 text-[14.5px]" data-needs={role}>
          You are a {roleHere()} here: {told} {role === 'owner' ? 'an owner' : `a ${role}`}.
        </p>
      )}
      <fieldset disabled className="contents">
        {children}
      </fieldset>
    </>
  );
}
