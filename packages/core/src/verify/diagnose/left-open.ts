/** What the reading itself leaves open, whatever tester took it. */
export const LEFT_OPEN = ['order-behind-short', 'order-of-opens', 'fewer-faults'] as const;
