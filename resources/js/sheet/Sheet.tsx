import { useEffect, useRef, useState } from 'react';
import { ChainAcross, ChainUp } from '@/sheet/DimensionLine';
import { fit, len, px, py, type Viewport } from '@/sheet/viewport';
import type { Planned } from '@/types/desk';

type Props = {
    planned: Planned;
    stage: string;
    selectedRun: string | null;
    onRun?: (run: string) => void;
    onFoot?: (run: string, foot: number) => void;
    onModule?: (row: number, column: number) => void;
    fixed?: { width: number; height: number };
};

const margin = { left: 46, right: 140, top: 50, bottom: 76 };
const densities: Record<string, number> = { '2e': 14, '2n': 10, '2r': 10, '3e': 6, '3r': 5 };
const colours: Record<string, string> = { holds: '#1d6757', tight: '#855400', fails: '#7d1230', plain: '#625a54' };

/** The plan view of the surface: zones by density of hatching, members, modules, rails and feet, with real dimension lines. */
export function Sheet({ planned, stage, selectedRun, onRun, onFoot, onModule, fixed }: Props) {
    const holder = useRef<HTMLDivElement>(null);
    const [size, setSize] = useState(fixed ?? { width: 690, height: 470 });
    useEffect(() => {
        const element = holder.current;
        if (element === null || fixed !== undefined) {
            return;
        }
        const observer = new ResizeObserver(() => setSize({ width: element.clientWidth, height: element.clientHeight }));
        observer.observe(element);
        return () => observer.disconnect();
    }, [fixed]);
    const { sheet, runs } = planned;
    // On a phone the drawing keeps a readable width and is moved sideways.
    const narrow = size.width < 640;
    const width = narrow ? 640 : size.width;
    const natural = margin.top + margin.bottom + ((width - margin.left - margin.right) * sheet.length_m) / sheet.width_m;
    const height = narrow ? natural : size.height;
    const view = fit(sheet.width_m, sheet.length_m, {
        left: margin.left,
        top: margin.top,
        width: Math.max(120, width - margin.left - margin.right),
        height: Math.max(100, height - margin.top - margin.bottom),
    });
    const bottom = py(view, 0);
    const right = px(view, sheet.width_m);
    const showZones = stage === 'loads' || stage === 'attachments' || stage === 'modules';
    const showFeet = ['attachments', 'rails', 'holes', 'handover'].includes(stage);
    const showRails = showFeet || stage === 'modules';
    return (
        <div
            ref={holder}
            tabIndex={fixed === undefined ? 0 : undefined}
            className={
                fixed === undefined
                    ? 'w-full overflow-x-auto overflow-y-hidden md:h-full md:min-h-[300px] md:overflow-hidden'
                    : ''
            }
        >
            {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are buttons is a group, and no fieldset */}
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="group"
                aria-label="Plan view of the surface"
            >
                <Hatches />
                <rect
                    x={px(view, 0)}
                    y={py(view, sheet.length_m)}
                    width={len(view, sheet.width_m)}
                    height={len(view, sheet.length_m)}
                    fill="#fffdf8"
                />
                {showZones && <Zones view={view} planned={planned} />}
                <Setbacks view={view} planned={planned} />
                <Members view={view} planned={planned} />
                <Modules
                    view={view}
                    planned={planned}
                    onModule={stage === 'modules' || stage === 'loads' ? onModule : undefined}
                    acts={stage === 'modules' ? ['take it out', 'put it back'] : ['why?', 'left out']}
                />
                <NoWork view={view} planned={planned} />
                {stage === 'loads' && <ZoneNames view={view} planned={planned} />}
                {showRails && <Rails view={view} runs={runs} selected={selectedRun} onRun={onRun} />}
                {showFeet && <Feet view={view} runs={runs} selected={selectedRun} onFoot={onFoot} />}
                {(stage === 'holes' || stage === 'handover') && <OtherHoles view={view} planned={planned} />}
                <rect
                    x={px(view, 0)}
                    y={py(view, sheet.length_m)}
                    width={len(view, sheet.width_m)}
                    height={len(view, sheet.length_m)}
                    fill="none"
                    stroke="#231d1b"
                    strokeWidth={1.6}
                />
                <text x={px(view, 0)} y={py(view, sheet.length_m) - 24} fontSize={13} className="muted">
                    ridge
                </text>
                <text x={right} y={py(view, sheet.length_m) - 24} fontSize={13} textAnchor="end">
                    members, counted from the left rake
                </text>
                {sheet.dimensions.across.map((chain, index) => (
                    <ChainAcross
                        key={chain[0]?.text ?? index}
                        parts={chain}
                        at={(m) => px(view, m)}
                        place={bottom + 28 + index * 24}
                    />
                ))}
                {sheet.dimensions.up.map((chain, index) => (
                    <ChainUp
                        key={chain[0]?.text ?? index}
                        parts={chain}
                        at={(m) => py(view, m)}
                        place={right + 20 + index * 66}
                    />
                ))}
            </svg>
        </div>
    );
}

