import type { Choice } from '@/types/desk';

/** What may be chosen, after an empty choice that says what it is to have none. */
export function Options({ choices, none }: { choices: Choice[] | undefined; none?: string }) {
    return (
        <>
            {none !== undefined && <option value="">{none}</option>}
            {choices?.map((choice) => (
                <option key={choice.value} value={choice.value}>
                    {choice.text}
                </option>
            ))}
        </>
    );
}
