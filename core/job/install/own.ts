/** The key of a task that no row of the room asks for. */
export const OWN = 'own'
