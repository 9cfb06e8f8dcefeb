import { Fragment } from 'react';
import { Part, Rows, Wide } from '@/paper/parts';
import { Materials, OpenStops, StepList } from '@/paper/shared';
import { LegFrames } from '@/sheet/LegFrames';
import { Sheet } from '@/sheet/Sheet';
import { paperScale } from '@/sheet/scale';
import { CuttingBars, Ledger } from '@/stages/StagePanel';
import type { DeskData, PaperData } from '@/types/desk';

/** What the crew takes along: the sheet, the tapes, tools and steps, holes, cutting, materials, torque. */
export function CrewSheets({ view }: { view: PaperData }) {
    const scale = paperScale(view, 720, 900);
    return (
        <>
            <p className="mt-2">
                Drawn at <strong>{scale.text}</strong> when printed on letter paper at full size.
            </p>
            <Wide label="Plan view">
                <Sheet planned={view} stage="handover" selectedRun={null} fixed={scale.fixed} />
            </Wide>
            <OpenStops view={view} />
            <Marking view={view} />
            <Tapes view={view} />
            {view.frames.length > 0 && (
                <Part title="Legs">
                    <LegFrames frames={view.frames} />
                </Part>
            )}
            <Beneath view={view} />
            <Part title="Tools, to be fetched once">
                <p>{view.tools.join(' · ')}</p>
                <p className="mt-1">
                    Carried up once and set down where it is used: {view.lifts.join(' · ')}. {view.lift_caution}
                </p>
            </Part>
            <StepList view={view} />
            {view.cutting !== null && view.cutting.count + view.cutting.from_store.length > 0 && (
                <Part title={`Cutting list: ${view.cutting.count} lengths of ${view.cutting.stock_length}`}>
                    <Wide label="Pieces of every length">
                        <CuttingBars cutting={view.cutting} />
                        <Labels cutting={view.cutting} />
                    </Wide>
                </Part>
            )}
            <Materials title="Materials" materials={view.materials} />
            <Part title="Torque (the maker’s value governs)">
                <Rows
                    head={['Joint', 'Torque', 'Document']}
                    rows={view.torque.map((row) => [row.what, row.torque, row.document])}
                />
            </Part>
            <Part title="Hole ledger">
                <Wide label="Holes">
                    <Ledger />
                </Wide>
            </Part>
        </>
    );
}

/** The dimensions of one kind along a run, none broken over two lines. */
function marks(run: DeskData['runs'][number], kind: string, between: string) {
    return run.tape
        .filter((mark) => mark.kind === kind)
        .map((mark, index) => (
            <Fragment key={mark.x_m}>
                {index > 0 && between}
                <span className="whitespace-nowrap">{mark.text}</span>
            </Fragment>
        ));
}

/** Corners, row ends and counts, which are marked before anything else and prove that the roof is as drawn. */
function Marking({ view }: { view: PaperData }) {
    const { edges, diagonals, off, rows, ridge_note } = view.marking;
    if (rows.length === 0) {
        return null;
    }
    return (
        <Part title="Marked on the roof first">
            <p>
                Edges, corner by corner from the lower left: {edges.map(({ name, length }) => `${name} ${length}`).join('; ')}.
                {diagonals.length > 0 && <> Diagonals: {diagonals.map(({ name, length }) => `${name} ${length}`).join('; ')}.</>}{' '}
                If one is more than {off} off, the roof is not as drawn: stop and tell the planner.
            </p>
            <Rows
                head={['Row', 'Lower edge', 'Upper edge', 'From the left', 'to', 'Modules']}
                figures={[1, 2, 3, 4, 5]}
                rows={rows.map((row) => [row.name, row.low, row.high, row.from, row.to, String(row.modules)])}
            />
            <p className="mt-1">
                Written at the ridge, modules by row from the eave: <strong>{ridge_note}</strong>
            </p>
        </Part>
    );
}

