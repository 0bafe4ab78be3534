import equal from 'fast-deep-equal';

/** As it crosses to the server and back: without what is undefined. */
const plain = (value: unknown): unknown => (value === undefined ? undefined : JSON.parse(JSON.stringify(value)));

/** Whether two say the same, in whatever order the database gives their fields back. */
export const same = (one: unknown, other: unknown): boolean => one === other || equal(plain(one), plain(other));
