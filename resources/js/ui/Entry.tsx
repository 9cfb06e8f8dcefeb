/** One line of a form, with what is wrong about it. */
export function Entry({
    label,
    value,
    onChange,
    type = 'text',
    autoComplete,
    error,
    maxLength = 200,
}: {
    label: string;
    value: string;
    onChange: (value: string) => void;
    type?: 'text' | 'email' | 'password';
    autoComplete?: string;
    error?: string | undefined;
    maxLength?: number;
}) {
    return (
        <label className="block">
            {label}
            <input
                className="entry"
                type={type}
                autoComplete={autoComplete}
                required
                maxLength={maxLength}
                value={value}
                onChange={(event) => onChange(event.target.value)}
                aria-invalid={error !== undefined}
            />
            {error !== undefined && (
                <span role="alert" className="tone-fails block text-[0.9rem]">
                    {error}
                </span>
            )}
        </label>
    );
}
