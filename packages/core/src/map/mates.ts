import { outline, type CableId, type Catalogue } from '../catalogue';
import type { Port } from './port';
import type { Finding } from './solution';

/** The link that an adapter is: its cable and its length count, not the adapter's own. */
export interface AdapterLink {
  readonly cable: CableId;
  readonly lengthM: number | null;
  readonly near: { readonly connector: string };
  readonly far: { readonly connector: string };
}

/** Whether what the link has at its ends can be put on the devices' connectors. */
export function checkMates(
  ports: { readonly near: Port; readonly far: Port },
  link: AdapterLink,
  catalogue: Catalogue,
): Finding[] {
  return (['near', 'far'] as const).flatMap((end): Finding[] => {
    const part = catalogue.findConnector(link[end].connector);
    const port = ports[end];
    const row = outline(port.connector);
    if (!part?.outline || part.gender === 'joint' || row.oneSided) return [];
    const [same, other] = [part.outline === row.id, part.gender !== port.gender];
    if (same && other) return [];
    return [
      {
        severity: 'stop',
        kind: 'does-not-mate',
        sentence: `The link’s ${end} end is ${part.name}; ${port.name} has a ${row.name} ${port.gender}: ${
          same ? 'both have the same gender' : 'they do not fit each other'
        }.`,
        remedy: `Give the link a ${row.name} ${port.gender === 'plug' ? 'socket' : 'plug'} at the ${end} end, or choose the port that is there.`,
      },
    ];
  });
}
