import type { Failure } from '@/core/failure';

/** A failure as every door writes it. */
export type FailureBody = { readonly error: Pick<Failure, 'code' | 'message' | 'path'> };
