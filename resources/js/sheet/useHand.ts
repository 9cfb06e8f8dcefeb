import { type RefObject, useRef, useState } from 'react';
import { type Box, blockBox, dragged, editOf, type Hold, type OnHand, type Place, type Tool } from '@/sheet/hands';
import { cellAt } from '@/sheet/layers';
import type { usePan } from '@/sheet/useLens';
import { metres, type Viewport } from '@/sheet/viewport';
import type { Planned } from '@/types/desk';

/** A pixel or two is a click, more is a drag. */
const SLOP = 4;

type Grip = { hold: Hold | null; module: string | null; from: Place; x: number; y: number; moved: boolean };

type Works = {
    planned: Planned;
    view: Viewport;
    /** Whether a hand can do anything: not on paper and not on a phone. */
    on: boolean;
    drawsAreas: boolean;
    movesBlock: boolean;
    onHand?: OnHand | undefined;
    onModule?: ((row: number, column: number) => void) | undefined;
    onArea?: ((id: string | null) => void) | undefined;
};

/** A pointer on the sheet: holds what it comes upon, moves it, draws areas, moves the drawing itself, or clicks a module. */
export function useHand(holder: RefObject<HTMLElement | null>, pan: ReturnType<typeof usePan>, works: Works) {
    const { planned, view, onHand, onModule, onArea } = works;
    const [tool, setTool] = useState<Tool>('hand');
    const [ghost, setGhost] = useState<{ hold: Hold; box: Box } | null>(null);
    const grip = useRef<Grip | null>(null);
    const at = (event: React.PointerEvent): Place => {
        const box = holder.current?.getBoundingClientRect();
        return metres(view, event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0));
    };
    const down = (event: React.PointerEvent) => {
        if (!works.on || event.button !== 0 || !(event.target instanceof Element)) {
            return;
        }
        const from = at(event);
        const module = event.target.closest('[data-module]')?.getAttribute('data-module') ?? cellAt(planned, from.x_m, from.y_m);
        const hold = heldBy(event.target, from, module, tool, works);
        if (works.drawsAreas && tool === 'hand' && hold?.what !== 'corner') {
            onArea?.(hold?.what === 'area' ? hold.id : null);
        }
        if (hold === null && event.target.closest('[data-foot],[data-run],[data-member],[data-place],[data-beside]') !== null) {
            return;
        }
        grip.current = { hold, module, from, x: event.clientX, y: event.clientY, moved: false };
        event.currentTarget.setPointerCapture(event.pointerId);
    };
    const move = (event: React.PointerEvent) => {
        const held = grip.current;
        if (held === null || (!held.moved && Math.hypot(event.clientX - held.x, event.clientY - held.y) < SLOP)) {
            return;
        }
        held.moved = true;
        if (held.hold === null) {
            const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
            [held.x, held.y] = [event.clientX, event.clientY];
            pan.by(dx, dy);
            return;
        }
        const box = dragged(held.hold, held.from, at(event));
        setGhost({ hold: held.hold, box });
        onHand?.(editOf(held.hold, box), 'moving');
    };
    const up = (event: React.PointerEvent) => {
        const held = grip.current;
        grip.current = null;
        setGhost(null);
        pan.end();
        if (held !== null && !held.moved && held.module !== null) {
            const [row, column] = held.module.split('.').map(Number);
            onModule?.(row ?? 0, column ?? 0);
        } else if (held?.moved && held.hold !== null) {
            setTool('hand');
            onHand?.(editOf(held.hold, dragged(held.hold, held.from, at(event))), 'done');
        }
    };
    const giveUp = () => {
        grip.current = null;
        pan.end();
        setGhost(null);
        setTool('hand');
        onHand?.([], 'given up');
    };
    return { tool, setTool, ghost, down, move, up, giveUp };
}

/** What a pointer that goes down somewhere holds from there on; null where it holds the drawing itself. */
function heldBy(target: Element, from: Place, module: string | null, tool: Tool, works: Works): Hold | null {
    const { sheet } = works.planned;
    const block = blockBox(sheet);
    if (works.movesBlock) {
        return module !== null && block !== null ? { what: 'block', box: block } : null;
    }
    if (!works.drawsAreas) {
        return null;
    }
    const point = { ...from, width_m: 0, height_m: 0 };
    if (tool !== 'hand') {
        return { what: 'new', round: tool === 'round', box: point };
    }
    const id = target.closest('[data-area]')?.getAttribute('data-area') ?? null;
    const area = sheet.no_work.find((one) => one.id === id);
    if (area !== undefined) {
        return { what: 'area', id: area.id, round: area.round, box: area, size: target.closest('[data-corner]') !== null };
    }
    const corner = /^corner-\d+$/.exec(target.closest('[data-handle]')?.getAttribute('data-handle') ?? '')?.[0];
    return corner === undefined ? null : { what: 'corner', index: Number(corner.slice('corner-'.length)), box: point };
}
