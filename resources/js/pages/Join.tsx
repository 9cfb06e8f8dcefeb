import { Head, useForm } from '@inertiajs/react';
import { Entry } from '@/ui/Entry';
import { Frame } from '@/ui/Frame';

export default function Join({ company, role, token }: { company: string | null; role: string | null; token: string }) {
    const form = useForm({ name: '', email: '', password: '' });
    return (
        <Frame>
            <Head title="Join" />
            <h1 className="mb-4 font-condensed text-[1.6rem]">Join {company ?? 'a company'}</h1>
            {company === null ? (
                <p>This invitation was used already, withdrawn, or is older than a week. Ask for a new one.</p>
            ) : (
                <form
                    className="max-w-md space-y-5"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post(`/invitation/${token}`);
                    }}
                >
                    <p>You are invited as {role}.</p>
                    <Entry
                        label="Name"
                        autoComplete="name"
                        maxLength={120}
                        value={form.data.name}
                        onChange={(value) => form.setData('name', value)}
                        error={form.errors.name}
                    />
                    <Entry
                        label="E-mail"
                        type="email"
                        autoComplete="username"
                        value={form.data.email}
                        onChange={(value) => form.setData('email', value)}
                        error={form.errors.email}
                    />
                    <Entry
                        label="Password, at least ten characters"
                        type="password"
                        autoComplete="new-password"
                        value={form.data.password}
                        onChange={(value) => form.setData('password', value)}
                        error={form.errors.password}
                    />
                    <button type="submit" className="act act-main" disabled={form.processing}>
                        Join
                    </button>
                </form>
            )}
        </Frame>
    );
}
