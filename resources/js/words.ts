import type { Planned } from '@/types/desk';

/** What feet along a line are counted by, as the head of a column. */
export const standHead: Record<Planned['stand'], string> = {
    member: 'Member',
    rib: 'Rib',
    seam: 'Seam',
    purlin: 'Purlin',
    course: 'Course',
};
