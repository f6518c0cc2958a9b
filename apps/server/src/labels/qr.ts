import type { QrModules } from '@near-spoke/core/labels';
import qrcode from 'qrcode-generator';

/** The smallest QR symbol of a text that is read with 15 % of it damaged (level M of ISO/IEC 18004). */
export function qrOf(text: string): QrModules {
  const symbol = qrcode(0, 'M');
  symbol.addData(text);
  symbol.make();
  const count = symbol.getModuleCount();
  return Array.from({ length: count }, (_, row) =>
    Array.from({ length: count }, (__, column) => symbol.isDark(row, column)),
  );
}
