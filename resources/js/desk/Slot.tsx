import { useEffect, useId, useRef, useState } from 'react';
import { type Question, useDesk } from '@/desk/DeskContext';
import { Options } from '@/desk/Options';
import type { FieldPath } from '@/types/design';
import type { Fault, FieldInfo } from '@/types/desk';

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
    const before = (isChoice ? field.value : field.text) ?? '';
    const save = (chosen: string, even = false) => {
        typing.current = false;
        unsaved(null);
        // Gone back to what is saved: what was refused here, or is on its way, no longer counts.
        if (chosen !== (kept ?? before) || even) {
            void edit([{ path, typed: chosen }]);
        }
    };
    const putBack = () => {
        typing.current = false;
        setText(before);
        giveUp(path);
        unsaved(null);
        look([]);
    };
    const hand: Hand = {
        path,
        label: field.label,
        text,
        style: `slot ${field.example ? 'slot-example' : ''}`,
        described: described(field, fault === undefined ? null : faultId),
        onType: (now) => {
            typing.current = true;
            setText(now);
            unsaved(now === before ? null : path);
            if (!isChoice && field.kind !== 'text') {
                look(now === before ? [] : [{ path, typed: now }]);
            }
        },
        onChoose: (now) => {
            setText(now);
            save(now);
        },
        onLeave: () => (!isChoice || typing.current) && save(text),
        // Enter on what is there says again what was refused, or that the example's value is this roof's.
        onEnter: () => save(text, fault !== undefined || field.example),
        onEscape: putBack,
    };
    return (
        <>
            {isChoice ? (
                <Chooser {...hand} choices={field.choices} none={field.optional ? open : null} />
            ) : (
                <Writer {...hand} open={open} isText={field.kind === 'text'} />
            )}
            {fault !== undefined && <SaysFault id={faultId} label={field.label} fault={fault} />}
            {question !== undefined && <Asks question={question} />}
        </>
    );
}

/** What is told of a value besides: what is wrong with it, or that nobody entered it. */
function described(field: FieldInfo, faultId: string | null): Record<string, string | boolean> {
    return {
        ...(faultId === null
            ? field.example
                ? { 'aria-describedby': FROM_EXAMPLE }
                : {}
            : { 'aria-invalid': true, 'aria-describedby': faultId }),
        ...(field.example ? { title: 'From the example; nobody entered it. Enter keeps it.' } : {}),
        ...(field.typed == null ? {} : { title: `Entered as “${field.typed}”` }),
    };
}

/** A value in hand: as it is typed, left, entered or put back. */
type Hand = {
    path: string;
    label: string;
    text: string;
    style: string;
    described: Record<string, string | boolean>;
    onType: (now: string) => void;
    onChoose: (now: string) => void;
    onLeave: () => void;
    onEnter: () => void;
    onEscape: () => void;
};

function Chooser({ choices, none, ...hand }: Hand & { choices: FieldInfo['choices']; none: string | null }) {
    /** A choice that was made by letters or arrows, which go on, is not final yet. */
    const byKeys = useRef(false);
    return (
        <select
            className={hand.style}
            aria-label={hand.label}
            data-path={hand.path}
            value={hand.text}
            onPointerDown={() => {
                byKeys.current = false;
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    byKeys.current = false;
                    hand.onEnter();
                } else if (event.key === 'Escape') {
                    byKeys.current = false;
                    hand.onEscape();
                } else if (event.key !== 'Tab') {
                    byKeys.current = true;
                }
            }}
            onChange={(event) => (byKeys.current ? hand.onType : hand.onChoose)(event.target.value)}
            onBlur={() => {
                byKeys.current = false;
                hand.onLeave();
            }}
            {...hand.described}
        >
            <Options choices={choices} {...(none === null ? {} : { none })} />
        </select>
    );
}

function Writer({ open, isText, ...hand }: Hand & { open: string; isText: boolean }) {
    // Names and documents run over several lines; measures stay on one.
    const Writing = (isText ? 'textarea' : 'input') as 'input';
    return (
        <Writing
            className={hand.style}
            {...(isText ? { rows: 1 } : {})}
            aria-label={hand.label}
            data-path={hand.path}
            value={hand.text}
            size={Math.max(2, hand.text.length)}
            placeholder={open}
            onChange={(event) => hand.onType(event.target.value.replace(/\n/g, ' '))}
            onBlur={hand.onLeave}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    hand.onEnter();
                } else if (event.key === 'Escape') {
                    hand.onEscape();
                }
            }}
            {...hand.described}
        />
    );
}

function SaysFault({ id, label, fault }: { id: string; label: string; fault: Fault }) {
    return (
        <span id={id} role="alert" className="tone-fails block border-l-4 border-garnet pl-2 text-[0.87rem]">
            {label}: expected {fault.expected}; found {fault.found}.
        </span>
    );
}

function Asks({ question }: { question: Question }) {
    return (
        <span role="alert" className="block border-ochre border-l-4 pl-2 text-[0.87rem]">
            {question.text} It waits for your answer.{' '}
            <button type="button" className="act act-small act-main" onClick={question.agree}>
                Take them out
            </button>{' '}
            <button type="button" className="act act-small" onClick={question.keep}>
                Keep them
            </button>
        </span>
    );
}
