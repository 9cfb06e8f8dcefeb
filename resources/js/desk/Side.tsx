/** The part on the right that opens on asking. */
export function Side({ label, onClose, children }: { label: string; onClose: () => void; children: React.ReactNode }) {
    return (
        <aside
            aria-label={label}
            className="order-1 flex w-full flex-none flex-col overflow-y-auto border-line border-l bg-panel px-4 py-3 md:order-none md:w-[330px]"
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
