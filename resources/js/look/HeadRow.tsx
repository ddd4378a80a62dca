/** The heads of a table's columns; one that needs no word to those who see has it for those who do not. */
export function HeadRow({ heads, unseen = '' }: { heads: readonly string[]; unseen?: string }) {
    return (
        <thead>
            <tr>
                {heads.map((head) => (
                    <th key={head} scope="col">
                        {head}
                    </th>
                ))}
                {unseen !== '' && (
                    <th scope="col">
                        <span className="unseen">{unseen}</span>
                    </th>
                )}
            </tr>
        </thead>
    );
}
