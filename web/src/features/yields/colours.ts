/** Stand-ins for the cloths of a unit, where no quilt says which they are. Light and dark enough to tell apart in grey. */
export const ROLE_COLOURS: Readonly<Record<string, string>> = { A: '#efa91c', B: '#f1e9d6', C: '#2f7059', D: '#9cc3d8' }
export const WRONG_SIDE: Readonly<Record<string, string>> = { A: '#f3d48f', B: '#f8f4ea', C: '#9dbcb0', D: '#cfe0e9' }
