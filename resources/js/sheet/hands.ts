import type { Edit, Sheet } from '@/types/desk';

export type Tool = 'hand' | 'rectangle' | 'round';
export type Place = { x_m: number; y_m: number };
export type Box = Place & { width_m: number; height_m: number };

/** What the hand does now: to be looked at while it moves, to be saved when it lets go, to be forgotten when it gives up. */
export type OnHand = (edits: Edit[], doing: 'moving' | 'done' | 'given up') => void;

/** What a hand holds on the sheet while it moves. */
export type Hold =
    | { what: 'block'; box: Box }
    | { what: 'area'; id: string; round: boolean; box: Box; size: boolean }
    | { what: 'corner'; index: number; box: Box }
    | { what: 'new'; round: boolean; box: Box };

/** The block's outline: all its places, those left out as well. */
export function blockBox(sheet: Sheet): Box | null {
    const cells = [...sheet.modules, ...sheet.left_out];
    if (cells.length === 0) {
        return null;
    }
    const x_m = Math.min(...cells.map((cell) => cell.x_m));
    const y_m = Math.min(...cells.map((cell) => cell.y_m));
    return {
        x_m,
        y_m,
        width_m: Math.max(...cells.map((cell) => cell.x_m)) + sheet.module.width_m - x_m,
        height_m: Math.max(...cells.map((cell) => cell.y_m)) + sheet.module.length_m - y_m,
    };
}

/** Where the thing is after the hand went from one place to another. */
export function dragged(hold: Hold, from: Place, to: Place): Box {
    const dx = to.x_m - from.x_m;
    const dy = to.y_m - from.y_m;
    if (hold.what === 'new') {
        const side = Math.max(Math.abs(dx), Math.abs(dy));
        const width_m = hold.round ? side : Math.abs(dx);
        const height_m = hold.round ? side : Math.abs(dy);
        return { x_m: dx < 0 ? from.x_m - width_m : from.x_m, y_m: dy < 0 ? from.y_m - height_m : from.y_m, width_m, height_m };
    }
    if (hold.what === 'area' && hold.size) {
        const width_m = Math.max(0.05, hold.box.width_m + dx);
        const height_m = hold.round ? width_m : Math.max(0.05, hold.box.height_m + dy);
        return { ...hold.box, width_m, height_m };
    }
    return { ...hold.box, x_m: hold.box.x_m + dx, y_m: hold.box.y_m + dy };
}

/** The same as an edit; the server brings it to the marks of the tape. */
export function editOf(hold: Hold, box: Box): Edit[] {
    if (hold.what === 'block') {
        return [{ move: { x_m: box.x_m, y_m: box.y_m } }];
    }
    if (hold.what === 'corner') {
        return [{ corner: { index: hold.index, x_m: box.x_m, y_m: box.y_m } }];
    }
    return [{ area: { ...box, round: hold.round, id: hold.what === 'area' ? hold.id : null } }];
}
