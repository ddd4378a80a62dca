/** Fields that hold what nobody has kept yet. */
const drafts = new Set<string>();

/** Notes whether a field holds something that would be lost with the page. */
export function noteDraft(field: string, isDraft: boolean): void {
    if (isDraft) {
        drafts.add(field);
    } else {
        drafts.delete(field);
    }
}

/** Asks before the page is closed over what was typed and not kept. */
export function askBeforeLosingDrafts(): void {
    window.addEventListener('beforeunload', (event) => {
        if (drafts.size > 0) {
            event.preventDefault();
        }
    });
}
