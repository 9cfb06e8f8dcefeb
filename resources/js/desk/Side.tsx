import { useEffect, useRef } from 'react';

type Props = {
    label: string;
    /** Asked again for something else, it comes into view again. */
    about?: string;
    /** Whether all of it is there: what comes later moves what was in view. */
    isWhole?: boolean;
    onClose: () => void;
    children: React.ReactNode;
};

/** The part on the right that opens on asking: it comes into view, takes the focus, and gives it back when it closes. */
export function Side({ label, about = '', isWhole = true, onClose, children }: Props) {
    const side = useRef<HTMLElement>(null);
    const from = useRef<Element | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: each question anew
    useEffect(() => {
        const active = document.activeElement;
        if (active !== null && active !== document.body && side.current?.contains(active) === false) {
            from.current = active;
        }
        side.current?.focus({ preventScroll: true });
    }, [about]);
    // biome-ignore lint/correctness/useExhaustiveDependencies: each question anew
    useEffect(() => {
        side.current?.scrollIntoView({ block: window.innerWidth < 768 ? 'start' : 'nearest' });
    }, [about, isWhole]);
    useEffect(
        () => () => {
            const back = from.current;
            // What opened it may be gone; the focus never falls to the page's body.
            const to = back instanceof HTMLElement || back instanceof SVGElement ? (back.isConnected ? back : null) : null;
            (to ?? document.getElementById('worksheet'))?.focus({ preventScroll: window.innerWidth >= 768 });
        },
        [],
    );
    return (
        <aside
            ref={side}
            tabIndex={-1}
            aria-label={label}
            className="order-1 -outline-offset-2 flex w-full flex-none flex-col overflow-y-auto border-line border-l bg-panel px-4 py-3 md:order-none md:w-[330px]"
            onKeyDown={(event) => {
                const isWriting = event.target instanceof Element && event.target.matches('input,select,textarea');
                if (event.key === 'Escape' && !isWriting) {
                    onClose();
                }
            }}
        >
            <div className="mb-2 flex items-baseline justify-between">
                <h2 className="text-muted text-[0.87rem] font-normal">{label}</h2>
                <button type="button" className="act act-small" onClick={onClose}>
                    Close
                </button>
            </div>
            {children}
        </aside>
    );
}
