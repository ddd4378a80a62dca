import type { ReactNode, Ref } from 'react';

interface Props {
    /** what it holds */
    label: string;
    ref?: Ref<HTMLDivElement>;
    children: ReactNode;
}

/** A drawing that may be wider than the page: it is drawn along by a finger, and by keys. */
export function Sideways({ label, ref, children }: Props) {
    return (
        <div ref={ref} role="region" aria-label={label} tabIndex={0} style={{ overflowX: 'auto' }}>
            {children}
        </div>
    );
}
