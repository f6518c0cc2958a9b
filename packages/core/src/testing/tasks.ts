import { BUILT_IN, type CableId, type ConnectorId } from '../catalogue';
import type { TerminationTask } from '../terminate';

/** A task from two ids of the built-in catalogue; Cat 6 in a plain plug if nothing is said. */
export function taskFor(
  rest: Partial<Omit<TerminationTask, 'cable' | 'connector'>> & {
    readonly cable?: CableId;
    readonly connector?: ConnectorId;
  } = {},
): TerminationTask {
  return {
    scheme: 'T568B',
    otherEnd: 'made',
    ...rest,
    cable: BUILT_IN.cable(rest.cable ?? 'cat6-uutp-solid'),
    connector: BUILT_IN.connector(rest.connector ?? 'plug-8p8c'),
  };
}

/** Every cable with every connector of the built-in catalogue. */
export const EVERY_PAIR: readonly TerminationTask[] = BUILT_IN.cables.flatMap((cable) =>
  BUILT_IN.connectors.map((connector) => taskFor({ cable: cable.id, connector: connector.id })),
);
