'use client';
import { usePathname } from 'next/navigation';

/** First part of the address: which place of the top rail one is at. */
export const usePlace = (): string => usePathname().split('/')[1] ?? '';
