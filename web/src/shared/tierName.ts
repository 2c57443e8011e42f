/** What a tier is called; the brief itself, which has none, is one too. */
export const tierName = (tier: string | undefined) => tier || 'Without a tier'
