import { Collapsible } from 'radix-ui';
import { useEffect, useState } from 'react';
import { because } from '@/api';
import { Side } from '@/desk/Side';
import type { BecauseNode } from '@/types/desk';

/** The chain from a question down to what somebody entered. */
export function BecausePanel({ job, path, design, onClose }: { job: number; path: string; design: number; onClose: () => void }) {
    const [node, setNode] = useState<BecauseNode | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design has new reasons
    useEffect(() => {
        let newest = true;
        setNode(null);
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
        <Side label="Because" onClose={onClose}>
            {wrong !== null && <p role="alert">{wrong}</p>}
            {wrong === null && node === null && <p className="text-muted">Looking it up …</p>}
            {node !== null && <Node node={node} depth={0} />}
        </Side>
    );
}

export function Node({ node, depth }: { node: BecauseNode; depth: number }) {
    return (
        <Collapsible.Root defaultOpen={depth < 2}>
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
                {node.source !== null && (
                    <p className="text-muted text-[0.87rem] leading-snug">
                        {node.source}
                        {node.confidence !== null && ` · ${node.confidence} confidence`}
                        {node.confirmed_by !== null && ` · confirmed by ${node.confirmed_by}`}
                    </p>
                )}
                {node.children.length > 0 && depth >= 2 && (
                    <Collapsible.Trigger className="why text-[0.87rem]">from {node.children.length} more</Collapsible.Trigger>
                )}
            </div>
            {node.children.length > 0 && (
                <Collapsible.Content className="ml-3">
                    {node.children.map((child, index) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: the order of a chain never changes
                        <Node key={index} node={child} depth={depth + 1} />
                    ))}
                </Collapsible.Content>
            )}
        </Collapsible.Root>
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
