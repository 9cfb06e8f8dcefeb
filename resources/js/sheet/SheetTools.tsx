import type { Tool } from '@/sheet/hands';
import { type Lens, plainLens } from '@/sheet/viewport';

/** What a hand is told to do on the sheet: draw areas, look closer. */
export function SheetTools({
    tool,
    onTool,
    lens,
    onLens,
    onZoom,
    drawsAreas,
}: {
    tool: Tool;
    onTool: (tool: Tool) => void;
    lens: Lens;
    onLens: (lens: Lens) => void;
    onZoom: (by: number) => void;
    drawsAreas: boolean;
}) {
    const draws = (one: Tool, text: string) => (
        <ToolButton on={tool === one} onClick={() => onTool(tool === one ? 'hand' : one)}>
            {text}
        </ToolButton>
    );
    return (
        <div className="absolute top-2 left-2 z-10 flex gap-1">
            {drawsAreas && (
                <>
                    {draws('rectangle', 'Draw a rectangle')}
                    {draws('round', 'Draw a round one')}
                </>
            )}
            <ToolButton onClick={() => onZoom(1.4)}>Closer</ToolButton>
            {lens.zoom > 1 && (
                <>
                    <ToolButton onClick={() => onZoom(1 / 1.4)}>Farther</ToolButton>
                    <ToolButton onClick={() => onLens(plainLens)}>All of it</ToolButton>
                </>
            )}
        </div>
    );
}

function ToolButton({ on = false, onClick, children }: { on?: boolean; onClick: () => void; children: React.ReactNode }) {
    return (
        <button type="button" aria-pressed={on} className={`act act-small ${on ? 'act-main' : ''}`} onClick={onClick}>
            {children}
        </button>
    );
}
