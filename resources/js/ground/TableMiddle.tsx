import { useEffect, useRef, useState } from 'react';
import { tableBeside } from '@/api';
import { Why } from '@/desk/BecausePanel';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { LiveStrip } from '@/desk/LiveStrip';
import type { Live } from '@/desk/useLive';
import { Days } from '@/ground/Days';
import { Elevation } from '@/ground/Elevation';
import { EveryWay } from '@/ground/EveryWay';
import { FieldPlan, FieldStakes } from '@/ground/FieldPlan';
import { OtherKinds } from '@/ground/OtherKinds';
import { Stakes } from '@/ground/Stakes';
import { SunChart } from '@/ground/SunChart';
import { useSize } from '@/sheet/useSize';
import { OwnCopies } from '@/stages/OwnCopies';
import { Signing } from '@/stages/Signing';
import type { PostRow, TableBeside, TableData, TableDrawn } from '@/types/desk';

/** The drawings of a table over what its stage tells. */
export function TableMiddle({ stage, table, live }: { stage: string; table: TableData; live: Live | null }) {
    const { data } = useDesk();
    const beside = useBeside(stage);
    const alone = stage === 'site' || (stage === 'field' && data.lists['/table/sunshine'] !== 1);
    return (
        <section aria-label="Sheet and tables" className="contents min-w-0 flex-none flex-col md:flex md:flex-1">
            {stage !== 'handover' && (
                <div
                    className={`relative order-1 h-[420px] md:order-none ${alone ? 'md:h-auto md:min-h-0 md:flex-1' : 'flex-none md:h-[56%]'}`}
                >
                    {table.drawn === null ? (
                        <p className="p-5">Nothing is drawn yet: see the findings.</p>
                    ) : (
                        <Drawings stage={stage} table={table} drawn={table.drawn} />
                    )}
                    {live !== null && <LiveStrip live={live} data={data} />}
                </div>
            )}
            <TableTables stage={stage} table={table} beside={beside} />
        </section>
    );
}

/** From the side and from above, beside each other where there is room and the stage asks for both. */
function Drawings({ stage, table, drawn }: { stage: string; table: TableData; drawn: TableDrawn }) {
    const holder = useRef<HTMLDivElement>(null);
    const size = useSize(holder, true, { width: 900, height: 420 });
    const both = stage === 'foundations' && size.width > 800;
    const fromAbove = ['field', 'setting_out'].includes(stage);
    const beside = both ? Math.round(size.width * 0.4) : 0;
    return (
        <div ref={holder} className="flex h-full w-full overflow-hidden">
            {!fromAbove && (
                <Elevation
                    drawn={drawn}
                    title={sideOf(table, drawn)}
                    size={{ width: size.width - beside, height: size.height }}
                />
            )}
            {stage === 'field' && table.field !== null && <FieldPlan field={table.field} size={size} />}
            {((fromAbove && (stage !== 'field' || table.field === null)) || both) && (
                <Stakes table={table} drawn={drawn} size={{ width: both ? beside : size.width, height: size.height }} />
            )}
        </div>
    );
}

export const sideOf = (table: TableData, drawn: TableDrawn) => `${table.name} from the side, to scale, at ${drawn.column}`;

/** Asked for where it is shown, for each saved design anew; what was told of the one before stays until then. */
function useBeside(stage: string): TableBeside | 'failed' | null {
    const { job, data } = useDesk();
    const [told, setTold] = useState<TableBeside | 'failed' | null>(null);
    const wanted = stage === 'field' ? 'sun' : stage === 'foundations' ? 'ways' : null;
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design is asked about anew
    useEffect(() => {
        const question = new AbortController();
        if (wanted === null) {
            return;
        }
        setTold(null);
        // One answer takes the server a while: who types on is not to ask for each step.
        const later = window.setTimeout(() => {
            tableBeside(job, wanted, question.signal).then(setTold, () => {
                if (!question.signal.aborted) {
                    setTold('failed');
                }
            });
        }, 500);
        return () => {
            window.clearTimeout(later);
            question.abort();
        };
    }, [job, data.design.id, wanted]);
    return told;
}

type Beside = { beside: TableBeside | 'failed' | null };

