import { Head } from '@inertiajs/react';
import { EntryForm } from '@/ui/EntryForm';
import { Frame } from '@/ui/Frame';

export default function Reset({ token, email }: { token: string; email: string }) {
    return (
        <Frame>
            <Head title="A new password" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">A new password</h1>
            <EntryForm
                to={`/reset-password/${token}`}
                start={{ email }}
                lines={[
                    { key: 'email', label: 'E-mail', type: 'email', autoComplete: 'username' },
                    {
                        key: 'password',
                        label: 'New password, at least ten characters',
                        type: 'password',
                        autoComplete: 'new-password',
                    },
                ]}
                button="Set it"
            />
        </Frame>
    );
}
