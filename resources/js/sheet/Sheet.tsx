import { useRef } from 'react';
import { ChainAcross, ChainUp } from '@/sheet/DimensionLine';
import { type Fixed, type Frame, frameOf, isNarrow } from '@/sheet/frame';
import { BlockHandle, SurfaceHandles } from '@/sheet/Handles';
import { type Box, blockBox, type Hold, type OnHand } from '@/sheet/hands';
import {
    Beneath,
    Beside,
    Crossings,
    EdgeNames,
    Feet,
    Hatches,
    MemberNumbers,
    Members,
    Modules,
    NoWork,
    OtherHoles,
    points,
    Rails,
    Setbacks,
    Tall,
    ZoneNames,
    Zones,
} from '@/sheet/layers';
import { SheetTools } from '@/sheet/SheetTools';
import { chainPlaces } from '@/sheet/scale';
import { useHand } from '@/sheet/useHand';
import { useLens, usePan } from '@/sheet/useLens';
import { useSize } from '@/sheet/useSize';
import { enlarged, type Lens, len, plainLens, px, py, type Viewport } from '@/sheet/viewport';
import type { Planned } from '@/types/desk';

type Props = {
    planned: Planned;
    stage: string;
    selectedRun: string | null;
    onRun?: (run: string) => void;
    onFoot?: (run: string, foot: number) => void;
    onModule?: (row: number, column: number) => void;
    /** A block that is not in view was chosen. */
    onBlock?: (number: number) => void;
    onMember?: (member: number) => void;
    /** Where the run in hand crosses a member: chosen, and to be chosen. */
    place?: number | null;
    onPlace?: (member: number) => void;
    onHand?: OnHand;
    /** Which look this drawing answers, for those who measure how fast it came. */
    sequence?: number;
    selectedArea?: string | null;
    onArea?: (id: string | null) => void;
    /** On paper. */
    fixed?: Fixed;
};

/** The plan view of the surface, worked on directly: zones by density of hatching, members, modules, rails and feet, real dimensions. */
export function Sheet(props: Props) {
    const { planned, stage, onHand, onModule, onArea, onMember, sequence = 0, fixed } = props;
    const holder = useRef<HTMLDivElement>(null);
    const size = useSize(holder, fixed === undefined, fixed ?? { width: 690, height: 470 });
    const narrow = isNarrow(size.width);
    const works = fixed === undefined && !narrow;
    const { lens, setLens } = useLens(holder, works);
    const pan = usePan(lens, setLens);
    const frame = frameOf(planned.sheet, size, lens, fixed);
    const { width, height, view } = frame;
    const drawsAreas = stage === 'surface' && onHand !== undefined;
    const movesBlock = stage === 'modules' && onHand !== undefined;
    const hand = useHand(holder, pan, { planned, view, on: works, drawsAreas, movesBlock, onHand, onModule, onArea });
    const zoom = (by: number) => setLens((now) => enlarged(now, by, width / 2, height / 2));
    const keys = useKeys(lens, setLens, zoom, hand.giveUp);
    return (
        // biome-ignore lint/a11y/noStaticElementInteractions: the drawing inside is a group of buttons; this is its frame
        <div
            ref={holder}
            tabIndex={fixed === undefined ? 0 : undefined}
            onKeyDown={fixed === undefined ? keys : undefined}
            className={
                fixed === undefined
                    ? 'relative w-full overflow-x-auto overflow-y-hidden md:h-full md:min-h-[300px] md:touch-none md:overflow-hidden'
                    : ''
            }
        >
            {works && (
                <SheetTools
                    tool={hand.tool}
                    onTool={hand.setTool}
                    lens={lens}
                    onLens={setLens}
                    onZoom={zoom}
                    drawsAreas={drawsAreas}
                />
            )}
            {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are buttons is a group, and no fieldset */}
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="group"
                aria-label="Plan view of the surface"
                data-drawn={sequence}
                onPointerDown={hand.down}
                onPointerMove={hand.move}
                onPointerUp={hand.up}
                onPointerCancel={hand.giveUp}
                style={{ cursor: hand.tool === 'hand' ? (lens.zoom > 1 ? 'grab' : undefined) : 'crosshair' }}
            >
                <Hatches />
                <g ref={pan.drawing}>
                    <Drawn {...props} view={view} drawsAreas={drawsAreas} />
                    {movesBlock && <MovesBlock view={view} planned={planned} onHand={onHand} />}
                    {stage === 'surface' && <EdgeNames view={view} planned={planned} />}
                    {drawsAreas && (
                        <SurfaceHandles view={view} sheet={planned.sheet} units={planned.units} onHand={onHand} onArea={onArea} />
                    )}
                    {hand.ghost !== null && <Ghost view={view} ghost={hand.ghost} />}
                </g>
                {lens.zoom > 1 && <Bands frame={frame} />}
                <g ref={pan.beside}>
                    <MemberNumbers view={view} planned={planned} until={frame.right + 8} onMember={onMember} />
                    <Measures frame={frame} planned={planned} narrow={narrow} enlarged={lens.zoom > 1} />
                </g>
            </svg>
        </div>
    );
}

