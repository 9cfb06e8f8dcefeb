import { useDesk } from '@/desk/DeskContext';

type Props = { className?: string; label?: string; onClick: () => void; children: React.ReactNode };

/** A small button that changes the design; not there for those who may not. */
export function EditAct({ className = '', label, onClick, children }: Props) {
    return useDesk().may('update') ? (
        <button type="button" className={`act act-small ${className}`} aria-label={label} onClick={onClick}>
            {children}
        </button>
    ) : null;
}