function TableTables({ stage, table, beside }: { stage: string; table: TableData } & Beside) {
    switch (stage) {
        case 'table':
            return (
                <Box label="What the parts bear">
                    <Parts parts={table.parts.filter((part) => !part.in_ground)} />
                    <OtherKinds />
                </Box>
            );
        case 'field':
            if (beside === null) {
                return (
                    <Box label="Sun">
                        <p className="text-muted">Comparing tilts and bearings …</p>
                    </Box>
                );
            }
            return beside === 'failed' || beside.sun === null ? null : (
                <Box label="Sun">
                    <Sun sun={beside.sun} />
                </Box>
            );
        case 'loads':
            return (
                <Box label="Wind on the table">
                    <Winds table={table} />
                </Box>
            );
        case 'foundations':
            return (
                <Box label="Posts">
                    <Posts table={table} />
                    {table.parts.some((part) => part.in_ground) && (
                        <div className="mt-4">
                            <Parts parts={table.parts.filter((part) => part.in_ground)} />
                        </div>
                    )}
                    <Ways beside={beside} />
                </Box>
            );
        case 'setting_out':
            return (
                <Box label="Setting out">
                    {table.days !== null && <Days days={table.days} />}
                    <SettingOutTables table={table} />
                    {table.field !== null && <FieldStakes field={table.field} />}
                </Box>
            );
        case 'handover':
            return (
                <Box label="Signatures">
                    <Signing />
                    <OwnCopies />
                </Box>
            );
        default:
            return null;
    }
}

function Box({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <section
            aria-label={label}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling part must be reachable by keyboard
            tabIndex={0}
            className="order-3 min-h-0 overflow-auto border-line px-5 py-3 max-md:border-t md:order-none md:flex-1 md:border-t"
        >
            {children}
        </section>
    );
}

