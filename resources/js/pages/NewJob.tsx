import { Head, useForm } from '@inertiajs/react';
import { useState } from 'react';
import { type Choices, kits, places, questions, tables } from '@/pages/choices';
import { Frame } from '@/ui/Frame';

export default function NewJob() {
    const form = useForm<Begun>({
        name: '',
        units: 'ft_in',
        document: '',
        where: 'roof',
        roof: 'two_sided_gable',
        covering: 'asphalt_shingles',
        standard: 'asce7-16',
        kit: 'one_lag',
        table: 'pipe_table',
    });
    const [file, setFile] = useState<string | null>(null);
    const errors = form.errors as Record<string, string | undefined>;
    return (
        <Frame>
            <Head title="New job" />
            <h1 className="font-condensed text-[1.6rem]">New job</h1>
            <p className="mt-2 max-w-xl">
                You need the survey of one roof plane under asphalt shingles, tiles on battens, screwed metal sheets on purlins,
                or metal with standing seams, or of the ground under one table; more planes can follow. What is not known yet can
                stay “unknown”: the plan says what it needs.
            </p>
            <form
                className="mt-6 max-w-4xl space-y-6"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post('/jobs');
                }}
            >
                <label className="block">
                    Name of the job
                    <input
                        className="entry block max-w-md"
                        required
                        maxLength={120}
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                    />
                    {errors.name !== undefined && <span className="tone-fails">{errors.name}</span>}
                </label>
                <Units form={form} />
                {file === null && <Begins form={form} />}
                <FromFile form={form} file={file} onFile={setFile} />
                <button type="submit" className="act act-main" disabled={form.processing}>
                    Start the job
                </button>
            </form>
        </Frame>
    );
}

type Begun = {
    name: string;
    units: string;
    document: string;
    where: string;
    roof: string;
    covering: string;
    standard: string;
    kit: string;
    table: string;
};

type Form = ReturnType<typeof useForm<Begun>>;

function Units({ form }: { form: Form }) {
    return (
        <fieldset>
            <legend>Measured in</legend>
            <label className="mr-6">
                <input
                    type="radio"
                    name="units"
                    checked={form.data.units === 'ft_in'}
                    onChange={() => form.setData('units', 'ft_in')}
                />{' '}
                feet, inches, sixteenths
            </label>
            <label>
                <input
                    type="radio"
                    name="units"
                    checked={form.data.units === 'mm'}
                    onChange={() => form.setData('units', 'mm')}
                />{' '}
                millimetres
            </label>
        </fieldset>
    );
}

function FromFile({ form, file, onFile }: { form: Form; file: string | null; onFile: (name: string | null) => void }) {
    const wrong = form.errors.document;
    return (
        <label className="block">
            Or start from a design file
            <input
                type="file"
                accept="application/json,.json"
                className="mt-1 block w-full"
                onChange={async (event) => {
                    const chosen = event.target.files?.[0];
                    onFile(chosen?.name ?? null);
                    form.setData('document', chosen === undefined ? '' : await chosen.text());
                }}
            />
            {wrong !== undefined && (
                <span role="alert" className="tone-fails block">
                    {file}: {wrong}
                </span>
            )}
        </label>
    );
}

/** Where the modules stand, and on what. */
function Begins({ form }: { form: Form }) {
    return (
        <>
            <Choice
                legend="The modules stand"
                name="where"
                choices={places}
                value={form.data.where}
                choose={(value) => form.setData('where', value)}
            />
            {form.data.where === 'ground' && (
                <>
                    <Choice
                        legend="On a table of"
                        name="table"
                        choices={tables}
                        value={form.data.table}
                        choose={(value) => form.setData('table', value)}
                    />
                    <p className="max-w-xl">
                        By ASCE/SEI 7-16, with sizes of an example until you enter yours. Standard and kind can become others
                        later.
                    </p>
                </>
            )}
            {form.data.where === 'roof' &&
                questions.map(({ legend, name, choices }) => (
                    <Choice
                        key={name}
                        legend={legend}
                        name={name}
                        choices={name === 'kit' ? (kits[form.data.covering] ?? []) : choices}
                        value={form.data[name]}
                        choose={(value) =>
                            form.setData((now) => ({
                                ...now,
                                [name]: value,
                                // Each covering has kits of its own.
                                ...(name === 'covering' ? { kit: kits[value]?.[0]?.value ?? '' } : {}),
                            }))
                        }
                    />
                ))}
        </>
    );
}

function Choice({
    legend,
    name,
    choices,
    value,
    choose,
}: {
    legend: string;
    name: string;
    choices: Choices;
    value: string;
    choose: (value: string) => void;
}) {
    return (
        <fieldset>
            <legend>{legend}</legend>
            <div className="mt-1 flex flex-wrap gap-2">
                {choices.map((one) => (
                    <label
                        key={one.value}
                        className={`flex items-center gap-2 border px-2 py-1.5 ${one.value === value ? 'border-garnet' : 'border-line'}`}
                    >
                        <input type="radio" name={name} checked={one.value === value} onChange={() => choose(one.value)} />
                        {one.lines !== undefined && (
                            <svg viewBox="0 0 52 38" className="h-[38px] w-[52px] shrink-0" aria-hidden="true">
                                <path d={one.lines} fill="none" stroke="currentColor" strokeWidth={1.4} />
                            </svg>
                        )}
                        {one.text}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
