/** The kinds of facts about a link, by name. */
export const LINK_FACT_IDS = ['tick', 'reading', 'test', 'trace', 'note', 'photo'] as const;

export type LinkFactId = (typeof LINK_FACT_IDS)[number];

/** What can be taken back: everything that was done, seen or measured. */
export const VOIDABLE = [...LINK_FACT_IDS, 'cord', 'cable', 'drawing', 'adapter'] as const;
