import { inject, provideAppInitializer, type EnvironmentProviders } from '@angular/core';
import { MatIconRegistry } from '@angular/material/icon';
import { DomSanitizer } from '@angular/platform-browser';
import {
  mdiAlertOutline,
  mdiCameraOutline,
  mdiDotsVertical,
  mdiDownload,
  mdiFileImportOutline,
  mdiKeyboardOutline,
  mdiMagnify,
  mdiMenu,
  mdiPencilOutline,
  mdiPlus,
  mdiPrinterOutline,
  mdiRotate3dVariant,
  mdiThemeLightDark,
  mdiUndoVariant,
} from '@mdi/js';

const ICONS = {
  caution: mdiAlertOutline,
  more: mdiDotsVertical,
  download: mdiDownload,
  import: mdiFileImportOutline,
  keys: mdiKeyboardOutline,
  search: mdiMagnify,
  menu: mdiMenu,
  edit: mdiPencilOutline,
  add: mdiPlus,
  photo: mdiCameraOutline,
  print: mdiPrinterOutline,
  turn: mdiRotate3dVariant,
  theme: mdiThemeLightDark,
  undo: mdiUndoVariant,
} as const;

/** Only the icons in use ship, as paths. */
export function provideIcons(): EnvironmentProviders {
  return provideAppInitializer(() => {
    const registry = inject(MatIconRegistry);
    const sanitizer = inject(DomSanitizer);
    for (const [name, path] of Object.entries(ICONS))
      registry.addSvgIconLiteral(
        name,
        sanitizer.bypassSecurityTrustHtml(
          `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><path d="${path}"/></svg>`,
        ),
      );
  });
}
