import { Alert } from '@mantine/core';

import type { Preview } from '../api/types';

/** Says that the drawing shows what would be, and what would change with it. */
export function PreviewBanner({ preview }: { preview: Preview }) {
    return (
        <Alert role="status" color="slate" variant="outline" my={2} mah={88} style={{ overflowY: 'auto', borderStyle: 'dashed' }} data-figure="preview">
            <strong>With this remedy: {preview.verdict}</strong> {preview.changes.length === 0 ? 'No wire or finding changes.' : preview.changes.join(' · ')} <span className="quiet">Enter makes it so; z takes it back.</span>
        </Alert>
    );
}
