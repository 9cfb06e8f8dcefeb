import { useState } from 'react';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { SurveyItem } from '@/types/desk';

/** The survey list: every item answered or "unknown", with who, when and the photo. */
export function Survey() {
    const { data } = useDesk();
    const open = data.survey.filter((item) => item.answer === null).length;
    return (
        <>
            <h2 className="text-[1.07rem]">
                Survey{' '}
                <span className="text-muted font-normal">
                    {open === 0 ? 'every item is answered' : `${open} of ${data.survey.length} not yet asked`}
                </span>
            </h2>
            <table className="mt-1">
                <thead>
                    <tr>
                        <th>Item</th>
                        <th>Answer</th>
                        <th>By</th>
                        <th>On</th>
                        <th>Photo</th>
                    </tr>
                </thead>
                <tbody>
                    {data.survey.map((item) => (
                        <Row key={item.item} item={item} />
                    ))}
                </tbody>
            </table>
        </>
    );
}

const parts = ['answer', 'by', 'on', 'photo'] as const;

function Row({ item }: { item: SurveyItem }) {
    const { edit } = useDesk();
    return (
        <tr>
            <td>{item.label}</td>
            {parts.map((part) => (
                <td key={part}>
                    <Cell item={item} part={part} />
                    {part === 'answer' && item.answer === null && (
                        <EditAct
                            className="ml-2"
                            label={`${item.label}: unknown`}
                            onClick={() => void edit([{ path: `/survey/${item.item}/answer`, typed: 'unknown' }])}
                        >
                            unknown
                        </EditAct>
                    )}
                </td>
            ))}
        </tr>
    );
}

function Cell({ item, part }: { item: SurveyItem; part: (typeof parts)[number] }) {
    const { edit, faults, typed, may } = useDesk();
    const path = `/survey/${item.item}/${part}`;
    const kept = typed[path];
    const [text, setText] = useState(kept ?? item[part] ?? '');
    const fault = faults[path];
    const save = () => {
        if (text !== (kept ?? item[part] ?? '')) {
            void edit([{ path, typed: text }]);
        }
    };
    if (!may('update')) {
        return <>{text}</>;
    }
    return (
        <>
            <input
                className="slot"
                aria-label={`${item.label}, ${part}`}
                aria-invalid={fault !== undefined}
                value={text}
                size={Math.max(3, text.length)}
                placeholder={part === 'answer' ? 'ask' : part === 'on' ? '2026-05-12' : '–'}
                onChange={(event) => setText(event.target.value)}
                onBlur={save}
                onKeyDown={(event) => event.key === 'Enter' && save()}
            />
            {fault !== undefined && (
                <span role="alert" className="tone-fails block text-[0.87rem]">
                    expected {fault.expected}
                </span>
            )}
        </>
    );
}
