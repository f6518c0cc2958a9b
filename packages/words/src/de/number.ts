/** Figures as they are written in German: "12,5 mm" for "12.5 mm". */
export const written = (text: string): string => text.replace(/(\d)\.(\d)/g, '$1,$2');
