/** Days between two stripping sessions; eight areas come round in about eleven weeks (common practice: 8 to 12). */
export const STRIPPING_EVERY_DAYS = 10;