function Hatches() {
    return (
        <defs>
            {Object.entries(densities).map(([zone, gap]) => (
                <pattern
                    key={zone}
                    id={`hatch-${zone}`}
                    width={gap}
                    height={gap}
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <line x1={0} x2={0} y1={0} y2={gap} stroke="#8d7f70" strokeWidth={0.9} />
                </pattern>
            ))}
            <pattern id="hatch-no-work" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                <line x1={0} x2={0} y1={0} y2={5} stroke="#7d1230" strokeWidth={1.2} />
            </pattern>
        </defs>
    );
}

function Zones({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.zones.map((zone) => {
                const x = px(view, zone.x0_m);
                const y = py(view, zone.y1_m);
                const width = len(view, zone.x1_m - zone.x0_m);
                const height = len(view, zone.y1_m - zone.y0_m);
                return (
                    <g key={`${zone.x0_m}-${zone.y0_m}`}>
                        {zone.zone in densities && (
                            <rect x={x} y={y} width={width} height={height} fill={`url(#hatch-${zone.zone})`} />
                        )}
                    </g>
                );
            })}
        </g>
    );
}

/** Names over the hatching, the field's beside the modules where it can be read. */
function ZoneNames({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.zones.map((zone) => {
                const x = px(view, zone.zone === '1' ? zone.x0_m : (zone.x0_m + zone.x1_m) / 2) + (zone.zone === '1' ? 20 : 0);
                const y = py(view, (zone.y0_m + zone.y1_m) / 2);
                return (
                    <g key={`${zone.x0_m}-${zone.y0_m}`} transform={`translate(${x} ${y})`}>
                        <rect x={-12} y={-9} width={24} height={18} fill="#fffdf8" />
                        <text textAnchor="middle" dy="0.35em" fontSize={14} fontWeight={600}>
                            {zone.zone}
                        </text>
                    </g>
                );
            })}
        </g>
    );
}

function Setbacks({ view, planned }: { view: Viewport; planned: Planned }) {
    const { sheet } = planned;
    const s = sheet.setbacks;
    return (
        <rect
            x={px(view, s.left_m)}
            y={py(view, sheet.length_m - s.ridge_m)}
            width={Math.max(0, len(view, sheet.width_m - s.left_m - s.right_m))}
            height={Math.max(0, len(view, sheet.length_m - s.eave_m - s.ridge_m))}
            fill="none"
            stroke="#625a54"
            strokeDasharray="2 4"
            strokeWidth={1}
        />
    );
}