/** What is put on before the modules lie over it; its places are on the tapes. */
function Beneath({ view }: { view: PaperData }) {
    const beneath = view.beneath;
    return beneath === null ? null : (
        <Part title="Under the modules">
            {beneath.box !== null && (
                <p>
                    {beneath.boxes} × “{beneath.box}”{' '}
                    {beneath.on_frames
                        ? 'on the frames of the modules, before these are carried up.'
                        : 'on the rails, their middles at the marks of the tapes.'}
                </p>
            )}
            {beneath.earth !== null && (
                <p>
                    {beneath.earth.lugs} × “{beneath.earth.lug}”, one on each rail at the mark
                    {beneath.earth.jumpers > 0 && `; “${beneath.earth.jumper}” over each of ${beneath.earth.jumpers} splices`}
                    {beneath.earth.frames > 0 && `; a part for each of ${beneath.earth.frames} frames`}
                    {beneath.earth.broken > 0 && `; ${beneath.earth.broken} splices with nothing over them yet`}. An electrician
                    joins them to earth, and signs.
                </p>
            )}
            {beneath.strings.length > 0 && (
                <Rows
                    head={['Row', 'String', 'From column', 'to', 'Modules']}
                    figures={[1, 2, 3, 4]}
                    rows={beneath.strings.map((one) => [
                        one.row,
                        String(one.string),
                        String(one.from),
                        String(one.to),
                        String(one.modules),
                    ])}
                />
            )}
        </Part>
    );
}

/** A label for each piece, to be cut out and taped on: its name, its length, and what it is cut from. */
function Labels({ cutting }: { cutting: NonNullable<PaperData['cutting']> }) {
    const cut = [
        ...cutting.from_store.map((bar) => ({ ...bar, of: `rest of ${bar.number}` })),
        ...cutting.stock.map((bar) => ({ ...bar, of: `bar ${bar.number}` })),
    ];
    const labels = cut.flatMap((bar) => bar.pieces.map((piece) => ({ ...piece, of: bar.of })));
    return (
        <>
            <h3 className="mt-3">Labels</h3>
            <ul className="mt-1 grid grid-cols-6 font-condensed leading-tight" aria-label="Labels">
                {labels.map((label) => (
                    <li key={label.label} className="keep border border-line border-dashed px-1.5 py-0.5">
                        <strong className="text-[1.1rem]">{label.label}</strong> {label.length}
                        <span className="block text-[0.8rem] text-muted">{label.of}</span>
                    </li>
                ))}
            </ul>
        </>
    );
}

/** Pieces of rail that lie under one clamp each, a line of the crew sheet for each, by their lines. */
function ShortPieces({ view }: { view: PaperData }) {
    const pieces = view.runs.filter((run) => run.piece && !run.bare);
    const lines = [...new Set(pieces.map((run) => run.line))];
    return lines.map((line) => {
        const own = pieces.filter((run) => run.line === line);
        return (
            <div key={line} className="mt-3">
                <h3>
                    Line {line} at {own[0]?.height}, from the {view.fields['/rules/run_datum']?.text}: a piece under each clamp, a
                    foot on each {view.stand} named
                </h3>
                <Rows
                    head={['Piece', 'From', 'to', `On ${view.stand}s`, 'Feet at', 'Clamp at']}
                    figures={[1, 2, 5]}
                    rows={own.map((run) => {
                        const ends = run.tape.filter(({ kind }) => kind === 'end').map(({ text }) => text);
                        return [
                            run.id,
                            ends[0] ?? '',
                            ends[1] ?? '',
                            run.table.map((foot) => foot.member).join(', '),
                            run.table.map((foot) => foot.tape + (foot.strong ? ' (stronger)' : '')).join(', '),
                            run.tape
                                .filter(({ kind }) => kind === 'clamp')
                                .map(({ text }) => text)
                                .join(', '),
                        ];
                    })}
                />
            </div>
        );
    });
}

/** Feet without rails, pair by pair: lines whose feet stand alike are told together. */
function FeetAlone({ view }: { view: PaperData }) {
    const pairs = view.runs.filter((run) => run.bare);
    const alike = new Map<string, { lines: string[]; rows: string[][] }>();
    for (const line of new Set(pairs.map((run) => run.line))) {
        const own = pairs.filter((run) => run.line === line);
        const rows = own.map((run) => [
            `${run.id.slice(line.length) || '1'}`,
            run.table.map((foot) => foot.member).join(', '),
            run.table.map((foot) => foot.tape + (foot.strong ? ' (stronger)' : '')).join(' and '),
        ]);
        const key = JSON.stringify(rows);
        const lines = alike.get(key)?.lines ?? [];
        alike.set(key, { lines: [...lines, `${line} at ${own[0]?.height}`], rows });
    }
    return [...alike].map(([key, { lines, rows }]) => (
        <div key={key} className="keep mt-3">
            <h3>
                {lines.length > 1 ? 'Lines' : 'Line'} {lines.join(', ')}, from the {view.fields['/rules/run_datum']?.text}: no
                rail, two feet for each module above and below, a clamp over each foot
            </h3>
            <Rows head={['Pair', `On ${view.stand}s`, 'Feet at']} rows={rows} />
        </div>
    ));
}