/** Tilts that people take, each with what it keeps of the best, and the light of the months at the planned one. */
export function Sun({ sun }: { sun: NonNullable<TableBeside['sun']> }) {
    return (
        <div className="flex flex-wrap items-start gap-x-12 gap-y-4">
            <table className="w-auto font-condensed">
                <thead>
                    <tr>
                        <th>What people take</th>
                        <th className="pl-5">Tilt</th>
                        <th className="pl-5 text-right">Keeps of the best fixed</th>
                    </tr>
                </thead>
                <tbody>
                    {sun.choices.map((choice) => (
                        <tr key={choice.name} className={choice.is_here ? 'font-semibold' : ''}>
                            <td>{choice.name}</td>
                            <td className="pl-5">{choice.tilts}</td>
                            <td className="pl-5 text-right">{choice.keeps}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <ol
                aria-label="Light of the months at the planned tilt, of the best month"
                className="flex items-end gap-1 font-condensed"
            >
                {sun.months.map((month) => (
                    <li key={month.name} className="w-10 text-center text-[0.87rem]">
                        {Math.round(100 * month.light)}
                        <span className="mx-auto block w-6 bg-ochre" style={{ height: `${100 * month.light}px` }} />
                        {month.name.slice(0, 3)}
                    </li>
                ))}
            </ol>
            <SunChart sun={sun} />
            {sun.every_way !== null && <EveryWay way={sun.every_way} />}
            <div className="basis-full">
                <h3>Rows behind each other</h3>
                {sun.pitches.map((one) => (
                    <p key={one.says} className={`mt-1 ${one.is_usual ? 'font-semibold' : ''}`}>
                        {one.says}
                    </p>
                ))}
            </div>
        </div>
    );
}

export function Winds({ table }: { table: TableData }) {
    const { ask } = useDesk();
    return (
        <table className="w-auto font-condensed whitespace-nowrap">
            <thead>
                <tr>
                    <th>{table.winds_at}</th>
                    <th className="pl-5 text-right">Lower half</th>
                    <th className="pl-5 text-right">Upper half</th>
                </tr>
            </thead>
            <tbody>
                {table.winds.map((wind) => (
                    <tr key={wind.path}>
                        <td>
                            <Why ask={ask} path={wind.path}>
                                {wind.name}
                            </Why>
                        </td>
                        <td className="pl-5 text-right">{wind.lower}</td>
                        <td className="pl-5 text-right">{wind.upper}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

export function Parts({ parts }: { parts: TableData['parts'] }) {
    const { ask } = useDesk();
    return parts.length === 0 ? null : (
        <table className="font-condensed whitespace-nowrap">
            <thead>
                <tr>
                    <th>Part</th>
                    <th className="text-right">Asked of it</th>
                    <th className="text-right">Bears</th>
                    <th className="pl-5">Reserve</th>
                </tr>
            </thead>
            <tbody>
                {parts.map((part) => (
                    <tr key={part.path}>
                        <td>{part.name}</td>
                        <td className="text-right">{part.demand}</td>
                        <td className="text-right">{part.capacity}</td>
                        <td className={`pl-5 tone-${part.word}`}>
                            <Why ask={ask} path={part.path}>
                                {part.word} {part.reserve}
                            </Why>
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

export function Posts({ table }: { table: TableData }) {
    const { ask } = useDesk();
    if (table.posts.length === 0) {
        return <p>{table.none}</p>;
    }
    const columns = postColumns.filter((column) => table.posts.some((post) => column.of(post) !== null));
    return (
        <table className="font-condensed whitespace-nowrap">
            <thead>
                <tr>
                    <th>{table.posts.some((post) => post.blocks !== null) ? 'Tray' : 'Post'}</th>
                    {columns.map((column) => (
                        <th key={column.name} className="text-right">
                            {column.name}
                        </th>
                    ))}
                    <th className="pl-5">Weakest</th>
                </tr>
            </thead>
            <tbody>
                {table.posts.map((post) => (
                    <tr key={post.id}>
                        <td>
                            <strong>{post.id}</strong> {table.apart === '' ? '' : post.rear ? 'rear' : 'front'}
                        </td>
                        {columns.map((column) => {
                            const cell = column.of(post);
                            return (
                                <td key={column.name} className={`text-right ${column.isMain ? 'font-semibold' : ''}`}>
                                    {typeof cell !== 'object' || cell === null ? (
                                        (cell ?? '–')
                                    ) : (
                                        <Why ask={ask} path={cell.path}>
                                            {cell.text}
                                        </Why>
                                    )}
                                </td>
                            );
                        })}
                        <td className={`pl-5 tone-${post.word}`}>
                            <Why ask={ask} path={post.path}>
                                {post.word} {post.reserve}, {post.weakest}
                            </Why>
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

type PostColumn = {
    name: string;
    of: (post: PostRow) => string | number | { text: string; path: string } | null;
    isMain?: boolean;
};

/** What is told of posts; what none of a table has is left out. */
const postColumns: PostColumn[] = [
    { name: 'Depth', of: (post) => (post.blocks === null ? post.depth : null) },
    { name: 'Blocks', of: (post) => post.blocks, isMain: true },
    { name: 'Over ground', of: (post) => post.height },
    { name: 'Cut', of: (post) => post.cut, isMain: true },
    { name: 'Sideways', of: (post) => post.sideways },
    { name: 'Lift', of: (post) => post.lift },
    { name: 'Press', of: (post) => post.press },
    { name: 'Bags', of: (post) => post.bags },
];

/** The same modules on other numbers of posts and in other holes. */
function Ways({ beside }: Beside) {
    if (beside === null) {
        return <p className="mt-4 text-muted">Planning what else would stand …</p>;
    }
    if (beside === 'failed') {
        return <p className="tone-fails mt-4">What else would stand could not be asked for. Leave this stage and come back.</p>;
    }
    const hold = beside.ways.filter((way) => way.holds);
    return beside.ways.length === 0 ? (
        <Cures cures={beside.cures} />
    ) : (
        <section aria-label="What else would stand" className="mt-4">
            <Cures cures={beside.cures} />
            <h3>What else would stand, in equal bays</h3>
            {hold.length === 0 && <p>Nothing with up to eight posts a row and holes of this size or wider.</p>}
            <WaysTable ways={hold} />
            <FewestPosts />
        </section>
    );
}

/** Where the table does not hold: what would mend that besides other posts and holes. */
function Cures({ cures }: { cures: TableBeside['cures'] }) {
    const { edit, may } = useDesk();
    return cures.length === 0 ? null : (
        <ul aria-label="What would make it hold" className="my-4 max-w-xl space-y-2">
            {cures.map((cure) => (
                <li key={cure.says}>
                    {cure.says} {may('update') && <EditAct onClick={() => void edit(cure.edits)}>enter it</EditAct>}
                </li>
            ))}
        </ul>
    );
}

/** Other overhangs do with fewer posts at times: each is planned, on asking. */
function FewestPosts() {
    const { job, data } = useDesk();
    const [told, setTold] = useState<TableBeside | 'asked' | 'failed' | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: what was told was of the design before
    useEffect(() => setTold(null), [data.design.id]);
    const ask = () => {
        setTold('asked');
        tableBeside(job, 'fewest').then(setTold, () => setTold('failed'));
    };
    switch (told) {
        case null:
            return data.fields['/table/racking/end_overhang_m'] === undefined ? null : (
                <button type="button" className="act act-small mt-2" onClick={ask}>
                    Fewer posts under other overhangs?
                </button>
            );
        case 'asked':
            return <p className="mt-2 text-muted">Planning every overhang …</p>;
        case 'failed':
            return <p className="tone-fails mt-2">That could not be asked for. Try again in a moment.</p>;
        default:
            return told.ways.length === 0 ? (
                <p className="mt-2">No overhang does with fewer in this hole, inch by inch.</p>
            ) : (
                <WaysTable ways={told.ways} />
            );
    }
}

function WaysTable({ ways }: { ways: TableBeside['ways'] }) {
    const { edit, may } = useDesk();
    return (
        <table className="mt-1 w-auto font-condensed whitespace-nowrap">
            <tbody>
                {ways.map((way) => (
                    <tr key={`${way.posts} ${way.hole}`}>
                        <td className="text-right">
                            {way.posts} {way.posts === 1 ? 'post' : 'posts'}
                        </td>
                        <td className="pl-5">{way.bags === '0' ? 'driven' : `holes of ${way.hole},`}</td>
                        <td className="text-right">{way.depth} deep</td>
                        {way.bags !== '0' && <td className="pl-5 text-right">{way.bags} bags</td>}
                        <td className="pl-5 text-right">reserve {way.reserve}</td>
                        {way.cost !== '' && <td className="pl-5 text-right">{way.cost}</td>}
                        {way.overhang !== null && <td className="pl-5">{way.overhang} past the end posts</td>}
                        <td className="pl-5">
                            {way.is_here ? (
                                <strong>as planned</strong>
                            ) : (
                                may('update') && <EditAct onClick={() => void edit(way.edits)}>take it</EditAct>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

export function SettingOutTables({ table }: { table: TableData }) {
    const stringed = table.stakes.some((stake) => stake.string !== null);
    const cut = table.posts.some((post) => post.cut !== null);
    return (
        <div className="flex flex-wrap items-start gap-x-12 gap-y-4">
            <table className="w-auto font-condensed whitespace-nowrap">
                <caption className="text-left text-muted">
                    Stakes, from A along their line{stringed && ', and the string over them'}
                </caption>
                <thead>
                    <tr>
                        <th>Stake</th>
                        <th className="text-right">Along</th>
                        {stringed && <th className="pl-5 text-right">String over ground</th>}
                        {cut && <th className="pl-5 text-right">Post is cut</th>}
                    </tr>
                </thead>
                <tbody>
                    {table.stakes.map((stake) => (
                        <tr key={stake.post}>
                            <td className="font-semibold">{stake.post}</td>
                            <td className="text-right">{stake.along}</td>
                            {stringed && <td className="pl-5 text-right">{stake.string}</td>}
                            {cut && (
                                <td className="pl-5 text-right font-semibold">
                                    {table.posts.find((post) => post.id === stake.post)?.cut ?? '–'}
                                </td>
                            )}
                        </tr>
                    ))}
                </tbody>
            </table>
            {table.diagonals.length > 0 && (
                <table className="w-auto font-condensed whitespace-nowrap">
                    <caption className="text-left text-muted">Diagonals</caption>
                    <thead>
                        <tr>
                            <th>From–to</th>
                            <th className="text-right">Level</th>
                            <th className="pl-5 text-right">Along the ground</th>
                        </tr>
                    </thead>
                    <tbody>
                        {table.diagonals.map((one) => (
                            <tr key={one.name}>
                                <td className="font-semibold">{one.name}</td>
                                <td className="text-right">{one.level}</td>
                                <td className="pl-5 text-right">{one.ground}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {table.bars.length > 0 && (
                <div className="font-condensed">
                    <p className="text-muted">
                        {table.bars.length} lengths of {table.stock}
                    </p>
                    <ol className="list-inside list-decimal">
                        {table.bars.map((bar) => (
                            <li key={bar}>{bar}</li>
                        ))}
                    </ol>
                </div>
            )}
        </div>
    );
}
