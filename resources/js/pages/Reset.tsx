import { Head, useForm } from '@inertiajs/react';
import { Entry } from '@/ui/Entry';
import { Frame } from '@/ui/Frame';

export default function Reset({ token, email }: { token: string; email: string }) {
    const form = useForm({ email, password: '' });
    return (
        <Frame>
            <Head title="A new password" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">A new password</h1>
            <form
                className="max-w-md space-y-5"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(`/reset-password/${token}`);
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
                <Entry
                    label="New password, at least ten characters"
                    type="password"
                    autoComplete="new-password"
                    value={form.data.password}
                    onChange={(value) => form.setData('password', value)}
                    error={form.errors.password}
                />
                <button type="submit" className="act act-main" disabled={form.processing}>
                    Set it
                </button>
            </form>
        </Frame>
    );
}
