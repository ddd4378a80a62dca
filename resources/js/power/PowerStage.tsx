import { Stage } from '../frame/Stage';
import { Workbench } from './Workbench';

export function PowerStage() {
    return <Stage>{(props) => <Workbench {...props} />}</Stage>;
}
