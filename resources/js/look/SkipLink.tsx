/** What the page is about, for a link that goes there past what stands before it on every page. */
export const MAIN = 'main';

/** The first thing that a Tab key comes to: past the order of work and the boat's head. Seen while it has the focus. */
export function SkipLink() {
    return (
        <a
            href={`#${MAIN}`}
            className="skip"
            onClick={(event) => {
                // The address stays what it is.
                event.preventDefault();
                document.getElementById(MAIN)?.focus();
            }}
        >
            Straight to what is below
        </a>
    );
}
