import { Link, router, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { Theme } from '@/ui/Theme';

export function Frame({ children }: { children: ReactNode }) {
    const { props, url } = usePage<{ user: { name: string; company: string } | null }>();
    const { user } = props;
    return (
        <div className="mx-auto max-w-6xl px-6">
            <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-ink border-b py-3">
                <Place href="/jobs" here={url} className="font-condensed text-[1.2rem] font-semibold">
                    Garnetine
                </Place>
                {user === null && <Theme />}
                {user !== null && (
                    <p className="text-[0.9rem]">
                        <Theme /> · {user.name},{' '}
                        <Place href="/company" here={url} className="why">
                            {user.company}
                        </Place>{' '}
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

/** A link, but for where one stands already. */
function Place({ href, here, className, children }: { href: string; here: string; className: string; children: ReactNode }) {
    return href === here ? (
        <span aria-current="page" className={className.replace('why', '')}>
            {children}
        </span>
    ) : (
        <Link href={href} className={className}>
            {children}
        </Link>
    );
}
