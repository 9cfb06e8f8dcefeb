/** A part of a paper under its title. */
export function Part({ title, children }: { title: string; children: React.ReactNode }) {
    return (
        <section className="mt-6">
            <h2 className="border-ink border-b font-condensed text-[1.2rem]">{title}</h2>
            <div className="mt-1">{children}</div>
        </section>
    );
}

/** What is wider than a phone: there it is moved sideways, on paper it is whole. */
export function Wide({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        // biome-ignore lint/a11y/useSemanticElements: a scrolling part is no fieldset
        <div
            role="group"
            aria-label={label}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling part must be reachable by keyboard
            tabIndex={0}
            className="overflow-x-auto print:overflow-visible"
        >
            {children}
        </div>
    );
}

/** So many columns fit on a phone. */
const FEW = 3;

/** A table of texts; columns of figures stand right. */
export function Rows({ head, rows, figures = [] }: { head: string[]; rows: string[][]; figures?: number[] }) {
    const side = (index: number) => (figures.includes(index) ? 'whitespace-nowrap text-right' : undefined);
    const table = (
        <table className="font-condensed">
            {head.some((title) => title !== '') && (
                <thead>
                    <tr>
                        {head.map((title, index) => {
                            const Cell = title === '' ? 'td' : 'th';
                            return (
                                // biome-ignore lint/suspicious/noArrayIndexKey: columns of a table
                                <Cell key={index} className={side(index)}>
                                    {title}
                                </Cell>
                            );
                        })}
                    </tr>
                </thead>
            )}
            <tbody>
                {rows.map((row, place) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: rows that never move
                    <tr key={place}>
                        {row.map((cell, index) => (
                            // biome-ignore lint/suspicious/noArrayIndexKey: cells of a row
                            <td key={index} className={side(index)}>
                                {cell}
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
    return head.length > FEW ? <Wide label={head.join(', ')}>{table}</Wide> : table;
}
