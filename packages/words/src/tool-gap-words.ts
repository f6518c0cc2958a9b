/** How to go on without a tool: by what does instead ("bare hand" where none does), or "nothing". */
export type ToolGapWords = Readonly<Record<string, Readonly<Record<string, string>>>>;
