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

/** A sentence for every entry of a list, which can be taken out; it is told the place of its entry. */
export function Each<const L extends string>({
    list,
    children,
}: {
    list: L;
    children: (at: `${L}/${number}`) => React.ReactNode;
}) {
    const { data } = useDesk();
    const places = Array.from({ length: data.lists[list] ?? 0 }, (_, index): `${L}/${number}` => `${list}/${index}`);
    return places.map((at) => (
        <Say key={at}>
            {children(at)} <RemoveButton path={at} />
        </Say>
    ));
}

/** What an optional part of a design says, or the act that opens it. */
export function Part({ path, open, close, children }: { path: string; open: string; close: string; children: React.ReactNode }) {
    const { data, edit } = useDesk();
    if (data.lists[path] !== 1) {
        return (
            <EditAct className="mt-2" onClick={() => void edit([{ path, add: true }])}>
                {open}
            </EditAct>
        );
    }
    return (
        <>
            {children}
            <EditAct className="ml-1" onClick={() => void edit([{ path, remove: true }])}>
                {close}
            </EditAct>
        </>
    );
}

/** A file that is looked at as soon as it is chosen, and again when the same one is. */
export function FileChoice({
    accept,
    onFile,
    children,
}: {
    accept: string;
    onFile: (file: File) => void;
    children: React.ReactNode;
}) {
    return (
        <label className="mt-1.5 block text-[0.93rem]">
            {children}
            <input
                type="file"
                accept={accept}
                className="mt-1 block w-full"
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file !== undefined) {
                        onFile(file);
                    }
                    event.target.value = '';
                }}
            />
        </label>
    );
}
