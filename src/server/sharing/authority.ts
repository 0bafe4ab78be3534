import { fail, succeed, type Result } from '@/core/failure';
import { config } from '../config';
import { authorityOf } from './certificates';

/** The certificate that devices are told to trust; it is no secret. */
export async function kitchenAuthority(): Promise<Result<Buffer>> {
  const { stateFolder } = config();
  const authority = stateFolder === null ? null : await authorityOf(stateFolder);
  return authority
    ? succeed(authority)
    : fail('NOT_FOUND', 'This house has no certificate of its own: no other device was ever let in.');
}
