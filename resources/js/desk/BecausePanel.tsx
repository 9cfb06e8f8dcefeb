import { Collapsible } from 'radix-ui';
import { useEffect, useState } from 'react';
import { because, Refused, whatIf } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { Options } from '@/desk/Options';
import { Side } from '@/desk/Side';
import { Section } from '@/sheet/Section';
import type { BecauseNode, Supposed } from '@/types/desk';

/** The chain from a question down to what somebody entered. */
const ofFoot = /^runs\/([^/]+)\/feet\/\d+$/;

export function BecausePanel({ job, path, design, onClose }: { job: number; path: string; design: number; onClose: () => void }) {
    const [node, setNode] = useState<BecauseNode | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    const { data, edit, may } = useDesk();
    const [other, setOther] = useState<{ title: string; pointer: string; typed: string; node: Supposed } | null>(null);
    const supposed: Suppose = async (leaf, typed) => {
        const pointer = leaf.input ?? '';
        try {
            setOther({ title: leaf.title, pointer, typed, node: await whatIf(job, design, path, [{ path: pointer, typed }]) });
            return null;
        } catch (error) {
            const fault = error instanceof Refused ? error.faults[0] : undefined;
            return fault === undefined ? (error as Error).message : `Expected ${fault.expected}; found ${fault.found}.`;
        }
    };
    const foot = data.runs.find((run) => run.id === ofFoot.exec(path)?.[1]);
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design has new reasons
    useEffect(() => {
        let newest = true;
        setNode(null);
        setOther(null);
        setWrong(null);
        because(job, path).then(
            (answer) => newest && setNode(answer),
            (error: Error) => newest && setWrong(error.message),
        );
        return () => {
            newest = false;
        };
    }, [job, path, design]);
    return (
        <Side label="Because" about={path} isWhole={node !== null} onClose={onClose}>
            {wrong !== null && <p role="alert">{wrong}</p>}
            {wrong === null && node === null && <p className="text-muted">Looking it up …</p>}
            {foot !== undefined && <Section run={foot} width={296} />}
            {node !== null && other !== null && (
                <div role="status" className="mb-3 border-ochre border-l-4 bg-ochre/10 px-2 py-1">
                    Were “{other.title}” {other.typed}: {node.title.toLowerCase()} <strong>{node.value}</strong> →{' '}
                    <strong>{other.node.value}</strong>. The plan <Standing of={other.node.standing} /> Nothing is saved.
                    <p className="mt-1">
                        {may('update') && (
                            <>
                                <button
                                    type="button"
                                    className="act act-small"
                                    onClick={() => void edit([{ path: other.pointer, typed: other.typed }])}
                                >
                                    Enter it
                                </button>{' '}
                            </>
                        )}
                        <button type="button" className="act act-small" onClick={() => setOther(null)}>
                            Forget it
                        </button>
                    </p>
                </div>
            )}
            {node !== null && <Node node={other?.node ?? node} depth={0} suppose={supposed} />}
        </Side>
    );
}

/** Whether the plan would hold, and what would stop it. */
function Standing({ of }: { of: Supposed['standing'] }) {
    return (
        <>
            would read{' '}
            <strong className={`tone-${of.tone}`}>
                {of.word}
                {of.reserve !== null && `, least reserve ${of.reserve}`}
            </strong>
            {of.news !== null && <> ({of.news})</>}
        </>
    );
}

/** Asks what would come of another input; answers with what is wrong about it, or nothing. */
type Suppose = (leaf: BecauseNode, typed: string) => Promise<string | null>;

type NodeProps = {
    node: BecauseNode;
    depth: number;
    suppose?: Suppose;
    /** On paper nothing is folded away. */
    whole?: boolean;
};

