import { Head, Link, router, useForm } from '@inertiajs/react';
import { Entry } from '@/ui/Entry';

export default function Login({ demo }: { demo: boolean }) {
    const form = useForm({ email: '', password: '' });
    return (
        <main className="mx-auto grid min-h-screen max-w-4xl content-center gap-12 px-6 md:grid-cols-2">
            <Head title="Log in" />
            <div>
                <h1 className="font-condensed text-[2.6rem] leading-none">Garnetine</h1>
                <p className="mt-4 text-[1.1rem]">
                    From a survey to a plan that holds in wind and snow, as marks on a tape, with a reason for every number.
                </p>
                <svg viewBox="0 0 360 60" className="mt-8 w-full" aria-hidden="true">
                    <rect x="0" y="18" width="360" height="34" fill="var(--color-rule)" stroke="var(--color-ink)" />
                    {Array.from({ length: 37 }, (_, i) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: ticks of a scale
                        <line key={i} x1={i * 10} x2={i * 10} y1="18" y2={i % 6 === 0 ? 36 : 27} stroke="var(--color-ink)" />
                    ))}
                    <path d="M60 17l-7 -13h14zM180 17l-7 -13h14zM300 17l-7 -13h14z" fill="var(--color-garnet)" />
                </svg>
            </div>
            <div>
                <form
                    className="space-y-5"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post('/login');
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
                        label="Password"
                        type="password"
                        autoComplete="current-password"
                        value={form.data.password}
                        onChange={(value) => form.setData('password', value)}
                    />
                    <button type="submit" className="act act-main" disabled={form.processing}>
                        Log in
                    </button>
                    <Link href="/forgot-password" className="why ml-4">
                        Forgotten the password?
                    </Link>
                </form>
                {demo && (
                    <p className="mt-8 border-line border-t pt-4">
                        On this machine only:{' '}
                        <button type="button" className="act" onClick={() => router.post('/demo')}>
                            Open the demo
                        </button>
                    </p>
                )}
            </div>
        </main>
    );
}
