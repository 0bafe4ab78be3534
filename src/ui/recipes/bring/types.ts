import type { BatchDocument } from '@/core/document';

export type { Heat } from '@/core/document';
export type Shape = BatchDocument['shape'];
