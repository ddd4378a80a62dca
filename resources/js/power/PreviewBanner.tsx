import type { Preview } from '../api/types';
import classes from './PreviewBanner.module.css';

/** Says that the drawing shows what would be, and what would change with it. */
export function PreviewBanner({ preview }: { preview: Preview }) {
    return (
        <div className={classes.banner} role="status" data-figure="preview">
            <strong>With this remedy: {preview.verdict}</strong>
            <span>{preview.changes.length === 0 ? 'No wire or finding changes.' : preview.changes.join(' · ')}</span>
            <span className="quiet">Enter makes it so; z takes it back.</span>
        </div>
    );
}
