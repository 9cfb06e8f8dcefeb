import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused, saveEdits, Unreachable } from '@/api';
import { faultsAfter, Saves, type Saving, uuid, without } from '@/desk/saves';
import type { DeskData, Edit } from '@/types/desk';

vi.mock('@/api', async (actual) => ({ ...(await actual<typeof import('@/api')>()), saveEdits: vi.fn() }));
vi.stubGlobal('window', new EventTarget());

const answer = (id: number, status = 200) => ({ status, data: { design: { id } } as DeskData });
const typed = (path: string, text = '1'): Edit => ({ path, typed: text });
const sent = () => vi.mocked(saveEdits).mock.calls.map(([, base, edits, key]) => ({ base, edits, key }));

/** A queue whose listener writes down what it hears. */
function queue() {
    const heard = { saving: [] as Saving[], refused: [] as Edit[][], doubtful: 0 };
    const saves = new Saves(7, {
        saving: (now) => heard.saving.push(now),
        answered: async (one) => one.data.design.id,
        refused: (_, edits) => heard.refused.push(edits),
        doubtful: async () => {
            heard.doubtful += 1;
            return 90;
        },
    });
    saves.base = 1;
    return { saves, heard };
}

beforeEach(() => {
    vi.mocked(saveEdits).mockReset();
});

describe('saves of one person', () => {
    it('go one after the other, each from the design before; what waits goes together under one key', async () => {
        let first = (_: unknown) => {};
        vi.mocked(saveEdits).mockImplementationOnce(() => new Promise((go) => (first = go as (answer: unknown) => void)));
        vi.mocked(saveEdits).mockResolvedValueOnce(answer(3));
        const { saves, heard } = queue();
        const done = [saves.edit([typed('/a')]), saves.edit([typed('/b')]), saves.edit([typed('/c')])];
        expect([sent().length, saves.waiting, saves.isWaiting('/b'), saves.isWaiting('/x')]).toEqual([1, 3, true, false]);
        first(answer(2));
        expect(await Promise.all(done)).toEqual([true, true, true]);
        expect(sent().map(({ base, edits }) => [base, edits.length])).toEqual([
            [1, 1],
            [2, 2],
        ]);
        expect(sent()[0]?.key).not.toBe(sent()[1]?.key);
        expect([saves.base, saves.waiting, heard.saving.at(-1)]).toEqual([3, 0, { waiting: 0, offline: false }]);
    });

    it('go alone after they were refused together, so that only what is wrong stays behind', async () => {
        vi.mocked(saveEdits).mockImplementation(async (_, base, edits) => {
            if (edits.some((edit) => 'path' in edit && edit.path === '/wrong')) {
                throw new Refused('no', []);
            }
            return answer(base + 1);
        });
        const { saves, heard } = queue();
        const done = [saves.edit([typed('/a')]), saves.edit([typed('/wrong')]), saves.edit([typed('/b')])];
        expect(await Promise.all(done)).toEqual([true, false, true]);
        expect(heard.refused).toEqual([[typed('/wrong')]]);
    });

    it('wait without a network and go again with the key that they had', async () => {
        vi.mocked(saveEdits).mockRejectedValueOnce(new Unreachable()).mockResolvedValueOnce(answer(2));
        const { saves, heard } = queue();
        const done = saves.edit([typed('/a')]);
        await vi.waitFor(() => expect(heard.saving.some((now) => now.offline)).toBe(true));
        window.dispatchEvent(new Event('online'));
        expect(await done).toBe(true);
        expect([sent().length, sent()[0]?.key === sent()[1]?.key]).toEqual([2, true]);
    });

    it('do not repeat a step that may have been done, and tell a lost race', async () => {
        const { saves, heard } = queue();
        const step = vi.fn().mockRejectedValueOnce(new Unreachable());
        expect(await saves.turn(step)).toBe(false);
        expect([step.mock.calls.length, heard.doubtful, saves.base]).toEqual([1, 1, 90]);
        vi.mocked(saveEdits).mockResolvedValueOnce(answer(91, 409));
        expect(await saves.edit([typed('/a')])).toBe(false);
    });
});

describe('beside the queue', () => {
    it('keys are in the form of a UUID, each another', () => {
        expect(uuid()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}$/);
        expect(uuid()).not.toBe(uuid());
    });

    it('faults stand at the places that the server named, else at what was typed', () => {
        const old = { '/a': { path: '/a', expected: 'x', found: 'y' }, '/z': { path: '/z', expected: 'x', found: 'y' } };
        expect(Object.keys(faultsAfter(old, [typed('/a'), { path: '/c', value: 1 }], new Refused('no', [])))).toEqual([
            '/z',
            '/a',
        ]);
        const named = faultsAfter(old, [typed('/a')], new Refused('no', [{ path: '/b', expected: 'e', found: 'f' }]));
        expect([Object.keys(named), named['/b']?.expected]).toEqual([['/z', '/b'], 'e']);
        expect(without({ '/a': 1, '/b': 2 }, [typed('/a'), { command: 'centre' }])).toEqual({ '/b': 2 });
    });
});
