import { Head } from '@inertiajs/react';
import { EntryForm } from '@/ui/EntryForm';
import { Frame } from '@/ui/Frame';

export default function Join({ company, role, token }: { company: string | null; role: string | null; token: string }) {
    return (
        <Frame>
            <Head title="Join" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">Join {company ?? 'a company'}</h1>
            {company === null ? (
                <p>This invitation was used already, withdrawn, or is older than a week. Ask for a new one.</p>
            ) : (
                <>
                    <p className="mb-5">You are invited as {role}.</p>
                    <EntryForm
                        to={`/invitation/${token}`}
                        lines={[
                            { key: 'name', label: 'Name', autoComplete: 'name', maxLength: 120 },
                            { key: 'email', label: 'E-mail', type: 'email', autoComplete: 'username' },
                            {
                                key: 'password',
                                label: 'Password, at least ten characters',
                                type: 'password',
                                autoComplete: 'new-password',
                            },
                        ]}
                        button="Join"
                    />
                </>
            )}
        </Frame>
    );
}
