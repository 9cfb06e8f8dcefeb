/** A part of a paper under its title. */
export function Part({ title, children }: { title: string; children: React.ReactNode }) {
    return (
        <section className="mt-6">
            <h2 className="border-ink border-b font-condensed text-[1.2rem]">{title}</h2>
            <div className="mt-1">{children}</div>
        </section>
    );
}

/** A table of texts; columns of figures stand right. */
export function Rows({ head, rows, figures = [] }: { head: string[]; rows: string[][]; figures?: number[] }) {
    const side = (index: number) => (figures.includes(index) ? 'whitespace-nowrap text-right' : undefined);
    return (
        <table className="font-condensed">
            <thead>
                <tr>
                    {head.map((title, index) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: columns of a table
                        <th key={index} className={side(index)}>
                            {title}
                        </th>
                    ))}
                </tr>
            </thead>
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
}