/** Keys of the drawing itself: closer, farther, all of it, and moved by arrows where it is enlarged. */
function useKeys(lens: Lens, setLens: (change: (now: Lens) => Lens) => void, zoom: (by: number) => void, giveUp: () => void) {
    return (event: React.KeyboardEvent) => {
        const pans: Record<string, [number, number]> = {
            ArrowLeft: [40, 0],
            ArrowRight: [-40, 0],
            ArrowUp: [0, 40],
            ArrowDown: [0, -40],
        };
        const by = pans[event.key];
        if (event.key === 'Escape') {
            giveUp();
        } else if (event.target !== event.currentTarget) {
            return;
        } else if (event.key === '+' || event.key === '=') {
            zoom(1.4);
        } else if (event.key === '-') {
            zoom(1 / 1.4);
        } else if (event.key === '0') {
            setLens(() => plainLens);
        } else if (by !== undefined && lens.zoom > 1) {
            event.preventDefault();
            setLens((now) => ({ ...now, dx: now.dx + by[0], dy: now.dy + by[1] }));
        }
    };
}

/** The layers of the drawing, each where its stage asks for it. */
function Drawn({
    planned,
    stage,
    selectedRun,
    onRun,
    onFoot,
    onModule,
    onBlock,
    place = null,
    onPlace,
    selectedArea = null,
    view,
    drawsAreas,
}: Props & { view: Viewport; drawsAreas: boolean }) {
    const { sheet, runs } = planned;
    const showFeet = ['attachments', 'rails', 'holes', 'handover'].includes(stage);
    return (
        <>
            <polygon points={points(view, sheet.outline)} fill="var(--color-sheet)" />
            {['loads', 'attachments', 'modules'].includes(stage) && <Zones view={view} planned={planned} />}
            <Setbacks view={view} planned={planned} />
            <Tall view={view} planned={planned} />
            <Members view={view} planned={planned} />
            <Beside view={view} planned={planned} onBlock={onBlock} />
            <Modules
                view={view}
                planned={planned}
                onModule={stage === 'modules' || stage === 'loads' ? onModule : undefined}
                acts={stage === 'modules' ? ['take it out', 'put it back'] : ['why?', 'taken out']}
            />
            <NoWork view={view} planned={planned} selected={selectedArea} act={drawsAreas} />
            {stage === 'loads' && <ZoneNames view={view} planned={planned} />}
            {(showFeet || stage === 'modules') && <Rails view={view} runs={runs} selected={selectedRun} onRun={onRun} />}
            {(stage === 'rails' || stage === 'handover') && <Beneath view={view} runs={runs} length_m={sheet.box_m} />}
            {showFeet && <Feet view={view} runs={runs} selected={selectedRun} onFoot={onFoot} />}
            {onPlace !== undefined && (
                <Crossings view={view} runs={runs} selected={selectedRun} place={place} onPlace={onPlace} />
            )}
            {(stage === 'holes' || stage === 'handover') && <OtherHoles view={view} planned={planned} />}
            <polygon points={points(view, sheet.outline)} fill="none" stroke="var(--color-ink)" strokeWidth={1.6} />
        </>
    );
}

function MovesBlock({ view, planned, onHand }: { view: Viewport; planned: Planned; onHand: OnHand }) {
    const block = blockBox(planned.sheet);
    return block === null ? null : <BlockHandle view={view} box={block} units={planned.units} onHand={onHand} />;
}

/** Where the thing in hand would be let go. */
function Ghost({ view, ghost: { hold, box } }: { view: Viewport; ghost: { hold: Hold; box: Box } }) {
    return (
        <rect
            x={px(view, box.x_m)}
            y={py(view, box.y_m + box.height_m)}
            width={len(view, box.width_m)}
            height={len(view, box.height_m)}
            rx={'round' in hold && hold.round ? len(view, box.width_m / 2) : 0}
            fill="none"
            stroke="var(--color-garnet)"
            strokeWidth={2}
            strokeDasharray="6 4"
        />
    );
}

/** Keep numbers and dimensions readable over an enlarged drawing. */
function Bands({ frame: { width, height, bottom, right } }: { frame: Frame }) {
    return (
        <g fill="var(--color-paper)">
            <rect x={0} y={0} width={width} height={50} />
            <rect x={0} y={bottom + 12} width={width} height={height - bottom} />
            <rect x={right + 8} y={0} width={width - right} height={height} />
        </g>
    );
}

/** What stands beside the drawing: where the ridge is, how members are counted, and the dimensions. */
function Measures({ frame, planned, narrow, enlarged }: { frame: Frame; planned: Planned; narrow: boolean; enlarged: boolean }) {
    const { sheet, stand } = planned;
    const { view, bottom, right } = frame;
    const chains = chainPlaces(sheet);
    const leans = (sheet.outline[sheet.outline.length - 1]?.[0] ?? 0) > 0.01;
    const counted = stand === 'purlin' ? 'rib' : stand === 'course' ? 'member' : stand;
    return (
        <>
            <text x={right} y={Math.max(26, py(view, sheet.length_m) - 24)} fontSize={13} textAnchor="end">
                {narrow ? 'ridge' : `ridge above; ${counted}s counted from the left ${leans ? 'corner' : 'rake'}`}
            </text>
            {sheet.dimensions.across.map((chain, index) => (
                <ChainAcross
                    key={chain[0]?.text ?? index}
                    parts={chain}
                    at={(m) => px(view, m)}
                    seen={[0, right + 8]}
                    place={bottom + 28 + index * 24}
                />
            ))}
            {sheet.dimensions.up.map((chain, index) => (
                <ChainUp
                    key={chain[0]?.text ?? index}
                    parts={chain}
                    at={(m) => py(view, m)}
                    seen={[enlarged ? 50 : 0, bottom + 12]}
                    place={right + (chains[index] ?? 20)}
                />
            ))}
        </>
    );
}
