/** Whether a name has every word of what is sought, in whatever order and case. */
export function soughtIn(sought: string): (name: string) => boolean {
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
    return (name) => words.every((word) => name.toLowerCase().includes(word));
}
