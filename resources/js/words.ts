import type { DeskData, Planned } from '@/types/desk';

/** What feet along a line are counted by, as the head of a column. */
export const standHead: Record<Planned['stand'], string> = {
    member: 'Member',
    rib: 'Rib',
    seam: 'Seam',
    purlin: 'Purlin',
    course: 'Course',
    place: 'Place',
};

/** Whether any block of the surface in view has rails. */
export const hasRails = (data: Pick<DeskData, 'fields' | 'blocks'>) =>
    data.fields['/block/arrangement/kind']?.value !== 'on_feet' || data.blocks.length > 1;

/** Whether what feet stand by is seen on the roof, so that they stand on their marks. */
export const isSeen = (stand: Planned['stand']) => stand === 'rib' || stand === 'seam' || stand === 'purlin';
