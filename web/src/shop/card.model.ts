/** What every card of the shop has. */
export type CardOf = { version?: number; name: string };

/** The card as it is kept: as a whole, with the version it was typed over. */
export const cardRequest = <C extends CardOf>(card: C, version = card.version): C => ({ ...card, version });
