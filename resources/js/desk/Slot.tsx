import { useEffect, useId, useRef, useState } from 'react';
import { useDesk } from '@/desk/DeskContext';
import { Options } from '@/desk/Options';
import type { FieldPath } from '@/types/design';

/** The element that says what an example's value is. */
export const FROM_EXAMPLE = 'from-example';

/**
 * A value in a sentence: edited in place, saved on Enter or on leaving it, put back by Escape. What is typed stays as it is until
 * it is saved, mended or given up, whatever is saved meanwhile.
 */
export function Slot({ path, open = 'not given' }: { path: FieldPath; open?: string }) {
    const { data, faults, typed, giveUp, questions, edit, look, unsaved, may } = useDesk();
    const field = data.fields[path];
    const kept = typed[path];
    const question = questions[path];
    const [text, setText] = useState(kept ?? (field?.kind === 'choice' ? field.value : field?.text) ?? '');
    /** While somebody types here nothing else sets the value. */
    const typing = useRef(false);
    /** A choice that was made by letters or arrows, which go on, is not final yet. */
    const byKeys = useRef(false);
    const fault = faults[path];
    const faultId = useId();
    const isChoice = field?.kind === 'choice';
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design replaces what was saved before
    useEffect(() => {
        if (!typing.current) {
            setText(kept ?? (isChoice ? field?.value : field?.text) ?? '');
        }
    }, [field?.text, field?.value, isChoice, kept, data.design.id]);
    if (field === undefined) {
        return null;
    }
    if (!may('update')) {
        return <strong>{field.text === '' ? open : field.text}</strong>;
    }
    const described = {
        ...(fault === undefined
            ? field.example
                ? { 'aria-describedby': FROM_EXAMPLE }
                : {}
            : { 'aria-invalid': true, 'aria-describedby': faultId }),
        ...(field.example ? { title: 'From the example; nobody entered it. Enter keeps it.' } : {}),
        ...(field.typed == null ? {} : { title: `Entered as “${field.typed}”` }),
    };
    const style = `slot ${field.example ? 'slot-example' : ''}`;
    // Enter on what is there says again what was refused, or that the example's value is this roof's.
    const again = fault !== undefined || field.example;
    // Names and documents run over several lines; measures stay on one.
    const Writing = (field.kind === 'text' ? 'textarea' : 'input') as 'input';
    const before = (isChoice ? field.value : field.text) ?? '';
    const save = (chosen: string, even = false) => {
        typing.current = false;
        byKeys.current = false;
        unsaved(null);
        // Gone back to what is saved: what was refused here, or is on its way, no longer counts.
        if (chosen !== (kept ?? before) || even) {
            void edit([{ path, typed: chosen }]);
        }
    };
    const putBack = () => {
        typing.current = false;
        byKeys.current = false;
        setText(before);
        giveUp(path);
        unsaved(null);
        look([]);
    };
    return (
        <>
            {field.kind === 'choice' ? (
                <select
                    className={style}
                    aria-label={field.label}
                    data-path={path}
                    value={text}
                    onPointerDown={() => {
                        byKeys.current = false;
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            save(text, again);
                        } else if (event.key === 'Escape') {
                            putBack();
                        } else if (event.key !== 'Tab') {
                            byKeys.current = true;
                        }
                    }}
                    onChange={(event) => {
                        setText(event.target.value);
                        if (byKeys.current) {
                            typing.current = true;
                            unsaved(path);
                        } else {
                            save(event.target.value);
                        }
                    }}
                    onBlur={() => typing.current && save(text)}
                    {...described}
                >
                    <Options choices={field.choices} {...(field.optional ? { none: open } : {})} />
                </select>
            ) : (
                <Writing
                    className={style}
                    {...(field.kind === 'text' ? { rows: 1 } : {})}
                    aria-label={field.label}
                    data-path={path}
                    value={text}
                    size={Math.max(2, text.length)}
                    placeholder={open}
                    onChange={(event) => {
                        const now = event.target.value.replace(/\n/g, ' ');
                        typing.current = true;
                        setText(now);
                        unsaved(now === field.text ? null : path);
                        if (field.kind !== 'text') {
                            look(now === field.text ? [] : [{ path, typed: now }]);
                        }
                    }}
                    onBlur={() => save(text)}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.preventDefault();
                            save(text, again);
                        } else if (event.key === 'Escape') {
                            putBack();
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
            {question !== undefined && (
                <span role="alert" className="block border-ochre border-l-4 pl-2 text-[0.87rem]">
                    {question.text} It waits for your answer.{' '}
                    <button type="button" className="act act-small act-main" onClick={question.agree}>
                        Take them out
                    </button>{' '}
                    <button type="button" className="act act-small" onClick={question.keep}>
                        Keep them
                    </button>
                </span>
            )}
        </>
    );
}
