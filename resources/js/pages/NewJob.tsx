import { Head, useForm } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '@/ui/Frame';

export default function NewJob() {
    const form = useForm({ name: '', units: 'ft_in', document: '' });
    const [file, setFile] = useState<string | null>(null);
    const errors = form.errors as Record<string, string | undefined>;
    return (
        <Frame>
            <Head title="New job" />
            <h1 className="font-condensed text-[1.6rem]">New job</h1>
            <p className="mt-2 max-w-xl">
                You need the survey of one side of a gable roof under shingles. What is not known yet can stay “unknown”: the plan
                says what it needs.
            </p>
            <form
                className="mt-6 max-w-md space-y-6"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post('/jobs');
                }}
            >
                <label className="block">
                    Name of the job
                    <input
                        className="entry"
                        required
                        maxLength={120}
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                    />
                    {errors.name !== undefined && <span className="tone-fails">{errors.name}</span>}
                </label>
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
                <label className="block">
                    Or start from a design file
                    <input
                        type="file"
                        accept="application/json,.json"
                        className="mt-1 block w-full"
                        onChange={async (event) => {
                            const chosen = event.target.files?.[0];
                            setFile(chosen?.name ?? null);
                            form.setData('document', chosen === undefined ? '' : await chosen.text());
                        }}
                    />
                    {errors.document !== undefined && (
                        <span role="alert" className="tone-fails block">
                            {file}: {errors.document}
                        </span>
                    )}
                </label>
                <button type="submit" className="act act-main" disabled={form.processing}>
                    Start the job
                </button>
            </form>
        </Frame>
    );
}
