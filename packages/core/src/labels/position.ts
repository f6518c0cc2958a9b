import { hubOf } from '../link';

/** Where an end is at a hub; "" where its place does not say. */
export interface Position {
  readonly hub: string;
  readonly panel: string;
  readonly port: string;
}

/** Words that say what comes next, and are no names themselves. */
const SAYING = /^(panel|port|rack|feld|dose)$/i;
const BETWEEN = /[\s/:,|.-]+/;

/** Hub, panel and port of a place as schedules write it: "C1/A/01", "C1-A01" and "C1 panel A port 1". */
export function positionOf(place: string): Position {
  const hub = hubOf(place);
  const rest = place.trim().slice(hub.length);
  const names = rest.split(BETWEEN).filter((name) => name !== '' && !SAYING.test(name));
  const port = names.at(-1) ?? '';
  if (names.length > 1) return { hub, panel: names.slice(0, -1).join('-'), port };
  const [, letters = '', digits = ''] = /^(\D*)(\d.*)$/.exec(port) ?? [];
  return digits === '' ? { hub, panel: '', port } : { hub, panel: letters, port: digits };
}
