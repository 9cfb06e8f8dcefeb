import { Link, router, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { Theme } from '@/ui/Theme';

export function Frame({ children }: { children: ReactNode }) {
    const user = usePage<{ user: { name: string; company: string } | null }>().props.user;
    return (
        <div className="mx-auto max-w-6xl px-6">
            <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-ink border-b py-3">
                <Link href="/jobs" className="font-condensed text-[1.2rem] font-semibold">
                    Garnetine
                </Link>
                {user === null && <Theme />}
                {user !== null && (
                    <p className="text-[0.9rem]">
                        <Theme /> · {user.name},{' '}
                        <Link href="/company" className="why">
                            {user.company}
                        </Link>{' '}
                        <button type="button" className="act act-small ml-3" onClick={() => router.post('/logout')}>
                            Log out
                        </button>
                    </p>
                )}
            </header>
            <main className="py-6">{children}</main>
        </div>
    );
}
