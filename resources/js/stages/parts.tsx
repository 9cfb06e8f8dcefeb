import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';

export function Say({ children }: { children: React.ReactNode }) {
    return <p className="mt-2.5 leading-[1.7]">{children}</p>;
}

export function AddButton({ path, children }: { path: string; children: React.ReactNode }) {
    const { edit } = useDesk();
    return <EditAct onClick={() => void edit([{ path, add: true }])}>{children}</EditAct>;
}

export function RemoveButton({ path }: { path: string }) {
    const { edit } = useDesk();
    return <EditAct onClick={() => void edit([{ path, remove: true }])}>take out</EditAct>;
}
