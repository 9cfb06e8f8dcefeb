import { type RefObject, useEffect, useRef } from 'react';
import type { Saves } from '@/desk/saves';
import type { DeskData } from '@/types/desk';

/** Undo by the usual keys; nobody leaves unasked with something unsaved. */
export function useKeys(
    goTo: (way: string) => Promise<boolean>,
    saves: Saves,
    typed: Record<string, string>,
    unsaved: RefObject<string | null>,
) {
    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            const typing = event.target instanceof HTMLElement && event.target.matches('input,textarea,select');
            if (!typing && (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
                event.preventDefault();
                void goTo(event.shiftKey ? 'redo' : 'undo');
            }
        };
        const leaving = (event: BeforeUnloadEvent) => {
            if (unsaved.current !== null || saves.waiting > 0 || Object.keys(typed).length > 0) {
                event.preventDefault();
            }
        };
        window.addEventListener('keydown', keys);
        window.addEventListener('beforeunload', leaving);
        return () => {
            window.removeEventListener('keydown', keys);
            window.removeEventListener('beforeunload', leaving);
        };
    }, [goTo, saves, typed, unsaved]);
}

/** What had the focus may be gone with a change: it goes to the worksheet, never to the page's body. */
export function useFocus(stage: string, data: DeskData | null, changes: unknown[]) {
    const shownBefore = useRef(false);
    // biome-ignore lint/correctness/useExhaustiveDependencies: whatever takes elements away
    useEffect(() => {
        if (shownBefore.current && (document.activeElement === null || document.activeElement === document.body)) {
            document.getElementById('worksheet')?.focus({ preventScroll: true });
        }
        shownBefore.current = data !== null;
    }, [stage, data?.design.id, ...changes]);
}
