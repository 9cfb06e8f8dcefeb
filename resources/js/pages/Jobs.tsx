import { Head, Link, router, usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { RoofDrawing } from '@/desk/RoofDrawing';
import type { RoofDrawn } from '@/types/desk';
import { Frame } from '@/ui/Frame';

type JobRow = {
    id: number;
    name: string;
    client: string;
    address: string;
    number: number;
    author: string | null;
    changed_at: string;
    modules: number | null;
    attachments: number | null;
    reserve: string | null;
    /** How it stands, and its tone. */
    word: string;
    tone: string;
    /** What is to be done next. */
    next: string;
    /** Of the plan issued last, and whether something else is planned by now. */
    revision: number | null;
    for_construction: boolean;
    overtaken: boolean;
    drawing: RoofDrawn | null;
    /** What is counted: feet, posts, or both. */
    held_by: string;
};

/** Orders of the list, each with what comes first in it. */
const orders = {
    changed: { title: 'last changed', of: (job: JobRow) => -Date.parse(job.changed_at) },
    name: { title: 'name', of: (job: JobRow) => job.name.toLowerCase() },
    worst: {
        title: 'what stops first',
        of: (job: JobRow) => ['fails', 'plain', 'tight', 'holds'].indexOf(job.tone),
    },
} as const;

export default function Jobs({ jobs }: { jobs: JobRow[] }) {
    const may = usePage<{ user: { may: string[] } }>().props.user.may;
    const [sought, setSought] = useState('');
    const [order, setOrder] = useState<keyof typeof orders>('changed');
    const waits = jobs.some((job) => job.word === 'not planned yet');
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
    const words = sought.toLowerCase().split(/\s+/);
    const { of } = orders[order];
    const shown = jobs
        .filter((job) => {
            const text = `${job.name} ${job.client} ${job.address} ${job.next} ${job.word}`.toLowerCase();
            return words.every((word) => text.includes(word));
        })
        .sort((one, other) => (of(one) < of(other) ? -1 : of(one) > of(other) ? 1 : 0));
    return (
        <Frame>
            <Head title="Jobs" />
            <div className="mb-4 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2">
                <h1 className="font-condensed text-[1.6rem]">Jobs</h1>
                {jobs.length > 0 && (
                    <p className="flex flex-1 flex-wrap items-baseline gap-x-6 gap-y-2">
                        <input
                            type="search"
                            className="entry max-w-80"
                            aria-label="Search the jobs"
                            placeholder="name, client, address, what is missing"
                            value={sought}
                            onChange={(event) => setSought(event.target.value)}
                        />
                        <label>
                            by{' '}
                            <select
                                className="slot"
                                value={order}
                                onChange={(event) => setOrder(event.target.value as keyof typeof orders)}
                            >
                                {Object.entries(orders).map(([key, one]) => (
                                    <option key={key} value={key}>
                                        {one.title}
                                    </option>
                                ))}
                            </select>
                        </label>
                    </p>
                )}
                {may.includes('start') && (
                    <Link href="/jobs/new" className="act act-main">
                        New job
                    </Link>
                )}
            </div>
            {jobs.length === 0 && <p>There is no job yet. Start one from a paper survey with “New job”.</p>}
            {jobs.length > 0 && shown.length === 0 && <p role="status">No job has “{sought}” in it.</p>}
            <ul>
                {shown.map((job) => (
                    <Row key={job.id} job={job} />
                ))}
            </ul>
        </Frame>
    );
}

function Row({ job }: { job: JobRow }) {
    const place = [job.client, job.address].filter((one) => one !== '').join(', ');
    return (
        <li className="grid grid-cols-[72px_minmax(0,1fr)] gap-x-4 gap-y-1 border-line border-b py-2.5 sm:grid-cols-[96px_minmax(0,3fr)_minmax(0,3fr)_9.5rem]">
            <RoofDrawing drawing={job.drawing} className="row-span-3 h-[52px] w-[72px] sm:row-span-1 sm:w-[96px]" />
            <div className="min-w-0">
                <Link href={`/jobs/${job.id}`} className="why text-[1.07rem] font-semibold">
                    {job.name}
                </Link>
                <p className="truncate text-muted text-[0.93rem]">{place === '' ? 'no client or address yet' : place}</p>
                <p className="text-muted text-[0.87rem]">
                    design {job.number}
                    {job.author !== null && `, ${job.author}`},{' '}
                    {new Date(job.changed_at).toLocaleDateString('en-US', { dateStyle: 'medium' })}
                </p>
            </div>
            <p className="col-start-2 self-start line-clamp-3 text-[0.93rem] leading-snug sm:col-start-auto" title={job.next}>
                {job.next}
            </p>
            <p className="col-start-2 font-condensed sm:col-start-auto sm:text-right">
                <strong className={`tone-${job.tone}`}>
                    {job.word}
                    {job.reserve !== null && ` ${['holds', 'tight'].includes(job.word) ? job.reserve : ''}`}
                </strong>
                <br />
                {job.modules !== null && `${job.modules} modules, ${job.attachments} ${job.held_by}`}
                {job.revision !== null && (
                    <span className={`block ${job.overtaken ? 'tone-tight' : 'text-muted'}`}>
                        revision {job.revision}{' '}
                        {job.overtaken ? 'overtaken' : job.for_construction ? 'for construction' : 'for review'}
                    </span>
                )}
            </p>
        </li>
    );
}
