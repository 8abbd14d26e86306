export function documentedMoves(): { do: string; about: string; example: string }[];
export function withMovesTable(page: string): string;
