/** Sizes to begin with [mm]; any other can be typed. */
export const LABEL_SIZES = [
  { value: '100x62', for: 'jar and bag', width_mm: 100, height_mm: 62 },
  { value: '90x120', for: 'large bag', width_mm: 90, height_mm: 120 },
  { value: '76x51', for: 'small bag', width_mm: 76, height_mm: 51 },
  { value: '60x90', for: 'tall', width_mm: 60, height_mm: 90 },
] as const;
export const USUAL_SIZE = LABEL_SIZES[0];

/** Name of a size, when it is one of the usual. */
export const sizeValue = (width_mm: number, height_mm: number): string =>
  LABEL_SIZES.find((size) => size.width_mm === width_mm && size.height_mm === height_mm)?.value ?? 'own';
