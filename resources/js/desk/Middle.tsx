import { router } from '@inertiajs/react';
import { AreaStrip } from '@/desk/AreaStrip';
import { useDesk, useShown } from '@/desk/DeskContext';
import { LiveStrip } from '@/desk/LiveStrip';
import { Pull } from '@/desk/Pull';
import { stageOf } from '@/desk/Surfaces';
import type { Live } from '@/desk/useLive';
import { Sheet } from '@/sheet/Sheet';
import { StagePanel } from '@/stages/StagePanel';
import { Tape } from '@/tape/Tape';
import type { Edit, Run } from '@/types/desk';

/** What is chosen on the sheet, the tape or in a table. */
export type Choice = {
    run: Run | undefined;
    onRun: (id: string) => void;
    place: number | null;
    onPlace: (member: number | null) => void;
    area: string | null;
    onArea: (id: string | null) => void;
};

type Props = {
    stage: string;
    live: Live | null;
    choice: Choice;
    showTape: boolean;
    /** How much of the middle the sheet takes where somebody pulled at what is under it, in per cent. */
    pulled: number | undefined;
    onPull: (share: number | undefined) => void;
};

/** The sheet over the tables of its stage. */
export function Middle({ stage, live, choice, showTape, pulled, onPull }: Props) {
    const { data } = useDesk();
    const tall = ['handover', 'holes', 'loads'].includes(stage);
    return (
        <section aria-label="Sheet and tables" className="contents min-w-0 flex-none flex-col md:flex md:flex-1">
            <div
                className={`relative order-1 md:order-none ${pulled === undefined ? `md:min-h-[320px] ${tall ? 'flex-none md:h-[46%]' : 'flex-1'}` : 'flex-none md:h-[var(--pulled)]'}`}
                style={pulled === undefined ? {} : ({ '--pulled': `${pulled}%` } as React.CSSProperties)}
            >
                <SheetInHand stage={stage} sequence={live?.sequence ?? 0} choice={choice} showTape={showTape} />
                {live !== null && <LiveStrip live={live} data={data} />}
            </div>
            {stage === 'surface' && choice.area !== null && <AreaStrip id={choice.area} onGone={() => choice.onArea(null)} />}
            {!['site', 'modules'].includes(stage) && <Pull share={pulled} onPull={onPull} />}
            <StagePanel
                pulled={pulled !== undefined}
                stage={stage}
                run={choice.run}
                onRun={choice.onRun}
                place={choice.place}
                onPlace={choice.onPlace}
            />
        </section>
    );
}

/** The sheet with what a hand does on it at each stage. */
function SheetInHand({
    stage,
    sequence,
    choice,
    showTape,
}: {
    stage: string;
    sequence: number;
    choice: Choice;
    showTape: boolean;
}) {
    const { job, data, may, busy, faults, typed, edit, look, ask } = useDesk();
    const shown = useShown();
    const onHand = (edits: Edit[], doing: 'moving' | 'done' | 'given up') => {
        if (doing === 'moving') {
            look(edits);
        } else if (doing === 'done') {
            void edit(edits).then((saved) => saved || look([]));
        } else {
            look([]);
        }
    };
    const inView = data.blocks.findIndex((one) => one.id === data.block) + 1;
    const onModule = (row: number, column: number) =>
        stage === 'loads'
            ? ask(`modules/${inView > 1 ? `${inView}/` : ''}${row}/${column}`)
            : void edit([{ toggle: { row, column } }]);
    const onBlock = (number: number) => {
        const chosen = data.blocks[number - 1];
        if (chosen !== undefined && Object.keys(faults).length === 0 && Object.keys(typed).length === 0) {
            router.visit(stageOf(job, stage, data.surface, chosen.id));
        }
    };
    return (
        <Sheet
            planned={shown}
            stage={stage}
            sequence={sequence}
            selectedArea={choice.area}
            onArea={choice.onArea}
            {...(may('update') ? { onHand } : {})}
            selectedRun={showTape ? (choice.run?.id ?? null) : null}
            onRun={(id) => {
                choice.onRun(id);
                if (stage === 'rails') {
                    ask(`runs/${id}/rail`);
                }
            }}
            {...(stage === 'attachments'
                ? { onMember: (member: number) => ask(`members/${member}`), place: choice.place, onPlace: choice.onPlace }
                : {})}
            onFoot={(id, foot) => {
                choice.onRun(id);
                ask(`runs/${id}/feet/${foot}`);
            }}
            {...(stage === 'loads' || may('update') ? { onModule } : {})}
            {...(stage === 'modules' && !busy ? { onBlock } : {})}
        />
    );
}

/** The tape of the run in hand, under everything. */
export function TapeInHand({ stage, choice }: { stage: string; choice: Choice }) {
    const { data, may, edit, ask } = useDesk();
    const shown = useShown();
    const { run } = choice;
    if (run === undefined || run.tape.length === 0) {
        return null;
    }
    const datum = (path: '/rules/run_datum' | '/rules/slope_datum') => data.fields[path]?.text ?? '';
    const onHand = (what: 'pin' | 'bar', member: number) => {
        const crossing = { line: run.letter, member };
        const of = data.blocks[run.block - 1]?.id ?? data.block;
        void edit([what === 'pin' ? { pin: crossing, of } : { bar: crossing, of }]);
    };
    return (
        <footer className="order-2 flex-none border-ink border-t md:order-none">
            <Tape
                run={run}
                units={data.units}
                slope={data.slope_tape}
                eave={data.eave_tape}
                layer={data.layer_tape}
                runDatum={datum('/rules/run_datum')}
                slopeDatum={datum('/rules/slope_datum')}
                head={shown.tape_head}
                onFoot={(foot) => ask(`runs/${run.id}/feet/${foot}`)}
                {...(stage === 'attachments'
                    ? { place: choice.place, onPlace: choice.onPlace, ...(may('update') ? { onHand } : {}) }
                    : {})}
            />
        </footer>
    );
}
