/** A pause that ends by itself or when somebody calls. */
export class Rest {
    private wake: (() => void) | null = null;

    /** @param ms null: until somebody calls */
    of(ms: number | null): Promise<void> {
        return new Promise((done) => {
            const timer = ms === null ? undefined : setTimeout(() => this.wake?.(), ms);
            this.wake = () => {
                clearTimeout(timer);
                this.wake = null;
                done();
            };
        });
    }

    end(): void {
        this.wake?.();
    }
}
