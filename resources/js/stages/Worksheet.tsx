import { AttachmentsSheet } from '@/stages/AttachmentsSheet';
import { HandoverSheet } from '@/stages/HandoverSheet';
import { HolesSheet } from '@/stages/HolesSheet';
import { LoadsSheet } from '@/stages/LoadsSheet';
import { ModulesSheet } from '@/stages/ModulesSheet';
import { RailsSheet } from '@/stages/RailsSheet';
import { SiteSheet } from '@/stages/SiteSheet';
import { SurfaceSheet } from '@/stages/SurfaceSheet';

/** The worksheet of a stage: what is known, said as the crew would say it, with the values edited in place. */
export function Worksheet({ stage }: { stage: string }) {
    switch (stage) {
        case 'site':
            return <SiteSheet />;
        case 'surface':
            return <SurfaceSheet />;
        case 'modules':
            return <ModulesSheet />;
        case 'loads':
            return <LoadsSheet />;
        case 'attachments':
            return <AttachmentsSheet />;
        case 'rails':
            return <RailsSheet />;
        case 'holes':
            return <HolesSheet />;
        default:
            return <HandoverSheet />;
    }
}
