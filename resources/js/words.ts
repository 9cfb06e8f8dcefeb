import type { Planned } from '@/types/desk';

/** What feet along a line are counted by, as the head of a column. */
export const standHead: Record<Planned['stand'], string> = {
    member: 'Member',
    rib: 'Rib',
    seam: 'Seam',
    purlin: 'Purlin',
    course: 'Course',
    place: 'Place',
};

/** Whether what feet stand by is seen on the roof, so that they stand on their marks. */
export const isSeen = (stand: Planned['stand']) => stand === 'rib' || stand === 'seam' || stand === 'purlin';
