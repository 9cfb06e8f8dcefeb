import { Head, useForm } from '@inertiajs/react';
import { Entry } from '@/ui/Entry';
import { Frame } from '@/ui/Frame';

export default function Forgot({ sent }: { sent: boolean }) {
    const form = useForm({ email: '' });
    return (
        <Frame>
            <Head title="Forgotten password" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">Forgotten password</h1>
            {sent ? (
                <p role="status">If there is such a user, a link is on its way. It is good for an hour.</p>
            ) : (
                <form
                    className="max-w-md space-y-5"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post('/forgot-password');
                    }}
                >
                    <Entry
                        label="E-mail"
                        type="email"
                        autoComplete="username"
                        value={form.data.email}
                        onChange={(value) => form.setData('email', value)}
                        error={form.errors.email}
                    />
                    <button type="submit" className="act act-main" disabled={form.processing}>
                        Send me a link
                    </button>
                </form>
            )}
        </Frame>
    );
}
