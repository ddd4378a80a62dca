/** A name as part of an id, in which no space may stand. */
export function slug(name: string): string {
    return name.toLowerCase().replace(/[^a-z]+/g, '-');
}
