import { Head, Link, router } from '@inertiajs/react';
import { useEffect } from 'react';
import { Frame } from '@/ui/Frame';

type JobRow = {
    id: number;
    name: string;
    number: number;
    author: string | null;
    changed_at: string;
    modules: number | null;
    attachments: number | null;
    reserve: string | null;
    word: string | null;
    /** Of the plan issued last, and whether something else is planned by now. */
    revision: number | null;
    overtaken: boolean;
    tone: string;
    stops: number;
    refused: boolean;
    status: string;
};

export default function Jobs({ jobs }: { jobs: JobRow[] }) {
    const waits = jobs.some((job) => job.modules === null);
    useEffect(() => {
        // For as long as a plan may take in the queue.
        let looks = waits ? 30 : 0;
        const looking = setInterval(() => {
            looks -= 1;
            if (looks < 0) {
                clearInterval(looking);
            } else {
                router.reload({ only: ['jobs'] });
            }
        }, 4000);
        return () => clearInterval(looking);
    }, [waits]);
    return (
        <Frame>
            <Head title="Jobs" />
            <div className="mb-4 flex items-baseline justify-between">
                <h1 className="font-condensed text-[1.6rem]">Jobs</h1>
                <Link href="/jobs/new" className="act act-main">
                    New job
                </Link>
            </div>
            {jobs.length === 0 ? (
                <p>There is no job yet. Start one from a paper survey with “New job”.</p>
            ) : (
                <div className="overflow-x-auto">
                    <table>
                        <thead>
                            <tr>
                                <th>Job</th>
                                <th className="hidden text-right sm:table-cell">Modules</th>
                                <th className="pr-6 text-right">Feet</th>
                                <th>Least reserve</th>
                                <th>Stands at</th>
                                <th className="hidden sm:table-cell">Design</th>
                                <th className="hidden sm:table-cell">Changed</th>
                            </tr>
                        </thead>
                        <tbody>
                            {jobs.map((job) => (
                                <tr key={job.id}>
                                    <td>
                                        <Link href={`/jobs/${job.id}`} className="why text-[1.07rem] font-semibold">
                                            {job.name}
                                        </Link>
                                    </td>
                                    <td className="hidden text-right sm:table-cell">{job.modules ?? '–'}</td>
                                    <td className="pr-6 text-right">{job.attachments ?? '–'}</td>
                                    <td className={`tone-${job.tone}`}>
                                        {job.reserve === null
                                            ? '–'
                                            : job.stops > 0 || job.refused
                                              ? job.reserve
                                              : `${job.word} ${job.reserve}`}
                                    </td>
                                    <td>
                                        {standing(job)}
                                        {job.revision !== null && (
                                            <span className={job.overtaken ? 'tone-tight' : 'text-muted'}>
                                                , revision {job.revision} {job.overtaken ? 'overtaken' : 'issued'}
                                            </span>
                                        )}
                                    </td>
                                    <td className="hidden sm:table-cell">
                                        {job.number}
                                        {job.author !== null && `, ${job.author}`}
                                    </td>
                                    <td className="hidden sm:table-cell">
                                        {new Date(job.changed_at).toLocaleDateString('en-US', { dateStyle: 'medium' })}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </Frame>
    );
}

function standing(job: JobRow) {
    if (job.refused) {
        return <span className="tone-fails">{job.status === 'cannot be read' ? job.status : 'not covered'}</span>;
    }
    if (job.stops > 0) {
        return (
            <span className="tone-fails">
                {job.stops} {job.stops === 1 ? 'stop' : 'stops'}
            </span>
        );
    }
    return job.status;
}