/** Where the lines of rails up the slope are marked. */
function EaveTape({ view }: { view: PaperData }) {
    return view.eave_tape.length === 0 ? null : (
        <>
            <h3 className="mt-2">
                Eave tape, at the lower and the upper ends of the lines, from the {view.fields['/rules/run_datum']?.text}: lines
                of the holes up the slope
            </h3>
            <p className="font-condensed text-[1.3rem]">
                {view.eave_tape.map((mark) => (
                    <span key={mark.line} className="mr-6 inline-block">
                        {mark.line} <strong>{mark.tape}</strong> <span className="text-[0.93rem]">{mark.over}</span>
                    </span>
                ))}
            </p>
        </>
    );
}

/** At which heights rails across are laid on lower ones. */
function Layer({ view }: { view: PaperData }) {
    return view.layer_tape.length === 0 ? null : (
        <>
            <h3 className="mt-2">
                Heights of the rails across, on the lower ones, from the {view.fields['/rules/slope_datum']?.text}: their middles
            </h3>
            <p className="font-condensed text-[1.3rem]">
                {view.layer_tape.map((mark) => (
                    <span key={mark.line} className="mr-6 inline-block">
                        {mark.line} <strong>{mark.tape}</strong>
                    </span>
                ))}
            </p>
        </>
    );
}

/** Marks and numbers in large type; never to scale. */
function Tapes({ view }: { view: PaperData }) {
    return (
        <Part title="Tapes">
            <p>
                <strong>Read the numbers, do not lay this down. {view.tape_head}</strong> “Then 3 on” is the third {view.stand}{' '}
                after this one: the fourth where this one is counted first.
            </p>
            <EaveTape view={view} />
            <h3 className={view.slope_tape.length > 0 ? 'mt-2' : 'hidden'}>
                Slope tape, at both ends of the lines, from the {view.fields['/rules/slope_datum']?.text}: lines of the{' '}
                {view.stand === 'seam' ? 'clamps' : 'holes'}
                {view.slope_tape.some((mark) => mark.purlin !== '') &&
                    '; purlin 1 is under the lowest line of screws that was measured'}
                {view.course !== null && `; ${view.course} 1 is the lower one that was measured`}
            </h3>
            <p className="font-condensed text-[1.3rem]">
                {view.slope_tape.map((mark) => (
                    <span key={mark.line} className="mr-6 inline-block">
                        {mark.line} <strong>{mark.tape}</strong>{' '}
                        <span className="text-[0.93rem]">
                            {mark.butt}
                            {mark.purlin}
                        </span>
                    </span>
                ))}
            </p>
            <Layer view={view} />
            <ShortPieces view={view} />
            <FeetAlone view={view} />
            {view.runs
                .filter((run) => !run.piece)
                .map((run) => (
                    <div key={run.id} className="keep mt-3">
                        <h3>
                            {run.on_rails && 'Upper layer: '}Run {run.id}, line at {run.height}, from the{' '}
                            {view.fields[run.up ? '/rules/slope_datum' : '/rules/run_datum']?.text}
                            {run.in_line !== null && `; feet in line within ${run.in_line}`}
                        </h3>
                        <p className="font-condensed text-[1.3rem]">
                            {run.table.map((foot) => (
                                <span key={foot.number} className="mr-6 inline-block">
                                    {foot.number} <strong>{foot.tape}</strong>
                                    <span className="text-[0.93rem]">
                                        {' '}
                                        {run.on_rails ? `rail r${foot.member}` : `${view.stand} ${foot.member}`}
                                        {foot.strong && ', stronger foot'}
                                        {foot.missed !== null && `, missed: ${foot.missed}`}
                                        {foot.other === 'none' && `, no other ${view.stand}`}
                                        {foot.on !== null && `, then ${foot.on} on`}
                                    </span>
                                </span>
                            ))}
                        </p>
                        <p className="font-condensed">
                            Rail from {marks(run, 'end', ' to ')}
                            {run.splices_m.length > 0 && <>; splices at {marks(run, 'splice', ', ')}</>};{' '}
                            {run.lower ? 'rails across' : 'clamps'} at {marks(run, 'clamp', ', ')}
                            {run.tape.some(({ kind }) => kind === 'box') && <>; boxes at {marks(run, 'box', ', ')}</>}
                            {run.tape.some(({ kind }) => kind === 'lug') && <>; lug at {marks(run, 'lug', ', ')}</>}.
                        </p>
                    </div>
                ))}
        </Part>
    );
}
