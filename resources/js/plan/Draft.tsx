import { useNarrow } from '../look/useNarrow';
import type { Looked } from './usePreview';

/** What letting go of what is in the hand would change. On a phone it stands over the page: nothing moves under a finger that holds something. */
export function Draft({ preview }: { preview: NonNullable<Looked['preview']> }) {
    return (
        <span className={useNarrow() ? 'told' : undefined} data-figure="draft" role="status">
            Let go here: {[...preview.changes, preview.verdict].join(' · ')}
        </span>
    );
}
