/** Whether a text could be the id of a batch or a pack: the database refuses any other. */
export const isId = (text: string): boolean => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
