import { Head } from '@inertiajs/react';
import { EntryForm } from '@/ui/EntryForm';
import { Frame } from '@/ui/Frame';

export default function Forgot({ sent }: { sent: boolean }) {
    return (
        <Frame>
            <Head title="Forgotten password" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">Forgotten password</h1>
            {sent ? (
                <p role="status">If there is such a user, a link is on its way. It is good for an hour.</p>
            ) : (
                <EntryForm
                    to="/forgot-password"
                    lines={[{ key: 'email', label: 'E-mail', type: 'email', autoComplete: 'username' }]}
                    button="Send me a link"
                />
            )}
        </Frame>
    );
}
