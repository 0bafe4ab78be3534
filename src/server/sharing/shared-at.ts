import { config } from '../config';
import { sharing } from './share-state';

/** Where other devices find this house: over its own line, or at the address that whoever runs it behind a proxy named; null where nowhere. */
export const sharedAt = (): string | null => sharing()?.url ?? config().publicUrl;
