import { Link } from '@inertiajs/react';
import { useDesk } from '@/desk/DeskContext';
import { Rule } from '@/desk/Rule';
import { Theme } from '@/ui/Theme';

type Props = {
    surface: string | null;
    block: string | null;
    stage: string;
    goTo: (way: string) => Promise<boolean>;
    onDesigns: () => void;
};

/** The job by its name, its designs, and the rule of stages. */
export function Header({ surface, block, stage, goTo, onDesigns }: Props) {
    const { job, data, may } = useDesk();
    return (
        <header className="flex flex-none flex-col border-ink border-b md:flex-row">
            <div className="flex-none border-line px-5 py-2.5 md:w-[300px] md:border-r">
                <h1 className="truncate text-[1.13rem] leading-tight">{data.fields['/name']?.text}</h1>
                <p className="truncate text-muted text-[0.87rem]">
                    <Link href="/jobs" className="why">
                        Jobs
                    </Link>{' '}
                    ·{' '}
                    <button type="button" className="why" onClick={onDesigns}>
                        design {data.design.number}
                    </button>{' '}
                    ·{' '}
                    {may('update') && (
                        <>
                            <Step way="undo" what={data.history.undo} says="Takes back" onStep={goTo} />{' '}
                            <Step way="redo" what={data.history.redo} says="Brings again" onStep={goTo} /> ·{' '}
                        </>
                    )}
                    <Theme />
                </p>
            </div>
            <div className="min-w-0 flex-1">
                <Rule job={job} surface={surface} block={block} stages={data.stages} current={stage} />
            </div>
        </header>
    );
}

function Step(props: { way: 'undo' | 'redo'; what: string | null; says: string; onStep: (way: string) => Promise<boolean> }) {
    return (
        <button
            type="button"
            className="why disabled:no-underline disabled:opacity-60"
            disabled={props.what === null}
            title={props.what === null ? `Nothing to ${props.way}` : `${props.says}: ${props.what}`}
            onClick={() => void props.onStep(props.way)}
        >
            {props.way}
        </button>
    );
}
