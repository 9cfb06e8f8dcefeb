import { useState } from 'react';
import { catalogue, keepInCatalogue, Refused, takeFromCatalogue } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { CataloguePart, CatalogueRow } from '@/types/desk';

/** Parts that the company uses again, each with how the plan stands with it; what is made up is said to be. */
export function Catalogue({ part, what }: { part: CataloguePart; what: string }) {
    const { job, data, may, busy } = useDesk();
    const [found, setFound] = useState<{ of: number; here: string; items: CatalogueRow[] } | null>(null);
    const [sought, setSought] = useState('');
    const [says, setSays] = useState('');
    if (!may('update')) {
        return null;
    }
    const why = (error: Error) =>
        setSays(error instanceof Refused ? (error.faults[0]?.expected ?? error.message) : 'It did not come through.');
    const look = () => {
        setSays('Trying each …');
        catalogue(job, data.design.id, part).then((answer) => {
            setFound({ of: data.design.id, ...answer });
            setSays('');
        }, why);
    };
    const keep = () =>
        keepInCatalogue(job, data.design.id, part).then(
            ({ name, version }) => setSays(`Kept: ${name}, version ${version}.`),
            (error: Error) =>
                setSays(
                    error instanceof Refused && error.faults[0] !== undefined
                        ? `Not kept: expected ${error.faults[0].expected}; found ${error.faults[0].found}.`
                        : 'It was not kept.',
                ),
        );
    const items = found?.of === data.design.id ? found.items : null;
    const shown = items?.filter((item) => item.name.toLowerCase().includes(sought.trim().toLowerCase())) ?? [];
    return (
        <div className="mt-3" data-catalogue={part}>
            <p className="flex flex-wrap gap-2">
                <button type="button" className="act act-small" disabled={busy} onClick={look}>
                    {what} from the catalogue
                </button>
                <button type="button" className="act act-small" disabled={busy} onClick={() => void keep()}>
                    Keep this one in it
                </button>
            </p>
            <p role="status" className="text-[0.93rem] text-muted">
                {says}
            </p>
            {items !== null && (
                <>
                    <label className="mt-1 block text-[0.93rem]">
                        Seek
                        <input
                            className="ml-2 w-40 border border-line bg-paper px-2 py-0.5"
                            value={sought}
                            onChange={(event) => setSought(event.target.value)}
                        />
                    </label>
                    <ul className="mt-1">
                        {shown.map((item) => (
                            <Item key={item.id} item={item} part={part} />
                        ))}
                    </ul>
                    {shown.length === 0 && <p className="text-muted text-[0.93rem]">Nothing of this name.</p>}
                </>
            )}
        </div>
    );
}

function Item({ item, part }: { item: CatalogueRow; part: CataloguePart }) {
    const { job, send } = useDesk();
    return (
        <li className="border-line border-b py-1.5 text-[0.93rem]" data-item={item.name}>
            <span className="font-semibold">{item.name}</span>{' '}
            <span className="text-muted">{item.made_up ? 'made up' : `version ${item.version}, ${item.by}`}</span>
            <br />
            {item.modules} modules, {item.feet} feet,{' '}
            <span className={`tone-${item.tone} font-semibold`}>
                {item.word} {item.tone === 'fails' ? '' : item.reserve}
            </span>{' '}
            {item.is_here ? (
                <span className="text-muted">in this design</span>
            ) : (
                <EditAct onClick={() => void send((base) => takeFromCatalogue(job, base, part, item.id))}>Take it</EditAct>
            )}
            {item.news !== null && <span className="block text-muted">{item.news}</span>}
        </li>
    );
}
