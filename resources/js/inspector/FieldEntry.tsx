import type { FormField } from '../api/forms';
import { ChoiceEntry } from './ChoiceEntry';
import type { Holder } from './holder';
import { ListEntry } from './ListEntry';
import { MapEntry } from './MapEntry';
import { ObjectEntry } from './ObjectEntry';
import { PartsEntry } from './PartsEntry';
import { TextEntry } from './TextEntry';

export interface EntryProps<F extends FormField = FormField> {
    field: F;
    /** as in a patch */
    path: string;
    holder: Holder;
}

/** A field of a part with the control that its entry asks for. */
export function FieldEntry({ field, path, holder, onSelect }: EntryProps & { onSelect: (on: string) => void }) {
    switch (field.entry) {
        case 'quantity':
        case 'words':
            return <TextEntry field={field} path={path} holder={holder} />;
        case 'choice':
        case 'flag':
        case 'gauge':
        case 'part':
        case 'post':
        case 'terminal':
            return <ChoiceEntry field={field} path={path} holder={holder} />;
        case 'object':
            return <ObjectEntry field={field} path={path} holder={holder} onSelect={onSelect} />;
        case 'list':
            return isBox(field) ? <TextEntry field={field} path={path} holder={holder} /> : <ListEntry field={field} path={path} holder={holder} onSelect={onSelect} />;
        case 'map':
            return <MapEntry field={field} path={path} holder={holder} />;
        case 'parts':
            return <PartsEntry field={field} holder={holder} path={path} onSelect={onSelect} />;
    }
}

/** Length, width and height in one. */
export function isBox(field: FormField): boolean {
    return field.entry === 'list' && field.item.entry === 'quantity' && field.least === 3 && field.most === 3;
}
