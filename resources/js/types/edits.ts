/** What a hand changes, as it is sent: the core judges what is in it. */

export type Fault = { path: string; expected: string; found: string };

/** Made on a block that is not in view. */
type OfBlock = { of?: string };

export type Edit =
    | { path: string; typed: string }
    | { path: string; value: unknown }
    | { path: string; stands: true }
    | { path: string; add: true }
    | { path: string; remove: true }
    | { toggle: { row: number; column: number } }
    | { move: { x_m: number; y_m: number } }
    | { area: { id: string | null; round: boolean; x_m: number; y_m: number; width_m: number; height_m: number } }
    | ({ pin: { line: string; member: number } } & OfBlock)
    | ({ bar: { line: string; member: number } } & OfBlock)
    | { command: 'rail'; rail: 'light' | 'standard' | 'heavy' }
    | { command: 'centre' | 'corners' }
    | { corner: { index: number; x_m: number; y_m: number } | { after: number } }
    | { tape: { edges: string; diagonals: string; proof: string } }
    | { points: string }
    | { plane: 'copy' | 'mirror' | 'remove' }
    | { block: 'add' | 'part' | 'remove'; of?: string };

/** An edit with the surface and the block that it is made on. */
export type EditOn = Edit & { on: string; of: string };
