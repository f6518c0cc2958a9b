import { existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';

/** Makes a folder with those above it. Unlike the system’s own way it says why where it can’t. */
export function haveFolder(folder, options = {}) {
  if (existsSync(folder)) return;
  haveFolder(dirname(folder), options);
  try {
    mkdirSync(folder, options);
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
  }
}