function Members({ view, planned }: { view: Viewport; planned: Planned }) {
    const { sheet } = planned;
    const lap = sheet.lap;
    const top = py(view, sheet.length_m);
    const step = Math.max(1, Math.ceil(20 / Math.max(1, view.k * ((sheet.members[1]?.x_m ?? 1) - (sheet.members[0]?.x_m ?? 0)))));
    return (
        <g stroke="#8a6d4f" strokeWidth={1} strokeDasharray="7 5">
            {sheet.members.map((member) => {
                const x = px(view, member.x_m);
                return (
                    <g key={member.number}>
                        <line x1={x} x2={x} y1={top} y2={lap === null ? py(view, 0) : py(view, lap.from_m)} />
                        {lap !== null && (
                            <line
                                x1={px(view, member.x_m + lap.shift_m)}
                                x2={px(view, member.x_m + lap.shift_m)}
                                y1={py(view, lap.to_m)}
                                y2={py(view, 0)}
                            />
                        )}
                        {member.number % step === 0 && (
                            <text x={x} y={top - 7} textAnchor="middle" fontSize={13} stroke="none">
                                {member.number}
                            </text>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

function Modules({
    view,
    planned,
    onModule,
    acts,
}: {
    view: Viewport;
    planned: Planned;
    onModule: ((row: number, column: number) => void) | undefined;
    acts: [string, string];
}) {
    const { sheet } = planned;
    const act = (row: number, column: number, what: string) =>
        onModule === undefined
            ? {}
            : {
                  role: 'button',
                  tabIndex: 0,
                  'aria-label': `Module ${row}.${column}: ${what}`,
                  cursor: 'pointer',
                  onClick: () => onModule(row, column),
                  onKeyDown: (event: React.KeyboardEvent) => {
                      if (event.key === 'Enter' || event.key === ' ') {
                          event.preventDefault();
                          onModule(row, column);
                      }
                  },
              };
    const box = (cell: { x_m: number; y_m: number }) => ({
        x: px(view, cell.x_m),
        y: py(view, cell.y_m + sheet.module.length_m),
        width: len(view, sheet.module.width_m),
        height: len(view, sheet.module.length_m),
    });
    return (
        <g>
            {sheet.modules.map((module) => (
                <rect
                    key={`${module.row}.${module.column}`}
                    {...box(module)}
                    fill={module.word === 'fails' ? '#e9c9d0' : '#dcdbd6'}
                    fillOpacity={0.78}
                    stroke={module.word === 'fails' ? '#7d1230' : '#38404b'}
                    strokeWidth={1.3}
                    {...act(module.row, module.column, acts[0])}
                />
            ))}
            {sheet.left_out.map((cell) => (
                <rect
                    key={`${cell.row}.${cell.column}`}
                    {...box(cell)}
                    fill="#fffdf8"
                    fillOpacity={0.01}
                    stroke="#625a54"
                    strokeDasharray="3 3"
                    {...act(cell.row, cell.column, acts[1])}
                />
            ))}
        </g>
    );
}

function NoWork({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.no_work.map((area) => {
                const x = px(view, area.x_m);
                const y = py(view, area.y_m + area.height_m);
                const c = len(view, area.clearance_m);
                const width = len(view, area.width_m);
                const height = len(view, area.height_m);
                const round = area.round ? width / 2 + c : 0;
                return (
                    <g key={area.id}>
                        <rect
                            x={x - c}
                            y={y - c}
                            width={width + 2 * c}
                            height={height + 2 * c}
                            rx={round}
                            fill="url(#hatch-no-work)"
                            stroke="#7d1230"
                            strokeWidth={1}
                        />
                        <rect
                            x={x}
                            y={y}
                            width={width}
                            height={height}
                            rx={area.round ? width / 2 : 0}
                            fill="#fffdf8"
                            stroke="#231d1b"
                        />
                    </g>
                );
            })}
        </g>
    );
}

function Rails({
    view,
    runs,
    selected,
    onRun,
}: {
    view: Viewport;
    runs: Planned['runs'];
    selected: string | null;
    onRun: ((run: string) => void) | undefined;
}) {
    return (
        <g>
            {runs.map((run) => {
                const y = py(view, run.y_m);
                const here = run.id === selected;
                return (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the list of runs does the same by keyboard
                    <g key={run.id} onClick={() => onRun?.(run.id)} cursor={onRun === undefined ? undefined : 'pointer'}>
                        <line
                            x1={px(view, run.x0_m)}
                            x2={px(view, run.x1_m)}
                            y1={y}
                            y2={y}
                            stroke={here ? '#7d1230' : '#231d1b'}
                            strokeWidth={4}
                        />
                        <line x1={px(view, run.x0_m)} x2={px(view, run.x1_m)} y1={y} y2={y} stroke="#fbf8f1" strokeWidth={1.6} />
                        {run.splices_m.map((splice) => (
                            <line
                                key={splice}
                                x1={px(view, splice)}
                                x2={px(view, splice)}
                                y1={y - 5}
                                y2={y + 5}
                                stroke="#231d1b"
                                strokeWidth={2}
                            />
                        ))}
                        <text
                            x={px(view, run.x0_m) - 8}
                            y={y}
                            dy="0.35em"
                            textAnchor="end"
                            fontSize={13}
                            fontWeight={600}
                            fill={here ? '#7d1230' : '#231d1b'}
                        >
                            {run.id}
                        </text>
                    </g>
                );
            })}
        </g>
    );
}

function Feet({
    view,
    runs,
    selected,
    onFoot,
}: {
    view: Viewport;
    runs: Planned['runs'];
    selected: string | null;
    onFoot: ((run: string, foot: number) => void) | undefined;
}) {
    return (
        <g>
            {runs.flatMap((run) =>
                run.feet.map((foot) => {
                    const x = px(view, foot.x_m);
                    const y = py(view, run.y_m);
                    return (
                        // biome-ignore lint/a11y/noStaticElementInteractions: the table of feet does the same by keyboard
                        <path
                            key={`${run.id}-${foot.number}`}
                            data-foot={`${run.id}-${foot.number}`}
                            d={`M${x} ${y - 3}l6.5 11h-13z`}
                            fill={run.holds ? colours[foot.word] : colours.fails}
                            stroke={run.id === selected ? '#231d1b' : '#fbf8f1'}
                            strokeWidth={1}
                            cursor={onFoot === undefined ? undefined : 'pointer'}
                            onClick={() => onFoot?.(run.id, foot.number)}
                        />
                    );
                }),
            )}
        </g>
    );
}

function OtherHoles({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.holes.map((hole) => (
                <circle
                    key={hole.id}
                    cx={px(view, hole.x_m)}
                    cy={py(view, hole.y_m)}
                    r={5}
                    fill="#fbf8f1"
                    stroke="#7d1230"
                    strokeWidth={2}
                />
            ))}
        </g>
    );
}
