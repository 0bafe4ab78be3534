/** True for the text of a batch file, whatever is wrong inside it: another reader would only misunderstand it. */
export function isBatchFile(text: string): boolean {
  try {
    const value = JSON.parse(text) as unknown;
    return typeof value === 'object' && value !== null && 'format' in value && value.format === 'upbeat-oven/batch';
  } catch {
    return false;
  }
}
