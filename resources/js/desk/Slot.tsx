import { useEffect, useId, useState } from 'react';
import { useDesk } from '@/desk/DeskContext';
import type { FieldPath } from '@/types/design';

/** A value in a sentence: edited in place, saved on Enter or on leaving it, put back by Escape; a wrong one stays as typed. */
export function Slot({ path, open = 'not given' }: { path: FieldPath; open?: string }) {
    const { data, faults, edit, look, unsaved, may } = useDesk();
    const field = data.fields[path];
    const [text, setText] = useState(field?.text ?? '');
    const fault = faults[path];
    const faultId = useId();
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design replaces what was typed before
    useEffect(() => setText(field?.text ?? ''), [field?.text, data.design.id]);
    if (field === undefined) {
        return null;
    }
    if (!may('update')) {
        return <strong>{field.text === '' ? open : field.text}</strong>;
    }
    const described = fault === undefined ? {} : { 'aria-invalid': true, 'aria-describedby': faultId };
    // Names and documents run over several lines; measures stay on one.
    const Writing = (field.kind === 'text' ? 'textarea' : 'input') as 'input';
    const save = () => {
        unsaved(null);
        if (text !== field.text) {
            void edit([{ path, typed: text }]);
        }
    };
    return (
        <>
            {field.kind === 'choice' ? (
                <select
                    className="slot"
                    aria-label={field.label}
                    data-path={path}
                    value={field.value ?? ''}
                    onChange={(event) => void edit([{ path, typed: event.target.value }])}
                    {...described}
                >
                    {field.optional && <option value="">{open}</option>}
                    {field.choices?.map((choice) => (
                        <option key={choice.value} value={choice.value}>
                            {choice.text}
                        </option>
                    ))}
                </select>
            ) : (
                <Writing
                    className="slot"
                    {...(field.kind === 'text' ? { rows: 1 } : {})}
                    aria-label={field.label}
                    data-path={path}
                    value={text}
                    size={Math.max(2, text.length)}
                    placeholder={open}
                    onChange={(event) => {
                        const typed = event.target.value.replace(/\n/g, ' ');
                        setText(typed);
                        unsaved(typed === field.text ? null : path);
                        if (field.kind !== 'text') {
                            look(typed === field.text ? [] : [{ path, typed }]);
                        }
                    }}
                    onBlur={save}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.preventDefault();
                            save();
                        } else if (event.key === 'Escape') {
                            setText(field.text);
                            unsaved(null);
                            look([]);
                        }
                    }}
                    {...described}
                />
            )}
            {fault !== undefined && (
                <span id={faultId} role="alert" className="tone-fails block border-l-4 border-garnet pl-2 text-[0.87rem]">
                    {field.label}: expected {fault.expected}; found {fault.found}.
                </span>
            )}
        </>
    );
}
