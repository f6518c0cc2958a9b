import type { Contact } from '../../catalogue';
import { lengthOf, type Job, type Link } from '../../link';
import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import { tell } from './messages';
import type { Seen } from './on-link';

/** What a wire map tells of a contact, and where a trace saw the end of it. */
export interface SeenTwice {
  readonly kind: 'open' | 'short';
  readonly contacts: readonly string[];
  readonly distanceM: Uncertain;
  readonly lengthM: Uncertain;
  readonly nearConnector: string;
  readonly farConnector: string;
}

export interface OneDiagnosis {
  readonly where: 'near-end' | 'far-end' | 'route' | 'beyond';
  readonly sentence: Message;
}

/** A plug and the cable dressed into it. */
const PLUG_M = 0.3;
const WITHIN = 2;

/**
 * A wire map tells which contact, a trace how far: together one diagnosis. Within their uncertainties of
 * an end, the fault is the plug there, which is remade before any wall is opened.
 */
export function oneDiagnosis({
  kind,
  contacts,
  distanceM,
  lengthM,
  nearConnector,
  farConnector,
}: SeenTwice): OneDiagnosis {
  const fromFar = lengthM.value - distanceM.value;
  const u = WITHIN * Math.hypot(distanceM.u, lengthM.u);
  const where =
    distanceM.value < PLUG_M + WITHIN * distanceM.u
      ? 'near-end'
      : fromFar < -u
        ? 'beyond'
        : fromFar < PLUG_M + u
          ? 'far-end'
          : 'route';
  return {
    where,
    sentence: tell('place-and-map', {
      kind,
      contacts,
      atM: distanceM.value,
      lengthM: lengthM.value,
      where,
      connector: where === 'near-end' ? nearConnector : farConnector,
    }),
  };
}

/** A fault of a wire map, as far as it counts here. */
interface MappedFault {
  readonly kind: string;
  readonly near: readonly Contact[];
}

/**
 * What a trace's last event and a wire map say together of a link: null where they are not of one kind,
 * or the link's length is not known.
 */
export function diagnosisOfLink(
  { distanceM, kind }: Seen & { readonly kind: string },
  faults: readonly MappedFault[],
  link: Link,
  job: Job,
): OneDiagnosis | null {
  const lengthM = lengthOf(link);
  const fault = faults.find((one) => one.kind === kind);
  if (!lengthM || !fault || (kind !== 'open' && kind !== 'short')) return null;
  const name = (end: 'near' | 'far') => job.catalogue.connector(link[end].connector).name;
  return oneDiagnosis({
    kind,
    contacts: fault.near,
    distanceM,
    lengthM,
    nearConnector: name('near'),
    farConnector: name('far'),
  });
}
