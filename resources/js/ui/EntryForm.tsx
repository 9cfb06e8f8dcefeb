import { useForm } from '@inertiajs/react';
import { Entry } from '@/ui/Entry';

type Line = { key: string; label: string; type?: 'text' | 'email' | 'password'; autoComplete?: string; maxLength?: number };

/** A short form: its lines one under another, what is wrong beside each, and one button. */
export function EntryForm({
    to,
    lines,
    start = {},
    button,
}: {
    to: string;
    lines: Line[];
    start?: Record<string, string>;
    button: string;
}) {
    const form = useForm<Record<string, string>>(Object.fromEntries(lines.map((line) => [line.key, start[line.key] ?? ''])));
    return (
        <form
            className="max-w-md space-y-5"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(to);
            }}
        >
            {lines.map(({ key, label, ...rest }) => (
                <Entry
                    key={key}
                    label={label}
                    {...rest}
                    value={form.data[key] ?? ''}
                    onChange={(value) => form.setData(key, value)}
                    error={form.errors[key]}
                />
            ))}
            <button type="submit" className="act act-main" disabled={form.processing}>
                {button}
            </button>
        </form>
    );
}