export function Node({ node, depth, suppose, whole = false }: NodeProps) {
    return (
        <Collapsible.Root defaultOpen={whole || depth < 2}>
            <div className="relative border-line border-l pb-2 pl-4">
                <span
                    aria-hidden="true"
                    className={`absolute top-1.5 -left-[6px] size-[11px] rounded-full border border-ink ${node.input === null ? 'bg-garnet' : 'bg-paper'}`}
                />
                <div className="flex items-baseline justify-between gap-3">
                    <h3 className={`font-condensed leading-tight ${depth === 0 ? 'text-[1.2rem]' : 'text-[1rem]'}`}>
                        {node.title}
                    </h3>
                    <span
                        className={`text-right font-condensed text-[1rem] font-semibold ${node.value.length < 14 ? 'whitespace-nowrap' : ''}`}
                    >
                        {node.value}
                    </span>
                </div>
                {node.formula !== '' && <p className="font-condensed leading-snug">{node.formula}</p>}
                {node.typed !== null && <p className="text-muted text-[0.87rem]">entered as “{node.typed}”</p>}
                {node.entered != null && (
                    <p className="text-muted text-[0.87rem]">
                        by {node.entered.by}, {new Date(node.entered.at).toLocaleDateString('en-US', { dateStyle: 'medium' })},
                        design {node.entered.design}
                    </p>
                )}
                {node.example && <p className="tone-tight text-[0.87rem]">from the example; nobody entered it</p>}
                {node.input !== null && suppose !== undefined && <WhatIf leaf={node} suppose={suppose} />}
                {node.source !== null && (
                    <p className="text-muted text-[0.87rem] leading-snug">
                        {node.source}
                        {node.confidence !== null &&
                            (node.confidence === 'own copy' ? ' · own copy' : ` · ${node.confidence} confidence`)}
                        {node.confirmed_by !== null && ` · confirmed by ${node.confirmed_by}`}
                    </p>
                )}
                {node.children.length > 0 && depth >= 2 && !whole && (
                    <Collapsible.Trigger className="why text-[0.87rem]">from {node.children.length} more</Collapsible.Trigger>
                )}
            </div>
            {node.children.length > 0 && (
                <Collapsible.Content className="ml-3">
                    {node.children.map((child, index) => (
                        <Node
                            // biome-ignore lint/suspicious/noArrayIndexKey: the order of a chain never changes
                            key={index}
                            node={child}
                            depth={depth + 1}
                            whole={whole}
                            {...(suppose === undefined ? {} : { suppose })}
                        />
                    ))}
                </Collapsible.Content>
            )}
        </Collapsible.Root>
    );
}

function WhatIf({ leaf, suppose }: { leaf: BecauseNode; suppose: Suppose }) {
    const field = useDesk().data.fields[leaf.input ?? ''];
    const [typed, setTyped] = useState('');
    const [wrong, setWrong] = useState<string | null>(null);
    return (
        <form
            className="text-[0.87rem]"
            onSubmit={async (event) => {
                event.preventDefault();
                setWrong(await suppose(leaf, typed));
            }}
        >
            <span>
                what if{' '}
                {field?.choices !== undefined ? (
                    <select
                        className="slot"
                        aria-label={`What if ${leaf.title} were`}
                        value={typed}
                        onChange={async (event) => {
                            setTyped(event.target.value);
                            setWrong(event.target.value === '' ? null : await suppose(leaf, event.target.value));
                        }}
                    >
                        <Options choices={field.choices} none="another" />
                    </select>
                ) : (
                    <input
                        className="slot"
                        aria-label={`What if ${leaf.title} were`}
                        placeholder={leaf.typed ?? leaf.value}
                        value={typed}
                        size={10}
                        onChange={(event) => setTyped(event.target.value)}
                    />
                )}
            </span>
            {wrong !== null && (
                <span role="alert" className="tone-fails block">
                    {wrong}
                </span>
            )}
        </form>
    );
}

/** A figure that opens its because. */
export function Why({ ask, path, children }: { ask: (path: string) => void; path: string; children: React.ReactNode }) {
    return (
        <button type="button" className="why" data-why={path} onClick={() => ask(path)}>
            {children}
        </button>
    );
}
